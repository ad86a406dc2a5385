import { keepHandedPage, readHandedPage } from '@haveld/contract/api/pages';
import { getAssetRights, getLicenceMix, getRights, RightsSchema, AssetRightsSchema } from '@haveld/contract/api/rights';
import { listArrivals } from '@haveld/contract/api/arrivals';
import { exampleOf, type Partly } from '@haveld/contract/testing/example-of';
import type { z } from 'zod';
import { answer, fireEvent, renderAt, screen, waitFor } from '../../testing/render-at';

type Said = z.output<typeof readHandedPage.response>;
const PAGE = { kind: 'haveld-page', address: 'https://a.example/models/chair', html: '<p>Chair</p>' };
const said = (more: Partly<Said> = {}): Said =>
  exampleOf(readHandedPage.response, {
    title: 'Deck chair',
    author: 'Tor Aldersund',
    licence: { words: 'CC BY 4.0', address: '', id: '' },
    price: { amount: 0, currency: '' },
    claims: ['height 860 mm'],
    arrivals: [{ id: 'arr', name: 'chair.zip' }],
    ...more,
  } as Partly<Said>);

let told: unknown[] = [];
beforeEach(() => {
  told = [];
  window.opener = { postMessage: (data: unknown) => told.push(data) };
});
afterEach(() => {
  window.opener = null;
});

const hand = (change: object = {}): void =>
  void fireEvent(
    window,
    new MessageEvent('message', {
      data: PAGE,
      origin: 'https://a.example',
      source: window.opener as Window,
      ...change,
    }),
  );

function open(now: Said) {
  return renderAt('/arrivals/from-page', [
    answer(readHandedPage, () => now),
    answer(keepHandedPage, ({ body }) => ({ arrivalId: body.with.kind === 'assets' ? null : 'new' })),
    answer(listArrivals, () => []),
    answer(getRights, () => exampleOf(RightsSchema, {})),
    answer(getLicenceMix, () => []),
    answer(getAssetRights, () => exampleOf(AssetRightsSchema, { id: 'a1', name: 'Chair' })),
  ]);
}

test('without a page it says how one is handed over, by a bookmark with nothing secret in it', async () => {
  window.opener = null;
  open(said());
  const link = await screen.findByText('Save page in Haveld');
  expect(link.getAttribute('href')).toMatch(/^javascript:/);
  expect(screen.getByText(/There is no password and no token in it/)).toBeTruthy();
  expect(screen.getByText(/save the page with your browser and drop the file/)).toBeTruthy();
});

test('it tells its opener that it is there, shows what the page says, and keeps it by itself after a click alone', async () => {
  const { user, sent, where } = open(said());
  await waitFor(() => expect(told).toEqual(['haveld-ready']));
  hand({ origin: 'https://b.example' });
  expect(screen.getByText(/Waiting for the page/)).toBeTruthy();
  hand();
  expect(await screen.findByText('Deck chair')).toBeTruthy();
  expect(screen.getByText('Tor Aldersund')).toBeTruthy();
  expect(screen.getByText('free')).toBeTruthy();
  expect(sent(keepHandedPage)).toEqual([]);
  await user.click(screen.getByRole('button', { name: 'Save page' }));
  await waitFor(() =>
    expect(sent(keepHandedPage)).toEqual([{ address: PAGE.address, html: PAGE.html, with: { kind: 'nothing' } }]),
  );
  await waitFor(() => expect(where()).toBe('/arrivals'));
});

test('it goes with a download that waits, or with the assets that are from it', async () => {
  const { user, sent, where } = open(said({ assets: [{ id: 'a1', accession: 'HV-00003', name: 'Chair' }] }));
  await waitFor(() => expect(told).toHaveLength(1));
  hand();
  await user.click(await screen.findByRole('combobox', { name: 'With' }));
  await user.click(screen.getByRole('option', { name: /chair\.zip/ }));
  await user.click(screen.getByRole('button', { name: 'Save page' }));
  await waitFor(() => expect(sent(keepHandedPage)[0].with).toEqual({ kind: 'arrival', id: 'arr' }));
  await waitFor(() => expect(where()).toBe('/arrivals'));
});

test('assets that are from the page are offered first', async () => {
  const { user, sent, where } = open(said({ assets: [{ id: 'a1', accession: 'HV-00003', name: 'Chair' }] }));
  await waitFor(() => expect(told).toHaveLength(1));
  hand();
  await user.click(await screen.findByRole('button', { name: 'Save page' }));
  await waitFor(() => expect(sent(keepHandedPage)[0].with).toEqual({ kind: 'assets', ids: ['a1'] }));
  await waitFor(() => expect(where()).toBe('/rights?asset=a1'));
});

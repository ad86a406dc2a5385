import {
  askPageOfAsset,
  AssetPageOfSourceSchema,
  getKeptPage,
  getPageOfAsset,
  settlePageChange,
  type AssetPageOfSource,
  type PageChange,
} from '@haveld/contract/api/pages';
import { AssetRightsSchema, getAssetRights, getLicenceMix, getRights, RightsSchema } from '@haveld/contract/api/rights';
import { exampleOf, type Partly } from '@haveld/contract/testing/example-of';
import { answer, renderAt, screen, waitFor, within, type Answer } from '../../testing/render-at';

const DAY = '2026-11-02T10:00:00.000Z';
const HASH = 'c'.repeat(64);
const change = (given: Partial<PageChange>): PageChange => ({
  id: 'c1',
  what: 'licence',
  was: 'CC0-1.0',
  now: 'CC-BY-NC-4.0',
  seenAt: DAY,
  pageSha256: HASH,
  settled: null,
  ...given,
});
const page = (changes: PageChange[], more: Partly<AssetPageOfSource> = {}): AssetPageOfSource =>
  exampleOf(AssetPageOfSourceSchema, {
    address: 'https://quayside-models.example/models/crate',
    answeredAt: DAY,
    nextAt: '2026-11-09T10:00:00.000Z',
    trouble: null,
    changes,
    assets: 1,
    ...more,
  } as Partly<AssetPageOfSource>);

async function open(now: AssetPageOfSource, ...more: Answer[]) {
  const used = renderAt('/rights?asset=crate', [
    answer(getRights, () => exampleOf(RightsSchema, {})),
    answer(getLicenceMix, () => []),
    answer(getAssetRights, () =>
      exampleOf(AssetRightsSchema, {
        id: 'crate',
        name: 'Fish crate',
        provenance: { licenceId: 'CC0-1.0' },
        open: [{ key: 'rights:page:c1', mark: 'look', title: 'Its page names CC BY-NC 4.0 now' }],
      }),
    ),
    answer(getPageOfAsset, () => now),
    ...more,
  ]);
  const watch = within(await screen.findByRole('region', { name: 'Source page' }));
  return { ...used, watch };
}

test('a page that is as it was says so, and when it is asked again; it can be asked now', async () => {
  const { watch, user, askedOf } = await open(
    page([]),
    answer(askPageOfAsset, () => page([])),
  );
  expect(watch.getByText(/Unchanged when checked .* Next check/)).toBeTruthy();
  await user.click(watch.getByRole('button', { name: 'Check now' }));
  await waitFor(() => expect(askedOf(askPageOfAsset)).toHaveLength(1));
});

test('another licence is shown by name with both, and stays with a reason alone', async () => {
  const { watch, user, sent } = await open(
    page([change({})], { assets: 3 }),
    answer(settlePageChange, () => ({ fetchingId: null })),
  );
  expect(watch.getByText('Another licence')).toBeTruthy();
  expect(watch.getByText(/^CC0.* → CC BY-NC 4\.0$/)).toBeTruthy();
  expect(watch.getByText('for all 3 assets of this page')).toBeTruthy();
  const leave = watch.getByRole<HTMLButtonElement>('button', { name: 'Leave it as it came' });
  expect(leave.disabled).toBe(true);
  await user.type(watch.getByRole('textbox'), 'taken in March');
  await user.click(leave);
  await waitFor(() => expect(sent(settlePageChange)).toEqual([{ as: 'left', why: 'taken in March' }]));
  // it is settled here and not a second time among what is to be reviewed
  expect(screen.queryByRole('heading', { name: 'To review' })).toBeNull();
});

test('a licence that is none we know cannot be taken over, one that is can', async () => {
  const { watch } = await open(
    page([change({ id: 'a', now: 'Harbour Licence 2' }), change({ id: 'b', now: 'CC-BY-4.0' })]),
  );
  const take = watch.getAllByRole<HTMLButtonElement>('button', { name: 'Hold it so from now on' });
  expect(take.map(({ disabled }) => disabled)).toEqual([true, false]);
});

test('a newer version is fetched beside the old without a reason; a page that is gone offers nothing to take', async () => {
  const { watch, user, sent } = await open(
    page([
      change({ id: 'n', what: 'newer', was: 'crate.glb', now: 'crate_v2.glb', pageSha256: null }),
      change({ id: 'g', what: 'gone', was: '', now: 'quayside-models.example has nothing at this address.' }),
    ]),
    answer(settlePageChange, () => ({ fetchingId: 'f' })),
  );
  expect(watch.getAllByRole('textbox')).toHaveLength(1);
  expect(watch.getByText('crate.glb → crate_v2.glb')).toBeTruthy();
  expect(watch.getAllByRole('button', { name: 'Leave it as it came' })).toHaveLength(2);
  await user.click(watch.getByRole('button', { name: 'Fetch it beside this one' }));
  await waitFor(() => expect(sent(settlePageChange)).toEqual([{ as: 'taken', why: '' }]));
});

test('why it did not answer is said; what was settled stands below with who and why', async () => {
  const { watch } = await open(
    page([change({ settled: { as: 'left', personName: 'Maja Lindqvist', at: DAY, why: 'taken in March' } })], {
      trouble: { kind: 'busy', message: 'It is busy.', retryAt: null },
    }),
  );
  expect(watch.getByText(/It is busy\. Next check/)).toBeTruthy();
  expect(watch.getByText(/left as it came by Maja Lindqvist, .*: taken in March/)).toBeTruthy();
  expect(watch.getByRole('link', { name: 'saved copy' }).getAttribute('href')).toBe(`/kept-pages/${HASH}`);
});

test('a kept page stands as words, and in a frame that may do nothing', async () => {
  const real = globalThis.fetch;
  renderAt(`/kept-pages/${HASH}`, [
    answer(getKeptPage, () => ({ title: 'Fish crate', address: 'https://a.example/crate', words: 'CC BY 4.0' })),
  ]);
  const inner = globalThis.fetch;
  globalThis.fetch = (async (input: RequestInfo | URL, init?: RequestInit) =>
    String(input).includes('/api/bytes/')
      ? new Response('<script>alert(1)</script><p>Fish crate</p>')
      : inner(input, init)) as typeof fetch;
  expect(await screen.findByRole('heading', { name: 'Fish crate' })).toBeTruthy();
  expect(screen.getByText('CC BY 4.0')).toBeTruthy();
  const frame = await screen.findByTitle<HTMLIFrameElement>('The page without its scripts and pictures');
  expect(frame.getAttribute('sandbox')).toBe('');
  expect(frame.getAttribute('srcdoc')).toMatch(
    /^<meta http-equiv="Content-Security-Policy" content="default-src 'none'/,
  );
  globalThis.fetch = real;
});

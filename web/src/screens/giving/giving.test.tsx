import {
  createGiftUpload,
  give,
  GiftSchema,
  GivingLinkSchema,
  listGifts,
  listGivingLinks,
  lookAtGift,
  lookAtGiving,
  makeGivingLink,
  readStatement,
  withdrawGift,
  type GivingLink,
} from '@haveld/contract/api/giving';
import { DomainError } from '@haveld/contract/error';
import { exampleOf, type Partly } from '@haveld/contract/testing/example-of';
import type { z } from 'zod';
import { uploadDesk } from '../../api/uploads';
import { answer, renderAt, screen, waitFor, within, type Answer } from '../../testing/render-at';
import { listOwnGifts, rememberGift } from './own-gifts';

const HASH = 'e'.repeat(64);
const DAY = '2026-12-01T10:00:00.000Z';
const LINK: z.output<typeof lookAtGiving.response> = {
  houseName: 'Lantern & Tide',
  name: 'Things for the quay',
  words: 'Small things, please.',
  endsOn: '2026-12-24',
  giftsLeft: 4,
  mostBytes: 1000,
  kinds: ['models', 'archives'],
  licences: [
    { id: 'CC-BY-4.0', name: 'Attribution', short: 'CC BY 4.0', url: '', consequences: ['You are named.'] },
    { id: 'CC0-1.0', name: 'Zero', short: 'CC0', url: '', consequences: ['Nobody has to name you.'] },
  ],
};
const file = (name: string, bytes = 3): File => new File([new Uint8Array(bytes)], name);
let started: Parameters<typeof uploadDesk.start>[] = [];
const { start } = uploadDesk;

beforeEach(() => {
  localStorage.clear();
  started = [];
  uploadDesk.start = (...given) => void started.push(given);
});
afterAll(() => {
  uploadDesk.start = start;
});

const receiptOf = (more: Partly<z.output<typeof lookAtGift.response>> = {}) =>
  exampleOf(lookAtGift.response, {
    houseName: 'Lantern & Tide',
    said: { giver: 'Runa Vestermoor', isOwnWork: true, licenceId: 'CC-BY-4.0' },
    givenAt: DAY,
    statement: 'Author: Runa Vestermoor',
    statementSha256: HASH,
    files: [{ id: 'r1', path: 'crate.obj', sizeBytes: 3, isHere: true, sha256: HASH, alreadyGiven: false }],
    state: 'here',
    stays: null,
    ...more,
  } as Partly<z.output<typeof lookAtGift.response>>);

const linkOf = (more: Partly<GivingLink>): GivingLink =>
  exampleOf(GivingLinkSchema, {
    endsOn: '2026-12-24',
    mostGifts: 5,
    mostBytes: 1_000_000,
    kinds: ['models'],
    licences: ['CC-BY-4.0'],
    createdAt: DAY,
    ...more,
  });

const openForm = (...more: Answer[]) =>
  renderAt('/give#token', [
    answer(lookAtGiving, () => LINK),
    answer(readStatement, ({ body }) => ({
      statement: `Author: ${body.said.giver}, ${body.said.licenceId}`,
      sha256: body.said.licenceId === 'CC0-1.0' ? 'f'.repeat(64) : HASH,
    })),
    answer(lookAtGift, () => receiptOf({ state: 'coming' })),
    ...more,
  ]);

test('somebody gives files with their name, a licence and the words they read, and stands before their receipt', async () => {
  const { user, sent, where } = openForm(
    answer(give, () => ({
      secret: 's1',
      received: [{ id: 'r1', path: 'crate.obj' }],
      refused: ['“a.exe” is not taken here.'],
    })),
  );
  expect(await screen.findByRole('heading', { name: 'Things for the quay' })).toBeTruthy();
  expect(screen.getByText(/Lantern & Tide asks for models\. Small things, please\./)).toBeTruthy();
  const submit = (): HTMLButtonElement => screen.getByRole('button', { name: /^Give/ });
  expect(submit().disabled).toBe(true);
  await user.upload(screen.getByLabelText('Files to give'), [file('crate.obj'), file('a.exe')]);
  await user.type(screen.getByLabelText(/Your name/), 'Runa Vestermoor');
  await user.click(screen.getByRole('radio', { name: /Attribution/ }));
  expect(await screen.findByText('Author: Runa Vestermoor, CC-BY-4.0')).toBeTruthy();
  expect(submit().disabled).toBe(true);
  await user.click(screen.getByRole('checkbox'));
  await user.click(submit());
  await waitFor(() => expect(where()).toBe('/give/receipt'));
  expect(sent(give)).toMatchObject([
    {
      token: 'token',
      statementSha256: HASH,
      said: { giver: 'Runa Vestermoor', isOwnWork: true, licenceId: 'CC-BY-4.0' },
      files: [
        { path: 'crate.obj', sizeBytes: 3 },
        { path: 'a.exe', sizeBytes: 3 },
      ],
    },
  ]);
  expect(started).toHaveLength(1);
  expect(started[0].slice(0, 3)).toEqual(['s1', 'r1', 'crate.obj']);
  expect(started[0][4]).toEqual({
    endpoint: createGiftUpload.path,
    headers: { 'x-haveld-gift': 's1' },
  });
  expect(await screen.findByText('“a.exe” is not taken here.')).toBeTruthy();
  expect(listOwnGifts()).toEqual(['s1']);
});

test('who agreed to other words has not agreed to these', async () => {
  const { user } = openForm();
  await user.upload(await screen.findByLabelText('Files to give'), [file('crate.obj')]);
  await user.type(screen.getByLabelText(/Your name/), 'Runa');
  await user.click(screen.getByRole('radio', { name: /Attribution/ }));
  const agree = await screen.findByRole<HTMLInputElement>('checkbox');
  await waitFor(() => expect(agree.disabled).toBe(false));
  await user.click(agree);
  await waitFor(() => expect(agree.checked).toBe(true));
  await user.click(screen.getByRole('radio', { name: /Zero/ }));
  await screen.findByText('Author: Runa, CC0-1.0');
  expect(agree.checked).toBe(false);
  expect(screen.getByText('Read the statement and agree to it.')).toBeTruthy();
});

test('what somebody else made wants its author; too much is told before anything is sent', async () => {
  const { user } = openForm();
  await user.click(await screen.findByRole('radio', { name: 'Somebody else made it' }));
  await user.type(screen.getByLabelText(/Your name/), 'Runa');
  await user.click(screen.getByRole('radio', { name: /Attribution/ }));
  await user.upload(screen.getByLabelText('Files to give'), [file('crate.obj', 2000)]);
  expect(screen.getByText('Your name or the licence is missing.')).toBeTruthy();
  await user.type(screen.getByLabelText('Who made it', { selector: 'input[type=text]' }), 'Tor Aldersund');
  expect(await screen.findByText('Author: Runa, CC-BY-4.0')).toBeTruthy();
  expect(screen.getByRole('alert').textContent).toMatch(/2\.0 kB together; at most 1\.0 kB/);
  await user.click(screen.getByRole('button', { name: 'Leave out crate.obj' }));
  expect(screen.queryByRole('alert')).toBeNull();
});

test('a link that takes no more says why, and one that is not whole too', async () => {
  renderAt('/give#token', [
    answer(lookAtGiving, () => {
      throw new DomainError('out-of-step', 'This link takes no more: its day is past.');
    }),
  ]);
  expect((await screen.findByRole('alert')).textContent).toBe('This link takes no more: its day is past.');
  renderAt('/give', []);
  expect(await screen.findByText(/This address is not whole/)).toBeTruthy();
});

test('a receipt shows what came and what was agreed to; what is missing goes on with the same files and no others', async () => {
  rememberGift('s0');
  const { user, sent } = renderAt('/give/receipt#s1', [
    answer(lookAtGift, () =>
      receiptOf({
        state: 'coming',
        files: [
          { id: 'r1', path: 'crate.obj', sizeBytes: 3, isHere: true, sha256: HASH, alreadyGiven: true },
          { id: 'r2', path: 'crate.png', sizeBytes: 5, isHere: false, sha256: null, alreadyGiven: false },
        ],
      }),
    ),
  ]);
  expect(await screen.findByText('Author: Runa Vestermoor')).toBeTruthy();
  expect(screen.getByText(/you gave it before/)).toBeTruthy();
  expect(sent(lookAtGift)[0]).toEqual({ secret: 's1', others: ['s0'] });
  const more = await screen.findByLabelText('Files to go on with');
  await user.upload(more, [file('crate.png', 4)]);
  expect((await screen.findByRole('alert')).textContent).toMatch(/^crate\.png: not what was announced/);
  expect(started).toEqual([]);
  await user.upload(screen.getByLabelText('Files to go on with'), [file('crate.png', 5)]);
  await waitFor(() => expect(started).toHaveLength(1));
});

test('a gift is taken back after a second word; what stands in the catalogue is not offered', async () => {
  let state: 'here' | 'withdrawn' = 'here';
  const { user, sent } = renderAt('/give/receipt#s1', [
    answer(lookAtGift, () => receiptOf({ state })),
    answer(withdrawGift, () => {
      state = 'withdrawn';
      return {};
    }),
  ]);
  await user.click(await screen.findByRole('button', { name: 'Withdraw this contribution' }));
  expect(sent(withdrawGift)).toEqual([]);
  await user.click(screen.getByRole('button', { name: 'Take it back' }));
  expect(await screen.findByRole('heading', { name: 'Withdrawn' })).toBeTruthy();
  expect(sent(withdrawGift)).toEqual([{ secret: 's1' }]);
});

test('what is held stays, and says so', async () => {
  renderAt('/give/receipt#s1', [answer(lookAtGift, () => receiptOf({ stays: 'It stands in the catalogue by now.' }))]);
  expect(await screen.findByText('It stands in the catalogue by now.')).toBeTruthy();
  expect(screen.queryByRole('button', { name: 'Withdraw this contribution' })).toBeNull();
});

test('a curator makes a link with licences in the order of their wish; it is shown once', async () => {
  const { user, sent } = renderAt('/arrivals/giving', [
    answer(listGivingLinks, () => []),
    answer(makeGivingLink, () => ({ id: 'l1', token: 'abc' })),
  ]);
  expect(await screen.findByText('Nobody is asked for models yet')).toBeTruthy();
  await user.click(screen.getAllByRole('button', { name: 'Make a link' })[0]);
  await user.click(screen.getByRole('button', { name: 'Make the link' }));
  expect(await screen.findByText('Contributors read it: what is it for?')).toBeTruthy();
  expect(sent(makeGivingLink)).toEqual([]);
  await user.type(screen.getByLabelText('What it is for'), 'Ropes');
  await user.click(screen.getByRole('button', { name: /^First: / }));
  await user.click(screen.getByRole('checkbox', { name: 'texts' }));
  await user.click(screen.getByRole('button', { name: 'Make the link' }));
  expect(await screen.findByText(/\/give#abc$/)).toBeTruthy();
  expect(sent(makeGivingLink)).toMatchObject([
    {
      name: 'Ropes',
      mostBytes: 500_000_000,
      mostGifts: 20,
      kinds: ['models', 'archives', 'pictures'],
      licences: ['CC0-1.0', 'CC-BY-4.0'],
    },
  ]);
  await user.click(screen.getByRole('button', { name: 'Done' }));
  expect(screen.queryByText(/\/give#abc$/)).toBeNull();
});

test('each link says how it stands, and what came by it from whom', async () => {
  const { user } = renderAt('/arrivals/giving', [
    answer(listGivingLinks, () => [
      linkOf({ id: 'a', name: 'Open one', state: 'open', gifts: 1 }),
      linkOf({ id: 'b', name: 'Ended one', state: 'ended', gifts: 0 }),
    ]),
    answer(listGifts, () => [
      exampleOf(GiftSchema, {
        giver: 'Runa Vestermoor',
        isOwnWork: false,
        licenceId: 'CC0-1.0',
        address: '203.0.113.7',
        givenAt: DAY,
        state: 'withdrawn',
        statementSha256: HASH,
      }),
    ]),
  ]);
  const open = within(await screen.findByRole('region', { name: 'Open one' }));
  expect(open.getByText(/open until 24 Dec 2026 · 1 of 5 contributions/)).toBeTruthy();
  expect(within(screen.getByRole('region', { name: 'Ended one' })).queryByRole('button')).toBeNull();
  await user.click(open.getByText('1 contribution'));
  expect(await open.findByText('withdrawn by the contributor')).toBeTruthy();
  expect(open.getByText(/203\.0\.113\.7/)).toBeTruthy();
});

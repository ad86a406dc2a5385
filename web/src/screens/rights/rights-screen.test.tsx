import { answerFinding, SheetSchema } from '@haveld/contract/api/bench';
import {
  AssetRightsSchema,
  getAssetRights,
  getLicenceMix,
  getRights,
  joinAuthors,
  removeFurtherWork,
  RightsSchema,
  saveFurtherWork,
  settleRights,
  takeDown,
  writeLetter,
  type AssetRights,
} from '@haveld/contract/api/rights';
import { exampleOf, type Partly } from '@haveld/contract/testing/example-of';
import { answer, renderAt, screen, waitFor, within, type Answer } from '../../testing/render-at';

const DAY = '2026-11-02T10:00:00.000Z';
const overview = exampleOf(RightsSchema, {
  toSettle: [
    {
      id: 'net',
      accession: 'HV-00003',
      name: 'Net float',
      mark: 'blocks',
      title: 'Two licences are named',
      detail: 'CC BY and CC BY-NC',
      projects: [{ id: 'tide', name: 'Tide House' }],
    },
    { id: 'mast', accession: 'HV-00009', name: 'Mast', mark: 'look', title: 'CC BY-NC 4.0' },
  ],
  toSettleCount: 12,
  total: 40,
  sameAuthors: [{ a: 'Tor Vestermoor', b: 't_vestermoor', reason: 'an initial and the same family name' }],
});
const net = (more: Partly<AssetRights> = {}): AssetRights =>
  exampleOf(AssetRightsSchema, {
    id: 'net',
    name: 'Net float',
    mark: 'blocks',
    title: 'Two licences are named',
    provenance: { licenceId: 'LicenseRef-unknown', author: 'Ines Falkenrot' },
    rights: {
      licences: [
        {
          id: 'CC-BY-4.0',
          confidence: 0.9,
          nearness: 'beside-it',
          evidence: { text: 'a read-me', passage: 'CC BY 4.0', file: 'net/readme.txt', line: 3 },
        },
        {
          id: 'CC-BY-NC-4.0',
          confidence: 0.9,
          nearness: 'beside-it',
          evidence: { text: 'a read-me', passage: 'by-nc/4.0', file: 'net/readme.txt', line: 4 },
        },
      ],
    },
    credit: '“Net float” by Ines Falkenrot',
    ...more,
  } as Partly<AssetRights>);

const open = (now: AssetRights = net(), more: Answer[] = [], path = '/rights') =>
  renderAt(path, [
    answer(getRights, () => overview),
    answer(getAssetRights, ({ params }) => (params.id === 'net' ? now : { ...now, id: params.id, name: 'Mast' })),
    answer(getLicenceMix, () => []),
    ...more,
  ]);
const panel = async (name = 'Net float') => within(await screen.findByRole('region', { name }));

test('what stands in a live project is first, and the first of it is opened with its evidence and where it stands', async () => {
  open();
  const detail = await panel();
  const rows = screen.getAllByRole('button', { pressed: true });
  expect(rows.map((row) => row.textContent)).toEqual([expect.stringContaining('Net float: two licences are named')]);
  expect(screen.getByText('In live projects first')).toBeTruthy();
  expect(screen.getByText('10 more in the ledger.')).toBeTruthy();
  expect(detail.getByText('net / readme.txt, line 3')).toBeTruthy();
  expect(detail.getByText('“by-nc/4.0”')).toBeTruthy();
});

test('licences that are named stand side by side by what they allow, with the clause that refuses', async () => {
  open();
  const table = within(await (await panel()).findByRole('table'));
  const paid = within(table.getByRole('row', { name: /^paid show/ })).getAllByRole('cell');
  expect(paid[0].textContent).toContain('with obligations');
  expect(paid[1].textContent).toMatch(/not allowed.*section/i);
});

test('of several that contradict the stricter can be held until the author answers', async () => {
  const { user, sent } = open(net(), [answer(settleRights, () => ({ settled: 1 }))]);
  await user.click(await (await panel()).findByRole('button', { name: /Hold it as CC BY-NC 4.0/ }));
  expect(sent(settleRights)).toMatchObject([
    expect.objectContaining({
      assetIds: ['net'],
      change: { licenceId: 'CC-BY-NC-4.0' },
      why: 'the stricter of 2 that are named, until the author answers',
    }),
  ]);
});

test('a decision sends what was changed alone, its reason, and the evidence as it was typed', async () => {
  const { user, sent } = open(net(), [answer(settleRights, () => ({ settled: 1 }))]);
  await user.click(await (await panel()).findByRole('button', { name: 'Decide with a reason' }));
  await user.click(screen.getByRole('button', { name: 'CC BY 4.0' }));
  await user.type(screen.getByLabelText('Why'), 'she answered');
  await user.type(screen.getByLabelText('or its words'), 'It is CC BY.');
  await user.click(screen.getByRole('button', { name: 'Save' }));
  const [body] = sent(settleRights);
  expect(body).toMatchObject({ change: { licenceId: 'CC-BY-4.0' }, why: 'she answered' });
  expect(body.evidence).toMatchObject({ kind: 'mail', text: 'It is CC BY.' });
  expect(body.evidence!.name).not.toBe('');
});

test('a file larger than 20 MiB is refused before it is sent', async () => {
  const { user, sent } = open();
  await user.click(await (await panel()).findByRole('button', { name: 'Decide with a reason' }));
  const file = new File(['x'], 'page.mhtml');
  Object.defineProperty(file, 'size', { value: 21 * 2 ** 20 });
  await user.upload(document.querySelector<HTMLInputElement>('input[type=file]')!, file);
  expect(
    await screen.findByText('“page.mhtml” is larger than 20 MiB. Keep the page without its pictures.'),
  ).toBeTruthy();
  expect(sent(settleRights)).toMatchObject([]);
});

test('a look needs words before it can be said', async () => {
  const looking = net({
    open: [{ key: 'licence', mark: 'look', title: 'CC BY-NC 4.0', detail: 'never for commercial projects' }],
  });
  const { user, sent } = open(looking, [answer(answerFinding, () => exampleOf(SheetSchema, {}))]);
  const looked = await (await panel()).findByRole<HTMLButtonElement>('button', { name: 'Mark as reviewed' });
  expect(looked.disabled).toBe(true);
  await user.type(screen.getByLabelText('What was seen'), 'a school show');
  await user.click(looked);
  expect(sent(answerFinding)).toMatchObject([
    { key: 'licence', answer: { kind: 'set-aside', reason: 'a school show' } },
  ]);
});

test('a take-down names who holds it and wants a reason; taking it back wants none', async () => {
  const held = net({
    projects: [{ id: 'tide', name: 'Tide House', live: true, versionNumbers: [1, 3], verdict: { verdict: 'allowed' } }],
  });
  const { user, sent } = open(held, [answer(takeDown, () => held)]);
  await user.click(await (await panel()).findByRole('button', { name: 'It was taken down' }));
  const dialog = within(await screen.findByRole('dialog'));
  expect(dialog.getByText('Tide House, holding version 1, 3')).toBeTruthy();
  const [, act] = dialog.getAllByRole<HTMLButtonElement>('button');
  expect(act.disabled).toBe(true);
  await user.type(dialog.getByLabelText('Who asked for it, and why'), 'Its author asked.');
  await user.click(act);
  expect(sent(takeDown)).toEqual([{ reason: 'Its author asked.' }]);
});

test('other works in it are written down, corrected and taken off', async () => {
  const withMaps = net({
    further: [{ id: 'w1', part: 'maps', title: 'Rust set', author: 'Runa Vestermoor', licenceId: 'CC0-1.0' }],
  });
  const { user, sent, askedOf } = open(withMaps, [
    answer(saveFurtherWork, () => withMaps),
    answer(removeFurtherWork, () => withMaps),
  ]);
  const detail = await panel();
  expect(await detail.findByText(/maps “Rust set”: CC0 1.0, Runa Vestermoor/)).toBeTruthy();
  await user.click(detail.getByRole('button', { name: 'Correct it' }));
  const author = detail.getByLabelText('Author');
  await user.clear(author);
  await user.type(author, 'R. Vestermoor');
  await user.click(detail.getByRole('button', { name: 'Save' }));
  expect(sent(saveFurtherWork)).toEqual([
    expect.objectContaining({ workId: 'w1', work: expect.objectContaining({ author: 'R. Vestermoor', part: 'maps' }) }),
  ]);
  await user.click(await detail.findByRole('button', { name: 'Remove' }));
  expect(askedOf(removeFurtherWork)[0].params).toEqual({
    id: 'net',
    workId: 'w1',
  });
});

test('what is borrowed is corrected at its lender, not here', async () => {
  const lender = {
    id: 'buoy',
    throughId: 'buoy',
    accession: 'HV-000001',
    name: 'Bell buoy',
    takenDown: null,
    limits: null,
  };
  open(net({ further: [{ id: 'lent:1', part: 'part', title: 'Bell', author: 'Tor', licenceId: 'CC0-1.0', lender }] }));
  const detail = await panel();
  expect((await detail.findByRole('link', { name: 'HV-000001 Bell buoy' })).getAttribute('href')).toBe(
    '/catalogue/buoy',
  );
  expect(detail.queryByRole('button', { name: 'Correct it' })).toBeNull();
  expect(detail.queryByRole('button', { name: 'Remove' })).toBeNull();
});

test('the letter is asked for with the project that holds it, can be changed, and is sent by nobody but the person', async () => {
  const held = net({
    projects: [{ id: 'tide', name: 'Tide House', live: true, versionNumbers: [1], verdict: { verdict: 'ask-first' } }],
  });
  const { user, askedOf } = open(held, [answer(writeLetter, () => ({ subject: 'Your net float', body: 'Dear Ines' }))]);
  await user.click(await (await panel()).findByRole('button', { name: 'Ask the author' }));
  const body = await screen.findByLabelText('Letter');
  await user.type(body, ' Falkenrot');
  const mail = screen.getByRole('link', { name: 'Open in the mail program' });
  expect(mail.getAttribute('href')).toBe('mailto:?subject=Your%20net%20float&body=Dear%20Ines%20Falkenrot');
  expect(askedOf(writeLetter)[0].query).toEqual({ project: 'tide' });
});

test('two spellings are joined under the one that is chosen', async () => {
  const { user, sent } = open(net(), [answer(joinAuthors, () => ({ changed: 3 }))]);
  await user.click(await screen.findByRole('button', { name: 'Both are Tor Vestermoor' }));
  expect(sent(joinAuthors)).toEqual([{ keep: 'Tor Vestermoor', join: 't_vestermoor' }]);
});

test('j and k go from one to the next and stop at the ends', async () => {
  const { user, where } = open();
  await panel();
  await user.keyboard('j');
  expect(where()).toBe('/rights?asset=mast');
  await panel('Mast');
  await user.keyboard('j');
  expect(where()).toBe('/rights?asset=mast');
  await user.keyboard('k');
  expect(where()).toBe('/rights?asset=net');
});

test('every change says who, when, from, to and why; the first eight at first', async () => {
  const changes = Array.from({ length: 10 }, (_, i) => ({
    at: DAY,
    personName: 'Maja Lindqvist',
    field: 'author',
    before: '',
    after: `name ${i}`,
    why: i === 0 ? 'as she signs' : '',
  }));
  const { user } = open(net({ changes }));
  const detail = await panel();
  expect(await detail.findByText(/because as she signs/)).toBeTruthy();
  expect(detail.queryByText(/name 9/)).toBeNull();
  await user.click(detail.getByRole('button', { name: 'All 10' }));
  expect(detail.getByText(/name 9/)).toBeTruthy();
});

test('a library with nothing to settle says so', async () => {
  renderAt('/rights', [
    answer(getRights, () => exampleOf(RightsSchema, { total: 3 })),
    answer(getLicenceMix, () => []),
  ]);
  expect(await screen.findByText('All is settled')).toBeTruthy();
});

test('pasted words propose the licence and the author they name, with their passage, and nothing is set by itself', async () => {
  const { user, sent } = open(net(), [answer(settleRights, () => ({ settled: 1 }))]);
  await user.click(await screen.findByRole('button', { name: 'Decide with a reason' }));
  const words = screen.getByLabelText('or its words');
  await user.click(words);
  await user.paste('Net float by Tor Aldersund. License: CC BY-SA 4.0');
  const said = within(await screen.findByRole('group', { name: 'What these words say' }));
  expect(said.getAllByText(/“.*CC BY-SA 4\.0.*”/).length).toBeGreaterThan(0);
  await user.click(said.getByRole('button', { name: 'CC BY-SA 4.0' }));
  await user.click(said.getByRole('button', { name: 'by Tor Aldersund' }));
  await user.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() =>
    expect(sent(settleRights)[0].change).toMatchObject({ licenceId: 'CC-BY-SA-4.0', author: 'Tor Aldersund' }),
  );
});

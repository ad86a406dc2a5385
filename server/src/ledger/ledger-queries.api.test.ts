import { randomUUID } from 'node:crypto';
import { LEDGER_PAGE, LedgerQuestionSchema, type LedgerQuestion } from '@haveld/contract/api/rights';
import { run } from '../database/statements';
import { fillLibrary, fillProject, type FilledAsset } from '../testing/fill-library';
import { useLibrary } from '../testing/use-library';
import { judgeUses } from './judge-uses';
import * as ledger from './ledger-queries';
import { countToSettle, getRights } from './to-settle';

const given = useLibrary({ worker: false });
const db = () => given.library.pool;
const ask = (question: Partial<LedgerQuestion>): LedgerQuestion => LedgerQuestionSchema.parse(question);
const AUTHORS = ['Ines Falkenrot', 'Tor Vestermoor', ''];
const LICENCES = ['CC0-1.0', 'CC-BY-4.0', 'CC-BY-NC-4.0', 'CC-BY-SA-4.0'];

/** Enough for a page and more; what is what follows from its number. */
const ASSETS: FilledAsset[] = Array.from({ length: LEDGER_PAGE + 60 }, (_, i) => ({
  id: randomUUID(),
  name: `thing ${i}${i % 50 === 7 ? ' lighthouse' : ''}`,
  licenceId: LICENCES[i % LICENCES.length],
  author: AUTHORS[i % AUTHORS.length],
  source: i % 2 ? 'quayside-models.example' : '',
  mark: i % 40 === 3 ? 'blocks' : i % 40 === 5 ? 'look' : 'holds',
  state: i % 3 === 0 ? 'catalogued' : 'on-bench',
}));
const marked = (mark: string): string[] => ASSETS.filter((asset) => asset.mark === mark).map(({ id }) => id);

beforeAll(async () => {
  await fillLibrary(db(), ASSETS);
});

test('pages of the ledger hold every asset once, the newest first', async () => {
  const pages = await Promise.all([0, 1, 2].map((page) => ledger.listLedger(db(), ask({ page }))));
  expect(pages.map((rows) => rows.length)).toEqual([LEDGER_PAGE, 60, 0]);
  const numbers = pages.flat().map(({ accession }) => accession);
  expect(numbers).toEqual([...numbers].sort((a, b) => b - a));
  expect(new Set(pages.flat().map(({ id }) => id)).size).toBe(ASSETS.length);
});

test.each(['licence', 'author', 'source'] as const)(
  'by %s: groups count everything, and each finds as many as it says',
  async (by) => {
    const groups = await ledger.listGroups(db(), ask({ by }));
    expect(groups.reduce((sum, { count }) => sum + count, 0)).toBe(ASSETS.length);
    const counts = groups.map(({ count }) => count);
    expect(counts).toEqual([...counts].sort((a, b) => b - a));
    for (const { value, count } of groups) {
      if (value === '') continue;
      expect(await ledger.countLedger(db(), ask({ by, group: value }))).toBe(count);
      const rows = await ledger.listLedger(db(), ask({ by, group: value }));
      const field = { licence: 'licenceId', author: 'author', source: 'source' }[by] as 'author';
      expect(new Set(rows.map((row) => row[field]))).toEqual(new Set([value]));
    }
  },
);

test('words narrow rows, groups and the count alike; signs of the search language are words like others', async () => {
  const wanted = ASSETS.filter(({ name }) => name.includes('lighthouse')).map(({ id }) => id);
  const question = ask({ words: 'lightho', by: 'licence' });
  expect((await ledger.listLedger(db(), question)).map(({ id }) => id).sort()).toEqual([...wanted].sort());
  expect(await ledger.countLedger(db(), question)).toBe(wanted.length);
  expect((await ledger.listGroups(db(), question)).reduce((sum, { count }) => sum + count, 0)).toBe(wanted.length);
  for (const words of ['+(lightho*', '"lighthouse', '-~<>@', '%', "'; DROP TABLE asset; --"])
    await expect(ledger.listLedger(db(), ask({ words }))).resolves.toBeInstanceOf(Array);
  expect(await ledger.countLedger(db(), ask({}))).toBe(ASSETS.length);
});

test('a question that nothing fits finds nothing, whatever it is ordered by', async () => {
  for (const by of ['licence', 'author', 'source'] as const) {
    expect(await ledger.listLedger(db(), ask({ by, group: 'nobody' }))).toEqual([]);
    expect(await ledger.countLedger(db(), ask({ by, group: 'nobody' }))).toBe(0);
  }
});

test('what is open: what live projects hold first, of each what blocks before what wants a look; no more than asked', async () => {
  const [look, otherLook] = marked('look');
  const ended = await fillProject(db(), { name: 'Ended', ended: true, assetIds: [otherLook] });
  const live = await fillProject(db(), { name: 'Live', assetIds: [look, marked('holds')[0]] });
  const open = await ledger.listOpen(db(), 1000);
  expect(open[0].id).toBe(look);
  expect(open.slice(1).map(({ mark }) => mark)).toEqual([
    ...marked('blocks').map(() => 'blocks'),
    ...marked('look')
      .slice(1)
      .map(() => 'look'),
  ]);
  expect(new Set(open.map(({ id }) => id)).size).toBe(open.length);
  expect(await ledger.listOpen(db(), 3)).toHaveLength(3);
  const holding = await ledger.listProjectsHolding(db(), [look, otherLook]);
  expect([...holding]).toEqual([[look, [{ id: live, name: 'Live' }]]]);
  expect(await ledger.listProjectsHolding(db(), [])).toEqual(new Map());
  expect(ended).not.toBe(live);
});

test('what may not stand in a live project is judged once, counted beside what blocks, and told by project', async () => {
  const unpaid = ASSETS.filter(({ licenceId, mark }) => licenceId === 'CC-BY-NC-4.0' && mark === 'holds').slice(0, 2);
  await fillProject(db(), { name: 'Paid show', assetIds: unpaid.map(({ id }) => id) });
  await fillProject(db(), { name: 'Another show', assetIds: [unpaid[0].id] });
  const before = await countToSettle(db());
  expect(before).toBe(marked('blocks').length);
  await judgeUses(db());
  await judgeUses(db());
  expect(await countToSettle(db())).toBe(before + 2);
  const refused = await ledger.listRefused(db());
  expect(refused.map(({ projectName }) => projectName).sort()).toEqual(['Another show', 'Paid show', 'Paid show']);
  const { toSettle } = await getRights(db());
  expect(
    toSettle
      .slice(0, 2)
      .map(({ id }) => id)
      .sort(),
  ).toEqual(unpaid.map(({ id }) => id).sort());
  expect(toSettle[0]).toMatchObject({
    mark: 'blocks',
    title: expect.stringMatching(/^Stands in “(Paid|Another) show” and may not$/),
  });
  // an ended project holds nobody up, at once
  await run(db(), "UPDATE project SET ended_at = UTC_TIMESTAMP(3) WHERE name IN ('Paid show', 'Another show')");
  expect(await countToSettle(db())).toBe(before);
});

test('grants that end are paged by a day, each once', async () => {
  const ending = Array.from({ length: 5 }, (_, i): FilledAsset => ({
    id: randomUUID(),
    name: `ending ${i}`,
    expiresOn: `2027-0${i + 1}-01`,
  }));
  await fillLibrary(db(), ending);
  const found: string[] = [];
  for (let after = ''; ;) {
    const page = await ledger.listExpiring(db(), '2027-03-01', after, 2);
    if (page.length === 0) break;
    found.push(...page);
    after = page.at(-1)!;
  }
  expect(found.sort()).toEqual(
    ending
      .slice(0, 3)
      .map(({ id }) => id)
      .sort(),
  );
});

test('authors are listed once by their exact spelling', async () => {
  const names = await ledger.listAuthors(db());
  expect(names).toEqual(expect.arrayContaining(['Ines Falkenrot', 'Tor Vestermoor']));
  expect(names).not.toContain('');
  expect(await ledger.listAssetIdsByAuthor(db(), 'Ines Falkenrot')).toHaveLength(
    ASSETS.filter(({ author }) => author === 'Ines Falkenrot').length,
  );
  expect(await ledger.listAssetIdsByAuthor(db(), 'ines falkenrot')).toEqual([]);
});

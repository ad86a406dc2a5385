import { randomUUID } from 'node:crypto';
import { LedgerQuestionSchema } from '@haveld/contract/api/rights';
import { many, run } from '../database/statements';
import { listLedger } from '../ledger/ledger-queries';
import { getPerson } from '../testing/fill-arrival';
import { fillLibrary, type FilledAsset } from '../testing/fill-library';
import { useLibrary } from '../testing/use-library';
import * as answers from './answer-queries';
import * as cards from './card-queries';
import * as marks from './rights-mark-queries';
import * as search from './search-queries';
import { refreshSearchTexts } from './search-text';
import * as versions from './version-queries';

const given = useLibrary({ worker: false });
const db = () => given.library.pool;
const ids = Array.from({ length: 6 }, () => randomUUID());
const ASSETS: FilledAsset[] = ids.map((id, i) => ({
  id,
  name: `thing ${i}`,
  author: i < 3 ? 'Ines Falkenrot' : 'Tor Vestermoor',
  state: i < 2 ? 'catalogued' : 'on-bench',
}));
let reading: string;
let person: string;

beforeAll(async () => {
  await fillLibrary(db(), ASSETS);
  person = await getPerson(db());
  [{ reading }] = await many<{ reading: string }>(db(), 'SELECT reading_id AS reading FROM asset WHERE id = ?', [
    ids[0],
  ]);
});

const begin = async (assetId: string, steps: never[] = [], code = ['scale 1']): Promise<string> => {
  const id = randomUUID();
  await versions.insertVersion(db(), {
    id,
    assetId,
    readingId: reading,
    steps,
    code,
    hasSize: true,
    personId: person,
  } as never);
  return id;
};
const numbersOf = async (assetId: string): Promise<number[]> =>
  (await versions.listVersions(db(), assetId)).map(({ number }) => number);

describe('answers', () => {
  const taken = (choiceId: string) => ({ kind: 'taken' as const, choiceId });

  test('one stands in the place of the one before, by its finding and its asset', async () => {
    await answers.upsertAnswer(db(), ids[0], 'size', taken('cm'), person);
    await answers.upsertAnswer(db(), ids[0], 'size', taken('mm'), person);
    await answers.upsertAnswer(db(), ids[1], 'size', taken('m'), person);
    expect(await answers.listAnswers(db(), ids[0])).toEqual(new Map([['size', taken('mm')]]));
    await answers.deleteAnswer(db(), ids[0], 'size');
    expect(await answers.listAnswers(db(), ids[0])).toEqual(new Map());
    expect((await answers.listAnswers(db(), ids[1])).size).toBe(1);
  });

  test('of many assets each has its own, also those without any; those about rights can be asked alone and forgotten', async () => {
    await answers.upsertAnswer(db(), ids[2], 'rights:licence', { kind: 'set-aside', reason: 'seen' }, person);
    await answers.upsertAnswer(db(), ids[2], 'up', taken('y'), person);
    const all = await answers.listAnswersOf(db(), [ids[2], ids[3]]);
    expect([all.get(ids[2])!.size, all.get(ids[3])!.size]).toEqual([2, 0]);
    expect([...(await answers.listAnswersOf(db(), [ids[2]], 'rights')).get(ids[2])!.keys()]).toEqual([
      'rights:licence',
    ]);
    await answers.deleteRightsAnswers(db(), [ids[2]]);
    expect([...(await answers.listAnswers(db(), ids[2])).keys()]).toEqual(['up']);
  });
});

describe('marks of rights', () => {
  test('the same is kept for several, and cut to what a list can show', async () => {
    await marks.setRightsMark(db(), [ids[0], ids[1]], {
      mark: 'look',
      title: 't'.repeat(400),
      detail: 'd'.repeat(900),
    });
    const rows = await many<{ mark: string; title: string; detail: string }>(
      db(),
      "SELECT rights_mark AS mark, rights_title AS title, rights_detail AS detail FROM asset WHERE rights_mark = 'look'",
    );
    expect(rows).toHaveLength(2);
    expect([rows[0].title.length, rows[0].detail.length]).toEqual([300, 600]);
  });

  test('ids come page by page, each once and none left out', async () => {
    const seen: string[] = [];
    for (let after = ''; ;) {
      const page = await marks.listAssetIds(db(), after, 4);
      if (page.length === 0) break;
      seen.push(...page);
      after = page.at(-1)!;
    }
    expect(seen).toEqual([...ids].sort());
    expect(await marks.countAssets(db())).toBe(ids.length);
    await run(db(), "UPDATE asset SET rights_mark = 'unmarked' WHERE id = ?", [ids[5]]);
    expect(await marks.countUnmarked(db())).toBe(1);
  });

  test('a take-down has its day, and is gone when it is taken back', async () => {
    const down = () =>
      many<{ why: string | null; at: Date | null }>(
        db(),
        'SELECT taken_down AS why, taken_down_at AS at FROM asset WHERE id = ?',
        [ids[4]],
      );
    await marks.setTakenDown(db(), ids[4], 'Its author asked.');
    expect((await down())[0]).toMatchObject({ why: 'Its author asked.', at: expect.any(Date) });
    await marks.setTakenDown(db(), ids[4], null);
    expect((await down())[0]).toEqual({ why: null, at: null });
  });
});

describe('versions', () => {
  test('count up by asset, and the same reading, steps and code are found again unless they failed', async () => {
    const first = await begin(ids[0]);
    await begin(ids[1]);
    const second = await begin(ids[0], [], ['scale 2']);
    expect((await numbersOf(ids[0])).sort()).toEqual([1, 2]);
    expect(await numbersOf(ids[1])).toEqual([1]);
    expect((await versions.findSameVersion(db(), ids[0], reading, [], ['scale 1']))!.id).toBe(first);
    await versions.setVersionFailed(db(), first, 'The disk was full.');
    expect(await versions.findSameVersion(db(), ids[0], reading, [], ['scale 1'])).toBeNull();
    expect((await versions.findSameVersion(db(), ids[0], reading, [], ['scale 2']))!.id).toBe(second);
    expect((await versions.getVersionToMake(db(), first))!.state).toBe('failed');
    expect(await versions.getVersionToMake(db(), randomUUID())).toBeNull();
  });

  test('the later of two stays current, whichever is made last; the day of the first is kept', async () => {
    const [older, newer] = [await begin(ids[2]), await begin(ids[2], [], ['scale 2'])];
    const current = async () =>
      (
        await many<{ version: string; at: Date }>(
          db(),
          'SELECT current_version_id AS version, catalogued_at AS at FROM asset WHERE id = ?',
          [ids[2]],
        )
      )[0];
    await versions.setCataloguedIfLater(db(), ids[2], newer);
    const { version, at } = await current();
    expect(version).toBe(newer);
    await versions.setCataloguedIfLater(db(), ids[2], older);
    expect(await current()).toEqual({ version: newer, at });
    await versions.setCatalogued(db(), ids[2], older);
    expect((await current()).version).toBe(older);
  });
});

describe('what an asset is found by', () => {
  test('its rows hold name, author and the name it arrived with; another spelling comes with it', async () => {
    const [row] = await search.listSearchRows(db(), [ids[3]]);
    expect(row).toMatchObject({ name: 'thing 3', author: 'Tor Vestermoor', findName: 'thing 3', licenceId: 'CC0-1.0' });
    await run(db(), 'INSERT INTO author_alias (alias, name, person_id) VALUES (?, ?, ?)', [
      't_vestermoor',
      'Tor Vestermoor',
      person,
    ]);
    expect(await search.listAliasesOf(db(), ['Tor Vestermoor', 'nobody'])).toEqual([
      { alias: 't_vestermoor', name: 'Tor Vestermoor' },
    ]);
    expect(await search.listAliasesOf(db(), [])).toEqual([]);
  });

  const listFound = (words: string) => listLedger(db(), LedgerQuestionSchema.parse({ words }));

  test('words find rows of the ledger by the text that was set, by beginnings of words and all of them', async () => {
    await search.setSearchText(db(), ids[3], 'lighthouse lantern Tor Vestermoor');
    const found = async (words: string): Promise<string[]> => (await listFound(words)).map(({ id }) => id);
    expect(await found('lanter')).toEqual([ids[3]]);
    expect(await found('lantern lighth')).toEqual([ids[3]]);
    expect(await found('lantern nowhere')).toEqual([]);
    expect((await found('')).length).toBe(ids.length);
  });

  test.each([
    ['cafe_chair', ['cafe_chair', 'chair', 'chairs', 'cafe chairs']],
    ['QuayBenchRed', ['bench', 'benches', 'quaybench', 'red quay']],
    ['old armchair', ['chair', 'armchairs', 'HV-000003']],
  ])('“%s” is found by parts of its name, as one and as many', async (name, asked) => {
    await run(db(), 'UPDATE asset SET name = ?, accession = 3 WHERE id = ?', [name, ids[2]]);
    await refreshSearchTexts(db(), [ids[2]]);
    for (const words of asked) expect((await listFound(words)).map(({ name: found }) => found)).toContain(name);
    expect(await listFound(`${asked[0]} lighthouse`)).toEqual([]);
  });

  test('a card is had by its number of one, many or none', async () => {
    expect((await cards.findCard(db(), ids[1]))!.name).toBe('thing 1');
    expect(await cards.findCard(db(), randomUUID())).toBeNull();
    expect((await cards.listCardsOf(db(), [ids[0], ids[1]])).length).toBe(2);
    expect(await cards.countCatalogued(db())).toBe(3);
  });
});

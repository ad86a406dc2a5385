import { randomUUID } from 'node:crypto';
import type { Answer } from '@haveld/contract/finding';
import type { SizeQuestion } from '@haveld/core/placement/size/judge-size';
import { findTypicalSize } from '@haveld/core/placement/size/typical-sizes';
import { run } from '../database/statements';
import { getPerson } from '../testing/fill-arrival';
import { fillLibrary, type FilledAsset } from '../testing/fill-library';
import { useLibrary } from '../testing/use-library';
import { loadAuthorSay } from './sized-assets';
import { listSizesByAuthor } from './sized-queries';

const given = useLibrary({ worker: false });
const db = () => given.library.pool;

const CHAIR: SizeQuestion = {
  size: [45, 90, 50],
  declaredUnit: null,
  typical: findTypicalSize('chair'),
  stated: [],
};
const OWN = { findId: randomUUID(), assetId: null, arrivalId: randomUUID(), isPiece: false };

function createAsset(author: string, i: number): FilledAsset {
  return {
    id: randomUUID(),
    name: `chair ${i}`,
    licenceId: 'CC0-1.0',
    author,
    source: '',
    mark: 'holds',
    state: 'on-bench',
  };
}
const BY_INES = Array.from({ length: 30 }, (_, i) => createAsset('Ines Falkenrot', i));
const BY_TOR = [createAsset('Tor Vestermoor', 0)];
const ask = (id: string): Promise<unknown> =>
  run(db(), 'UPDATE asset SET size_question = ? WHERE id = ?', [JSON.stringify(CHAIR), id]);
const answer = async (id: string, given: Answer): Promise<unknown> =>
  run(db(), 'INSERT INTO answer (asset_id, finding_key, answer, person_id) VALUES (?, ?, ?, ?)', [
    id,
    'size',
    JSON.stringify(given),
    await getPerson(db()),
  ]);

beforeAll(async () => {
  await fillLibrary(db(), [...BY_INES, ...BY_TOR]);
});

test('models whose size was never asked say nothing', async () => {
  expect(await loadAuthorSay(db(), 'Ines Falkenrot', OWN)).toBeNull();
});

test('what an author’s models on the bench were judged by speaks for the next', async () => {
  for (const { id } of BY_INES.slice(0, 3)) await ask(id);
  const say = (await loadAuthorSay(db(), 'Ines Falkenrot', OWN))!;
  expect(say).toMatchObject({ author: 'Ines Falkenrot', pieces: 3, isAnswered: false });
  expect(Object.entries(say.shares).sort((a, b) => b[1] - a[1])[0][0]).toBe('cm');
  // one of them hears of the other two alone, and nobody hears of another author
  const [first] = BY_INES;
  expect((await loadAuthorSay(db(), 'Ines Falkenrot', { ...OWN, assetId: first.id }))?.pieces).toBe(2);
  expect(await loadAuthorSay(db(), 'Tor Vestermoor', OWN)).toBeNull();
});

test('nobody’s models, and pieces of a kit, are not asked about', async () => {
  expect(await loadAuthorSay(db(), '', OWN)).toBeNull();
  expect(await loadAuthorSay(db(), 'Ines Falkenrot', { ...OWN, isPiece: true })).toBeNull();
});

test('an answer counts as an answer', async () => {
  await answer(BY_TOR[0].id, { kind: 'taken', choiceId: 'mm' } as Answer);
  const say = (await loadAuthorSay(db(), 'Tor Vestermoor', OWN))!;
  expect(say).toMatchObject({ pieces: 1, isAnswered: true });
  expect(Object.keys(say.shares)).toEqual(['mm']);
});

test('of many the last ones are looked at', async () => {
  for (const { id } of BY_INES) await ask(id);
  const last = await listSizesByAuthor(db(), 'Ines Falkenrot', null);
  expect(last).toHaveLength(24);
  expect(last.every(({ question }) => question?.size[1] === 90)).toBe(true);
});

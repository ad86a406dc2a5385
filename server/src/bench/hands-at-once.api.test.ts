import { takeManyToBench, takeToBench } from '@haveld/contract/api/arrivals';
import {
  answerFinding,
  catalogueAsset,
  changeProvenance,
  getSheet,
  switchStep,
  takeSure,
} from '@haveld/contract/api/bench';
import { getAsset } from '@haveld/contract/api/catalogue';
import { createProject, getProject, getProjectRights, handOver, tickDuties } from '@haveld/contract/api/projects';
import { getAssetRights, settleRights } from '@haveld/contract/api/rights';
import { PLAIN_USE } from '@haveld/core/rights/plain-use';
import { many, one } from '../database/statements';
import { bring } from '../testing/bring';
import { benchCrate, catalogueCrate, CRATE, CRATE_MATERIAL, README } from '../testing/take-crate';
import { waitFor } from '../testing/test-library';
import { useLibrary } from '../testing/use-library';
import { withoutTaking } from '../testing/without-taking';

const given = useLibrary();
const HANDS = 6;
/** The same done by several people in the same moment. */
const atOnce = <T>(act: (hand: number) => Promise<T>): Promise<PromiseSettledResult<T>[]> =>
  Promise.allSettled(Array.from({ length: HANDS }, (_, hand) => act(hand)));
const refusals = (results: PromiseSettledResult<unknown>[]): string[] =>
  results.flatMap((result) => (result.status === 'rejected' ? [String((result.reason as Error).message)] : []));

test('one finding answered by all at once has one answer and its steps once', async () => {
  const arrival = await bring(given.client, 'answered.zip', { 'crate.obj': CRATE, 'crate.mtl': CRATE_MATERIAL });
  const { assetId: id } = await given.client.call(takeToBench, { params: { id: arrival.finds[0].id } });
  const sheet = await given.client.call(getSheet, { params: { id } });
  const size = sheet.findings.find(({ key }) => key === 'size')!;
  const [first, second] = size.choices;
  const results = await atOnce((hand) =>
    given.client.call(answerFinding, {
      params: { id },
      body: { key: 'size', answer: { kind: 'taken', choiceId: (hand % 2 ? first : second).id } },
    }),
  );
  expect(refusals(results).filter((message) => !message.startsWith('409'))).toEqual([]);
  const now = await given.client.call(getSheet, { params: { id } });
  const answer = now.findings.find(({ key }) => key === 'size')!.answer;
  const taken = size.choices.find((choice) => answer?.kind === 'taken' && choice.id === answer.choiceId)!;
  const steps = now.steps.filter(({ findingKey }) => findingKey === 'size').map(({ step }) => step);
  expect(steps).toEqual(taken.steps);
});

test('sure proposals taken by all at once are taken once', async () => {
  const arrival = await bring(given.client, 'sure.zip', {
    'crate.obj': CRATE,
    'crate.mtl': CRATE_MATERIAL,
    'readme.txt': README,
  });
  const { assetId: id } = await withoutTaking(given.client, () =>
    given.client.call(takeToBench, { params: { id: arrival.finds[0].id } }),
  );
  const results = await atOnce(() => given.client.call(takeSure, { params: { id }, body: {} }));
  expect(refusals(results).filter((message) => !message.startsWith('409'))).toEqual([]);
  const { steps, sureCount } = await given.client.call(getSheet, { params: { id } });
  expect(sureCount).toBe(0);
  const seen = steps.map(({ findingKey, step }) => `${findingKey} ${JSON.stringify(step)}`);
  expect(new Set(seen).size).toBe(seen.length);
});

test('a step switched off by one and on by another ends as one of them said, and is there once', async () => {
  const id = await benchCrate(given.client, 'switched', { 'readme.txt': README });
  const [{ id: stepId }] = (await given.client.call(getSheet, { params: { id } })).steps;
  await atOnce((hand) => given.client.call(switchStep, { params: { id }, body: { stepId, enabled: hand % 2 === 0 } }));
  const now = (await given.client.call(getSheet, { params: { id } })).steps.filter((step) => step.id === stepId);
  expect(now).toHaveLength(1);
  await given.client.call(switchStep, { params: { id }, body: { stepId, enabled: true } });
  expect(
    (await given.client.call(getSheet, { params: { id } })).steps.find((step) => step.id === stepId)!.enabled,
  ).toBe(true);
});

test('catalogued by all at once it has one version', async () => {
  const id = await benchCrate(given.client, 'catalogued', { 'readme.txt': README });
  const results = await atOnce(() =>
    given.client.call(catalogueAsset, { params: { id }, body: { name: 'Crate', category: 'prop' } }),
  );
  expect(refusals(results).filter((message) => !message.startsWith('409'))).toEqual([]);
  await waitFor(
    () => given.client.call(getSheet, { params: { id } }),
    ({ state, busy }) => state === 'catalogued' && busy === null,
  );
  const { versions } = await given.client.call(getAsset, { params: { id } });
  expect(versions.map(({ number, state }) => [number, state])).toEqual([[1, 'made']]);
});

test('an author corrected by all at once is one of theirs, and every change is written down from what stood before it', async () => {
  const id = await benchCrate(given.client, 'corrected', { 'readme.txt': README });
  await atOnce((hand) =>
    given.client.call(changeProvenance, { params: { id }, body: { change: { author: `Author ${hand}` }, why: '' } }),
  );
  const { provenance, changes } = await given.client.call(getAssetRights, { params: { id } });
  const ofAuthor = changes.filter(({ field }) => field === 'author').reverse();
  // a chain: what one change left is what the next one found
  for (let i = 1; i < ofAuthor.length; i++) expect(ofAuthor[i].before).toBe(ofAuthor[i - 1].after);
  expect(ofAuthor.at(-1)!.after).toBe(provenance.author);
});

test('many finds taken by all at once are one asset each, with numbers of their own', async () => {
  const arrivals = await Promise.all(
    ['a', 'b', 'c'].map((name) => bring(given.client, `many ${name}.zip`, { 'crate.obj': `${CRATE}# ${name}\n` })),
  );
  const ids = arrivals.flatMap(({ finds }) => finds.map(({ id }) => id));
  await atOnce(() => given.client.call(takeManyToBench, { body: { ids } }));
  const assets = await many<{ id: string; accession: number }>(
    given.library.pool,
    `SELECT id, accession FROM asset WHERE find_id IN ('${ids.join("', '")}')`,
  );
  expect(assets).toHaveLength(3);
  expect(new Set(assets.map(({ accession }) => accession)).size).toBe(3);
});

test('one asset handed over by all at once is packed each time it was asked for, and its duty ticked once', async () => {
  const id = await catalogueCrate(given.client, 'handed at once');
  const { id: project } = await given.client.call(createProject, {
    body: { name: 'At once', purpose: '', use: { ...PLAIN_USE, commercial: false } },
  });
  const results = await atOnce(() =>
    given.client.call(handOver, { params: { id: project }, body: { assetIds: [id], format: 'glb' } }),
  );
  expect(refusals(results)).toEqual([]);
  const { handOvers } = await waitFor(
    () => given.client.call(getProject, { params: { id: project } }),
    (now) => now.handOvers.every(({ state }) => state === 'packed'),
  );
  expect(handOvers).toHaveLength(HANDS);
  // the same bytes are kept once
  expect(new Set(handOvers.map(({ zipSha256 }) => zipSha256)).size).toBeLessThanOrEqual(HANDS);
  await atOnce(() =>
    given.client.call(tickDuties, {
      params: { id: project },
      body: { kind: 'attribution', assetIds: [id], done: true },
    }),
  );
  const { duties } = await given.client.call(getProjectRights, { params: { id: project } });
  expect(duties.find(({ kind }) => kind === 'attribution')!.assets).toMatchObject([{ tickedBy: 'Maja Lindqvist' }]);
  const ticks = await one<{ n: number }>(
    given.library.pool,
    'SELECT COUNT(*) AS n FROM project_duty WHERE project_id = ?',
    [project],
  );
  expect(ticks.n).toBe(1);
});

test('rights settled by all at once leave no one’s evidence out', async () => {
  const id = await benchCrate(given.client, 'evidence at once', { 'readme.txt': README });
  const results = await atOnce((hand) =>
    given.client.call(settleRights, {
      body: {
        assetIds: [id],
        change: {},
        why: 'kept',
        evidence: { kind: 'note', name: `note ${hand}.txt`, text: `Words ${hand}.` },
      },
    }),
  );
  expect(refusals(results)).toEqual([]);
  const { evidence } = await given.client.call(getAssetRights, { params: { id } });
  expect(evidence.map(({ name }) => name).sort()).toEqual(Array.from({ length: HANDS }, (_, i) => `note ${i}.txt`));
});

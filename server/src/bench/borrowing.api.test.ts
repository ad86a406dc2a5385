import {
  answerFinding,
  catalogueAsset,
  getSheet,
  listLenders,
  setOwnSteps,
  switchStep,
} from '@haveld/contract/api/bench';
import { getAsset } from '@haveld/contract/api/catalogue';
import { createProject, getProject, getProjectRights, handOver } from '@haveld/contract/api/projects';
import { getAssetRights, getLicence, removeFurtherWork, settleRights, takeDown } from '@haveld/contract/api/rights';
import type { Step } from '@haveld/contract/step';
import { PLAIN_USE } from '@haveld/core/rights/plain-use';
import { benchCrate, catalogueCrate } from '../testing/take-crate';
import { waitFor } from '../testing/test-library';
import { useLibrary } from '../testing/use-library';

const given = useLibrary();
const KEY = 'own:parts:borrowed';
const readme = (author: string, licence: string): string =>
  `Crate by ${author}\nhttps://quayside-models.example/crate\n${licence}\nThe crate is 40 cm high.\n`;

/** The lender as the borrower's sheet finds it. */
async function lenderOf(id: string, words: string) {
  const found = await given.client.call(listLenders, { params: { id }, query: { words } });
  const { accession, name, versionNumber, modelSha256, id: lenderId } = found[0];
  return { id: lenderId, accession, name, versionNumber, sha256: modelSha256 };
}
const borrowing = (from: Awaited<ReturnType<typeof lenderOf>>): Step => ({
  kind: 'borrow-part',
  schema: 1,
  from,
  part: null,
  name: 'second crate',
  under: null,
  at: [100, 0, 0],
  degrees: 0,
  times: 1,
});
const take = (id: string, steps: Step[]) =>
  given.client.call(setOwnSteps, { params: { id }, body: { key: KEY, steps } });
const rightsOf = (id: string) => given.client.call(getAssetRights, { params: { id } });
async function catalogue(id: string, name: string) {
  await given.client.call(catalogueAsset, { params: { id }, body: { name, category: 'prop' } });
  await waitFor(
    () => given.client.call(getSheet, { params: { id } }),
    ({ state, busy }) => state === 'catalogued' && busy === null,
  );
  return given.client.call(getAsset, { params: { id } });
}

test('what is borrowed brings its author, its licence and its credit, follows them, and takes them along when it goes', async () => {
  const { client } = given;
  const lenderId = await catalogueCrate(client, 'lent crate', readme('Ole Dagmar', 'CC BY 4.0'));
  const id = await benchCrate(client, 'stack', { 'readme.txt': readme('Ines Falkenrot', 'CC0') });
  const from = await lenderOf(id, 'lent dagmar');
  expect(from).toMatchObject({ id: lenderId, name: 'lent crate', versionNumber: 1 });

  const sheet = await take(id, [borrowing(from)]);
  expect(sheet.further).toMatchObject([
    { part: 'part', author: 'Ole Dagmar', licenceId: 'CC-BY-4.0', lender: { accession: from.accession } },
  ]);
  expect(sheet.findings.find(({ kind }) => kind === 'rights:work')).toMatchObject({ mark: 'holds' });
  const step = sheet.steps.find((row) => row.step.kind === 'borrow-part')!;
  const off = await client.call(switchStep, { params: { id }, body: { stepId: step.id, enabled: false } });
  expect(off.further).toEqual([]);
  await client.call(switchStep, { params: { id }, body: { stepId: step.id, enabled: true } });

  const page = await catalogue(id, 'stack');
  expect(page.credit).toContain('Ole Dagmar');
  expect(page.versions[0].outcomes.find(({ kind }) => kind === 'borrow-part')).toMatchObject({
    changed: '“second crate”, version 1',
    unmatched: [],
    worse: [],
  });
  expect(page.versions[0].after!.triangles).toBe(24);
  // the version holds it from now on, whatever the treatment does
  const after = await client.call(switchStep, { params: { id }, body: { stepId: step.id, enabled: false } });
  expect(after.further).toHaveLength(1);
  const workId = after.further[0].id;
  await expect(client.call(removeFurtherWork, { params: { id, workId }, body: { why: 'mine now' } })).rejects.toThrow(
    '404',
  );
  const holders = await client.call(getLicence, { params: { id: 'CC-BY-4.0' } });
  expect(holders.assets.map((one) => one.id)).toContain(id);
});

test('a lender that is licensed otherwise opens the projects again that hold what borrows from it', async () => {
  const { client } = given;
  const lenderId = await catalogueCrate(client, 'lent barrel', readme('Ole Dagmar', 'CC BY 4.0'));
  const id = await benchCrate(client, 'barrel stack', { 'readme.txt': readme('Ines Falkenrot', 'CC0') });
  const plain = await catalogue(id, 'barrel stack');
  const open = async (name: string): Promise<string> =>
    (
      await client.call(createProject, {
        body: { name, purpose: 'a show', use: { ...PLAIN_USE, commercial: true } },
      })
    ).id;
  const hand = async (projectId: string): Promise<void> => {
    await client.call(handOver, { params: { id: projectId }, body: { assetIds: [id], format: 'glb' } });
    await waitFor(
      () => client.call(getProject, { params: { id: projectId } }),
      ({ handOvers }) => handOvers.every(({ state }) => state === 'packed'),
    );
  };
  const [before, later] = [await open('Took it plain'), await open('Took it stacked')];
  await hand(before);
  expect(plain.versions).toHaveLength(1);
  await take(id, [borrowing(await lenderOf(id, 'lent barrel'))]);
  await catalogue(id, 'barrel stack');
  await hand(later);

  await client.call(settleRights, {
    body: { assetIds: [lenderId], change: { licenceId: 'CC-BY-NC-4.0' }, why: 'the page says so' },
  });
  expect((await rightsOf(id)).further).toMatchObject([{ licenceId: 'CC-BY-NC-4.0' }]);
  const verdictIn = async (projectId: string) => {
    const { projects } = await rightsOf(id);
    return projects.find((project) => project.id === projectId)!.verdict.verdict;
  };
  // the version without it stays allowed
  expect(await verdictIn(before)).toBe('allowed');
  expect(await verdictIn(later)).not.toMatch(/^allowed/);
  const { reopened } = await client.call(getProjectRights, { params: { id: later } });
  expect(reopened.map(({ why }) => why).join()).toContain('Something in it is borrowed. Its licence was CC BY 4.0');
  await expect(hand(later)).rejects.toThrow('does not allow commercial use');

  await client.call(takeDown, { params: { id: lenderId }, body: { reason: 'its author asked' } });
  const { open: findings } = await rightsOf(id);
  expect(findings).toContainEqual(
    expect.objectContaining({ mark: 'blocks', title: 'A part of it (“Crate”): taken down' }),
  );
});

test('what nobody has in the catalogue, other bytes, and what was taken down lend nothing', async () => {
  const { client } = given;
  const lenderId = await catalogueCrate(client, 'lent bucket');
  const id = await benchCrate(client, 'bucket stack', { 'readme.txt': readme('Ines Falkenrot', 'CC0') });
  const from = await lenderOf(id, 'lent bucket');
  await expect(take(id, [borrowing({ ...from, sha256: 'f'.repeat(64) })])).rejects.toThrow('404');
  await expect(take(id, [borrowing({ ...from, versionNumber: 2 })])).rejects.toThrow('404');
  await expect(take(id, [borrowing({ ...from, id })])).rejects.toThrow('404');
  // as an answer to something else its rights would not come along
  const { findings } = await client.call(getSheet, { params: { id } });
  const { key } = findings.find(({ kind }) => kind === 'size')!;
  const answer = { kind: 'own' as const, steps: [borrowing(from)], summary: 'with a bucket' };
  await expect(client.call(answerFinding, { params: { id }, body: { key, answer } })).rejects.toThrow('400');
  await client.call(takeDown, { params: { id: lenderId }, body: { reason: 'its author asked' } });
  await expect(take(id, [borrowing(from)])).rejects.toThrow('taken down');
  expect(await client.call(listLenders, { params: { id }, query: { words: 'lent bucket' } })).toEqual([]);
  expect((await client.call(getSheet, { params: { id } })).steps.some(({ step }) => step.kind === 'borrow-part')).toBe(
    false,
  );
});

test('two that borrow from one another rest on both, once each', async () => {
  const { client } = given;
  const a = await catalogueCrate(client, 'left bookend', readme('Ole Dagmar', 'CC BY 4.0'));
  const b = await catalogueCrate(client, 'right bookend', readme('Ines Falkenrot', 'CC BY 4.0'));
  await take(a, [borrowing(await lenderOf(a, 'right bookend'))]);
  await take(b, [borrowing(await lenderOf(b, 'left bookend'))]);
  const authors = async (id: string) => (await rightsOf(id)).further.map(({ author }) => author);
  expect(await authors(a)).toEqual(['Ines Falkenrot']);
  expect(await authors(b)).toEqual(['Ole Dagmar']);
});

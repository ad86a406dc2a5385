import { getAsset, searchCatalogue } from '@haveld/contract/api/catalogue';
import { changeProvenance, getSheet } from '@haveld/contract/api/bench';
import { getProgress } from '@haveld/contract/api/progress';
import { createProject, getProject, handOver } from '@haveld/contract/api/projects';
import { takeDown } from '@haveld/contract/api/rights';
import { PLAIN_USE } from '@haveld/core/rights/plain-use';
import { benchCrate, catalogueCrate, README } from '../testing/take-crate';
import { waitFor, type TestClient } from '../testing/test-library';
import { useLibrary } from '../testing/use-library';

const given = useLibrary();
let guest: TestClient;
let shown: string;
let onBench: string;
beforeAll(async () => {
  guest = await given.library.signInAs('guest', 'guest');
  shown = await catalogueCrate(given.client, 'Shown crate');
  onBench = await benchCrate(given.client, 'hidden', { 'readme.txt': README });
});

const statusOf = async (client: TestClient, sha256: string): Promise<number> => {
  const answer = await client.request(`/api/bytes/${sha256}`);
  await answer.body?.cancel();
  return answer.status;
};

test('a guest sees what is catalogued, without the files it was made of and what they said', async () => {
  const { cards } = await guest.call(searchCatalogue, { query: { state: 'any' } });
  expect(cards.map(({ id }) => id)).toEqual([shown]);
  await given.client.call(changeProvenance, {
    params: { id: shown },
    body: { change: { price: '12 EUR', client: 'The museum', agreement: 'No. 7', receipt: 'R 4' }, why: 'bought' },
  });
  const forGuest = await guest.call(getAsset, { params: { id: shown } });
  expect(forGuest.provenance).toMatchObject({ price: '', client: '', agreement: '', receipt: '', acquiredBy: '' });
  expect(forGuest.provenance.author).toBe('Ines Falkenrot');
  expect(forGuest).toMatchObject({ card: { name: 'Shown crate' }, originals: [], evidence: [] });
  expect(forGuest.credit).toContain('Ines Falkenrot');
  await expect(guest.call(getAsset, { params: { id: onBench } })).rejects.toThrow('404');
});

test('what waits and runs is not a guest’s to see', async () => {
  const { counts, running } = await guest.call(getProgress);
  expect(counts).toMatchObject({ arrivals: 0, bench: 0, catalogue: 1, rights: 0, health: 0 });
  expect(running).toEqual([]);
});

test('bytes a guest knows the hash of are theirs only where the catalogue shows them', async () => {
  const { versions, originals } = await given.client.call(getAsset, { params: { id: shown } });
  const [{ modelSha256, thumbnailSha256 }] = versions;
  expect(await statusOf(guest, modelSha256!)).toBe(200);
  expect(await statusOf(guest, thumbnailSha256!)).toBe(200);
  const hidden = await given.client.call(getSheet, { params: { id: onBench } });
  for (const sha256 of [...originals.map((file) => file.sha256), hidden.documentSha256]) {
    expect(await statusOf(given.client, sha256)).toBe(200);
    expect(await statusOf(guest, sha256)).toBe(404);
  }
  // as what is not there at all, so that nobody learns which files the house holds
  expect(await statusOf(guest, 'f'.repeat(64))).toBe(404);
});

test('a guest downloads what a project may use, until it may no more', async () => {
  const { id } = await given.client.call(createProject, {
    body: { name: 'Tide House', purpose: 'a show', use: { ...PLAIN_USE, commercial: true } },
  });
  await given.client.call(handOver, { params: { id }, body: { assetIds: [shown], format: 'glb' } });
  const { handOvers } = await waitFor(
    () => guest.call(getProject, { params: { id } }),
    (project) => project.handOvers.every(({ state }) => state === 'packed'),
  );
  const zip = handOvers[0].zipSha256!;
  expect(await statusOf(guest, zip)).toBe(200);
  expect((await guest.request(`/api/projects/${id}/package.zip`)).status).toBe(200);
  const { versions } = await given.client.call(getAsset, { params: { id: shown } });
  await given.client.call(takeDown, { params: { id: shown }, body: { reason: 'its author asked' } });
  expect(await statusOf(guest, zip)).toBe(404);
  expect(await statusOf(given.client, zip)).toBe(200);
  expect(await statusOf(guest, versions[0].modelSha256!)).toBe(404);
  expect(await statusOf(guest, versions[0].thumbnailSha256!)).toBe(200);
});

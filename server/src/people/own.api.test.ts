import { cancelArrival, createArrival, joinArrivals, listArrivals } from '@haveld/contract/api/arrivals';
import { cancelJob, getProgress } from '@haveld/contract/api/progress';
import { insertJob } from '../jobs/job-queries';
import { bring, zip } from '../testing/bring';
import { CRATE } from '../testing/take-crate';
import type { TestClient } from '../testing/test-library';
import { useLibrary } from '../testing/use-library';

const given = useLibrary();
let runa: TestClient;
let oskar: TestClient;
let curator: TestClient;
beforeAll(async () => {
  runa = await given.library.signInAs('artist', 'runa');
  oskar = await given.library.signInAs('artist', 'oskar');
  curator = await given.library.signInAs('curator', 'curator');
});

const announce = (client: TestClient) =>
  client.call(createArrival, { body: { name: 'crate.zip', files: [{ path: 'crate.zip', sizeBytes: 5 }] } });
const stateOf = async (id: string): Promise<string | undefined> =>
  (await given.client.call(listArrivals)).find((arrival) => arrival.id === id)?.state;

test('an arrival is given up by whoever brought it, or by a curator; by another artist it is not', async () => {
  const [first, second] = [await announce(runa), await announce(runa)];
  await expect(oskar.call(cancelArrival, { params: { id: first.id } })).rejects.toThrow(
    '403: This arrival is runa’s; only they, a curator or an owner may do this.',
  );
  expect(await stateOf(first.id)).toBe('receiving');
  await runa.call(cancelArrival, { params: { id: first.id } });
  await curator.call(cancelArrival, { params: { id: second.id } });
  expect(await stateOf(first.id)).toBeUndefined();
});

test('a file is sent by whoever announced it and by nobody else, from the first byte to the last', async () => {
  const bytes = await zip({ 'crate.obj': CRATE });
  const { id, received } = await runa.call(createArrival, {
    body: { name: 'crate.zip', files: [{ path: 'crate.zip', sizeBytes: bytes.length }] },
  });
  for (const other of [oskar, curator])
    await expect(other.upload(received[0].id, bytes)).rejects.toThrow('403: {"code":"not-allowed"');
  const created = await runa.request('/api/uploads', {
    method: 'POST',
    headers: {
      'Tus-Resumable': '1.0.0',
      'Upload-Length': String(bytes.length),
      'Upload-Metadata': `receivedId ${Buffer.from(received[0].id).toString('base64')}`,
    },
  });
  const location = new URL(created.headers.get('location')!, 'http://localhost').pathname;
  const tus = { 'Tus-Resumable': '1.0.0', 'Upload-Offset': '0', 'Content-Type': 'application/offset+octet-stream' };
  expect((await oskar.request(location, { method: 'HEAD', headers: tus })).status).toBe(403);
  expect((await oskar.request(location, { method: 'PATCH', headers: tus, body: Buffer.from(bytes) })).status).toBe(403);
  expect((await oskar.request(location, { method: 'DELETE', headers: tus })).status).toBe(403);
  expect(await stateOf(id)).toBe('receiving');
  expect((await runa.request(location, { method: 'PATCH', headers: tus, body: Buffer.from(bytes) })).status).toBe(204);
  expect(await stateOf(id)).not.toBe('receiving');
});

test('two arrivals are joined by whoever brought both', async () => {
  const one = await bring(runa, 'body.zip', { 'crate.obj': CRATE });
  const other = await bring(oskar, 'lid.zip', { 'lid.obj': CRATE });
  const join = (client: TestClient) =>
    client.call(joinArrivals, { params: { id: one.id }, body: { otherId: other.id } });
  await expect(join(runa)).rejects.toThrow('“lid.zip” is oskar’s');
  await expect(join(curator)).resolves.toHaveProperty('id');
});

test('work is stopped by whoever it is for; the house’s own by a curator', async () => {
  await given.library.stopWorker();
  const { id: arrivalId } = await announce(runa);
  const ofRuna = await insertJob(given.library.pool, { kind: 'open-arrival', subjectId: arrivalId, label: 'of runa' });
  const ofHouse = await insertJob(given.library.pool, { kind: 'judge-uses', subjectId: 'all', label: 'of the house' });
  await expect(oskar.call(cancelJob, { params: { id: ofRuna } })).rejects.toThrow('403: This work is runa’s');
  await expect(runa.call(cancelJob, { params: { id: ofHouse } })).rejects.toThrow('403: This work is the house’s');
  await runa.call(cancelJob, { params: { id: ofRuna } });
  await curator.call(cancelJob, { params: { id: ofHouse } });
  const left = (await curator.call(getProgress)).running.map(({ label }) => label);
  expect(left.filter((label) => label.startsWith('of '))).toEqual([]);
});

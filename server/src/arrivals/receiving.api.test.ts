import { Readable } from 'node:stream';
import { Upload } from '@tus/server';
import { listArrivals } from '@haveld/contract/api/arrivals';
import { many } from '../database/statements';
import { findBySignIn } from '../people/person-queries';
import { useLibrary } from '../testing/use-library';
import { announceArrival, noteStored } from './service';
import { createUploadStore, finishUploads } from './uploads';

const given = useLibrary({ worker: false });
const HASH = 'c'.repeat(64);

async function announce(count: number): Promise<{ id: string; received: { id: string }[] }> {
  const maja = (await findBySignIn(given.library.pool, 'maja'))!.person;
  const files = Array.from({ length: count }, (_, i) => ({ path: `crate ${i}.obj`, sizeBytes: 5 }));
  return announceArrival(given.library.dependencies, maja, { name: 'loose files', files });
}
const stateOf = async (id: string): Promise<string> =>
  (await given.client.call(listArrivals)).find((arrival) => arrival.id === id)!.state;
const countOpenings = async (id: string): Promise<number> =>
  (await many(given.library.pool, "SELECT id FROM job WHERE kind = 'open-arrival' AND subject_id = ?", [id])).length;

test('loose files that come in at the same moment are opened once, however often it is tried', async () => {
  for (let round = 0; round < 8; round++) {
    const { id, received } = await announce(6);
    await Promise.all(received.map((file) => noteStored(given.library.dependencies, file.id, HASH)));
    expect(await stateOf(id)).toBe('opening');
    expect(await countOpenings(id)).toBe(1);
  }
});

/** An upload of which so many of its five bytes came, put where a server that died left it. */
async function leaveUpload(receivedId: string, came: number): Promise<string> {
  const store = createUploadStore(given.library.dependencies.uploadsFolder);
  const id = receivedId.replaceAll('-', '');
  await store.create(new Upload({ id, offset: 0, size: 5, metadata: { receivedId } }));
  await store.write(Readable.from([Buffer.from('crate'.slice(0, came))]), id, 0);
  return id;
}

test('uploads that were whole when the server died are found at its next start; one that was not goes on', async () => {
  const whole = await announce(1);
  const half = await announce(1);
  await leaveUpload(whole.received[0].id, 5);
  await leaveUpload(half.received[0].id, 3);
  expect(await finishUploads(given.library.dependencies)).toBe(2);
  expect(await stateOf(whole.id)).toBe('opening');
  expect(await stateOf(half.id)).toBe('receiving');
  await finishUploads(given.library.dependencies);
  expect(await countOpenings(whole.id)).toBe(1);
});

test('a client that asks how far a whole upload got sends no more, and the arrival is opened', async () => {
  const { id, received } = await announce(1);
  const uploadId = await leaveUpload(received[0].id, 5);
  const answer = await given.client.request(`/api/uploads/${uploadId}`, {
    method: 'HEAD',
    headers: { 'Tus-Resumable': '1.0.0' },
  });
  expect(answer.headers.get('upload-offset')).toBe('5');
  expect(await stateOf(id)).toBe('opening');
});

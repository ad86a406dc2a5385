import { ZipFile } from 'yazl';
import { createArrival, listArrivals, type Arrival } from '@haveld/contract/api/arrivals';
import { waitFor, type TestClient } from './test-library';

/** Packs texts into a zip. */
export function zip(files: Record<string, string | Buffer>): Promise<Buffer> {
  const archive = new ZipFile();
  for (const [path, content] of Object.entries(files)) archive.addBuffer(Buffer.from(content as string), path);
  archive.end();
  const chunks: Buffer[] = [];
  return new Promise((resolve) =>
    archive.outputStream
      .on('data', (chunk: Buffer) => chunks.push(chunk))
      .on('end', () => resolve(Buffer.concat(chunks))),
  );
}

/** Drops an archive. @returns the arrival's id */
export async function drop(client: TestClient, name: string, bytes: Buffer, partBytes?: number): Promise<string> {
  const { id, received } = await client.call(createArrival, {
    body: { name, files: [{ path: name, sizeBytes: bytes.length }] },
  });
  await client.upload(received[0].id, bytes, partBytes);
  return id;
}

/** Waits until an arrival is where it should be. */
export async function waitForArrival(
  client: TestClient,
  id: string,
  state: Arrival['state'] = 'ready',
): Promise<Arrival> {
  const find = (all: Arrival[]): Arrival | undefined => all.find((arrival) => arrival.id === id);
  return find(
    await waitFor(
      () => client.call(listArrivals),
      (all) => find(all)?.state === state,
    ),
  )!;
}

/** Drops a zip and waits until its finds are read. */
export async function bring(
  client: TestClient,
  name: string,
  files: Record<string, string | Buffer>,
  partBytes?: number,
): Promise<Arrival> {
  return waitForArrival(client, await drop(client, name, await zip(files), partBytes));
}

import type { GLTF } from '@gltf-transform/core';
import { assemblePick, planPick, readGlbHead } from '@haveld/core/scene/document/pick-glb';
import type { FolderStore } from '../store/folder-store';

/** What is taken out of a kit's document. */
export interface Pick {
  name: string;
  nodeIds: string[];
  shift: [number, number, number];
}

/** A kit's document that pieces are taken from without ever being read whole. */
export interface KitFile {
  pick(wanted: Pick): Promise<Uint8Array<ArrayBuffer>>;
}

/** Opens a document in the store: only its JSON is held. */
export async function openKitFile(sha256: string, store: FolderStore): Promise<KitFile> {
  const fixed = await readRange(store, sha256, 0, 20);
  const jsonEnd = 20 + new DataView(fixed.buffer, fixed.byteOffset).getUint32(12, true);
  const { json, binaryAt } = readGlbHead(await readRange(store, sha256, 0, jsonEnd));
  return { pick: (wanted) => pickPiece(json, binaryAt, wanted, (start, end) => readRange(store, sha256, start, end)) };
}

async function pickPiece(
  json: GLTF.IGLTF,
  binaryAt: number,
  { name, nodeIds, shift }: Pick,
  read: (start: number, end: number) => Promise<Uint8Array>,
): Promise<Uint8Array<ArrayBuffer>> {
  const plan = planPick(json, nodeIds, { name, shift });
  const chunks = [];
  for (const { start, end } of plan.ranges) chunks.push(await read(binaryAt + start, binaryAt + end));
  return assemblePick(plan, chunks);
}

/** @param end the first byte that is not wanted */
async function readRange(store: FolderStore, sha256: string, start: number, end: number): Promise<Uint8Array> {
  const chunks: Buffer[] = [];
  if (end > start)
    for await (const chunk of store.openRead(sha256, { start, end: end - 1 }) as AsyncIterable<Buffer>)
      chunks.push(chunk);
  return new Uint8Array(Buffer.concat(chunks));
}

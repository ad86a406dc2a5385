import { createReadStream } from 'node:fs';
import { mkdtemp } from 'node:fs/promises';
import { basename, dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { groupFinds } from '@haveld/core/finds/grouping/group-finds';
import { sheetPixels } from '@haveld/core/picture/sheet-pixels';
import { boxSize } from '@haveld/core/scene/measures/bounds';
import { placePiece } from '@haveld/core/structure/place-piece';
import { runSandboxed } from '@haveld/engine/sandbox/run-sandboxed';
import { FolderStore } from '@haveld/engine/store/folder-store';
import { ThreadPool } from '@haveld/server/jobs/thread-pool';

// From archives to finds with pictures, as the server does it: two lanes of processes that open foreign bytes. One whole process.
const LANES = 2;
const entry = fileURLToPath(new URL('../../child.js', import.meta.url));
const [, , ...archives] = process.argv;
// removing it is not part of what is measured: it lies where the measure clears away
const folder = await mkdtemp(join(dirname(archives[0]), 'sorted-'));
const store = new FolderStore(folder);
const threads = new ThreadPool(new URL('../../thread.js', import.meta.url), LANES);
const options = { entry, storeFolder: folder };
let pictures = 0;

async function sortOne(path: string): Promise<void> {
  const { sha256 } = await store.putStream(createReadStream(path));
  const { files } = await runSandboxed('open-archive', { received: [{ path: basename(path), sha256 }] }, options);
  const { finds } = groupFinds(files);
  await inLanes(finds, async (find) => {
    const hashes = new Map(files.map((file) => [file.path, file.sha256]));
    const read = await runSandboxed(
      'read-find',
      { model: find.model, files: find.files.map((file) => ({ ...file, sha256: hashes.get(file.path)! })) },
      options,
    );
    if (read.thumbnailSha256) pictures++;
    if (!read.pieces) return;
    const { documentSha256, source } = read;
    const pieces = read.pieces.pieces.map((piece) => ({ piece, longest: Math.max(...boxSize(piece.box)) }));
    const largest = Math.max(...pieces.map(({ longest }) => longest));
    const batches = Array.from({ length: Math.ceil(pieces.length / 10) }, (_, i) => pieces.slice(i * 10, i * 10 + 10));
    await inLanes(batches, async (batch) => {
      const picks = batch.map(({ piece, longest }) => ({
        name: piece.name,
        nodeIds: piece.nodeIds,
        shift: placePiece(piece, 1).shift,
        longestPx: sheetPixels(longest, largest),
      }));
      const input = { documentSha256, up: source.declaredUp ?? null, pieces: picks };
      const drawn = await threads.run('draw-pieces', input, {
        storeFolder: folder,
        signal: new AbortController().signal,
        onProgress: () => undefined,
      });
      pictures += drawn.filter((picture) => picture !== null).length;
    });
  });
}

async function inLanes<T>(items: readonly T[], act: (item: T) => Promise<void>): Promise<void> {
  const waiting = [...items];
  await Promise.all(
    Array.from({ length: LANES }, async () => {
      for (let item = waiting.shift(); item !== undefined; item = waiting.shift()) await act(item);
    }),
  );
}

await inLanes(archives, sortOne);
await threads.close();
if (process.env.PICTURES_WANTED && pictures < Number(process.env.PICTURES_WANTED))
  throw new Error(`only ${pictures} pictures were made`);

import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { WorkerPlace } from '@haveld/engine/sandbox/sandbox-workers';

const folder = mkdtempSync(join(tmpdir(), 'haveld-'));
process.once('exit', () => rmSync(folder, { recursive: true, force: true }));

/** Where this run of the command keeps bytes, and opens them: all of them are one person's, given at once. */
export const WORKER_PLACE: WorkerPlace = {
  // built beside the command
  entry: fileURLToPath(new URL('./child.js', import.meta.url)),
  storeFolder: join(folder, 'store'),
  group: 'this run',
};

import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pino } from 'pino';
import { FolderStore } from '@haveld/engine/store/folder-store';
import { createApp } from '../app';
import { Seal } from '../arrivals/seal';
import { createPool } from '../database/pool';
import type { App } from '../http/serve-endpoint';
import { JobBell } from '../jobs/bell';
import { Library } from '../library/library';

/** @returns the application as it is served, its database never asked: for what can be known of its routes alone */
export function createUnconnectedApp(): App {
  const folder = mkdtempSync(join(tmpdir(), 'haveld-routes-'));
  const pool = createPool('mysql://127.0.0.1:1/none');
  return createApp(
    {
      pool,
      library: new Library(pool),
      store: new FolderStore(folder),
      bell: new JobBell(),
      seal: new Seal(),
      log: pino({ level: 'silent' }),
      uploadsFolder: folder,
      mailFolder: folder,
      sources: { standIns: new Map(), readPage: () => Promise.reject(new Error('no page is read here')) },
      watchRoots: [],
      webFolder: null,
      version: 'test',
      takesPublished: false,
      isTls: false,
    },
    {},
  );
}

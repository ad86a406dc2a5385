import type { Pool } from 'mysql2/promise';
import type { Logger } from 'pino';
import type { FolderStore } from '@haveld/engine/store/folder-store';

/** What every feature is given. */
export interface Dependencies {
  pool: Pool;
  store: FolderStore;
  log: Logger;
  /** Where resumable uploads lie until their bytes are in the store. */
  uploadsFolder: string;
  /** The built web application, or null where only the API is served. */
  webFolder: string | null;
  version: string;
}

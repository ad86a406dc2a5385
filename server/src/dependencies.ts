import type { Pool } from 'mysql2/promise';
import type { Logger } from 'pino';
import type { FolderStore } from '@haveld/engine/store/folder-store';
import type { Page } from '@haveld/core/pages/read-page';
import type { Reach } from '@haveld/engine/fetching/reach';
import type { Seal } from './arrivals/seal';
import type { JobBell } from './jobs/bell';
import type { Library } from './library/library';

/** What every feature is given. */
export interface Dependencies {
  pool: Pool;
  store: FolderStore;
  /** Every asset as it is asked for. */
  library: Library;
  /** Rung where there may be something to do. */
  bell: JobBell;
  log: Logger;
  /** Closes what nobody is to read in the database: passwords of archives that wait to be opened. */
  seal: Seal;
  /** Where resumable uploads lie until their bytes are in the store. */
  uploadsFolder: string;
  /** Where mail goes: the service that ships with Haveld writes each message as a file. */
  mailFolder: string;
  /** What is known of sources of models from outside the database. */
  sources: {
    /** Hosts that stand on this machine: the made-up sites that come with the demo. */
    standIns: Reach['standIns'];
    /** Reads a page that lies in the store, shut in. */
    readPage: (sha256: string, address: string, signal?: AbortSignal) => Promise<Page>;
  };
  /** Folders below which files may be watched; who starts the server names them. */
  watchRoots: readonly string[];
  /** The built web application, or null where only the API is served. */
  webFolder: string | null;
  version: string;
  /** People reach it by TLS alone: cookies never leave it. */
  isTls: boolean;
  /** The password that is printed with the demo opens its accounts: where nobody but this machine reaches Haveld, or somebody asked for it. */
  takesPublished: boolean;
}

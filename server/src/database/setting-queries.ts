import { type Executor } from './pool';
import { maybeOne, run } from './statements';

/** @returns a library-wide setting, or null */
export async function getSetting(db: Executor, name: string): Promise<string | null> {
  return (await maybeOne<{ value: string }>(db, 'SELECT value FROM setting WHERE name = ?', [name]))?.value ?? null;
}

/** Keeps a library-wide setting. */
export const setSetting = (db: Executor, name: string, value: string): Promise<unknown> =>
  run(db, 'REPLACE INTO setting (name, value) VALUES (?, ?)', [name, value]);

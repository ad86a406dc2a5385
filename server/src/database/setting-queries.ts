import { type Executor } from './pool';
import { maybeOne, run } from './statements';

/** @returns a library-wide setting, or null */
export async function getSetting(db: Executor, name: string): Promise<string | null> {
  return (await maybeOne<{ value: string }>(db, 'SELECT value FROM setting WHERE name = ?', [name]))?.value ?? null;
}

export async function setSetting(db: Executor, name: string, value: string): Promise<void> {
  await run(db, 'REPLACE INTO setting (name, value) VALUES (?, ?)', [name, value]);
}

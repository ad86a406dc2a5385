import type { Executor } from './pool';
import { run } from './statements';

/** Says that something a screen shows has changed. */
export async function bumpRevision(db: Executor): Promise<void> {
  await run(db, 'UPDATE revision SET value = value + 1 WHERE id = 1');
}

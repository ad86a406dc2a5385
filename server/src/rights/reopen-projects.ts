import { type Executor } from '../database/pool';
import { listLapsed, reopenProjects } from './reopening-queries';

/** Grants that have ended since somebody last looked: their projects are opened again, once. */
export async function reopenLapsed(tx: Executor, today: string): Promise<void> {
  for (const { id, expiresOn } of await listLapsed(tx, today))
    await reopenProjects(tx, [id], `Its grant ended on ${expiresOn}.`);
}

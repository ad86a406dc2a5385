import type { Executor } from '../database/pool';
import { getProject, isRefused } from '../projects/service';
import { isShownInCatalogue, listProjectsOfZip } from './guest-queries';

/** May a guest have these bytes? What the catalogue shows, and what was packed for a project that may use it today. */
export async function mayGuestHave(db: Executor, sha256: string): Promise<boolean> {
  if (await isShownInCatalogue(db, sha256)) return true;
  for (const id of await listProjectsOfZip(db, sha256)) {
    const { handOvers } = await getProject(db, id);
    if (handOvers.some(({ zipSha256, verdict }) => zipSha256 === sha256 && !isRefused(verdict))) return true;
  }
  return false;
}

import type { SourceHabit } from '@haveld/core/finds/deciding/habits';
import type { Dependencies } from '../dependencies';
import { getSourceHabit } from '../habits/service';
import type { FileRow } from './file-queries';
import * as queries from './queries';
import { readTexts } from './read-texts';

/** @returns what is known of the source a find came from, by its arrival's name and its texts */
export async function getHabitOfFind(
  dependencies: Dependencies,
  arrivalId: string,
  files: readonly FileRow[],
): Promise<SourceHabit> {
  const arrival = await queries.getArrival(dependencies.pool, arrivalId);
  return getSourceHabit(dependencies.pool, arrival?.name ?? '', await readTexts(dependencies, files));
}

import type { SourceHabit } from '@haveld/core/finds/deciding/habits';
import type { Dependencies } from '../dependencies';
import * as arrivalQueries from '../finds/arrival-queries';
import type { FileRow } from '../finds/file-queries';
import { readTexts } from '../finds/read-texts';
import { getSourceHabit } from '../habits/service';

/** @returns what is known of the source a find came from, by its arrival's name and its texts */
export async function getHabitOfFind(
  dependencies: Dependencies,
  arrivalId: string,
  files: readonly FileRow[],
): Promise<SourceHabit> {
  const arrival = await arrivalQueries.getArrival(dependencies.pool, arrivalId);
  return getSourceHabit(dependencies.pool, arrival?.name ?? '', await readTexts(dependencies, files));
}

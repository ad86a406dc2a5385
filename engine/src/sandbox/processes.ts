import { readFileSync } from 'node:fs';

const PAGE_BYTES = 4096;

/** Processes a process started, by Linux's /proc. Kernels may be built without the list: then it is empty. */
export const listChildren = (pid: number, proc = '/proc'): number[] =>
  readIfThere(`${proc}/${pid}/task/${pid}/children`)
    .split(' ')
    .filter((one) => one !== '')
    .map(Number);

/** Resident memory of a process and of those it started; 0 where it has ended. */
export function readResidentBytes(pid: number | undefined, proc = '/proc'): number {
  if (pid === undefined) return 0;
  const own = (Number(readIfThere(`${proc}/${pid}/statm`).split(' ')[1]) || 0) * PAGE_BYTES;
  return listChildren(pid, proc).reduce((sum, child) => sum + readResidentBytes(child, proc), own);
}

/** @returns what a file says; nothing where it is not there, or no more */
function readIfThere(path: string): string {
  try {
    return readFileSync(path, 'utf8');
  } catch (error) {
    const { code } = error as NodeJS.ErrnoException;
    if (code === 'ENOENT' || code === 'ESRCH') return '';
    throw error;
  }
}

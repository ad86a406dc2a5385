import type * as fileQueries from './file-queries';

/** Pictures of a find that may be maps. */
export function listPictures(
  files: readonly (fileQueries.FileRow & { role: string })[],
): { path: string; sha256: string; width: number | null; height: number | null }[] {
  return files
    .filter((file) => file.role === 'map')
    .map(({ path, sha256, width, height }) => ({ path, sha256, width, height }));
}

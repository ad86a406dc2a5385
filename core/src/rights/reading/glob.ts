/**
 * Does a path of an arrival fit a pattern of a copyright file? `*` is any run of characters, slashes too, `?` one (Debian
 * machine-readable format 1.0, "Files field"). The pattern counts from any folder above, for a file may be moved whole.
 */
export function fitsGlob(path: string, pattern: string): boolean {
  const clean = pattern.replace(/^\.\//, '');
  if (clean === '*' || clean === '**') return true;
  const body = [...clean]
    .map((c) => (c === '*' ? '.*' : c === '?' ? '.' : c.replace(/[.+^${}()|[\]\\]/g, '\\$&')))
    .join('')
    .replaceAll('.*.*', '.*');
  return new RegExp(`(?:^|/)${body}$`, 'i').test(path);
}

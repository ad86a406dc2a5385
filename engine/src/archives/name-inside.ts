/** What the file inside a compression without names is called: `t.tar.xz` → `t.tar`, `t.tgz` → `t.tar`. */
export function nameInside(path: string): string {
  const name = path.slice(path.lastIndexOf('/') + 1);
  if (/\.t(gz|xz|bz2?|zst)$/i.test(name)) return name.replace(/\.[^.]+$/, '.tar');
  return /\.(gz|xz|bz2|zst)$/i.test(name) ? name.replace(/\.[^.]+$/, '') : `${name} unpacked`;
}

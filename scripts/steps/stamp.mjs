import { createHash } from 'node:crypto';
import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const SKIPPED = new Set(['node_modules', 'dist', '.haveld', '.stamps', 'testdata', 'test-results']);

/** Folders and files a build depends on. */
export function hashTree(paths) {
  const hash = createHash('sha256').update(process.version);
  const add = (path) => {
    let entries;
    try {
      entries = readdirSync(path, { withFileTypes: true });
    } catch (error) {
      if (error.code !== 'ENOTDIR') throw error;
      hash.update(path).update(readFileSync(path));
      return;
    }
    for (const entry of entries.sort((a, b) => (a.name < b.name ? -1 : 1)))
      if (!SKIPPED.has(entry.name)) add(join(path, entry.name));
  };
  paths.forEach(add);
  return hash.digest('hex');
}

const stampPath = (root, name) => join(root, '.stamps', name);

/** @returns true where a step was last done with exactly this */
export function isStamped(root, name, value) {
  try {
    return readFileSync(stampPath(root, name), 'utf8') === value;
  } catch (error) {
    if (error.code !== 'ENOENT') throw error;
    return false;
  }
}

export function setStamp(root, name, value) {
  mkdirSync(join(root, '.stamps'), { recursive: true });
  writeFileSync(stampPath(root, name), value);
}

import { execFileSync } from 'node:child_process';
import { createWriteStream, existsSync, mkdirSync, readdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import yauzl from 'yauzl';
import type { MaterialSet } from './material-sets';

/**
 * Fetches a set from the registry it is had from and unpacks it, once; nothing of it is kept in the project.
 * @returns the folder it lies in
 */
export async function fetchMaterialSet(
  { name, from }: Pick<MaterialSet, 'name' | 'from'>,
  root: string,
): Promise<string> {
  const folder = join(root, '.haveld/material-sets', name);
  if (existsSync(join(folder, 'unpacked'))) return join(folder, 'unpacked');
  mkdirSync(folder, { recursive: true });
  const unpacked = join(folder, 'unpacking');
  mkdirSync(unpacked, { recursive: true });
  if (from.registry === 'debian') {
    execFileSync('apt-get', ['-qq', 'download', from.package], { cwd: folder, stdio: 'ignore' });
    const [archive] = readdirSync(folder).filter((file) => file.endsWith('.deb'));
    execFileSync('dpkg-deb', ['-x', join(folder, archive), unpacked]);
  } else {
    execFileSync('npm', ['pack', '--silent', from.package], { cwd: folder, stdio: 'ignore' });
    const [archive] = readdirSync(folder).filter((file) => file.endsWith('.tgz'));
    execFileSync('tar', ['-xzf', join(folder, archive), '-C', unpacked]);
  }
  for (const entry of readdirSync(unpacked, { recursive: true, withFileTypes: true }))
    if (entry.name.endsWith('.pk3')) await unzip(join(entry.parentPath, entry.name), join(unpacked, 'pk3'));
  execFileSync('mv', [unpacked, join(folder, 'unpacked')]);
  return join(folder, 'unpacked');
}

/** Game archives are zips by another name. */
function unzip(path: string, to: string): Promise<void> {
  return new Promise((resolve, reject) => {
    yauzl.open(path, { lazyEntries: true }, (error, zip) => {
      if (error) return reject(error);
      zip.on('error', reject).on('end', resolve);
      zip.on('entry', (entry: yauzl.Entry) => {
        if (entry.fileName.endsWith('/')) return zip.readEntry();
        zip.openReadStream(entry, (failed, stream) => {
          if (failed) return reject(failed);
          const file = join(to, entry.fileName);
          mkdirSync(dirname(file), { recursive: true });
          pipeline(stream, createWriteStream(file)).then(() => zip.readEntry(), reject);
        });
      });
      zip.readEntry();
    });
  });
}

import { readdir, stat } from 'node:fs/promises';
import { basename, dirname, join, relative, resolve, sep } from 'node:path';
import { DomainError } from '@haveld/contract/error';
import { listVolumeSets } from '@haveld/core/finds/volumes';
import { identifyAt, peekAt, type IdentifiedFile } from '@haveld/engine/archives/identify-at';
import type { Workshop } from './workshop';

/** A file that was found; its bytes lie in the store already, or still where it was found. */
export type GatheredFile = IdentifiedFile & ({ sha256: string } | { location: string });

export interface Gathered {
  files: GatheredFile[];
  /** The one model that was named, where a single file was given. */
  only: string | null;
  refused: string[];
  /** Archives that no password opened. */
  locked: string[];
}

/** What a folder may hold before somebody should choose. */
const MOST_FILES = 100_000;

/** Beside a single model only this many files are looked at for its maps. */
const MOST_NEIGHBOURS = 5000;

/**
 * Finds every file of what was given: a model with what lies beside it, an archive, or a folder.
 * @throws {DomainError} `bad-request` where there is no such thing, or too much of it
 */
export async function gatherInput(input: string, workshop: Workshop): Promise<Gathered> {
  const path = resolve(input);
  const found = await stat(path).catch(() => null);
  if (!found) throw new DomainError('bad-request', `There is no “${input}”.`);
  if (found.isDirectory()) return openArchives(await listFolder(path, MOST_FILES), workshop);
  const file = await lookAt(basename(path), path);
  if (file.kind !== 'model')
    return openArchives({ files: [file, ...(await listOtherVolumes(path))], refused: [] }, workshop);
  const folder = dirname(path);
  const { files, refused } = await listFolder(folder, MOST_NEIGHBOURS);
  return {
    files: files.filter((other) => other.kind !== 'archive'),
    only: relative(folder, path),
    refused,
    locked: [],
  };
}

async function lookAt(path: string, location: string): Promise<GatheredFile> {
  const identified = await identifyAt(path, location);
  return { ...identified, inside: await peekAt(identified.format, identified.sizeBytes, location), location };
}

async function listFolder(folder: string, most: number): Promise<{ files: GatheredFile[]; refused: string[] }> {
  const files: GatheredFile[] = [];
  const refused: string[] = [];
  const folders = [folder];
  for (let next = folders.shift(); next !== undefined; next = folders.shift()) {
    const entries = await readdir(next, { withFileTypes: true });
    for (const entry of entries.sort((a, b) => (a.name < b.name ? -1 : 1))) {
      const location = join(next, entry.name);
      const path = relative(folder, location).replaceAll(sep, '/');
      if (entry.isDirectory()) folders.push(location);
      else if (entry.isFile()) files.push(await lookAt(path, location));
      else refused.push(`“${path}” is a link or no plain file; it was not followed.`);
      if (files.length > most) {
        refused.push(`“${folder}” holds more than ${most} files; the rest was not looked at.`);
        return { files, refused };
      }
    }
  }
  return { files, refused };
}

/** The other files of an archive that lies in several, of which one was named. */
async function listOtherVolumes(path: string): Promise<GatheredFile[]> {
  const [folder, name] = [dirname(path), basename(path)];
  const set = listVolumeSets(await readdir(folder)).find(({ paths }) => paths.includes(name));
  const others = (set?.paths ?? []).filter((other) => other !== name);
  return Promise.all(others.map((other) => lookAt(other, join(folder, other))));
}

async function openArchives(
  { files, refused }: { files: GatheredFile[]; refused: string[] },
  { store, runSandboxed, onProgress, passwords }: Workshop,
): Promise<Gathered> {
  const volumes = new Set(
    listVolumeSets(files.map(({ path }) => path))
      .filter(({ paths }) => paths.length > 1)
      .flatMap(({ paths }) => paths),
  );
  const archives = files.filter((file) => file.kind === 'archive' || volumes.has(file.path));
  if (archives.length === 0) return { files, only: null, refused, locked: [] };
  const received = [];
  for (const archive of archives)
    received.push({
      path: archive.path,
      sha256: 'location' in archive ? (await store.adoptFile(archive.location)).sha256 : archive.sha256,
    });
  const opened = await runSandboxed('open-archive', { received, passwords: [...passwords] }, (done, total) =>
    onProgress({ done: total > 0 ? done / total : 0, of: 1, label: 'opening archives' }),
  );
  const loose = files.filter((file) => !archives.includes(file));
  const locked = opened.locked.map(
    (path) =>
      `“${path}” wants ${passwords.length > 0 ? 'another' : 'a'} password (--password); what is locked in it was not opened.`,
  );
  return {
    files: [...loose, ...opened.files],
    only: null,
    refused: [...refused, ...opened.refused, ...locked, ...opened.notes],
    locked: opened.locked,
  };
}

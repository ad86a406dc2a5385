import { execFile } from 'node:child_process';
import { existsSync } from 'node:fs';
import { mkdir, mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { dirname, join, resolve } from 'node:path';
import { promisify } from 'node:util';
import { DomainError } from '@haveld/contract/error';
import type { FileSource } from '@haveld/core/formats/reading';
import { resolveSceneReferences } from '@haveld/core/formats/scene-references';

const PROGRAM = '/usr/bin/assimp';
const LIMIT_MS = 5 * 60_000;
const LIMIT_OUTPUT = 1 << 20;

/** Files beside a model that its format may need: maps go by their names in the result. */
const BESIDE = /\.(mtl|material|mesh|skeleton|md5anim|md5camera|lwo|x|bin|txt|skin|anim|scn|irrmesh|tga)$/i;

/** @returns true where Debian's converter is installed */
export const hasAssimp = (): boolean => existsSync(PROGRAM);

/**
 * Converts a file to GLB with Debian's `assimp`, in a folder of its own that goes when it is done.
 * @throws {DomainError} `bad-file` where it cannot read the file
 */
export async function convertWithAssimp(path: string, files: FileSource): Promise<Uint8Array> {
  const folder = await mkdtemp(join(tmpdir(), 'haveld-convert-'));
  try {
    const bytes = await files.read(path);
    // one byte a letter: what is not ASCII comes out as it went in
    const scene = resolveSceneReferences(path, Buffer.from(bytes).toString('latin1'), files.paths);
    await place(folder, path, scene ? Buffer.from(scene.text, 'latin1') : bytes);
    for (const beside of files.paths)
      if (beside !== path && (BESIDE.test(beside) || scene?.wanted.includes(beside)))
        await place(folder, beside, await files.read(beside));
    const result = join(folder, 'haveld-result.glb');
    const said = await run(join(folder, path), result);
    if (!existsSync(result))
      throw new DomainError('bad-file', `“${path}” cannot be read: ${findReason(said, folder)}`, { file: path });
    return new Uint8Array(await readFile(result));
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}

/** Names were checked when the arrival was opened; nothing may be written outside all the same. */
async function place(folder: string, path: string, bytes: Uint8Array): Promise<void> {
  const to = resolve(folder, path);
  if (!to.startsWith(folder + '/')) throw new Error(`place: a path that leaves the folder, got ${path}`);
  await mkdir(dirname(to), { recursive: true });
  await writeFile(to, bytes);
}

async function run(from: string, to: string): Promise<string> {
  try {
    const { stdout } = await promisify(execFile)(PROGRAM, ['export', from, to, '-fglb2'], {
      timeout: LIMIT_MS,
      maxBuffer: LIMIT_OUTPUT,
      killSignal: 'SIGKILL',
    });
    return stdout;
  } catch (error) {
    // a file it cannot read ends it with a status of its own; what it said tells why
    const { stdout = '' } = error as { stdout?: string };
    return stdout;
  }
}

/** @returns what it said, without where we had put the file */
function findReason(said: string, folder: string): string {
  const line = /(?:ERROR|Error):?\s*(.+)/.exec(said)?.[1] ?? 'the converter ended without a word';
  return `${line
    .replaceAll(`${folder}/`, '')
    .replace(/^Failed to load file:\s*/, '')
    .trim()
    .replace(/\.?$/, '.')}`;
}

import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { mkdir, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { crc32 } from 'node:zlib';
import { loadArchiveCommand } from '../archives/seven-zip-module';

export type Tree = Record<string, Buffer | string>;

async function layOut(tree: Tree): Promise<string> {
  const folder = mkdtempSync(join(tmpdir(), 'pack-'));
  for (const [path, bytes] of Object.entries(tree)) {
    await mkdir(dirname(join(folder, path)), { recursive: true });
    await writeFile(join(folder, path), bytes);
  }
  return folder;
}

/** Packs files by the general packer. @param switches such as `-t7z`, `-pword`, `-mhe=on` */
export async function packGeneral(tree: Tree, extension: string, ...switches: string[]): Promise<Buffer> {
  const folder = await layOut(tree);
  const command = await loadArchiveCommand(folder);
  const names = Object.keys(tree).map((path) => `/in/${path.split('/')[0]}`);
  command.run(
    ['a', ...switches, `/in/out.${extension}`, ...new Set(names)],
    () => undefined,
    () => undefined,
  );
  const bytes = readFileSync(join(folder, `out.${extension}`));
  rmSync(folder, { recursive: true });
  return bytes;
}

/** Packs files by GNU tar. @param how `--gzip`, `--xz`, `--bzip2`, or `--create` for none */
export async function packTar(tree: Tree, how = '--create'): Promise<Buffer> {
  const folder = await layOut(tree);
  const bytes = execFileSync('tar', ['--create', how, '--file', '-', '-C', folder, ...Object.keys(tree)], {
    maxBuffer: 2 ** 30,
  });
  rmSync(folder, { recursive: true });
  return bytes;
}

/** Compresses bytes by `gzip`, `bzip2` or `xz`. */
export function compress(program: string, bytes: Buffer): Buffer {
  const path = join(mkdtempSync(join(tmpdir(), 'pack-')), 'x');
  writeFileSync(path, bytes);
  const packed = execFileSync(program, ['--stdout', path], { maxBuffer: 2 ** 30 });
  rmSync(dirname(path), { recursive: true });
  return packed;
}

/** Writes files unpacked into a rar 5, byte by byte as its technical note describes (RAR 5.0 archive format). */
export function writeStoredRar5(tree: Tree): Buffer {
  const parts = [Buffer.from('Rar!\x1a\x07\x01\x00', 'latin1'), rar5Header([1, 0, 0])];
  for (const [name, content] of Object.entries(tree)) {
    const bytes = Buffer.from(content as string);
    const label = Buffer.from(name);
    const checksum = Buffer.alloc(4);
    checksum.writeUInt32LE(crc32(bytes));
    // type 2 file, header flag 2: data follows; file flag 4: checksum; method 0: stored; host system 1: Unix
    const fields = [2, 2, ...vint(bytes.length), 4, ...vint(bytes.length), ...vint(0o100644), ...checksum, 0, 1];
    parts.push(rar5Header([...fields, ...vint(label.length), ...label]), bytes);
  }
  return Buffer.concat([...parts, rar5Header([5, 0, 0])]);
}

function rar5Header(fields: number[]): Buffer {
  const body = Buffer.from([...vint(fields.length), ...fields]);
  const checksum = Buffer.alloc(4);
  checksum.writeUInt32LE(crc32(body));
  return Buffer.concat([checksum, body]);
}

/** Seven bits a byte, the lowest first. */
function vint(value: number): number[] {
  const bytes: number[] = [];
  for (; value > 127; value = Math.floor(value / 128)) bytes.push((value & 127) | 128);
  return [...bytes, value];
}

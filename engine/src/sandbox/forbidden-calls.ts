import { mkdtempSync, openSync, rmSync, writeFileSync } from 'node:fs';
import { endianness, tmpdir } from 'node:os';
import { join } from 'node:path';

/**
 * Calls a process that opens foreign bytes never makes, and that reach far into the kernel: mounting, tracing, namespaces, modules, keys,
 * sockets other than those it has. Numbers of Linux' tables for each architecture (arch/x86/entry/syscalls/syscall_64.tbl,
 * include/uapi/asm-generic/unistd.h; from memory).
 */
const ARCHITECTURES = {
  x64: {
    audit: 0xc000003e,
    calls: [
      101, 134, 139, 153, 155, 156, 161, 163, 164, 165, 166, 167, 168, 169, 170, 171, 172, 173, 174, 175, 176, 179, 180,
      227, 246, 248, 249, 250, 256, 272, 279, 298, 300, 303, 304, 305, 308, 310, 311, 312, 313, 320, 321, 323, 425, 426,
      427, 428, 429, 430, 431, 432, 433, 442,
    ],
    socket: 41,
  },
  arm64: {
    audit: 0xc00000b7,
    calls: [
      39, 40, 41, 51, 58, 60, 89, 97, 104, 105, 106, 112, 117, 142, 161, 162, 170, 217, 218, 219, 224, 225, 238, 239,
      241, 262, 264, 265, 266, 268, 270, 271, 272, 273, 280, 282, 294, 425, 426, 427, 428, 429, 430, 431, 432, 433, 442,
    ],
    socket: 198,
  },
} as const;

const UNIX = 1;
const [LOAD, EQUAL, AT_LEAST, RETURN] = [0x20, 0x15, 0x35, 0x06];
const [ALLOW, DENY] = [0x7fff0000, 0x00050001];

/** x86's other call table begins here; nothing of ours uses it. */
const X32 = 0x40000000;

export const hasForbiddenCalls = (): boolean => process.arch in ARCHITECTURES && endianness() === 'LE';

/** A program for seccomp (classic BPF, `struct sock_filter`): what is forbidden fails with EPERM. */
export function writeForbiddenCalls(arch = process.arch): Buffer {
  const { audit, calls, socket } = ARCHITECTURES[arch as keyof typeof ARCHITECTURES];
  // a call that is denied jumps to the last line: so many lines on
  const program: [code: number, whenTrue: number, whenFalse: number, k: number][] = [
    [LOAD, 0, 0, 4],
    [EQUAL, 1, 0, audit],
    [RETURN, 0, 0, DENY],
    [LOAD, 0, 0, 0],
    [AT_LEAST, 0, 1, X32],
    [RETURN, 0, 0, DENY],
    ...calls.flatMap((call): typeof program => [
      [EQUAL, 0, 1, call],
      [RETURN, 0, 0, DENY],
    ]),
    [EQUAL, 0, 3, socket],
    [LOAD, 0, 0, 16],
    [EQUAL, 1, 0, UNIX],
    [RETURN, 0, 0, DENY],
    [RETURN, 0, 0, ALLOW],
  ];
  const bytes = Buffer.alloc(program.length * 8);
  program.forEach(([code, whenTrue, whenFalse, k], i) => {
    bytes.writeUInt16LE(code, i * 8);
    bytes.writeUInt8(whenTrue, i * 8 + 2);
    bytes.writeUInt8(whenFalse, i * 8 + 3);
    bytes.writeUInt32LE(k, i * 8 + 4);
  });
  return bytes;
}

/** @returns a descriptor that reads it from its beginning; the caller closes it */
export function openForbiddenCalls(): number {
  const folder = mkdtempSync(join(tmpdir(), 'haveld-calls-'));
  try {
    writeFileSync(join(folder, 'calls'), writeForbiddenCalls());
    return openSync(join(folder, 'calls'), 'r');
  } finally {
    rmSync(folder, { recursive: true });
  }
}

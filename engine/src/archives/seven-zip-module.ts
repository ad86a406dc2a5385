import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import SevenZip from '7z-wasm';

interface StdoutStream {
  stream_ops: { write?: (stream: unknown, heap: Uint8Array, offset: number, length: number) => number };
}

interface LoadedModule {
  FS: {
    mkdir(path: string): void;
    mount(type: unknown, options: { root: string }, at: string): void;
    streams: StdoutStream[];
  };
  NODEFS: unknown;
  callMain(args: string[]): number;
}

/** How a command ended: its exit code, or null where it broke off. */
export interface CommandEnd {
  code: number | null;
}

/** The general archive reader, with one folder of this machine shown to it as `/in`. */
export interface ArchiveCommand {
  /**
   * Runs a command line; everything happens before it returns.
   * @param onBytes what it writes to its standard output; valid only during the call
   * @param onLine what it says on its standard error
   */
  run(args: string[], onBytes: (bytes: Uint8Array) => void, onLine: (line: string) => void): CommandEnd;
}

let binary: Promise<Buffer> | undefined;

/** Loads the reader (7-Zip built for WebAssembly). Nothing it opens is run or written by it. */
export async function loadArchiveCommand(folder: string): Promise<ArchiveCommand> {
  binary ??= readFile(createRequire(import.meta.url).resolve('7z-wasm/7zz.wasm'));
  const wasm = await binary;
  let sayLine: (line: string) => void = () => undefined;
  const module = (await SevenZip({
    wasmBinary: wasm.buffer.slice(wasm.byteOffset, wasm.byteOffset + wasm.byteLength) as ArrayBuffer,
    print: () => undefined,
    printErr: (line) => sayLine(line),
  })) as unknown as LoadedModule;
  module.FS.mkdir('/in');
  module.FS.mount(module.NODEFS, { root: folder }, '/in');
  return {
    run(args, onBytes, onLine) {
      sayLine = onLine;
      // one call a block; the library's own way calls back for every single byte
      module.FS.streams[1].stream_ops = {
        ...module.FS.streams[1].stream_ops,
        write(_stream, heap, offset, length) {
          onBytes(new Uint8Array(heap.buffer, heap.byteOffset + offset, length));
          return length;
        },
      };
      const exitCode = process.exitCode;
      try {
        return { code: module.callMain(args) };
      } catch (error) {
        // a C++ exception arrives as the number of its address, a plain exit as its status
        if (typeof error === 'number') return { code: null };
        if ((error as Error)?.name === 'ExitStatus') return { code: (error as Error & { status: number }).status };
        throw error;
      } finally {
        // the library writes its own end into the process that called it
        process.exitCode = exitCode;
      }
    },
  };
}

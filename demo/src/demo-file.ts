/** A file of a made-up download. */
export interface DemoFile {
  path: string;
  bytes: Buffer;
}

/** Lines of a text file. */
export const text = (...lines: string[]): Buffer => Buffer.from(`${lines.join('\n')}\n`);

export interface LogicalLine {
  text: string;
  /** 1-based line of the file it starts on. */
  line: number;
}

/** Splits a text file into trimmed lines; a back-slash at a line's end joins the next one. Empty lines are left out. */
export function* readLogicalLines(bytes: Uint8Array): Generator<LogicalLine> {
  const lines = decodeText(bytes).split(/\r\n|\n|\r/);
  for (let i = 0; i < lines.length; i++) {
    const line = i + 1;
    let text = lines[i];
    while (/\\\s*$/.test(text) && !text.startsWith('#') && i + 1 < lines.length && !endsWithFolder(text)) {
      text = text.replace(/\\\s*$/, ' ') + lines[++i];
    }
    text = text.trim();
    if (text !== '') yield { text, line };
  }
}

/** `map_Kd C:\maps\` ends in a folder, not in a continuation. */
const endsWithFolder = (text: string): boolean => /[A-Za-z]:\\\S*\\\s*$/.test(text);

/** @returns text as UTF-8 where the bytes are that, else as Windows-1252; a byte order mark is dropped */
export function decodeText(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder('utf-16be').decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch (error) {
    if (!(error instanceof TypeError)) throw error;
    return new TextDecoder('windows-1252').decode(bytes);
  }
}

import { decodeText } from '../../text/decode-text';

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

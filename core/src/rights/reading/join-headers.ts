import type { RightsText } from './statement';

interface HeaderLine {
  file: string;
  /** 1-based. */
  line: number;
  text: string;
}

/** Lines further apart do not belong to one sentence. */
const WIDEST_GAP = 3;

/**
 * Comment lines of a model file as texts: those that stand together are one, for a sentence goes on over line ends. Lines keep
 * their numbers; where some are missing between two, an empty one stands for each.
 */
export function joinHeaders(headers: readonly HeaderLine[]): RightsText[] {
  const texts: RightsText[] = [];
  let last: HeaderLine | null = null;
  for (const header of headers) {
    const now = texts.at(-1);
    const gap = last && last.file === header.file ? header.line - last.line : Infinity;
    if (now && gap > 0 && gap <= WIDEST_GAP) now.text += '\n'.repeat(gap) + header.text;
    else texts.push({ file: header.file, text: header.text, firstLine: header.line, isMetadata: true });
    last = header;
  }
  return texts;
}

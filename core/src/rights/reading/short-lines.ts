/** A line as a person may read it, and its 1-based number in the text. */
export interface ShortLine {
  text: string;
  number: number;
}

/** Rules look at lines no longer than this: some of them take time with the square of it. */
const LONGEST = 1000;

/** Lines of a text, runs of blanks made one, and what is longer than anybody reads cut where words part. */
export function listShortLines(text: string): ShortLine[] {
  return text.split(/\r\n|\n|\r/).flatMap((line, i) => {
    const number = i + 1;
    if (line.length <= 200) return [{ text: line, number }];
    // tabs part the columns of a table
    let rest = line.replace(/ {2,}/g, ' ').replace(/\t{3,}/g, '\t\t');
    const parts: ShortLine[] = [];
    while (rest.length > LONGEST) {
      const space = rest.lastIndexOf(' ', LONGEST);
      const end = space > LONGEST / 2 ? space : LONGEST;
      parts.push({ text: rest.slice(0, end), number });
      rest = rest.slice(end);
    }
    return [...parts, { text: rest, number }];
  });
}

/** A word written over the picture. */
export interface TagPlace {
  /** Of its middle, CSS pixels. */
  x: number;
  y: number;
  label: string;
}

/** Of the type it is set in, CSS pixels: see stage-overlay.css. */
const LETTER = 7.6;
const PADDING = 14;
const LINE = 18;
const GAP = 3;

/** Lays tags so that none lies over another: the first stay where they are, what meets one goes below it. */
export function layTags<T extends TagPlace>(tags: readonly T[]): T[] {
  const laid: T[] = [];
  for (const tag of tags) {
    let { y } = tag;
    const meets = (other: T): boolean =>
      Math.abs(other.x - tag.x) < (widthOf(other) + widthOf(tag)) / 2 && Math.abs(other.y - y) < LINE + GAP;
    for (let found = laid.find(meets); found; found = laid.find(meets)) y = found.y + LINE + GAP;
    laid.push({ ...tag, y });
  }
  return laid;
}

const widthOf = ({ label }: TagPlace): number => label.length * LETTER + PADDING;

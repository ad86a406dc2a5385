/** How an archive in several files is called: each of its names says which part it is. Common practice; of split zips APPNOTE 6.3.10, 8.2. */
interface VolumeNaming {
  /** The first group is the name of the whole, the second counts. */
  pattern: RegExp;
  numberOf: (count: string | undefined) => number;
  /** A part without a number, called like the whole. */
  unnumbered?: { extension: string; place: 'first' | 'last' };
}

const VOLUME_NAMINGS: VolumeNaming[] = [
  { pattern: /^(.*)\.part0*(\d{1,4})\.rar$/i, numberOf: (count) => Number(count) },
  { pattern: /^(.*\.(?:7z|zip|rar|tar))\.(\d{3})$/i, numberOf: (count) => Number(count) },
  // rar's older way: x.rar is the first, then x.r00, x.r01
  {
    pattern: /^(.*)\.r(\d\d)$/i,
    numberOf: (count) => Number(count) + 2,
    unnumbered: { extension: '.rar', place: 'first' },
  },
  // x.z01, x.z02, and x.zip with the directory of all of it
  {
    pattern: /^(.*)\.z(\d\d)$/i,
    numberOf: (count) => Number(count),
    unnumbered: { extension: '.zip', place: 'last' },
  },
];

export interface VolumeSet {
  /** First volume first. */
  paths: string[];
  /** The one that says what the whole is; null where that did not come. */
  opens: string | null;
  /** Numbers between the first and the last that did not come. */
  missing: number[];
}

/** Finds archives that lie in several files. @param paths of files that may be volumes */
export function listVolumeSets(paths: readonly string[]): VolumeSet[] {
  const sets = new Map<string, { naming: VolumeNaming; whole: string; parts: Map<number, string> }>();
  for (const path of paths)
    for (const naming of VOLUME_NAMINGS) {
      const match = naming.pattern.exec(path);
      if (!match) continue;
      const whole = match[1].toLowerCase();
      const key = `${naming.pattern.source} ${whole}`;
      const set = sets.get(key) ?? { naming, whole, parts: new Map<number, string>() };
      set.parts.set(naming.numberOf(match[2]), path);
      sets.set(key, set);
      break;
    }
  return [...sets.values()].map(({ naming, whole, parts }) => {
    const { unnumbered } = naming;
    const ofWhole = unnumbered && paths.find((path) => path.toLowerCase() === whole + unnumbered.extension);
    const place = unnumbered?.place === 'last' ? Math.max(...parts.keys()) + 1 : 1;
    if (ofWhole) parts.set(place, ofWhole);
    const numbers = [...parts.keys()].sort((a, b) => a - b);
    const last = unnumbered?.place === 'last' ? place : numbers[numbers.length - 1];
    const inOrder = numbers.map((number) => parts.get(number)!);
    return {
      paths: inOrder,
      opens: unnumbered?.place === 'last' ? (ofWhole ?? null) : inOrder[0],
      missing: Array.from({ length: last }, (_, i) => i + 1).filter((number) => !parts.has(number)),
    };
  });
}

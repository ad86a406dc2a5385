/** How archives in several files are called; the first group is the name of the whole, the second counts. Common practice, no source. */
const VOLUME_NAMES: { pattern: RegExp; numberOf: (count: string | undefined) => number }[] = [
  { pattern: /^(.*)\.part0*(\d{1,4})\.rar$/i, numberOf: (count) => Number(count) },
  { pattern: /^(.*\.(?:7z|zip|rar|tar))\.(\d{3})$/i, numberOf: (count) => Number(count) },
  // rar's older way: x.rar is the first, then x.r00, x.r01
  { pattern: /^(.*)\.r(\d\d)$/i, numberOf: (count) => Number(count) + 2 },
];

export interface VolumeSet {
  /** First volume first. */
  paths: string[];
  /** Numbers between the first and the last that did not come. */
  missing: number[];
}

/** Finds archives that lie in several files. @param paths of files that may be volumes */
export function listVolumeSets(paths: readonly string[]): VolumeSet[] {
  const sets = new Map<string, Map<number, string>>();
  for (const path of paths) {
    for (const { pattern, numberOf } of VOLUME_NAMES) {
      const match = pattern.exec(path);
      if (!match) continue;
      const key = `${pattern.source} ${match[1].toLowerCase()}`;
      const set = sets.get(key) ?? new Map<number, string>();
      sets.set(key, set.set(numberOf(match[2]), path));
      const first = paths.find((other) => other.toLowerCase() === `${match[1].toLowerCase()}.rar`);
      if (pattern === VOLUME_NAMES[2].pattern && first) set.set(1, first);
      break;
    }
  }
  return [...sets.values()].map((set) => {
    const numbers = [...set.keys()].sort((a, b) => a - b);
    const last = numbers[numbers.length - 1];
    return {
      paths: numbers.map((number) => set.get(number)!),
      missing: Array.from({ length: last }, (_, i) => i + 1).filter((number) => !set.has(number)),
    };
  });
}

import { basename, join } from 'node:path';
import { getDocumentSource } from '@haveld/core/scene/document/source-data';
import { askAssimp } from './ask-assimp';
import { askThree } from './ask-three';
import { computeDistance, longestSide } from './point-sets';
import { describeDifferences, readFromFolder, type Comparison } from './read-files';
import { summariseOurs, type Summary } from './summary';

/** What a reader is compared with, and what is known of the other's faults. */
export interface FormatComparison {
  label: string;
  /** Folders of models and the files in them. */
  sets: { folder: string; files: string[] }[];
  readers: ('three' | 'assimp')[];
  /** What is not compared, as `reader quantity`, with why: what the other does not keep, or counts otherwise. */
  notCompared?: Record<string, string>;
  /** `file reader quantity` → why ours is meant to differ. */
  explained: Record<string, string>;
  /** A unit of the file in metres, where the other reader leaves it unapplied. */
  metresFor: (reader: 'three' | 'assimp', declaredMetres: number | null) => number;
}

/** Boxes agree within this share of the longest side; positions of posed vertices too (issue: 1e-4). */
const TOLERANCE = 1e-4;

const QUANTITIES = [
  'read',
  'nodes',
  'triangles',
  'materials',
  'maps',
  'joints',
  'clips',
  'size',
  'uvSets',
  'colours',
  'poses',
] as const;
type Quantity = (typeof QUANTITIES)[number];

interface Tally {
  agree: number;
  explained: number;
  compared: number;
}

/** Reads every model with ours and the others. @returns what differs without an explanation; prints the table */
export async function compareFormat(comparison: FormatComparison): Promise<string> {
  const { label, sets, readers, explained, notCompared = {} } = comparison;
  const differences: Comparison[] = [];
  const used = new Set<string>();
  const tallies = new Map<string, Tally>();
  let read = 0;
  for (const { folder, files } of sets) {
    for (const path of files) {
      const ours = await readOurs(folder, path);
      if (typeof ours !== 'string') read++;
      for (const reader of readers) {
        const metres = comparison.metresFor(reader, typeof ours === 'string' ? null : ours.metres);
        const full = join(folder, path);
        const theirs = reader === 'three' ? await askThree(full) : askAssimp(full, metres);
        if (theirs && reader === 'three' && theirs.size && metres !== 1)
          theirs.size = theirs.size.map((v) => v * metres);
        for (const { quantity, mine, others } of compareOne(ours, theirs)) {
          if (`${reader} ${quantity}` in notCompared) continue;
          const key = `${reader} ${quantity}`;
          const tally = tallies.get(key) ?? { agree: 0, explained: 0, compared: 0 };
          tallies.set(key, tally);
          tally.compared++;
          const name = `${basename(path)} ${reader} ${quantity}`;
          if (mine === others) tally.agree++;
          else if (name in explained) {
            tally.explained++;
            used.add(name);
          } else differences.push({ file: basename(path), what: `${quantity}, ${reader}`, ours: mine, theirs: others });
        }
      }
    }
  }
  for (const name of Object.keys(explained))
    if (!used.has(name)) differences.push({ file: name, what: 'explained', ours: 'agrees', theirs: 'agrees' });
  console.log(describeTallies(label, read, sets.flatMap((set) => set.files).length, readers, tallies));
  return describeDifferences(differences);
}

async function readOurs(folder: string, path: string): Promise<(Summary & { metres: number | null }) | string> {
  try {
    const document = await readFromFolder(folder, path);
    return { ...summariseOurs(document), metres: getDocumentSource(document).declaredMetres ?? null };
  } catch (error) {
    if ((error as Error).name !== 'DomainError') throw error;
    return (error as Error).message;
  }
}

interface Line {
  quantity: Quantity;
  mine: string;
  others: string;
}

function compareOne(ours: Summary | string, theirs: Summary | null): Line[] {
  if (typeof ours === 'string') return [{ quantity: 'read', mine: ours, others: theirs ? 'read' : ours }];
  if (!theirs) return [{ quantity: 'read', mine: 'read', others: 'not read' }];
  const lines: Line[] = [{ quantity: 'read', mine: 'read', others: 'read' }];
  for (const quantity of QUANTITIES) {
    if (quantity === 'read') continue;
    if (quantity === 'poses') {
      lines.push(...comparePoses(ours, theirs));
      continue;
    }
    const [mine, others] = [ours[quantity], theirs[quantity]];
    if (mine === null || others === null) continue;
    if (quantity === 'size') lines.push({ quantity, ...compareSizes(ours.size!, theirs.size!) });
    else if (Array.isArray(mine))
      lines.push({ quantity, mine: listNames(mine as string[]), others: listNames(others as string[]) });
    else lines.push({ quantity, mine: String(mine), others: String(others) });
  }
  return lines;
}

/** Other readers write a blank in a name as a line below, and drop what may not stand in a path. */
const listNames = (names: readonly string[]): string =>
  [...new Set(names.map((name) => basename(name.replaceAll('\\', '/')).replace(/[\s_.[\]:]+/g, '')))].sort().join(', ');

function compareSizes(mine: readonly number[], others: readonly number[]): { mine: string; others: string } {
  const largest = Math.max(...mine, ...others);
  const agrees = mine.every((v, axis) => Math.abs(v - others[axis]) <= largest * TOLERANCE);
  const words = (size: readonly number[]): string => size.map((v) => Number(v.toPrecision(5))).join(' × ');
  return { mine: words(mine), others: agrees ? words(mine) : words(others) };
}

/** At the first, the middle and the last key: between keys readers may differ in how they blend. */
function comparePoses(ours: Summary, theirs: Summary): Line[] {
  if (!ours.pose || !theirs.pose) return [];
  const { pose } = theirs;
  return theirs.keyTimes.slice(0, ours.keyTimes.length).flatMap((times, clip) =>
    [times[0], times[times.length >> 1], times[times.length - 1]].map((seconds): Line => {
      const [mine, others] = [ours.pose!(clip, seconds), pose(clip, seconds)];
      const size = Math.max(longestSide(mine), longestSide(others));
      const distance = computeDistance(mine, others, size * TOLERANCE * 20) / size;
      const where = `clip ${clip + 1} at ${seconds.toFixed(3)} s`;
      const apart = distance === Infinity ? 'far' : distance.toExponential(1);
      return {
        quantity: 'poses',
        mine: where,
        others: distance <= TOLERANCE ? where : `${where}: ${apart} of the size apart`,
      };
    }),
  );
}

function describeTallies(
  label: string,
  read: number,
  files: number,
  readers: readonly string[],
  tallies: ReadonlyMap<string, Tally>,
): string {
  const lines = [`${label}: ${read} of ${files} read`, `| quantity | ${readers.join(' | ')} |`];
  for (const quantity of QUANTITIES) {
    const cells = readers.map((reader) => {
      const tally = tallies.get(`${reader} ${quantity}`);
      if (!tally) return '–';
      return `${tally.agree} of ${tally.compared}${tally.explained > 0 ? `, ${tally.explained} explained` : ''}`;
    });
    if (cells.some((cell) => cell !== '–')) lines.push(`| ${quantity} | ${cells.join(' | ')} |`);
  }
  return lines.join('\n');
}

import type { FindQuestion } from '@haveld/contract/api/arrivals';
import { folderOf, type HeapFile } from '../heap-file';
import { parseMapName, type MapName } from '../names/map-name';
import type { WordRule } from '../names/name-words';
import type { Draft } from './attach-files';
import { rankSide } from './choose-model';

interface Candidate {
  file: HeapFile;
  name: MapName;
  side: number;
  /** Words by which a set of maps differs from another of the same model. */
  variant: { word: string; order: number };
}

/** What a choice among sets of maps means. */
export interface MapChoice {
  /** `2048 taken as the house hands over; 1024, 4096 kept beside it`. */
  reason: string;
  question: FindQuestion | null;
}

/** The same map in several resolutions, picture formats or colours: one of each stays a map, the rest is kept beside it. */
export function chooseMaps(
  draft: Draft,
  byPath: ReadonlyMap<string, HeapFile>,
  preferredSide: number,
  extra: readonly WordRule[],
): MapChoice {
  const maps = [...draft.files]
    .filter(([, role]) => role === 'map')
    .flatMap(([path]) => byPath.get(path) ?? [])
    .map((file) => describe(file, extra));
  const variants = settleVariants(maps, draft);
  const kept = maps.filter(({ file }) => draft.files.get(file.path) === 'map');
  const sides = settleResolutions(kept, draft, preferredSide);
  return {
    reason: sides.taken !== null ? describeSides(sides.taken, sides.beside, preferredSide) : '',
    question: variants.length > 1 ? askVariant(variants) : null,
  };
}

function askVariant(words: readonly string[]): FindQuestion {
  return {
    text: `Which maps: ${words.map((word) => `“${word}”`).join(' or ')}? The others are kept as variants.`,
    choices: words.map((word) => ({ id: `maps:${word}`, label: word })),
  };
}

function describe(file: HeapFile, extra: readonly WordRule[]): Candidate {
  const name = parseMapName(file.path, extra);
  const stated = name.parsed.strong.find(({ kind }) => kind === 'resolution')?.value;
  const weak = name.parsed.weak.find(({ kind }) => kind === 'variant');
  return {
    file,
    name,
    side: Math.max(file.width ?? 0, file.height ?? 0) || (stated ?? 0),
    variant: { word: weak?.word ?? '', order: weak?.value ?? 0 },
  };
}

/** Maps that would be one and the same but for what the key leaves out. */
function groupBy(maps: readonly Candidate[], keyOf: (map: Candidate) => string): Candidate[][] {
  const groups = new Map<string, Candidate[]>();
  for (const map of maps) groups.set(keyOf(map), [...(groups.get(keyOf(map)) ?? []), map]);
  return [...groups.values()];
}

const subjectOf = ({ name, variant }: Candidate): string =>
  name.subject.filter((word) => word !== variant.word).join(' ');

/** @returns the words to choose between; empty where the models themselves come in these variants, or there is one */
function settleVariants(maps: readonly Candidate[], draft: Draft): string[] {
  const modelsVary = draft.choice.others.some(({ role }) => role === 'variant');
  if (modelsVary) return [];
  const twins = groupBy(maps, (map) => `${subjectOf(map)}|${map.name.slot}|${map.side}`).filter(
    (group) =>
      new Set(group.map(({ variant }) => variant.word)).size > 1 && group.every(({ variant }) => variant.word !== ''),
  );
  const words = [...new Map(twins.flat().map(({ variant }) => [variant.word, variant.order]))]
    .sort((a, b) => a[1] - b[1])
    .map(([word]) => word);
  for (const { file, variant } of maps)
    if (words.includes(variant.word) && variant.word !== words[0]) draft.files.set(file.path, 'variant-map');
  return words;
}

/** Pictures that lose nothing before those that do. */
const LOSSLESS = ['png', 'tiff', 'tif', 'tga', 'exr', 'bmp', 'psd'];

function settleResolutions(
  maps: readonly Candidate[],
  draft: Draft,
  preferredSide: number,
): { taken: number | null; beside: number[] } {
  const beside = new Set<number>();
  let taken: number | null = null;
  for (const group of groupBy(
    maps,
    (map) => `${subjectOf(map)}|${map.name.slot}|${conventionOf(map)}|${map.variant.word}`,
  )) {
    const best = [...group].sort(
      (a, b) => rankSide(a.side, preferredSide) - rankSide(b.side, preferredSide) || isLossy(a) - isLossy(b),
    )[0];
    for (const map of group) {
      const differs =
        map.side !== best.side ||
        (isLossy(map) > isLossy(best) && folderOf(map.file.path) !== folderOf(best.file.path));
      if (!differs) continue;
      draft.files.set(map.file.path, 'other-resolution');
      taken = best.side;
      beside.add(map.side);
    }
  }
  return { taken, beside: [...beside].sort((a, b) => a - b) };
}

const isLossy = ({ file }: Candidate): number => Number(!LOSSLESS.includes(file.format));

/** Normal maps of both conventions are two maps. */
const conventionOf = ({ name }: Candidate): string =>
  name.parsed.subject.filter((word) => /^(gl|dx|opengl|directx)$/.test(word)).join('');

function describeSides(taken: number, beside: readonly number[], preferredSide: number): string {
  const why =
    taken === preferredSide
      ? 'as the house hands over'
      : taken > preferredSide
        ? `the next above the house’s ${inK(preferredSide)}`
        : 'the largest that came';
  const others = beside.filter((side) => side !== taken);
  if (others.length === 0) return 'maps that lose nothing taken before the same as JPEG';
  return `${inK(taken)} maps taken, ${why}; ${others.map((side) => describeCost(side, taken)).join(', ')} kept beside them`;
}

export const inK = (side: number): string => (side >= 1024 && side % 1024 === 0 ? `${side / 1024}K` : `${side} px`);

/** Memory of a map on the card goes with the square of its side. */
function describeCost(side: number, taken: number): string {
  const times = (side / taken) ** 2;
  return times > 1 ? `${inK(side)} (${Math.round(times)} times the memory)` : inK(side);
}

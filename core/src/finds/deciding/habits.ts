import type { HabitProposal, NamingHabit } from '@haveld/contract/api/habits';
import type { TextureSlot } from '@haveld/contract/step';
import { fileStem } from '../../textures/judging/read-map-name';
import { groupFinds } from '../grouping/group-finds';
import { baseName, type Grouping, type HeapFile } from '../heap-file';
import { identifyFile } from '../identify';
import type { WordRule } from '../names/name-words';
import { tokensOf } from '../names/parse-path';

/** What a habit says beside names: the source's real unit, up and front, and its words for map roles. */
export interface SourceHabit {
  unit: NamingHabit['unit'];
  up: NamingHabit['up'];
  front: NamingHabit['front'];
  roles: Record<string, TextureSlot>;
  /** Words in the names of parts its author hides and nobody wants. */
  hidden: string[];
}

export const NO_HABIT: SourceHabit = { unit: null, up: null, front: null, roles: {}, hidden: [] };

/** @returns true where a habit is one of the source of an arrival. @param texts all its texts say, in one piece */
export function fitsArrival(
  { appliesBy, pattern }: Pick<NamingHabit, 'appliesBy' | 'pattern'>,
  archiveName: string,
  texts: string,
): boolean {
  if (appliesBy === 'archive') return toGlob(pattern).test(archiveName);
  return texts.toLowerCase().includes(pattern.toLowerCase());
}

const toGlob = (pattern: string): RegExp => new RegExp(`^${pattern.split('*').map(escape).join('.*')}$`, 'i');
const escape = (text: string): string => text.replace(/[.+?^${}()|[\]\\]/g, '\\$&');

const MAP = 'map:';

const RULES: Record<string, Omit<WordRule, 'words'>> = {
  'finest detail': { kind: 'lod' },
  'coarser detail': { kind: 'lod' },
  variant: { kind: 'variant' },
  edition: { kind: 'edition' },
  'collision shape': { kind: 'companion' },
  preview: { kind: 'preview' },
  'not part of the name': { kind: 'copy' },
};

/** @returns what habits say about words, as the rules of sorting take it */
export function toWordRules(habits: readonly Pick<NamingHabit, 'words'>[]): WordRule[] {
  return habits.flatMap(({ words }) =>
    words.flatMap(({ word, means }): WordRule[] => {
      const own = word.toLowerCase();
      if (means.startsWith(MAP))
        return [{ kind: 'map-role', words: [own], slot: means.slice(MAP.length) as TextureSlot }];
      const rule = RULES[means];
      if (!rule) return [];
      return [
        rule.kind === 'lod'
          ? { ...rule, words: [own], value: means === 'finest detail' ? 0 : 1 }
          : { ...rule, words: [own] },
      ];
    }),
  );
}

/** @returns what habits say beside names; of two that contradict, the first counts */
export function mergeHabits(habits: readonly NamingHabit[]): SourceHabit {
  const roles: Record<string, TextureSlot> = {};
  const hidden: string[] = [];
  for (const { words } of [...habits].reverse())
    for (const { word, means } of words)
      if (means.startsWith(MAP)) roles[word.toLowerCase()] = means.slice(MAP.length) as TextureSlot;
      else if (means === 'hidden part') hidden.push(word.toLowerCase());
  return {
    unit: habits.find(({ unit }) => unit !== null)?.unit ?? null,
    up: habits.find(({ up }) => up !== null)?.up ?? null,
    front: habits.find(({ front }) => front !== null)?.front ?? null,
    roles,
    hidden,
  };
}

/** A file somebody put elsewhere. */
export interface Regrouping {
  arrivalName: string;
  path: string;
  role: string;
  modelPath: string | null;
}

const MEANING: Partial<Record<string, HabitProposal['means']>> = {
  lod: 'coarser detail',
  variant: 'variant',
  edition: 'edition',
  preview: 'preview',
};

/**
 * Habits that decisions speak for: a word that tells a file from the model it was put with says what that file is.
 * @returns the best supported first
 */
export function proposeHabits(regroupings: readonly Regrouping[], known: readonly NamingHabit[]): HabitProposal[] {
  const found = new Map<string, HabitProposal>();
  for (const { arrivalName, path, role, modelPath } of regroupings) {
    const means = MEANING[role];
    if (!means || modelPath === null) continue;
    const model = tokensOf(fileStem(modelPath));
    const [word, ...others] = tokensOf(fileStem(path)).filter((token) => !model.includes(token));
    if (!word || others.length > 0) continue;
    const pattern = patternOf(arrivalName);
    if (
      known.some(
        (habit) =>
          habit.words.some((one) => one.word === word && one.means === means) && fitsArrival(habit, arrivalName, ''),
      )
    )
      continue;
    const key = `${pattern} ${word} ${means}`;
    const proposal = found.get(key) ?? { appliesBy: 'archive' as const, pattern, word, means, evidence: [] };
    proposal.evidence.push(
      `“${baseName(path)}” was put with “${baseName(modelPath)}” as ${role === 'lod' ? 'a level of detail' : role}`,
    );
    found.set(key, proposal);
  }
  return [...found.values()].sort((a, b) => b.evidence.length - a.evidence.length);
}

/** `quay_crate_03.zip` → `quay_*.zip`: the first word of a name is what its maker puts before it. */
function patternOf(archiveName: string): string {
  const stem = fileStem(archiveName);
  const extension = archiveName.slice(stem.length);
  const [, first] = /^([\p{L}\p{N}]+[_\-. ])/u.exec(stem) ?? [];
  return first ? `${first}*${extension}` : archiveName;
}

/** Sorts a list of file names alone, as an arrival of these names would be. */
export function sortNames(paths: readonly string[], words: readonly WordRule[]): Grouping {
  const files = paths.map((path): HeapFile => {
    const { kind, format } = identifyFile(path, new Uint8Array());
    return {
      path,
      kind: PICTURE.test(path) ? 'picture' : TEXT.test(path) ? 'text' : MODEL.test(path) ? 'model' : kind,
      format: MODEL.test(path) || PICTURE.test(path) ? path.split('.').pop()!.toLowerCase() : format,
      sizeBytes: 1,
    };
  });
  return groupFinds(files, { words });
}

const PICTURE = /\.(png|jpe?g|tga|bmp|tiff?|webp|exr|hdr|psd|dds)$/i;
const TEXT = /\.(txt|md|html?|pdf|rtf)$/i;
const MODEL = /\.(glb|gltf|obj|usdz)$/i;

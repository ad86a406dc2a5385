import { isPictureName } from '../../textures/locate';
import { fileStem, splitName } from '../../textures/judging/read-map-name';
import {
  GENERIC_FOLDERS,
  GENERIC_STEMS,
  SIDE_STEMS,
  NAME_PREFIXES,
  NAME_WORDS,
  type QualifierKind,
  type WordRule,
} from './name-words';

/** One word of a name that says something beside what the thing is. */
export interface Qualifier {
  kind: QualifierKind;
  word: string;
  /** For resolutions the longer side in pixels, for levels of detail their order (0 the finest), for versions their number. */
  value: number;
  rule: WordRule;
  where: 'name' | 'folder';
}

/** What a path says, word by word. */
export interface ParsedPath {
  path: string;
  /** What it is called, without qualifiers that always count; from the folder where the name says nothing. */
  subject: string[];
  /** Qualifiers that always count. */
  strong: Qualifier[];
  /** Those that count only where two files are the same without them. */
  weak: Qualifier[];
  /** Folders (and archives) that say what is in them, outermost first, without qualifiers. */
  scope: string[];
  /** The name itself says nothing: `scene`, `model`. */
  isGeneric: boolean;
  /** The name alone is no name, with its folder it is: `left`. */
  isSide: boolean;
}

const ARCHIVE_ENDING = /(\.tar)?\.(zip|7z|rar|tar|tgz|gz|xz|bz2|txz|tbz2?)$/i;
const LOD_ORDER: Record<string, number> = { high: 0, mid: 1, low: 2 };

/** @param extra words a source is known to use, asked before the common ones */
export function parsePath(path: string, extra: readonly WordRule[] = []): ParsedPath {
  const rules = [...extra, ...NAME_WORDS];
  const ownRules = isPictureName(path) ? rules : rules.filter(({ isOfPictures }) => !isOfPictures);
  const folders = path
    .split('/')
    .slice(0, -1)
    .map((name) => name.replace(ARCHIVE_ENDING, ''));
  // `gull@glide`: a clip of the gull
  const own = sortTokens(tokensOf(fileStem(path).split('@')[0]), ownRules, 'name');
  const inFolders = folders.map((name) => sortTokens(tokensOf(name), rules, 'folder'));
  const scope = inFolders.map((folder) => nameFolder(folder)).filter((name) => name !== '');
  const isGeneric = own.rest.every((token) => GENERIC_STEMS.includes(token)) && own.weak.length === 0;
  const isSide = own.rest.length > 0 && scope.length > 0 && own.rest.every((token) => SIDE_STEMS.includes(token));
  const place = scope.length > 0 ? scope[scope.length - 1].split(' ') : [];
  return {
    path,
    subject:
      isGeneric && place.length > 0
        ? place
        : isSide
          ? [...place, ...own.rest.filter((token) => token !== 'none' && token !== 'both')]
          : own.rest,
    strong: [...own.strong, ...inFolders.flatMap((folder) => folder.strong)],
    weak: [...own.weak, ...inFolders.flatMap((folder) => folder.weak.filter(() => folder.rest.length === 0))],
    scope,
    isGeneric,
    isSide,
  };
}

/** A folder that says nothing but kinds of files has no name of its own. */
function nameFolder({ rest, weak }: Sorted): string {
  const words = rest.filter((token) => !GENERIC_FOLDERS.includes(token));
  return words.length > 0 ? [...words, ...weak.map(({ word }) => word)].join(' ') : '';
}

interface Sorted {
  rest: string[];
  strong: Qualifier[];
  weak: Qualifier[];
}

/** Spellings that would fall apart at their changes of case or their strokes. */
const WHOLE_WORDS: [RegExp, string][] = [
  [/\s*\(\d+\)$/, ''],
  [/gltf/gi, 'gltf'],
  [/(\d)K(?![a-z])/g, '$1k'],
  [/\bLOD[ _-]?(\d)/gi, 'lod$1'],
  [/_LOD[ _-]?(\d)/gi, '_lod$1'],
  [/\b([YZ])[-_ ]?up\b/gi, '$1up'],
  [/(\d+k?)[-_ ]?tris?\b/gi, '$1tris'],
];

/** `bush_LOD_0 (1)` → bush, lod0; a browser's counter is no part of a name. */
export function tokensOf(stem: string): string[] {
  const tokens = splitName(WHOLE_WORDS.reduce((text, [pattern, whole]) => text.replace(pattern, whole), stem));
  return tokens.length > 1 && NAME_PREFIXES.includes(tokens[0]) ? tokens.slice(1) : tokens;
}

function sortTokens(tokens: readonly string[], rules: readonly WordRule[], where: Qualifier['where']): Sorted {
  const sorted: Sorted = { rest: [], strong: [], weak: [] };
  for (const token of tokens) {
    const qualifier = qualify(token, rules, where);
    if (!qualifier) sorted.rest.push(token);
    else (qualifier.rule.isWeak ? sorted.weak : sorted.strong).push(qualifier);
  }
  // a name that is nothing but qualifiers is a name all the same, unless it is a folder's
  if (where === 'name' && sorted.rest.length === 0 && sorted.weak.length > 0) {
    sorted.rest = sorted.weak.map(({ word }) => word);
    sorted.weak = [];
  }
  return sorted;
}

function qualify(word: string, rules: readonly WordRule[], where: Qualifier['where']): Qualifier | null {
  for (const rule of rules) {
    const match = rule.pattern?.exec(word);
    if (match || rule.words?.includes(word))
      return { kind: rule.kind, word, value: valueOf(rule, word, match?.[1]), rule, where };
  }
  return null;
}

function valueOf(rule: WordRule, word: string, group: string | undefined): number {
  if (rule.value !== undefined) return rule.value;
  if (rule.kind === 'resolution') return Number(group) < 100 ? Number(group) * 1024 : Number(group);
  // triangles: the more there are, the finer
  if (rule.kind === 'lod' && group !== undefined)
    return /^lod/.test(word) ? Number(group) : -Number(group.replace('k', '000'));
  if (rule.kind === 'lod') return LOD_ORDER[/^h/.test(word) ? 'high' : /^m/.test(word) ? 'mid' : 'low'];
  if (group !== undefined) return Number(group);
  return rule.isOrdered ? rule.words!.indexOf(word) : 0;
}

import type { Green, Packing, TextureRole } from '@haveld/contract/texture-role';
import { GLUED_FROM, GREEN_WORDS, ROLE_LETTERS, ROLE_WORDS, type RoleWord } from './role-words';

/** What a map's name says of it. */
export interface MapNameReading {
  /** What it may be by its name, 0 to 1 each, at most 1 together; the rest is shared by all others. */
  means: Partial<Record<TextureRole, number>>;
  /** The likeliest of them. */
  role: TextureRole;
  packing: Packing | null;
  green: Green | null;
  /** The words that are neither its role nor its resolution, lower case: `oak_top_nrm_2k` → `['oak', 'top']`. */
  subject: string[];
  /** The words that say it, as they stand there. */
  said: string;
}

/** Splits a file's stem at separators and changes of case. */
export function splitName(stem: string): string[] {
  return stem
    .replace(/(\d)K(?![a-z])/g, '$1k')
    .replace(/([\p{Ll}\p{N}])(\p{Lu})/gu, '$1 $2')
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter((token) => token !== '');
}

/** @returns the file name without folders and extension */
export function fileStem(path: string): string {
  const name = path.slice(Math.max(path.lastIndexOf('/'), path.lastIndexOf('\\')) + 1);
  const dot = name.lastIndexOf('.');
  return dot > 0 ? name.slice(0, dot) : name;
}

/** What systems and people put behind a name that was there already, and dates. Common practice, no source. */
const COPY_MARKS = [
  / ?\(\d+\)$/,
  /[ _-]*(- )?(copy|kopie|copie)\d*$/i,
  /\.\d{3}$/,
  /[ _-]*(19|20)\d{2}[-_.]?[01]\d[-_.]?[0-3]\d$/,
];

/** @returns a stem without what was put behind it when it was copied or saved again */
export const dropCopyMarks = (stem: string): string =>
  COPY_MARKS.reduce((text, mark) => text.replace(mark, ''), stem) || stem;

/** A word that says how large a picture is: `2k`, `1024`, `512x512`. */
export const RESOLUTION = /^(\d{1,2}k|\d{3,5}x\d{3,5}|256|512|1024|2048|4096|8192|16384)$/;
const GLUED_RESOLUTION = /(\d{1,2}k|1024|2048|4096)$/;

const WORDS = indexWords(ROLE_WORDS);
const LETTERS = indexWords(ROLE_LETTERS);
const GLUED = [...WORDS.keys()].filter((word) => word.length >= GLUED_FROM).sort((a, b) => b.length - a.length);

function indexWords(rules: readonly RoleWord[]): Map<string, RoleWord> {
  return new Map(rules.flatMap((rule) => rule.words.map((word) => [word, rule] as const)));
}

/**
 * Reads what the name of a map says. The last word that says anything counts: `metal_plate_normal` is a normal map.
 * @param habit words its source is known to use
 * @returns null where it says nothing
 */
export function readMapName(path: string, habit: Readonly<Record<string, TextureRole>> = {}): MapNameReading | null {
  // `AOMap`, `ORMTexture`: initials before a word
  const stem = dropCopyMarks(fileStem(path)).replace(/(\p{Lu})(\p{Lu}\p{Ll})/gu, '$1 $2');
  const tokens = splitName(stem)
    .filter((token) => !RESOLUTION.test(token))
    .map((token) => (token.length > 4 ? token.replace(GLUED_RESOLUTION, '') : token));
  for (let last = tokens.length - 1; last >= 0; last--) {
    const found = findRule(tokens, last, habit);
    if (!found) continue;
    const { rule, width, rest } = found;
    const role = (Object.entries(rule.means) as [TextureRole, number][]).sort((a, b) => b[1] - a[1])[0][0];
    const before = tokens.slice(0, last - width + 1);
    const after = tokens.slice(last + 1);
    const green = [...before.slice(-1), ...after].map((token) => GREEN_WORDS[token]).find((one) => one !== undefined);
    return {
      means: rule.means,
      role,
      packing: rule.packing ?? null,
      green: role === 'normal' ? (rule.green ?? green ?? null) : null,
      subject: [...before, ...(rest ? [rest] : []), ...after].filter(
        (token) => role !== 'normal' || !(token in GREEN_WORDS),
      ),
      said: tokens.slice(last - width + 1, last + 1).join(' '),
    };
  }
  return null;
}

function findRule(
  tokens: readonly string[],
  last: number,
  habit: Readonly<Record<string, TextureRole>>,
): { rule: RoleWord; width: number; rest: string } | null {
  const token = tokens[last];
  const own = habit[token];
  if (own) return { rule: { words: [token], means: { [own]: 0.98 } }, width: 1, rest: '' };
  for (let width = Math.min(3, last + 1); width > 1; width--) {
    const joined = WORDS.get(tokens.slice(last - width + 1, last + 1).join(''));
    if (joined && !joined.isOneToken) return { rule: joined, width, rest: '' };
  }
  const bare = token.length > 2 ? token.replace(/\d{1,2}$/, '') : token;
  const whole = WORDS.get(token) ?? WORDS.get(bare);
  if (whole) return { rule: whole, width: 1, rest: '' };
  const isLast = tokens.slice(last + 1).every((after) => /^(\d+|v\d+)$/.test(after) || after in GREEN_WORDS);
  const letter = isLast && tokens.length > 1 ? LETTERS.get(token) : undefined;
  if (letter) return { rule: letter, width: 1, rest: '' };
  const glued = GLUED.find((word) => bare.length > word.length + 1 && bare.endsWith(word));
  return glued ? { rule: weaken(WORDS.get(glued)!), width: 1, rest: bare.slice(0, -glued.length) } : null;
}

/** A word that is only the end of another may be there by chance: `underarm`, `abnormal`. */
function weaken(rule: RoleWord): RoleWord {
  const means = Object.fromEntries(Object.entries(rule.means).map(([role, share]) => [role, share * 0.85]));
  return { ...rule, means };
}

import type { TextureRole } from '@haveld/contract/texture-role';
import type { NameParts } from './name-parts';

/** How the names of what is wanted and what is there go together, the closest first. */
export type NameRelation =
  | 'same name'
  | 'same stem'
  | 'a copy'
  | 'same parts'
  | 'the material’s name'
  | 'more words'
  | 'cut short'
  | 'a letter apart'
  | 'words in common'
  | 'none';

/** How often each relation alone is right. Ours, to be held against `broken-layouts.ts`. */
export const RELATION_TRUST: Record<NameRelation, number> = {
  'same name': 0.97,
  'same stem': 0.95,
  'a copy': 0.93,
  'same parts': 0.92,
  'the material’s name': 0.92,
  'more words': 0.72,
  'cut short': 0.7,
  'a letter apart': 0.66,
  'words in common': 0.5,
  none: 0.1,
};

/** @returns how two names go together; `none` too where they differ in a number, a tile or a role */
export function compareNames(wanted: NameParts, there: NameParts, wantedRole: TextureRole | null): NameRelation {
  if (wanted.name === there.name) return 'same name';
  if (wanted.stem === there.stem) return 'same stem';
  if ((wanted.tile ?? 0) !== (there.tile ?? 0) && wanted.tile !== 0) return 'none';
  const role = wanted.role ?? wantedRole;
  const sameRole = role !== null && there.role !== null && areAlike(role, there.role);
  if (role !== null && there.role !== null && !sameRole) return 'none';
  if (wanted.core === there.core) return there.tile === wanted.tile ? 'a copy' : 'same parts';
  const joined = wanted.subject.join('');
  if (sameRole && joined !== '' && joined === there.subject.join('') && sameNumbers(wanted, there)) return 'same parts';
  const isBareColour = role === 'base-colour' && there.role === null;
  if (isBareColour && joined.length > 3 && joined === there.subject.join('') && sameNumbers(wanted, there))
    return 'same parts';
  if (there.core.length >= 6 && there.core.length < wanted.core.length && wanted.core.startsWith(there.core))
    return 'cut short';
  if (!sameNumbers(wanted, there)) return 'none';
  const common = wanted.subject.filter((word) => there.subject.includes(word));
  if (sameRole && common.length > 0 && common.length === wanted.subject.length) return 'more words';
  if (sameRole && joined.length > 3 && there.subject.join('').includes(joined)) return 'more words';
  return common.some((word) => word.length > 2) && (sameRole || role === null) ? 'words in common' : 'none';
}

/** @returns true where a map is named as the material that wants it, and for what it wants it */
export function isNamedAsMaterial(material: NameParts, there: NameParts, wantedRole: TextureRole | null): boolean {
  const named = material.subject.join('');
  const sameRole = wantedRole !== null && there.role !== null && areAlike(wantedRole, there.role);
  return sameRole && named.length > 3 && named === there.subject.join('') && sameNumbers(material, there);
}

/** @returns true where two names differ by a letter left out, put in, changed or swapped with its neighbour */
export function isLetterApart(a: string, b: string): boolean {
  if (a === b || Math.abs(a.length - b.length) > 1 || Math.min(a.length, b.length) < 5) return false;
  let head = 0;
  while (head < a.length && a[head] === b[head]) head++;
  let tail = 0;
  while (tail < Math.min(a.length, b.length) - head && a[a.length - 1 - tail] === b[b.length - 1 - tail]) tail++;
  const [left, right] = [a.slice(head, a.length - tail), b.slice(head, b.length - tail)];
  if (left.length <= 1 && right.length <= 1) return !/\d/.test(left + right);
  return left.length === 2 && right === left[1] + left[0];
}

/** Words that make another thing of the same name. Common practice, no source. */
const VARIANT_WORDS = new Set(
  (
    'red blue green yellow white black grey gray brown orange pink purple dark light bright old new wet dry dirty clean painted ' +
    'worn rusty broken damaged burnt snow winter summer autumn spring left right front back top bottom inner outer inside outside ' +
    'upper lower big small large tall short open closed male female day night alt b c d'
  ).split(' '),
);
/** Words that change nothing. Common practice, no source. */
const PLAIN_WORDS = /^(tex|texture|textures|map|maps|final|fixed|export|exported|baked|bake|mat|material|t|tx)$/;

/**
 * What was put to a name, where that can be the whole set's and not another thing's: a project's word in front, or words that
 * say nothing.
 * @returns the words put to it; null where nothing was, or what was makes it another thing
 */
export function listAddedWords(wanted: NameParts, there: NameParts): string | null {
  const at = there.subject.findIndex((_, i) => wanted.subject.every((word, k) => there.subject[i + k] === word));
  if (at < 0 || wanted.subject.length === 0) return null;
  const front = there.subject.slice(0, at);
  const behind = there.subject.slice(at + wanted.subject.length);
  if (front.some((word) => VARIANT_WORDS.has(word)) || !behind.every((word) => PLAIN_WORDS.test(word))) return null;
  return front.length + behind.length > 0 ? `${front.join(' ')}*${behind.join(' ')}` : null;
}

const sameNumbers = (a: NameParts, b: NameParts): boolean => a.numbers.join(' ') === b.numbers.join(' ');

/** Roles names are given one for the other. Common practice, no source. */
const MIXED_UP: TextureRole[][] = [
  ['specular', 'glossiness'],
  ['opacity', 'mask'],
];

const areAlike = (a: TextureRole, b: TextureRole): boolean =>
  a === b || MIXED_UP.some((roles) => roles.includes(a) && roles.includes(b));

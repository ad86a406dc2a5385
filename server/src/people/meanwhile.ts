import type { Person } from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import { mergeEdit } from '@haveld/core/edits/merge-edit';

/** Something somebody else did between a person's look and their change. */
export const changedMeanwhile = (by: string | null, what: string): DomainError =>
  new DomainError('out-of-step', `${by ?? 'Somebody else'} changed ${what} meanwhile. Look again, and decide.`);

/** Of several fields it is known who saved last, and not who changed which. */
const savedLast = (last: { id: string; name: string } | null, person: Person): string => {
  if (!last) return '';
  return ` ${last.id === person.id ? 'You' : last.name} saved last.`;
};

interface Edit<T> {
  /** As it was when the person looked; where they do not say, what they want stands whatever was there. */
  seen: Partial<T> | undefined;
  wanted: T;
  person: Person;
}

/**
 * Puts an edit into what stands now: what others changed elsewhere stays.
 * @param last who saved it last; null where it is not known
 * @param describe what fields are called, as a sentence begins: `Its name`
 * @throws {DomainError} `out-of-step` where the same fields were changed to something else, in another window too; nothing is changed then
 */
export function takeEdit<T extends object>(
  now: T,
  { seen, wanted, person }: Edit<T>,
  last: { id: string; name: string } | null,
  describe: (fields: string[]) => string,
): T {
  if (!seen) return wanted;
  const { merged, conflicts } = mergeEdit(now, seen, wanted);
  if (conflicts.length > 0)
    throw new DomainError(
      'out-of-step',
      `${describe(conflicts)}: changed meanwhile.${savedLast(last, person)} Look again, and decide.`,
    );
  return merged;
}

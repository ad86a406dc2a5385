import type { Person } from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import { mergeEdit } from '@haveld/core/edits/merge-edit';

/** Something somebody else did between a person's look and their change. */
export const changedMeanwhile = (by: string | null, what: string): DomainError =>
  new DomainError('out-of-step', `${by ?? 'Somebody else'} changed ${what} meanwhile. Look again, and decide.`);

interface Edit<T> {
  /** As it was when the person looked; where they do not say, what they want stands whatever was there. */
  seen: Partial<T> | undefined;
  wanted: T;
  person: Person;
}

/**
 * Puts an edit into what stands now: what others changed elsewhere stays.
 * @param last who changed it last; one's own earlier change, in another window, is no conflict. Null where it is not known
 * @param describe what fields are called, as the sentence goes on: `the licence`
 * @throws {DomainError} `out-of-step` where somebody else changed the same fields; nothing is changed then
 */
export function takeEdit<T extends object>(
  now: T,
  { seen, wanted, person }: Edit<T>,
  last: { id: string; name: string } | null,
  describe: (fields: string[]) => string,
): T {
  if (!seen || last?.id === person.id) return wanted;
  const { merged, conflicts } = mergeEdit(now, seen, wanted);
  if (conflicts.length > 0) throw changedMeanwhile(last?.name ?? null, describe(conflicts));
  return merged;
}

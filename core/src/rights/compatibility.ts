import type { LicenceBook } from './licence-book';
import { parseExpression } from './expression';

/**
 * May works under these two licences become one adaptation that is shared? Rules of the Creative Commons compatibility chart
 * (CC FAQ, "Can I combine material under different Creative Commons licenses"; every cell is tested): what may not be shared
 * changed merges with nothing; share-alike binds the whole, so the other has to allow going out under its licence.
 * It governs one adaptation, never works that stand side by side in a collection.
 */
export function canMerge(book: LicenceBook, a: string, b: string): boolean {
  return parseExpression(a).some((some) => parseExpression(b).some((others) => canMergeSets(book, some, others)));
}

function canMergeSets(book: LicenceBook, a: readonly string[], b: readonly string[]): boolean {
  return a.every((x) => b.every((y) => canMergeTwo(book, x, y)));
}

function canMergeTwo(book: LicenceBook, a: string, b: string): boolean {
  const first = book.getTerms(a);
  const second = book.getTerms(b);
  if (first.shareAdapted.grant !== 'yes' || second.shareAdapted.grant !== 'yes') return false;
  return allowsGoingOut(first, b) && allowsGoingOut(second, a) && shareReleases(first, second);

  function allowsGoingOut(terms: typeof first, otherId: string): boolean {
    const other = book.getTerms(otherId);
    if (terms.shareAlike === null) return true;
    // the whole goes out under `terms`; the other must not forbid what that allows
    return terms.commercial.grant !== 'yes' || other.commercial.grant === 'yes';
  }
}

type SheetOfTerms = ReturnType<LicenceBook['getTerms']>;

/** Two share-alike licences need one release both allow. */
function shareReleases(a: SheetOfTerms, b: SheetOfTerms): boolean {
  if (!a.shareAlike || !b.shareAlike) return true;
  const of = (terms: SheetOfTerms): string[] => [terms.id, ...terms.shareAlike!.with];
  return of(a).some((id) => of(b).includes(id));
}

/** May what is made from a work under `licenceId` go out under `release`? Empty: the project reserves its rights. */
export function mayReleaseUnder(book: LicenceBook, licenceId: string, release: string): boolean {
  const { shareAlike } = book.getTerms(licenceId);
  if (!shareAlike) return true;
  return (
    release !== '' &&
    parseExpression(release).some((ids) => ids.every((id) => id === licenceId || shareAlike.with.includes(id)))
  );
}

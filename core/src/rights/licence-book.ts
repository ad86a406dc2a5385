import type { HouseStanding, Terms } from '@haveld/contract/terms';
import { parseExpression } from './expression';
import { CC_PORTS, CC_PUBLISHED, CC_UNSTATED } from './licences/creative-commons';
import { FREE_CONTENT, SITE_TERMS } from './licences/free-content';
import { closedTerms } from './licences/free-terms';
import { PUBLIC_DOMAIN } from './licences/public-domain';
import { SOFTWARE } from './licences/software';
import { COMMISSIONED, OWN_WORK, STANDINGS } from './licences/standings';

const isByRight = ({ id }: Terms): boolean => id === OWN_WORK || id === COMMISSIONED;

/** Every licence Haveld has a term sheet of, in the order of choice in a list. */
export const BUILT_IN: readonly Terms[] = [
  ...PUBLIC_DOMAIN.slice(0, 2),
  ...CC_PUBLISHED,
  ...STANDINGS.filter(isByRight),
  ...PUBLIC_DOMAIN.slice(2),
  ...FREE_CONTENT,
  ...SOFTWARE,
  ...SITE_TERMS,
  ...CC_UNSTATED,
  ...CC_PORTS,
  ...STANDINGS.filter((terms) => !isByRight(terms)),
];

/** The licences of a house: those built in, its own, and how it takes them. */
export interface LicenceBook {
  list(): readonly Terms[];
  /** Has a term sheet. */
  isListed(id: string): boolean;
  /** Terms of one licence; one without a term sheet grants nothing until somebody has read it. */
  getTerms(id: string): Terms;
}

/**
 * @param own the house's own licences; one with the identifier of a built-in one takes its place
 * @param standings how the house takes a licence, where it differs from what ships
 */
export function createLicenceBook(
  own: readonly Terms[] = [],
  standings: Readonly<Record<string, HouseStanding>> = {},
): LicenceBook {
  const replaced = new Set(own.map(({ id }) => id));
  const all = [...BUILT_IN.filter(({ id }) => !replaced.has(id)), ...own].map((terms) =>
    standings[terms.id] ? { ...terms, house: standings[terms.id] } : terms,
  );
  const byId = new Map(all.map((terms) => [terms.id, terms]));
  return {
    list: () => all,
    isListed: (id) => byId.has(id),
    getTerms: (id) => byId.get(id) ?? describeUnlisted(id),
  };
}

/** A licence SPDX knows and this house has no term sheet of. */
function describeUnlisted(id: string): Terms {
  return closedTerms(id, id.replace(/^LicenseRef-/, ''), id.replace(/^LicenseRef-/, ''), {
    note: 'Nobody has written down what it grants. Read it, and give it a term sheet.',
    url: id.startsWith('LicenseRef-') ? '' : `https://spdx.org/licenses/${id}.html`,
  });
}

export const BUILT_IN_BOOK = createLicenceBook();

const STRICTNESS: readonly HouseStanding[] = ['taken', 'look', 'never', 'closed'];

/** How an expression stands with the house: of a choice the best, of several at once the strictest. */
export function standingOf(book: LicenceBook, licenceId: string): HouseStanding {
  const worst = (ids: readonly string[]): number =>
    Math.max(...ids.map((id) => STRICTNESS.indexOf(book.getTerms(id).house)));
  return STRICTNESS[Math.min(...parseExpression(licenceId).map(worst))];
}

/** An expression in words: `CC BY-SA 3.0 or GPL 2.0`. */
export function licenceWords(book: LicenceBook, licenceId: string, form: 'short' | 'name' = 'short'): string {
  return parseExpression(licenceId)
    .map((ids) => ids.map((id) => book.getTerms(id)[form]).join(' and '))
    .join(' or ');
}

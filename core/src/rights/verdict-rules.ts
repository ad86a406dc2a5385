import type { Duty, IntendedUse } from '@haveld/contract/licence';
import type { Terms } from '@haveld/contract/terms';

/** What was done to a model, as a licence sees it. */
export interface ChangeNature {
  /** Anything at all was changed. */
  changed: boolean;
  /** What of it makes a new version rather than another format of the same, in words. */
  adaptations: readonly string[];
}

/** A grant has its own limits beside those of its licence. */
export interface GrantLimits {
  /** Day it was given, from which the months of a licence count; empty: not known. */
  acquiredOn: string;
  expiresOn: string;
  seats: number | null;
  territory: string;
}

/** Everything a rule looks at. */
export interface UseCase {
  terms: Terms;
  use: IntendedUse;
  nature: ChangeNature;
  limits: GrantLimits;
  /** `2026-11-25` */
  today: string;
  /** May what is made from it go out under the project's licence? */
  mayRelease: boolean;
}

/** `question`: what its owner has to be asked; left out where the house itself can answer. */
export interface RuleFinding {
  level: 'not-allowed' | 'ask-first';
  text: string;
  question?: string;
}

export const atClause = (term: { clause: string }): string => (term.clause === '' ? '' : ` (${term.clause})`);

/** Anything the public gets. */
const isShared = ({ uses }: IntendedUse): boolean => uses.some((use) => use !== 'internal');
/** The file itself leaves, by itself or inside something. */
const fileLeaves = ({ uses }: IntendedUse): boolean =>
  uses.some((use) => use === 'build' || use === 'file' || use === 'sale');
const becomesPart = ({ uses }: IntendedUse): boolean =>
  uses.some((use) => use === 'rendered' || use === 'build' || use === 'print');
const earns = (use: IntendedUse): boolean => use.commercial || use.uses.includes('sale');

/** Day a grant ends: as said, else so many months after it was given; empty where it does not end or nobody knows from when. */
export function endOf({ expiresOn, acquiredOn }: GrantLimits, { months }: Pick<Terms, 'months'>): string {
  if (expiresOn !== '' || months === null || acquiredOn === '') return expiresOn;
  const [year, month, day] = acquiredOn.split('-').map(Number);
  // the last day of a shorter month, as contracts count
  const lastDay = new Date(Date.UTC(year, month - 1 + months + 1, 0)).getUTCDate();
  return new Date(Date.UTC(year, month - 1 + months, Math.min(day, lastDay))).toISOString().slice(0, 10);
}

type Rule = (useCase: UseCase) => RuleFinding | null;

const refuse = (text: string): RuleFinding => ({ level: 'not-allowed', text });
const ask = (text: string, question?: string): RuleFinding => ({ level: 'ask-first', text, question });

/** What may stand against a use, one rule each; the order is that in which a person reads them. */
export const RULES: readonly Rule[] = [
  function lapsed({ terms, limits, today }) {
    const end = endOf(limits, terms);
    return end !== '' && end < today ? refuse(`The grant under ${terms.short} ended on ${end}.`) : null;
  },
  function personal({ terms }) {
    return terms.personalOnly
      ? refuse(
          `${terms.short} is for private persons${atClause(terms.personalOnly)}; a production of the house is none.`,
        )
      : null;
  },
  function commercial({ terms, use }) {
    if (!earns(use)) return null;
    if (terms.commercial.grant === 'no')
      return refuse(
        `${terms.short} does not allow commercial use${atClause(terms.commercial)}, and this project earns money.`,
      );
    if (terms.commercial.grant === 'yes') return null;
    return ask(`${terms.short}: commercial use needs the owner's word.`, 'use it in a production that earns money');
  },
  function editorial({ terms, use }) {
    return terms.editorialOnly && !earns(use)
      ? ask(`${terms.short} is for reports and comments only${atClause(terms.editorialOnly)}: is this project one?`)
      : null;
  },
  function adapted({ terms, nature }) {
    if (nature.adaptations.length === 0) return null;
    const what = nature.adaptations.join('; ');
    if (terms.adapt.grant === 'no')
      return refuse(
        `${terms.short} does not allow changed versions${atClause(terms.adapt)}, shared or not, and this one is: ${what}.`,
      );
    return terms.adapt.grant === 'yes'
      ? null
      : ask(
          `${terms.short}: changing it needs the owner's word (${what}).`,
          `use a version of it that was changed (${what})`,
        );
  },
  function sharedAdaptation({ terms, use, nature }) {
    if (nature.adaptations.length === 0 || !isShared(use) || terms.adapt.grant !== 'yes') return null;
    const what = nature.adaptations.join('; ');
    if (terms.shareAdapted.grant === 'unshared')
      return refuse(
        `${terms.short} allows a changed version only as long as it is not shared${atClause(terms.shareAdapted)}, and this one is: ${what}.`,
      );
    return terms.shareAdapted.grant === 'no'
      ? refuse(`${terms.short} does not allow sharing a changed version${atClause(terms.shareAdapted)}: ${what}.`)
      : null;
  },
  function merged({ terms, use }) {
    const forbids = terms.shareAdapted.grant === 'no' || terms.shareAdapted.grant === 'unshared';
    // a site that sells models for films and builds means just that, and forbids something else
    if (!forbids || !becomesPart(use) || terms.fee === 'paid') return null;
    if (use.arrangement === 'merged')
      return refuse(
        `The project makes one new work of its models, which is a changed version of each; ${terms.short} does not allow sharing that${atClause(terms.shareAdapted)}.`,
      );
    return use.arrangement === 'unsaid'
      ? ask(
          `Does it stand in the project as it is, as in a collection, or become part of one new work? ${terms.short} does not allow the second${atClause(terms.shareAdapted)}.`,
        )
      : null;
  },
  function shareAlike({ terms, use, mayRelease }) {
    if (!terms.shareAlike || !becomesPart(use)) return null;
    const release = use.releaseLicence === '' ? 'reserves its rights' : `goes out under ${use.releaseLicence}`;
    if (use.arrangement === 'merged')
      return mayRelease
        ? null
        : refuse(
            `One new work made with it has to go out under ${terms.short} or a licence it accepts${atClause(terms.shareAlike)}; the project ${release}.`,
          );
    if (use.arrangement === 'unsaid' && !mayRelease)
      return ask(
        `Does it stand beside the others, or become part of one new work? Then the whole has to go out under ${terms.short}${atClause(terms.shareAlike)}; the project ${release}.`,
      );
    return null;
  },
  function copyleftBuild({ terms, use, mayRelease }) {
    return terms.shareAlike?.wholeWork &&
      use.uses.includes('build') &&
      use.arrangement === 'side-by-side' &&
      !mayRelease
      ? ask(`${terms.short} may reach the whole build${atClause(terms.shareAlike)}: ask someone who knows it.`)
      : null;
  },
  function passingOn({ terms, use }) {
    if (!use.uses.includes('file') && !use.uses.includes('sale')) return null;
    if (terms.passOn.grant === 'no')
      return refuse(`${terms.short} does not allow handing the file itself on${atClause(terms.passOn)}.`);
    return terms.passOn.grant === 'yes'
      ? null
      : ask(`${terms.short}: passing the file on needs the owner's word.`, 'pass the file itself on');
  },
  function largerWork({ terms, use }) {
    if (!becomesPart(use)) return null;
    if (terms.largerWork.grant === 'no')
      return refuse(`${terms.short} does not allow using it inside a larger work${atClause(terms.largerWork)}.`);
    return terms.largerWork.grant === 'yes'
      ? null
      : ask(`${terms.short}: using it needs the owner's word.`, 'use it inside a production that is shown');
  },
  function internalOnly({ terms, use }) {
    return !isShared(use) && terms.largerWork.grant !== 'yes'
      ? ask(`${terms.short}: even trying it out needs the owner's word.`, 'use it inside our studio')
      : null;
  },
  function locks({ terms, use }) {
    return terms.noLocks && use.locks && fileLeaves(use)
      ? refuse(
          `${terms.short} does not allow technical locks${atClause(terms.noLocks)}, and this project locks its files.`,
        )
      : null;
  },
  function seats({ terms, use, limits }) {
    const allowed = limits.seats ?? terms.seats;
    return allowed !== null && use.seats !== null && use.seats > allowed
      ? refuse(`The grant is for ${allowed} ${allowed === 1 ? 'person' : 'people'}; ${use.seats} work with it here.`)
      : null;
  },
  function expiry({ terms, limits, use, today }) {
    const end = endOf(limits, terms);
    if (end === '' || end < today || (use.until !== '' && use.until <= end)) return null;
    return ask(
      use.until === ''
        ? `The grant ends on ${end}; the project says no end.`
        : `The grant ends on ${end}; the project runs until ${use.until}.`,
      `use it beyond ${end}`,
    );
  },
  function territory({ terms, use, limits }) {
    const place = limits.territory || terms.territory;
    if (place === '' || place.toLowerCase() === use.territory.toLowerCase()) return null;
    return ask(
      `The grant is for ${place}; the project goes ${use.territory === '' ? 'everywhere' : `to ${use.territory}`}.`,
      `use it ${use.territory === '' ? 'everywhere' : `in ${use.territory}`}`,
    );
  },
];

type DutyRule = (useCase: UseCase) => Duty | null;

/** What a licence asks in return; all but the limits of a grant count from the moment something is shared. */
export const DUTY_RULES: readonly DutyRule[] = [
  ({ terms, use }) =>
    terms.attribution && isShared(use)
      ? { kind: 'attribution', text: `Name the author, the source and the licence${atClause(terms.attribution)}.` }
      : null,
  ({ terms, use, nature }) =>
    terms.stateChanges && nature.changed && isShared(use)
      ? { kind: 'state-changes', text: `Say that it was changed${atClause(terms.stateChanges)}.` }
      : null,
  ({ terms, use, nature }) =>
    terms.shareAlike && nature.adaptations.length > 0 && isShared(use)
      ? {
          kind: 'share-alike',
          text: `Pass your changed version on under ${terms.short} too${atClause(terms.shareAlike)}.`,
        }
      : null,
  ({ terms, use }) =>
    terms.notice && fileLeaves(use)
      ? { kind: 'notice', text: `Keep the licence text, or its address, with it${atClause(terms.notice)}.` }
      : null,
  ({ terms, use }) =>
    terms.noLocks && fileLeaves(use) && !use.locks
      ? { kind: 'no-locks', text: `Put no technical locks on it${atClause(terms.noLocks)}.` }
      : null,
  ({ terms, use }) =>
    terms.passOn.grant === 'no' && use.uses.includes('build')
      ? { kind: 'other', text: `See to it that nobody takes the file out of the build${atClause(terms.passOn)}.` }
      : null,
  ({ terms, use }) =>
    terms.noEndorsement && terms.attribution && isShared(use)
      ? {
          kind: 'no-endorsement',
          text: `Do not let it look as if the author stood behind it${atClause(terms.noEndorsement)}.`,
        }
      : null,
  ({ terms, use, limits }) => {
    const allowed = limits.seats ?? terms.seats;
    return allowed !== null && use.seats === null
      ? { kind: 'other', text: `No more than ${allowed} ${allowed === 1 ? 'person' : 'people'} may work with it.` }
      : null;
  },
];

import type {
  Duty,
  FurtherWork,
  IntendedUse,
  Provenance,
  Verdict,
  VerdictName,
  WorkPart,
} from '@haveld/contract/licence';
import { VERDICTS } from '@haveld/contract/licence';
import { mayReleaseUnder } from './compatibility';
import { parseExpression } from './expression';
import type { LicenceBook } from './licence-book';
import { UNKNOWN_LICENCE } from './licences/standings';
import { atClause, DUTY_RULES, RULES, type ChangeNature, type GrantLimits, type UseCase } from './verdict-rules';

const NO_LIMITS: GrantLimits = { acquiredOn: '', expiresOn: '', seats: null, territory: '' };
const UNCHANGED: ChangeNature = { changed: false, adaptations: [] };

export interface JudgeOptions {
  nature?: ChangeNature;
  limits?: GrantLimits;
  /** `2026-11-25`; a grant that ends is held against it. */
  today?: string;
}

const rank = (verdict: VerdictName): number => VERDICTS.indexOf(verdict);

/**
 * May a work under this licence be used so? A help to a person, not legal advice.
 * @param licenceId an SPDX expression: of a choice the best way out is taken and named, of several at once all count
 * @returns the verdict with its reasons, each with its clause, and what the licence asks in return
 */
export function judgeUse(book: LicenceBook, licenceId: string, use: IntendedUse, options: JudgeOptions = {}): Verdict {
  const choices = parseExpression(licenceId);
  const judged = choices.map((ids) => ({
    ids,
    verdict: joinVerdicts(ids.map((id) => judgeOne(book, id, use, options))),
  }));
  judged.sort(
    (a, b) => rank(a.verdict.verdict) - rank(b.verdict.verdict) || a.verdict.duties.length - b.verdict.duties.length,
  );
  const [best] = judged;
  if (choices.length === 1) return best.verdict;
  const words = best.ids.map((id) => book.getTerms(id).short).join(' and ');
  return {
    ...best.verdict,
    chosen: best.ids.join(' AND '),
    reasons: [`Of the licences to choose from, ${words} fits best.`, ...best.verdict.reasons],
  };
}

function judgeOne(
  book: LicenceBook,
  id: string,
  use: IntendedUse,
  { nature = UNCHANGED, limits = NO_LIMITS, today = '' }: JudgeOptions,
): Verdict {
  if (id === UNKNOWN_LICENCE)
    return {
      verdict: 'not-allowed',
      reasons: ['No licence is known: without a grant nothing may be used.'],
      duties: [],
      question: 'tell us under which terms it may be used',
      chosen: '',
    };
  const terms = book.getTerms(id);
  const useCase: UseCase = {
    terms,
    use,
    nature,
    limits,
    today,
    mayRelease: mayReleaseUnder(book, id, use.releaseLicence),
  };
  const found = RULES.map((rule) => rule(useCase)).filter((finding) => finding !== null);
  const refusals = found.filter((finding) => finding.level === 'not-allowed');
  const duties = DUTY_RULES.map((rule) => rule(useCase)).filter((duty) => duty !== null);
  const questions = found.flatMap((finding) => finding.question ?? []);
  const reasons = [...refusals, ...found.filter((finding) => finding.level === 'ask-first')].map(
    (finding) => finding.text,
  );
  if (reasons.length > 0)
    return {
      verdict: refusals.length > 0 ? 'not-allowed' : 'ask-first',
      reasons,
      duties,
      question: questions.length > 0 ? questions.join(', and to ') : null,
      chosen: '',
    };
  const allowed = use.commercial
    ? `${terms.short} allows commercial use${atClause(terms.commercial)}.`
    : `${terms.short} allows this use${atClause(terms.largerWork)}.`;
  const technical = nature.changed && nature.adaptations.length === 0 && terms.shareAdapted.grant !== 'yes';
  return {
    verdict: duties.length > 0 ? 'allowed-with-duties' : 'allowed',
    reasons: technical
      ? [allowed, `What was changed is another format of the same, no new version${technicalClause(id)}.`]
      : [allowed],
    duties,
    question: null,
    chosen: '',
  };
}

/** Where Creative Commons says that a change of format makes no new version. */
function technicalClause(id: string): string {
  if (/^CC-.*-4\.0/.test(id)) return ' (section 2(a)(4))';
  return /^CC-.*-[23]\.\d/.test(id) ? ' (section 3, its last paragraph)' : '';
}

function joinVerdicts(verdicts: readonly Verdict[]): Verdict {
  if (verdicts.length === 1) return verdicts[0];
  const worst = verdicts.reduce((a, b) => (rank(b.verdict) > rank(a.verdict) ? b : a));
  const questions = verdicts.flatMap((verdict) => verdict.question ?? []);
  const bad = verdicts.filter((verdict) => rank(verdict.verdict) >= rank('ask-first'));
  return {
    verdict: worst.verdict,
    reasons: [...new Set((bad.length > 0 ? bad : verdicts).flatMap((verdict) => verdict.reasons))],
    duties: distinct(verdicts.flatMap((verdict) => verdict.duties)),
    question: questions.length > 0 ? [...new Set(questions)].join(', and to ') : null,
    chosen: verdicts.map((verdict) => verdict.chosen).find((chosen) => chosen !== '') ?? '',
  };
}

const distinct = (duties: readonly Duty[]): Duty[] =>
  duties.filter((duty, i) => duties.findIndex((other) => other.text === duty.text) === i);

export const PART_WORDS: Record<WorkPart, string> = {
  maps: 'its maps',
  part: 'a part of it',
  'based-on': 'what it is based on',
  motion: 'its motion',
  other: 'something in it',
};

/** What an asset's rights rest on: the work itself, and others in it. */
export interface RightsLines {
  provenance: Pick<Provenance, 'licenceId' | 'acquiredOn' | 'expiresOn' | 'seats' | 'territory'>;
  further: readonly Pick<FurtherWork, 'licenceId' | 'part' | 'title' | 'lender'>[];
}

/** Nothing may be done with what was taken down. @param reason in words */
export const takenDownVerdict = (reason: string): Verdict => ({
  verdict: 'not-allowed',
  reasons: [reason],
  duties: [],
  question: 'use it again',
  chosen: '',
});

/** May an asset be used so? Every work it rests on has a say; the strictest decides, and says which work it is. */
export function judgeAsset(
  book: LicenceBook,
  { provenance, further }: RightsLines,
  use: IntendedUse,
  options: Omit<JudgeOptions, 'limits'>,
): Verdict {
  const own = judgeUse(book, provenance.licenceId, use, { ...options, limits: provenance });
  if (further.length === 0) return own;
  const others = further.map((work) => {
    const verdict = work.lender?.takenDown
      ? takenDownVerdict(`its lender ${work.lender.accession} was taken down: ${work.lender.takenDown}`)
      : judgeUse(book, work.licenceId, use, { ...options, limits: work.lender?.limits ?? undefined });
    const what = `${PART_WORDS[work.part]}${work.title === '' ? '' : ` (“${work.title}”)`}`;
    const name = (text: string): string => `${what[0].toUpperCase()}${what.slice(1)}: ${text}`;
    return {
      ...verdict,
      reasons: verdict.reasons.map(name),
      duties: verdict.duties.map((duty) => ({ ...duty, text: name(duty.text) })),
    };
  });
  return joinVerdicts([own, ...others]);
}

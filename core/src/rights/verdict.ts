import type { IntendedUse, Verdict } from '@haveld/contract/licence';
import { getTerms, UNKNOWN_LICENCE, type Terms } from './licences';

/**
 * May this be used so? A help to a person, not legal advice.
 * @returns the verdict with its reasons, each with its clause, and what the licence asks in return
 */
export function judgeUse(licenceId: string, use: IntendedUse): Verdict {
  const terms = getTerms(licenceId);
  if (licenceId === UNKNOWN_LICENCE) {
    return {
      verdict: 'not-allowed',
      reasons: ['No licence is known: without a grant nothing may be used.'],
      duties: [],
    };
  }
  const refusals: string[] = [];
  const questions: string[] = [];
  const at = (clause: string): string => (clause === '' ? '' : ` (${clause})`);
  if (use.commercial && terms.commercial.grant === 'no') {
    refusals.push(
      `${terms.short} does not allow commercial use${at(terms.commercial.clause)}, and this project earns money.`,
    );
  }
  if (use.commercial && terms.commercial.grant === 'ask')
    questions.push(`${terms.short}: commercial use needs the owner's word.`);
  if (use.changed && terms.changes.grant === 'no') {
    refusals.push(`${terms.short} does not allow changed versions${at(terms.changes.clause)}.`);
  }
  if (use.changed && terms.changes.grant === 'unshared') {
    questions.push(
      `${terms.short} allows a changed version only as long as it is not shared${at(terms.changes.clause)}.`,
    );
  }
  if (terms.changes.grant === 'ask' || terms.passOn.grant === 'ask') {
    questions.push(`${terms.short}: using and passing on the file needs the owner's word.`);
  }
  const duties = listDuties(terms, use);
  if (refusals.length > 0) return { verdict: 'not-allowed', reasons: [...refusals, ...questions], duties };
  if (questions.length > 0) return { verdict: 'ask-first', reasons: questions, duties };
  const allowed = use.commercial
    ? `${terms.short} allows commercial use${at(terms.commercial.clause)}.`
    : `${terms.short} allows this use${at(terms.passOn.clause)}.`;
  return { verdict: duties.length > 0 ? 'allowed-with-duties' : 'allowed', reasons: [allowed], duties };
}

function listDuties(terms: Terms, use: IntendedUse): string[] {
  const duties: string[] = [];
  const at = (clause: string): string => (clause === '' ? '' : ` (${clause})`);
  if (terms.attribution) duties.push(`Name the author, the source and the licence${at(terms.attribution.clause)}.`);
  if (terms.stateChanges && use.changed) duties.push(`Say that it was changed${at(terms.stateChanges.clause)}.`);
  if (terms.shareAlike && use.changed)
    duties.push(`Pass your changed version on under ${terms.short} too${at(terms.shareAlike.clause)}.`);
  if (terms.notice) duties.push(`Keep the licence text with it${at(terms.notice.clause)}.`);
  return duties;
}

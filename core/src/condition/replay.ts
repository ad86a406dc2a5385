import type { SheetFinding } from '@haveld/contract/api/bench';
import type { Answer } from '@haveld/contract/finding';
import type { Step } from '@haveld/contract/step';
import { listBorrowed } from '../rights/lent-works';
import { listAnswerSteps } from './answers';

/** A treatment as it stands with one asset. */
export interface Treated {
  answers: ReadonlyMap<string, Answer>;
  steps: readonly { findingKey: string | null; step: Step; enabled: boolean }[];
}

/** What of one treatment fits another model. */
export interface Replay {
  /** Answers to findings both have, that nobody has answered on the new one. */
  answers: { key: string; title: string; label: string; answer: Answer; steps: Step[] }[];
  /** Steps of somebody's own, by the key they stand under. */
  own: { key: string; steps: Step[] }[];
}

const OWN = 'own:';
/** What came of a house treatment is worked out anew by it, not replayed. */
const OF_HOUSE = 'own:house:';

/**
 * What of the treatment of an earlier version would be done to a newer one: an answer where the same is asked and the same can be
 * answered, and every step of a person's own. Rights are never replayed, nor what was borrowed: whose it is would not be written down.
 * @param sheet of the newer one
 */
export function planReplay(earlier: Treated, sheet: readonly SheetFinding[], standing: Treated): Replay {
  const answers: Replay['answers'] = [];
  for (const finding of sheet) {
    const answer = earlier.answers.get(finding.key);
    const given = standing.answers.get(finding.key);
    // what Haveld took by itself is no word of a person
    const isOpen = given === undefined || (given.kind === 'taken' && given.by === 'haveld');
    if (!answer || !isOpen || finding.heading === 'rights' || finding.mark === 'holds') continue;
    if (isSameAnswer(answer, given)) continue;
    if (answer.kind === 'taken' && !finding.choices.some(({ id }) => id === answer.choiceId)) continue;
    const steps = listAnswerSteps(finding, answer);
    if (listBorrowed(steps).length > 0) continue;
    const { by: _by, ...chosen } = answer.kind === 'taken' ? answer : { ...answer, by: undefined };
    answers.push({
      key: finding.key,
      title: finding.title,
      label: labelOf(finding, answer),
      answer: chosen as Answer,
      steps,
    });
  }
  const keys = [...new Set(earlier.steps.map(({ findingKey }) => findingKey ?? ''))].filter(
    (key) =>
      key.startsWith(OWN) && !key.startsWith(OF_HOUSE) && !standing.steps.some(({ findingKey }) => findingKey === key),
  );
  const own = keys.map((key) => ({
    key,
    steps: earlier.steps.filter((row) => row.enabled && row.findingKey === key).map(({ step }) => step),
  }));
  return { answers, own: own.filter(({ steps }) => steps.length > 0 && listBorrowed(steps).length === 0) };
}

const isSameAnswer = (a: Answer, b: Answer | undefined): boolean =>
  a.kind === 'taken' && b?.kind === 'taken' && a.choiceId === b.choiceId;

function labelOf({ choices }: SheetFinding, answer: Answer): string {
  if (answer.kind === 'taken') return choices.find(({ id }) => id === answer.choiceId)!.label;
  return answer.kind === 'own' ? answer.summary : `left: ${answer.reason}`;
}

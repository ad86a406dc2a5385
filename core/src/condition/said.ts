import type { Answer, Finding } from '@haveld/contract/finding';
import type { Step } from '@haveld/contract/step';
import type { UpCandidate } from '../placement/orientation/judge-up';
import { scaleOf } from '../treatment/scale-of';
import { listAnswerSteps } from './answers';

/** What was said of how a model stands and how large it is: what follows from it is judged by that, and not by the likeliest guess. */
export interface Said {
  /** Null where it stands as it came; left out where nothing was said, or it was turned in a way of its own. */
  turn?: UpCandidate['turn'];
  /** Metres a unit of the file; left out where nothing was said, or it has no real size. */
  factor?: number;
}

/** @param findings of the sheet that was answered, so that a choice is known by its steps */
export function listSaid(answers: ReadonlyMap<string, Answer>, findings: readonly Finding[]): Said {
  const said: Said = {};
  const turns = stepsOf('up', answers, findings)?.filter((step) => step.kind === 'rotate');
  if (turns && turns.length < 2) said.turn = turns[0] ? { axis: turns[0].axis, degrees: turns[0].degrees } : null;
  const scaled = stepsOf('size', answers, findings);
  const size = answers.get('size');
  if (scaled && !(size?.kind === 'taken' && size.choiceId === 'none')) said.factor = scaleOf(scaled);
  return said;
}

/** @returns null where nothing was said, or what was said is offered no more */
function stepsOf(
  key: 'up' | 'size',
  answers: ReadonlyMap<string, Answer>,
  findings: readonly Finding[],
): readonly Step[] | null {
  const answer = answers.get(key);
  if (!answer || answer.kind === 'set-aside') return null;
  const finding = findings.find((one) => one.key === key);
  const isOffered = answer.kind === 'own' || finding?.choices.some(({ id }) => id === answer.choiceId);
  return finding && isOffered ? listAnswerSteps(finding, answer) : null;
}

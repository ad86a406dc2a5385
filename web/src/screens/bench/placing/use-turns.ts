import type { Sheet } from '@haveld/contract/api/bench';
import type { FindingKind } from '@haveld/contract/finding-kinds';
import type { Axis, Step } from '@haveld/contract/step';
import { useAnswer } from '../use-answer';

/** A model that can be turned. */
export interface Turned {
  id: string;
  /** Steps that stand for a finding now. */
  stepsOf: (key: string) => readonly Step[];
  /** There is something to decide of this kind. */
  has: (kind: FindingKind) => boolean;
}

/** @returns what is turned on a sheet */
export const turnedOf = (sheet: Sheet): Turned => ({
  id: sheet.id,
  stepsOf: (key) => sheet.steps.filter((row) => row.findingKey === key).map((row) => row.step),
  has: (wanted) => sheet.findings.some(({ kind }) => kind === wanted),
});

/** Turning a model by hand: each turn adds to what was turned already. */
export function useTurns({ id, stepsOf, has }: Turned) {
  const answer = useAnswer(id);
  const turn = (axis: Axis, degrees: 90 | 180): void => {
    if (axis !== 'y') {
      if (!has('up')) return;
      const steps: Step[] = [...stepsOf('up'), { kind: 'rotate', schema: 1, axis, degrees }];
      const words = steps.length === 1 ? describe(degrees) : `turned by hand, ${steps.length} turns`;
      answer.mutate({ key: 'up', answer: { kind: 'own', steps, summary: words } });
      return;
    }
    if (!has('front-axis')) return;
    const faced = stepsOf('front-axis').reduce(
      (sum, step) => sum + (step.kind === 'set-front-axis' ? step.degrees : 0),
      0,
    );
    const whole = (faced + degrees + 360) % 360;
    const steps: Step[] =
      whole === 0 ? [] : [{ kind: 'set-front-axis', schema: 1, degrees: whole === 270 ? -90 : (whole as 90 | 180) }];
    answer.mutate({
      key: 'front-axis',
      answer: { kind: 'own', steps, summary: whole === 0 ? 'as it came, by hand' : `turned round by hand, ${whole}°` },
    });
  };
  return { turn, isTurning: answer.isPending };
}

const describe = (degrees: 90 | 180): string => (degrees === 90 ? 'turned a quarter' : 'turned by half');

import type { Sheet } from '@haveld/contract/api/bench';
import type { Axis, Step } from '@haveld/contract/step';
import { useAnswer } from '../use-answer';

/** Turning a model by hand: each turn adds to what was turned already. */
export function useTurns(sheet: Sheet) {
  const answer = useAnswer(sheet.id, () => undefined);
  const stepsOf = (key: string): Step[] => sheet.steps.filter((row) => row.findingKey === key).map((row) => row.step);
  const turn = (axis: Axis, degrees: 90 | 180): void => {
    if (axis !== 'y') {
      if (!sheet.findings.some(({ kind }) => kind === 'up')) return;
      const steps: Step[] = [...stepsOf('up'), { kind: 'rotate', schema: 1, axis, degrees }];
      const words = steps.length === 1 ? describe(degrees) : `turned by hand, ${steps.length} turns`;
      answer.mutate({ key: 'up', answer: { kind: 'own', steps, summary: words } });
      return;
    }
    if (!sheet.findings.some(({ kind }) => kind === 'front-axis')) return;
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

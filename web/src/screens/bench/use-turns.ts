import type { Sheet } from '@haveld/contract/api/bench';
import type { Axis, Step } from '@haveld/contract/step';
import { useAnswer } from './use-answer';

/** Turning a model by hand: each turn adds to what was turned already. */
export function useTurns(sheet: Sheet) {
  const answer = useAnswer(sheet.id, () => undefined);
  const stepsOf = (key: string): Step[] => sheet.steps.filter((row) => row.findingKey === key).map((row) => row.step);
  const turn = (axis: Axis, degrees: 90 | 180): void => {
    if (axis !== 'y') {
      if (!sheet.findings.some(({ key }) => key === 'up')) return;
      const steps: Step[] = [...stepsOf('up'), { kind: 'turn', schema: 1, axis, degrees }];
      const words = steps.length === 1 ? describe(degrees) : `turned by hand, ${steps.length} turns`;
      answer.mutate({ key: 'up', answer: { kind: 'own', steps, words } });
      return;
    }
    if (!sheet.findings.some(({ key }) => key === 'front')) return;
    const faced = stepsOf('front').reduce((sum, step) => sum + (step.kind === 'face' ? step.degrees : 0), 0);
    const whole = (faced + degrees + 360) % 360;
    const steps: Step[] =
      whole === 0 ? [] : [{ kind: 'face', schema: 1, degrees: whole === 270 ? -90 : (whole as 90 | 180) }];
    answer.mutate({
      key: 'front',
      answer: { kind: 'own', steps, words: whole === 0 ? 'as it came, by hand' : `turned round by hand, ${whole}°` },
    });
  };
  return { turn, isTurning: answer.isPending };
}

const describe = (degrees: 90 | 180): string => (degrees === 90 ? 'turned a quarter' : 'turned by half');

import Button from '@mui/material/Button';
import type { Sheet } from '@haveld/contract/bench';
import type { Axis } from '@haveld/contract/step';
import { useAnswer } from './use-answer';

const AXES: { axis: Axis; words: string }[] = [
  { axis: 'x', words: 'over forwards' },
  { axis: 'z', words: 'over sideways' },
  { axis: 'y', words: 'round on the spot' },
];

/** Turns the model by quarters until it stands as it should; each press adds one to what was turned already. */
export function QuarterTurns({ sheet, onAnswered }: { sheet: Sheet; onAnswered: () => void }) {
  const answer = useAnswer(sheet.id, onAnswered);
  const turned = sheet.steps.filter((row) => row.findingKey === 'up').map((row) => row.step);
  const turn = (axis: Axis): void => {
    const steps = [...turned, { kind: 'turn' as const, schema: 1 as const, axis, degrees: 90 as const }];
    const words = steps.length === 1 ? 'turned a quarter' : `turned by hand, ${steps.length} turns`;
    answer.mutate({ key: 'up', answer: { kind: 'own', steps, words } });
  };
  return (
    <div className="finding-acts" role="group" aria-label="Turn it a quarter">
      <span className="quiet small">Turn it a quarter</span>
      {AXES.map(({ axis, words }) => (
        <Button key={axis} size="small" variant="outlined" loading={answer.isPending} onClick={() => turn(axis)}>
          {words}
        </Button>
      ))}
    </div>
  );
}

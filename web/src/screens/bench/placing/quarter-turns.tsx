import Button from '@mui/material/Button';
import type { Sheet } from '@haveld/contract/api/bench';
import type { Axis } from '@haveld/contract/step';
import { turnedOf, useTurns } from './use-turns';

export const TURNS: { axis: Axis; label: string; keyName: string }[] = [
  { axis: 'x', label: 'over forwards', keyName: '1' },
  { axis: 'z', label: 'over sideways', keyName: '2' },
  { axis: 'y', label: 'round on the spot', keyName: '3' },
];

/** Turns the model by quarters until it stands and faces as it should. */
export function QuarterTurns({ sheet, axes }: { sheet: Sheet; axes: readonly Axis[] }) {
  const { turn, isTurning } = useTurns(turnedOf(sheet));
  return (
    <div className="finding-acts" role="group" aria-label="Turn it a quarter">
      <span className="quiet small">Turn it a quarter</span>
      {TURNS.filter(({ axis }) => axes.includes(axis)).map(({ axis, label, keyName }) => (
        <Button
          key={axis}
          size="small"
          variant="outlined"
          loading={isTurning}
          onClick={() => turn(axis, 90)}
          title={`${keyName}; Shift and ${keyName} turn it by half`}
        >
          {label}
        </Button>
      ))}
    </div>
  );
}

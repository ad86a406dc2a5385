import Button from '@mui/material/Button';
import { useState } from 'react';
import { setOwnSteps, type Sheet } from '@haveld/contract/api/bench';
import type { StepOutcome } from '@haveld/contract/report';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';

const KEY = 'own:second-layout';
const SIDES = [512, 1024, 2048, 4096];

/** A layout besides the model's own, no place twice: for light that is baked. */
export function BakeLayout({ sheet, outcomes }: { sheet: Sheet; outcomes: readonly StepOutcome[] }) {
  const under = sheet.steps.filter(({ findingKey }) => findingKey === KEY).map(({ step }) => step);
  const taken = under.find((step) => step.kind === 'second-layout');
  const [side, setSide] = useState(taken?.side ?? 1024);
  const done = outcomes.find(({ kind }) => kind === 'second-layout');
  const set = useChange((wanted: number | null) =>
    call(setOwnSteps, {
      params: { id: sheet.id },
      body: {
        key: KEY,
        steps: wanted === null ? [] : [{ kind: 'second-layout', schema: 1, side: wanted }],
        seen: under,
      },
    }),
  );
  return (
    <section className="bake-layout" aria-label="UV layout for baking">
      <h2>UV layout for baking</h2>
      <p className="small quiet">
        {taken
          ? (done?.changed ?? 'Laying it out …')
          : 'None. Baked light needs one in which no place of the map is used twice.'}
      </p>
      <p className="bake-layout-acts">
        <label className="small">
          for a map of{' '}
          <select value={side} onChange={(event) => setSide(Number(event.target.value))}>
            {SIDES.map((one) => (
              <option key={one} value={one}>
                {one} × {one}
              </option>
            ))}
          </select>
        </label>
        <Button
          size="small"
          variant="outlined"
          loading={set.isPending}
          disabled={taken?.side === side}
          onClick={() => set.mutate(side)}
        >
          {taken ? 'Make this instead' : 'Make one'}
        </Button>
        {taken && (
          <Button size="small" disabled={set.isPending} onClick={() => set.mutate(null)}>
            Without
          </Button>
        )}
      </p>
    </section>
  );
}

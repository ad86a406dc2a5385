import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { setOwnSteps, type Sheet } from '@haveld/contract/api/bench';
import type { Step } from '@haveld/contract/step';
import { formatCount } from '@haveld/core/text/count';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';
import { useCategories } from '../../parts/use-categories';
import { useHouseRules } from '../../parts/use-house-rules';
import { readReduction, REDUCTION_WAYS, type ReductionWay } from './reduction-ways';

const KEY = 'own:reduce';

/** Triangles are taken away where they are missed least: to a number, a share, or as far as an error allows. */
export function Reduce({ sheet, onAnswered }: { sheet: Sheet; onAnswered: () => void }) {
  const { triangles: budgets } = useHouseRules();
  const budget = useCategories().budgetOf(sheet.category ?? sheet.proposedCategory.id, budgets);
  const [way, setWay] = useState<ReductionWay>('triangles');
  const [text, setText] = useState(String(Math.min(budget, sheet.figures.triangles)));
  const under = sheet.steps.filter((row) => row.findingKey === KEY);
  const set = useChange(
    (steps: Step[]) =>
      call(setOwnSteps, {
        params: { id: sheet.id },
        body: { key: KEY, steps, seen: under.map((row) => row.step) },
      }),
    { onDone: onAnswered },
  );
  const to = readReduction(way, text);
  return (
    <form
      className="known-size"
      onSubmit={(event) => {
        event.preventDefault();
        if (to) set.mutate([{ kind: 'reduce-triangles', schema: 1, to }]);
      }}
    >
      <TextField
        id="reduce-way"
        select
        label="Reduce it"
        value={way}
        onChange={(event) => {
          const next = REDUCTION_WAYS.find(({ by }) => by === event.target.value)!;
          setWay(next.by);
          setText(next.start || String(Math.min(budget, sheet.figures.triangles)));
        }}
      >
        {REDUCTION_WAYS.map(({ by, label }) => (
          <MenuItem key={by} value={by}>
            {label}
          </MenuItem>
        ))}
      </TextField>
      <TextField
        id="reduce-figure"
        label={way === 'triangles' ? `triangles, its budget is ${formatCount(budget)}` : way === 'share' ? '%' : 'mm'}
        value={text}
        error={text !== '' && to === null}
        helperText={text !== '' && to === null ? 'A number above 0.' : undefined}
        onChange={(event) => setText(event.target.value)}
      />
      <Button type="submit" variant="outlined" disabled={to === null} loading={set.isPending}>
        Reduce
      </Button>
      {under.length > 0 && (
        <Button onClick={() => set.mutate([])} disabled={set.isPending}>
          As it came
        </Button>
      )}
    </form>
  );
}

import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { setOwnSteps, type Sheet } from '@haveld/contract/api/bench';
import type { Step, StepOf } from '@haveld/contract/step';
import { formatCount } from '@haveld/core/text/count';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';
import { useHouseRules } from '../../parts/use-house-rules';

const KEY = 'own:reduce';

const WAYS = [
  { by: 'triangles', label: 'to so many triangles', start: '' },
  { by: 'share', label: 'to a share, in %', start: '50' },
  { by: 'error', label: 'as far as so many mm allow', start: '1' },
] as const;
type Way = (typeof WAYS)[number]['by'];

/** Triangles are taken away where they are missed least: to a number, a share, or as far as an error allows. */
export function Reduce({ sheet, onAnswered }: { sheet: Sheet; onAnswered: () => void }) {
  const { triangles: budgets } = useHouseRules();
  const budget = budgets[sheet.category ?? sheet.likelyCategory];
  const [way, setWay] = useState<Way>('triangles');
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
          const next = WAYS.find(({ by }) => by === event.target.value)!;
          setWay(next.by);
          setText(next.start || String(Math.min(budget, sheet.figures.triangles)));
        }}
      >
        {WAYS.map(({ by, label }) => (
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

/** @returns null for what is no number, or none that can be meant */
export function readReduction(by: Way, text: string): StepOf<'reduce-triangles'>['to'] | null {
  const number = Number(text.replace(/[\s\u202f]/g, '').replace(',', '.'));
  if (text.trim() === '' || !(number > 0)) return null;
  if (by === 'triangles') return { by, triangles: Math.max(1, Math.round(number)) };
  if (by === 'share') return number <= 100 ? { by, share: number / 100 } : null;
  return number <= 10_000 ? { by, mm: number } : null;
}

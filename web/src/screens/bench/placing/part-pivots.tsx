import './part-pivots.css';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { setOwnSteps, type Sheet } from '@haveld/contract/api/bench';
import type { Step } from '@haveld/contract/step';
import { toFileShares } from '@haveld/core/structure/moving-parts';
import { call } from '../../../api/client';
import { useChange } from '../../../api/use-change';
import { documentParts } from '../../../view3d/use-treated';

/** Places of a part's own box, shares of the standing model's width, height, depth. */
const PLACES = [
  { words: 'base centre', point: [0.5, 0, 0.5] },
  { words: 'box centre', point: [0.5, 0.5, 0.5] },
  { words: 'middle of its top', point: [0.5, 1, 0.5] },
  { words: 'foot of its left edge', point: [0, 0, 0.5] },
  { words: 'foot of its right edge', point: [1, 0, 0.5] },
  { words: 'middle of its back', point: [0.5, 0.5, 0] },
  { words: 'its back edge', point: [0.5, 0, 0] },
  { words: 'its corner', point: [0, 0, 0] },
] as const;

const KEY = 'own:part-pivots';
const ALL = 'all';

/** Pivots of single parts, or of all of them at once; nothing moves, and what hangs on a part keeps its own. */
export function PartPivots({ sheet }: { sheet: Sheet }) {
  const parts = useQuery(documentParts(sheet.documentSha256));
  const [which, setWhich] = useState(ALL);
  const [place, setPlace] = useState<string>(PLACES[0].words);
  const own = sheet.steps.filter((row) => row.findingKey === KEY).map((row) => row.step);
  const change = useChange((steps: Step[]) =>
    call(setOwnSteps, { params: { id: sheet.id }, body: { key: KEY, steps, seen: own } }),
  );
  if (!parts.data || parts.data.length < 2) return null;
  const set = (): void => {
    const { point, words } = PLACES.find((one) => one.words === place)!;
    const turn = sheet.steps.find((row) => row.enabled && row.step.kind === 'rotate')?.step;
    const chosen = which === ALL ? parts.data : parts.data.filter((_, i) => String(i) === which);
    const step: Step = {
      kind: 'set-part-pivot',
      schema: 1,
      parts: chosen,
      point: toFileShares([...point], turn?.kind === 'rotate' ? turn : null),
      label: words,
    };
    change.mutate([...own, step]);
  };
  return (
    <form
      className="part-pivots"
      aria-label="Pivots of its parts"
      onSubmit={(event) => {
        event.preventDefault();
        set();
      }}
    >
      <TextField
        id="pivot-of"
        select
        size="small"
        label="Pivot of"
        value={which}
        onChange={(event) => setWhich(event.target.value)}
      >
        <MenuItem value={ALL}>all {parts.data.length} parts, each its own</MenuItem>
        {parts.data.map((part, i) => (
          <MenuItem key={i} value={String(i)}>
            {part.name || `part ${i + 1}`}
          </MenuItem>
        ))}
      </TextField>
      <TextField
        id="pivot-at"
        select
        size="small"
        label="to"
        value={place}
        onChange={(event) => setPlace(event.target.value)}
      >
        {PLACES.map(({ words }) => (
          <MenuItem key={words} value={words}>
            {words}
          </MenuItem>
        ))}
      </TextField>
      <Button type="submit" size="small" variant="outlined" loading={change.isPending} disabled={own.length >= 20}>
        Set
      </Button>
      {own.length > 0 && (
        <Button size="small" onClick={() => change.mutate([])}>
          Take back
        </Button>
      )}
    </form>
  );
}

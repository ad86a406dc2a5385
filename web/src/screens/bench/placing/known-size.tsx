import './known-size.css';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { Sheet } from '@haveld/contract/api/bench';
import type { Box } from '@haveld/contract/report';
import { formatLength, formatSize, parseLength } from '@haveld/core/placement/units';
import { boxSize } from '@haveld/core/scene/measures/bounds';
import { useMeasures } from '../../../parts/use-measures';
import { usePicking } from '../../../view3d/use-picking';
import { useAnswer } from '../use-answer';

/** Measured on the model. */
const PICKED = 'picked';
const SIDES = ['width', 'height', 'depth'] as const;

/** One known measure settles the size: "78 cm high". */
export function KnownSize({
  sheet,
  treatedBox,
  onAnswered,
}: {
  sheet: Sheet;
  treatedBox: Box | null;
  onAnswered: () => void;
}) {
  const [side, setSide] = useState<(typeof SIDES)[number]>('height');
  const [text, setText] = useState('');
  const answer = useAnswer(sheet.id, onAnswered);
  const metres = parseLength(text);
  const picking = usePicking();
  const { length } = useMeasures();
  const size = treatedBox && boxSize(treatedBox);
  const [a, b] = picking.points;
  const distance = a && b ? Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]) : null;
  const shown = distance ?? (size ? size[SIDES.indexOf(side)] : 0);
  const before = sheet.steps.find((row) => row.enabled && row.step.kind === 'scale')?.step;
  const factor = metres && shown > 0 ? (metres / shown) * (before?.kind === 'scale' ? before.factor : 1) : null;
  const take = (): void => {
    if (!factor || !metres || !size) return;
    const now = size.map((v) => (v * metres) / shown) as [number, number, number];
    const words = `${formatSize(size)} → ${formatSize(now)}`;
    answer.mutate({
      key: 'size',
      answer: {
        kind: 'own',
        summary: `${distance === null ? side : 'measured'} ${formatLength(metres)}`,
        steps: [{ kind: 'scale', schema: 1, factor, label: words }],
      },
    });
    picking.ask(null);
  };
  const unreadable = text !== '' && metres === null;
  return (
    <form
      className="known-size"
      onSubmit={(event) => {
        event.preventDefault();
        take();
      }}
    >
      <TextField
        id="known-side"
        select
        label="Known size"
        value={picking.wanted === 'distance' ? PICKED : side}
        onChange={(event) => {
          picking.ask(event.target.value === PICKED ? 'distance' : null);
          if (event.target.value !== PICKED) setSide(event.target.value as typeof side);
        }}
      >
        {SIDES.map((name) => (
          <MenuItem key={name} value={name}>
            {name}
          </MenuItem>
        ))}
        <MenuItem value={PICKED}>two places</MenuItem>
      </TextField>
      <TextField
        id="known-length"
        label={unreadable ? 'Write it as 78 cm, 1.7 m, 2\' 6"' : size ? `now ${length(shown)}` : 'now'}
        placeholder="78 cm"
        value={text}
        error={unreadable}
        onChange={(event) => setText(event.target.value)}
      />
      <Button type="submit" variant="outlined" disabled={!factor} loading={answer.isPending}>
        Take × {factor ? Number(factor.toPrecision(4)) : '…'}
      </Button>
    </form>
  );
}

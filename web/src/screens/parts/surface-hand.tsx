import './part-hand.css';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { PartRef, Step } from '@haveld/contract/step';
import type { PartRow } from '@haveld/core/structure/parts/part-rows';
import type { SurfaceFacts } from '@haveld/core/structure/surfaces/describe-surfaces';
import { countTrouble, type EdgeTrouble } from '@haveld/core/structure/surfaces/judge-surface';
import { count } from '@haveld/core/text/count';
import { readFigure } from '../../parts/read-figure';
import { useMeasures } from '../../parts/use-measures';

export interface SurfaceHandProps {
  /** Parts that show something. */
  shapes: readonly PartRow[];
  /** How their faces meet; null while it is looked at. */
  facts: readonly SurfaceFacts[] | null;
  isBusy: boolean;
  areEdgesDrawn: boolean;
  onDrawEdges: (drawn: boolean) => void;
  onTake: (make: (refs: readonly PartRef[]) => Step[]) => void;
}

const TROUBLES: EdgeTrouble[] = ['open', 'crowded', 'against'];
const sum = (facts: readonly SurfaceFacts[], of: (one: SurfaceFacts) => number): number =>
  facts.reduce((all, one) => all + of(one), 0);

/** What is wrong, in a few words; null where nothing is, or nobody knows yet. */
export function describeTrouble(facts: readonly SurfaceFacts[] | null): string | null {
  if (!facts) return null;
  const turned = sum(facts, (one) => one.turned);
  if (turned > 0) return count(turned, 'polygon the wrong way', 'polygons the wrong way');
  const worst = TROUBLES.find((trouble) => sum(facts, (one) => one[trouble]) > 0);
  return worst
    ? countTrouble(
        worst,
        sum(facts, (one) => one[worst]),
      )
    : null;
}

/** How the faces of what is chosen meet, and what can be done about it. */
export function SurfaceHand({ shapes, facts, isBusy, areEdgesDrawn, onDrawEdges, onTake }: SurfaceHandProps) {
  const [degrees, setDegrees] = useState('40');
  const [atMaterials, setAtMaterials] = useState(false);
  const [nearMm, setNearMm] = useState('0.1');
  const [holeMm, setHoleMm] = useState('');
  const turned = facts ? sum(facts, (one) => one.turned) : 0;
  const closable = facts ? sum(facts, ({ closable: sizes }) => sizes.length) : 0;
  const troubled = facts ? sum(facts, ({ open, crowded, against }) => open + crowded + against) : 0;
  const angle = readFigure(degrees, 0, 180);
  const near = readFigure(nearMm, 0, 10_000);
  const largest = holeMm.trim() === '' ? Infinity : readFigure(holeMm, 0, 1_000_000);

  const turnFaces = (): void => {
    if (turned > 0 && !isBusy) onTake((parts) => [{ kind: 'turn-faces', schema: 1, parts: [...parts] }]);
  };
  const closeHoles = (): void => {
    if (closable === 0 || largest === null || isBusy) return;
    onTake((parts) =>
      parts.map((part, i) => ({
        kind: 'close-holes',
        schema: 1,
        parts: [part],
        upTo: shareOf(largest, shapes[i], 1),
      })),
    );
  };
  const mergeVertices = (): void => {
    if (!near || isBusy) return;
    onTake((parts) =>
      parts.map((part, i) => ({
        kind: 'merge-vertices',
        schema: 1,
        parts: [part],
        tolerance: shareOf(near, shapes[i], 0.1),
        of: 'all',
      })),
    );
  };
  const shade = (): void => {
    if (angle !== null && !isBusy)
      onTake((parts) => [{ kind: 'shade-parts', schema: 1, parts: [...parts], degrees: angle, atMaterials }]);
  };
  useHotkeys('n', turnFaces);
  useHotkeys('h', closeHoles);
  useHotkeys('v', mergeVertices);
  useHotkeys('z', shade);
  useHotkeys('k', () => onDrawEdges(!areEdgesDrawn));

  return (
    <section className="surface-hand" aria-label="Its surface">
      <SurfaceWords facts={facts} shapes={shapes} />
      <div className="part-acts">
        {troubled > 0 && (
          <Button
            size="small"
            variant="outlined"
            aria-pressed={areEdgesDrawn}
            onClick={() => onDrawEdges(!areEdgesDrawn)}
          >
            {areEdgesDrawn ? 'Hide these edges (k)' : 'Show these edges (k)'}
          </Button>
        )}
        {turned > 0 && (
          <Button size="small" variant="outlined" disabled={isBusy} onClick={turnFaces}>
            Flip them outwards (n)
          </Button>
        )}
      </div>
      {closable > 0 && (
        <FigureRow
          id="surface-holes"
          label="Close flat holes up to"
          unit="mm"
          value={holeMm}
          placeholder="any"
          isWrong={largest === null}
          isBusy={isBusy}
          action="Close (h)"
          onChange={setHoleMm}
          onAct={closeHoles}
        />
      )}
      <FigureRow
        id="surface-near"
        label="Merge vertices within"
        unit="mm"
        value={nearMm}
        isWrong={!near}
        isBusy={isBusy}
        action="Merge (v)"
        onChange={setNearMm}
        onAct={mergeVertices}
      />
      <FigureRow
        id="surface-smooth"
        label="Smooth edges below"
        unit="°"
        value={degrees}
        isWrong={angle === null}
        isBusy={isBusy}
        action="Smooth (z)"
        onChange={setDegrees}
        onAct={shade}
      />
      <label className="surface-at-materials">
        <input type="checkbox" checked={atMaterials} onChange={(event) => setAtMaterials(event.target.checked)} />a hard
        edge where two materials meet
      </label>
    </section>
  );
}

function SurfaceWords({ facts, shapes }: { facts: readonly SurfaceFacts[] | null; shapes: readonly PartRow[] }) {
  const { length } = useMeasures();
  if (!facts) return <p className="quiet small">Checking its edges …</p>;
  const shells = sum(facts, (one) => one.shells);
  const holes = sum(facts, (one) => one.holes);
  const turned = sum(facts, (one) => one.turned);
  const closable = facts.flatMap(({ id, closable: sizes }) => {
    const whole = Math.max(...(shapes.find((row) => row.id === id)?.size ?? [0]));
    return sizes.map((size) => size * whole);
  });
  const troubles = TROUBLES.flatMap((trouble) => {
    const number = sum(facts, (one) => one[trouble]);
    return number > 0 ? [countTrouble(trouble, number)] : [];
  });
  const isClosed = facts.every((one) => one.isClosed);
  return (
    <ul className="surface-words">
      <li>{`${isClosed ? 'closed' : 'not closed'}, ${count(shells, 'shell')}`}</li>
      {troubles.map((words) => (
        <li key={words}>{words}</li>
      ))}
      {holes > 0 && (
        <li>
          {count(holes, 'ring')} of open edges
          {closable.length > 0 && `, ${closable.length} flat, the largest ${length(Math.max(...closable))}`}
        </li>
      )}
      {turned > 0 && <li className="says-look">{count(turned, 'polygon looks', 'polygons look')} the wrong way</li>}
    </ul>
  );
}

function FigureRow({
  id,
  label,
  unit,
  value,
  placeholder,
  isWrong,
  isBusy,
  action,
  onChange,
  onAct,
}: {
  id: string;
  label: string;
  unit: string;
  value: string;
  placeholder?: string;
  isWrong: boolean;
  isBusy: boolean;
  action: string;
  onChange: (value: string) => void;
  onAct: () => void;
}) {
  return (
    <form
      className="surface-figure"
      onSubmit={(event) => {
        event.preventDefault();
        onAct();
      }}
    >
      <label htmlFor={id}>{label}</label>
      <input
        id={id}
        inputMode="decimal"
        value={value}
        placeholder={placeholder}
        aria-invalid={isWrong}
        onChange={(event) => onChange(event.target.value)}
      />
      <span>{unit}</span>
      <Button size="small" variant="outlined" type="submit" disabled={isWrong || isBusy}>
        {action}
      </Button>
    </form>
  );
}

/** Millimetres as a share of a part's longest side. */
function shareOf(mm: number, { size }: PartRow, most: number): number {
  const whole = Math.max(...(size ?? [0]));
  return whole > 0 && Number.isFinite(mm) ? Math.min(most, Math.max(1e-9, mm / 1000 / whole)) : most;
}

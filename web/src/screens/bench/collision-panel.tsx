import './stage-panel.css';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { setOwnSteps, type Sheet } from '@haveld/contract/api/bench';
import { MATTER_KINDS, type CollisionKind, type MatterKind, type Step, type StepOf } from '@haveld/contract/step';
import { DENSITIES } from '@haveld/core/placement/collision/densities';
import { COLLISION_WORDS } from '@haveld/core/treatment/steps/set-collision';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';
import { useMeasures } from '../../parts/use-measures';
import type { DrawnEdges } from '../../view3d/stage/drawn-edges';
import { fitTreated } from '../../view3d/use-treated';
import { readFigure } from '../../parts/read-figure';

const KEY = 'own:collision';

/** What a model is taken for where things collide: every shape with how well it fits, drawn on the model, taken as a step. */
export function CollisionPanel({
  sheet,
  glb,
  onOutline,
  onClose,
}: {
  sheet: Sheet;
  /** The treated model. */
  glb: ArrayBuffer | null;
  /** The shape in hand, to be drawn on the model. */
  onOutline: (edges: DrawnEdges | null) => void;
  onClose: () => void;
}) {
  const { length } = useMeasures();
  const under = sheet.steps.filter((row) => row.findingKey === KEY);
  const taken = under.map(({ step }) => step).find((step) => step.kind === 'set-collision');
  const fitted = useQuery({
    queryKey: ['fitted-shapes', sheet.documentSha256, sheet.steps.filter((row) => row.enabled).map(({ step }) => step)],
    queryFn: () => fitTreated(new Uint8Array(glb!.slice(0))),
    enabled: glb !== null,
    staleTime: Infinity,
    gcTime: 60_000,
  });
  const [chosen, setChosen] = useState<CollisionKind | null>(taken?.shape ?? null);
  const [isMovable, setMovable] = useState(taken?.isMovable ?? true);
  const [matter, setMatter] = useState<MatterKind | null>(taken?.matter ?? null);
  const [mass, setMass] = useState(taken?.massKg === undefined ? '' : String(taken.massKg));
  const kind = chosen ?? fitted.data?.proposed ?? null;
  const meant = matter ?? fitted.data?.matter ?? 'plain';
  const inHand = fitted.data?.shapes.find((one) => one.kind === kind);
  useEffect(() => onOutline(inHand ? { ends: inHand.outline, kind: 'shape' } : null), [onOutline, inHand]);
  useEffect(() => () => onOutline(null), [onOutline]);
  const set = useChange((steps: Step[]) =>
    call(setOwnSteps, {
      params: { id: sheet.id },
      body: { key: KEY, steps, seen: under.map((row) => row.step) },
    }),
  );
  const given = mass.trim() === '' ? undefined : readFigure(mass, 1e-6, 1e9);
  const weight = fitted.data ? fitted.data.solidM3 * DENSITIES[meant] : null;
  const step: StepOf<'set-collision'> | null =
    kind && given !== null
      ? { kind: 'set-collision', schema: 1, shape: kind, isMovable, matter: meant, ...(given ? { massKg: given } : {}) }
      : null;
  return (
    <section className="stage-panel" aria-label="Collision shape">
      <header>
        <h2>Collision shape</h2>
        <Button size="small" onClick={onClose}>
          Close
        </Button>
      </header>
      {fitted.isPending && <p className="quiet">Fitting shapes …</p>}
      {fitted.error && <p className="says-blocks">{fitted.error.message}</p>}
      {fitted.data === null && <p className="quiet">Too flat for a collision shape.</p>}
      {fitted.data && (
        <>
          <table>
            <thead>
              <tr>
                <th>as</th>
                <th>volume</th>
                <th>gap up to</th>
              </tr>
            </thead>
            <tbody>
              {fitted.data.shapes.map((one) => (
                <tr key={one.kind}>
                  <td>
                    <label>
                      <input
                        type="radio"
                        name="collision"
                        checked={one.kind === kind}
                        onChange={() => setChosen(one.kind)}
                      />
                      {COLLISION_WORDS[one.kind]}
                      {one.hulls > 1 && <span className="quiet">({one.hulls})</span>}
                      {one.kind === fitted.data?.proposed && <span className="says-holds small">fits best</span>}
                    </label>
                  </td>
                  <td className="mono">{one.times < 100 ? one.times.toFixed(2) : Math.round(one.times)} ×</td>
                  <td className="mono">{length(Number(one.air.toPrecision(2)))}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="quiet small">Volume relative to the model’s. Drop and pile use the shape taken here.</p>
          <div className="stage-panel-row" role="radiogroup" aria-label="Movable or fixed">
            <label>
              <input type="radio" name="moves" checked={isMovable} onChange={() => setMovable(true)} />
              movable
            </label>
            <label>
              <input type="radio" name="moves" checked={!isMovable} onChange={() => setMovable(false)} />
              fixed
            </label>
          </div>
          <div className="stage-panel-row">
            <label>
              of
              <select value={meant} onChange={(event) => setMatter(event.target.value as MatterKind)}>
                {MATTER_KINDS.map((one) => (
                  <option key={one} value={one}>
                    {one === 'plain' ? 'no known matter' : one}
                  </option>
                ))}
              </select>
            </label>
            {isMovable && (
              <label>
                weighs
                <input
                  inputMode="decimal"
                  aria-label="Weight, kg"
                  value={mass}
                  placeholder={weight === null ? '' : formatKg(weight)}
                  aria-invalid={given === null}
                  onChange={(event) => setMass(event.target.value)}
                />
                kg
              </label>
            )}
          </div>
          <div className="stage-panel-row">
            <Button
              size="small"
              variant="contained"
              disabled={step === null}
              loading={set.isPending}
              onClick={() => step && set.mutate([step])}
            >
              {taken ? 'Take this instead' : 'Take it'}
            </Button>
            {taken && (
              <Button size="small" onClick={() => set.mutate([])} disabled={set.isPending}>
                Without
              </Button>
            )}
          </div>
        </>
      )}
    </section>
  );
}

const formatKg = (kg: number): string =>
  kg >= 100 ? String(Math.round(kg)) : kg >= 1 ? kg.toFixed(1) : kg.toPrecision(2);

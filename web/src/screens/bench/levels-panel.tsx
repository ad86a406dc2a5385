import './stage-panel.css';
import './levels-panel.css';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { setOwnSteps, type Sheet } from '@haveld/contract/api/bench';
import { MOST_LEVELS, type Level, type Step } from '@haveld/contract/step';
import { count, formatCount } from '@haveld/core/text/count';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';
import { useCategories } from '../../parts/use-categories';
import { useHouseRules } from '../../parts/use-house-rules';
import { useMeasures } from '../../parts/use-measures';
import type { ShownLevel } from '../../view3d/treat.worker';
import { describeTreatedLevels, pickTreatedLevel } from '../../view3d/use-treated';
import { isShapeAlone, LEVEL_WAYS, readLevel, writeLevel, type LevelWay } from './reduction-ways';

const KEY = 'own:levels';

/** A level of the treated model, to be shown in its place. */
export interface ShownAtLevel {
  glb: ArrayBuffer;
  words: string;
}

/** A coarser level as it stands in the form. */
interface Draft {
  way: LevelWay;
  text: string;
}

/** Each half as heavy as the one before: common practice, no source. */
const HALVED: Draft[] = ['50', '25', '12'].map((text) => ({ way: 'share', text }));

/** Coarser levels of detail: how many triangles, how far off, from where nobody sees it, and what they look like there. */
export function LevelsPanel({
  sheet,
  glb,
  onShown,
  onClose,
}: {
  sheet: Sheet;
  /** The treated model. */
  glb: ArrayBuffer | null;
  /** A level to be shown instead of the model; null for the model. */
  onShown: (shown: ShownAtLevel | null) => void;
  onClose: () => void;
}) {
  const steps = sheet.steps.filter((row) => row.enabled).map(({ step }) => step);
  const under = sheet.steps.filter((row) => row.findingKey === KEY);
  const taken = under.map(({ step }) => step).find((step) => step.kind === 'set-levels');
  const came = steps.some(({ kind }) => kind === 'keep-levels');
  const levels = useQuery({
    queryKey: ['levels', sheet.documentSha256, steps],
    queryFn: () => describeTreatedLevels(new Uint8Array(glb!.slice(0))),
    enabled: glb !== null,
    staleTime: Infinity,
    gcTime: 60_000,
  });
  const [level, setLevel] = useState(0);
  const picked = useQuery({
    queryKey: ['level', sheet.documentSha256, steps, level],
    queryFn: () => pickTreatedLevel(new Uint8Array(glb!.slice(0)), level),
    enabled: glb !== null && level > 0,
    staleTime: Infinity,
    gcTime: 60_000,
  });
  const shown = level > 0 ? (picked.data ?? null) : null;
  useEffect(() => onShown(shown && { glb: shown, words: `level ${level} of detail` }), [onShown, shown, level]);
  useEffect(() => () => onShown(null), [onShown]);
  const set = useChange(
    (wanted: Step[]) =>
      call(setOwnSteps, {
        params: { id: sheet.id },
        body: { key: KEY, steps: wanted, seen: under.map((row) => row.step) },
      }),
    { onDone: () => setLevel(0) },
  );
  const [draft, setDraft] = useState<Draft[]>(() => taken?.levels.map(writeLevel) ?? HALVED);
  const read = draft.map(({ way, text }) => readLevel(way, text));
  const wanted = read.every((one): one is Level => one !== null) ? read : null;
  return (
    <section className="stage-panel levels-panel" aria-label="Levels of detail">
      <header>
        <h2>Levels of detail</h2>
        <Button size="small" onClick={onClose}>
          Close
        </Button>
      </header>
      {levels.isPending && <p className="quiet">Measuring the levels …</p>}
      {levels.error && <p className="says-blocks">{levels.error.message}</p>}
      {levels.data && levels.data.length < 2 && <p className="quiet">Only the model itself, no coarser levels.</p>}
      {levels.data && levels.data.length > 1 && (
        <ol className="levels">
          {levels.data.map((one) => (
            <LevelRow
              key={one.level}
              level={one}
              finest={levels.data[0].triangles}
              isShown={one.level === level}
              onShow={() => setLevel(one.level)}
            />
          ))}
        </ol>
      )}
      {came && !taken && <p className="quiet small">They came with the model. Making levels here replaces them.</p>}
      <form
        className="levels-form"
        onSubmit={(event) => {
          event.preventDefault();
          if (wanted) set.mutate([{ kind: 'set-levels', schema: 1, levels: wanted }]);
        }}
      >
        <DraftRows draft={draft} read={read} sheet={sheet} onDraft={setDraft} />
        <div className="stage-panel-row">
          <Button type="submit" size="small" variant="contained" disabled={wanted === null} loading={set.isPending}>
            {taken ? 'Make these instead' : `Make ${count(draft.length, 'level')}`}
          </Button>
          {taken && (
            <Button size="small" onClick={() => set.mutate([])} disabled={set.isPending}>
              Without
            </Button>
          )}
        </div>
      </form>
    </section>
  );
}

function LevelRow({
  level: { level, triangles, error, from, side, pictures, isHardlyLighter },
  finest,
  isShown,
  onShow,
}: {
  level: ShownLevel;
  finest: number;
  isShown: boolean;
  onShow: () => void;
}) {
  const { length } = useMeasures();
  return (
    <li>
      <label>
        <input type="radio" name="level" checked={isShown} onChange={onShow} />
        {level === 0 ? 'finest' : `level ${level}`}
        <span className="mono">{formatCount(triangles)}</span>
        {level > 0 && <span className="quiet small">{Math.max(1, Math.round((triangles / finest) * 100))} %</span>}
      </label>
      {level > 0 && (
        <>
          <p className="small">
            {error === null || from === null ? (
              <span className="quiet">Deviation not measured.</span>
            ) : error === 0 ? (
              'No deviation.'
            ) : (
              <>
                up to <b>{length(Number(error.toPrecision(2)))}</b> deviation, unseen from{' '}
                <b>{length(Number(from.toPrecision(2)))}</b> away
              </>
            )}
          </p>
          {isHardlyLighter && <p className="says-look small">Barely fewer triangles than the level before.</p>}
          <p className="level-pictures">
            {pictures.map((url, i) => (
              <img
                key={i}
                src={url}
                width={side}
                height={side}
                alt={i === 0 ? 'The finest, from there' : `Level ${level}, from there`}
              />
            ))}
          </p>
        </>
      )}
    </li>
  );
}

function DraftRows({
  draft,
  read,
  sheet,
  onDraft,
}: {
  draft: readonly Draft[];
  read: readonly (Level | null)[];
  sheet: Sheet;
  onDraft: (draft: Draft[]) => void;
}) {
  const { triangles: budgets } = useHouseRules();
  const budget = useCategories().budgetOf(sheet.category ?? sheet.proposedCategory.id, budgets);
  const change = (at: number, to: Draft): void => onDraft(draft.map((one, i) => (i === at ? to : one)));
  return (
    <>
      {draft.map(({ way, text }, i) => (
        <div key={i} className="stage-panel-row">
          <span className="quiet">level {i + 1}</span>
          <select
            aria-label={`Level ${i + 1}, by what`}
            value={way}
            onChange={(event) => {
              const next = LEVEL_WAYS.find(({ by }) => by === event.target.value)!;
              change(i, { way: next.by, text: isShapeAlone(next.by) ? '' : next.start || String(budget) });
            }}
          >
            {LEVEL_WAYS.map(({ by, short }) => (
              <option key={by} value={by}>
                {short}
              </option>
            ))}
          </select>
          {!isShapeAlone(way) && (
            <input
              inputMode="decimal"
              aria-label={`Level ${i + 1}, how much`}
              value={text}
              aria-invalid={read[i] === null}
              onChange={(event) => change(i, { way, text: event.target.value })}
            />
          )}
          <span className="grow" />
          {draft.length > 1 && (
            <button
              type="button"
              className="level-less"
              aria-label={`Without level ${i + 1}`}
              onClick={() => onDraft(draft.filter((_, k) => k !== i))}
            >
              ×
            </button>
          )}
        </div>
      ))}
      {draft.length < MOST_LEVELS && (
        <Button
          size="small"
          sx={{ alignSelf: 'start' }}
          onClick={() => onDraft([...draft, { way: 'share', text: String(Math.max(1, 50 >> draft.length)) }])}
        >
          One level more
        </Button>
      )}
    </>
  );
}

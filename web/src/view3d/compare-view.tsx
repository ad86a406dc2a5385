import './compare-view.css';
import { use, useEffect, useState, type ReactNode } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { LightControls } from './light-controls';
import type { Moment } from './stage/clip-player';
import { UnitIsOpen } from '../parts/use-measures';
import type { Side } from './stage/overlay';
import type { Surface } from './stage/stage';
import type { DrawnEdges } from './stage/drawn-edges';
import { StageOverlay } from './stage/stage-overlay';
import { TrialBar } from './trial-bar';
import { useBeside } from './use-beside';
import { createOverlayStore, useOverlay } from './use-overlay';
import { usePicking } from './use-picking';
import { useShown, useStage, useStageHand } from './use-stage';
import { useTrials, type TrialKind } from './use-trials';

export interface CompareViewProps {
  /** Bytes of each side; null while they are on their way, undefined where a side is not shown at all. */
  received?: ArrayBuffer | null;
  treated: ArrayBuffer | null;
  /** Why one of them will not come. */
  failure?: Error | null;
  /** What a finding means, lit up on each side. */
  lit?: Lit;
  /** Metres a unit of what was received; null where it states none, so that its bar counts units. */
  receivedMetres?: number | null;
  /** False where lengths mean nothing. */
  hasSize: boolean;
  /** What the received side is called. */
  receivedWords?: string;
  /** What the treated side is called. */
  treatedWords?: string;
  /** Both sides, or one alone. */
  only: Side | null;
  /** Changes to frame the model again. */
  frameKey: number;
  /** The moment of a clip it is shown in; null or left out as it rests. */
  moment?: Moment | null;
  /** What its surfaces show. */
  surface?: Surface;
  /** True leaves out measures and the person. */
  isPlain?: boolean;
  /** False where it moves by clips or joints: then it is not let go. */
  canDrop?: boolean;
  /** Module of its kit; null where it has none. */
  moduleM?: number | null;
  /** Edges drawn on the treated model; it is shown alone then. */
  edges?: DrawnEdges | null;
  /** What stands with the trials. */
  besideTrials?: ReactNode;
  /** Told what is tried; null where nothing is. */
  onTrial?: (kind: TrialKind | null) => void;
}

/** Faces lit on each side: xyz a corner, three corners a triangle. */
export interface Lit extends Record<Side, Float32Array | null> {
  /** True sends the view there. */
  isGoneTo: boolean;
}

const NOTHING_LIT: Lit = { received: null, treated: null, isGoneTo: false };

/** What is asked for a distance, by how many places are picked. */
const ASKS_FOR = {
  pivot: 'Click the place it should turn about: a corner, an edge or a face.',
  remark: 'Click the place the remark is about.',
};

const ASKS = [
  'Click two places whose distance you know.',
  'Now the other end.',
  'Write how far apart they are beside “Known size”.',
];
/** A twelfth of a turn. */
const LIGHT_STEP = Math.PI / 6;

/**
 * The model, large: as received and as treated, as one picture under a wipe where one camera shows both, else whole beside one another;
 * each with its own ruled bar.
 */
export function CompareView({
  received,
  treated,
  failure = null,
  lit = NOTHING_LIT,
  receivedMetres = 1,
  hasSize,
  receivedWords = 'as received',
  treatedWords = 'as treated',
  only,
  frameKey,
  moment = null,
  surface = 'own',
  isPlain = false,
  canDrop = true,
  moduleM = null,
  edges = null,
  besideTrials = null,
  onTrial,
}: CompareViewProps) {
  const [overlay] = useState(createOverlayStore);
  const view = useStage(overlay.set);
  const { canvas, host, stage, problem, onProblem: setProblem } = view;
  const [wipe, setWipe] = useState(0.5);
  const [light, setLight] = useState(-0.7);
  const [strength, setStrength] = useState(1);
  const [person, setPerson] = useState(true);
  const [isOneScale, setOneScale] = useState(false);
  const width = useOverlay(overlay, (now) => now?.measures.find(({ axis }) => axis === 'width')?.size ?? null);
  // nobody stands beside what may be of any size
  const isReal = hasSize && !use(UnitIsOpen);
  const trials = useTrials(treated, isReal ? width : null, moduleM);
  useEffect(() => onTrial?.(trials.kind), [onTrial, trials.kind]);
  const { thing, preview } = useBeside();
  const picking = usePicking();
  const hand = useStageHand(stage, (x, y) => {
    const picked = picking.wanted && stage.current?.pick(x, y);
    if (picked) picking.pick([picked.point.x, picked.point.y, picked.point.z]);
  });

  useShown(view, 'received', received ?? null);
  useShown(view, 'treated', treated);
  // what is tried, or stood beside, is the treated model: the wipe would hide half of it
  const shownOnly = received === undefined || thing || trials.kind || edges ? 'treated' : only;
  const both = shownOnly === null;
  const isBeside = useOverlay(overlay, (now) => now?.isBeside ?? false);
  const isWiped = both && !isBeside;
  useEffect(() => stage.current?.setOnly(shownOnly), [stage, shownOnly]);
  useEffect(() => stage.current?.setWipe(wipe), [stage, wipe]);
  useEffect(() => stage.current?.setLight(light, strength), [stage, light, strength]);
  useEffect(() => stage.current?.setPerson(person && isReal && !isPlain), [stage, person, isReal, isPlain]);
  useEffect(() => stage.current?.frame(), [stage, frameKey]);
  useEffect(() => stage.current?.setMoment(moment), [stage, moment]);
  useEffect(() => stage.current?.setSurface(surface), [stage, surface]);
  useEffect(() => stage.current?.setPicked(picking.points), [stage, picking.points, treated]);
  // a place is picked on a model that stands still
  const trial = picking.wanted === null ? trials.trial : null;
  useEffect(() => stage.current?.setTrial(trial), [stage, trial, treated]);
  useEffect(() => stage.current?.setPreview(preview), [stage, preview, treated]);
  useEffect(() => stage.current?.setOneScale(isOneScale), [stage, isOneScale]);
  useEffect(() => {
    stage.current
      ?.setBeside(thing)
      .catch((error: unknown) => setProblem(`What it stands beside cannot be shown: ${(error as Error).message}`));
  }, [stage, setProblem, thing]);
  useEffect(() => stage.current?.setLit('received', lit.received), [stage, lit.received]);
  useEffect(() => stage.current?.setLit('treated', lit.treated), [stage, lit.treated]);
  useEffect(() => stage.current?.setEdges(edges), [stage, edges]);
  useEffect(() => stage.current?.goToLit(lit.isGoneTo), [stage, lit.isGoneTo, lit.treated]);
  useHotkeys('o', () => setOneScale((now) => !now), { enabled: both && isBeside });
  useHotkeys('escape', () => picking.ask(null), { enabled: picking.wanted !== null });
  useHotkeys('l', () =>
    setLight((now) => (now + LIGHT_STEP > Math.PI ? now + LIGHT_STEP - 2 * Math.PI : now + LIGHT_STEP)),
  );

  const said = failure ? `The model cannot be shown: ${failure.message}` : problem;
  return (
    <div className="stage" ref={host}>
      <div
        className={picking.wanted ? 'stage-hand picking' : 'stage-hand'}
        tabIndex={0}
        role="application"
        aria-label="The model: arrows turn it, plus and minus come nearer and go farther"
        {...hand}
      >
        <canvas ref={canvas} />
      </div>
      {said && (
        <p className="stage-problem" role="alert">
          {said}
        </p>
      )}
      {!treated && !said && (
        <p className="stage-problem" role="status" style={both && isBeside ? { left: '52%', right: '2%' } : undefined}>
          Loading the model …
        </p>
      )}
      {shownOnly !== 'treated' && <span className="stage-label left">{receivedWords}</span>}
      {shownOnly !== 'received' && (
        <span
          className="stage-label right"
          style={both && isBeside ? { left: 'calc(50% + 12px)', right: 'auto' } : undefined}
        >
          {treatedWords}
        </span>
      )}
      {both && isBeside && (
        <>
          <div className="stage-seam" aria-hidden="true" />
          <label className="stage-one-scale">
            <input type="checkbox" checked={isOneScale} onChange={(event) => setOneScale(event.target.checked)} /> both
            at one scale
          </label>
        </>
      )}
      {isWiped && (
        <>
          <div className="stage-wipe" style={{ left: `${wipe * 100}%` }} aria-hidden="true">
            <span>‹ ›</span>
          </div>
          <input
            className="stage-slider"
            type="range"
            min={0}
            max={1}
            step={0.01}
            value={wipe}
            onChange={(event) => setWipe(Number(event.target.value))}
            aria-label={`Wipe between ${receivedWords} and ${treatedWords}`}
          />
        </>
      )}
      {picking.wanted && (
        <p className="stage-asks" role="status">
          {picking.wanted === 'distance' ? ASKS[picking.points.length] : ASKS_FOR[picking.wanted]}{' '}
          <button type="button" onClick={() => picking.ask(null)}>
            Leave it (Esc)
          </button>
        </p>
      )}
      <StageOverlay
        store={overlay}
        only={shownOnly}
        from={both && isBeside ? 0.5 : 0}
        host={host}
        receivedMetres={receivedMetres}
        hasSize={hasSize}
        isPlain={isPlain}
        isTrying={trials.kind !== null}
        thing={thing}
      />
      {!isPlain && treated && !picking.wanted && <TrialBar trials={trials} canDrop={canDrop} beside={besideTrials} />}
      <LightControls
        light={light}
        strength={strength}
        person={person}
        onLight={setLight}
        onStrength={setStrength}
        onPerson={setPerson}
      />
    </div>
  );
}

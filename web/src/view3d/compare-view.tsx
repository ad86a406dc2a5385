import './compare-view.css';
import { use, useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { LightControls } from './light-controls';
import type { Moment } from './stage/clip-player';
import { UnitIsOpen } from '../parts/use-measures';
import type { Side } from './stage/overlay';
import { Stage, type Surface } from './stage/stage';
import { StageOverlay } from './stage/stage-overlay';
import { TrialBar } from './trial-bar';
import { useBeside } from './use-beside';
import { createOverlayStore, useOverlay } from './use-overlay';
import { usePicking } from './use-picking';
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
const ASKS = [
  'Click two places whose distance you know.',
  'Now the other end.',
  'Write how far apart they are beside “Known size”.',
];
const NUDGE = 0.14;

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
  treatedWords = 'as treated',
  only,
  frameKey,
  moment = null,
  surface = 'own',
  isPlain = false,
  canDrop = true,
  moduleM = null,
  onTrial,
}: CompareViewProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const host = useRef<HTMLDivElement>(null);
  const stage = useRef<Stage | null>(null);
  const [overlay] = useState(createOverlayStore);
  const [wipe, setWipe] = useState(0.5);
  const [light, setLight] = useState(-0.7);
  const [strength, setStrength] = useState(1);
  const [person, setPerson] = useState(true);
  const [problem, setProblem] = useState<string | null>(null);
  const [isOneScale, setOneScale] = useState(false);
  const width = useOverlay(overlay, (now) => now?.measures.find(({ axis }) => axis === 'width')?.size ?? null);
  // nobody stands beside what may be of any size
  const isReal = hasSize && !use(UnitIsOpen);
  const trials = useTrials(treated, isReal ? width : null, moduleM);
  useEffect(() => onTrial?.(trials.kind), [onTrial, trials.kind]);
  const { thing, preview } = useBeside();
  const picking = usePicking();
  const pressedAt = useRef<{ x: number; y: number } | null>(null);

  useEffect(() => {
    let made: Stage;
    try {
      made = new Stage(canvas.current!, overlay.set);
    } catch (error) {
      setProblem(`The view cannot be opened here: ${(error as Error).message}`);
      return;
    }
    stage.current = made;
    const observer = new ResizeObserver(([entry]) => made.resize(entry.contentRect.width, entry.contentRect.height));
    observer.observe(host.current!);
    return () => {
      observer.disconnect();
      made.dispose();
      stage.current = null;
    };
  }, [overlay]);

  useShown(stage, 'received', received ?? null, setProblem);
  useShown(stage, 'treated', treated, setProblem);
  // what is tried, or stood beside, is the treated model: the wipe would hide half of it
  const shownOnly = received === undefined || thing || trials.kind ? 'treated' : only;
  const both = shownOnly === null;
  const isBeside = useOverlay(overlay, (now) => now?.isBeside ?? false);
  const isWiped = both && !isBeside;
  useEffect(() => stage.current?.setOnly(shownOnly), [shownOnly]);
  useEffect(() => stage.current?.setWipe(wipe), [wipe]);
  useEffect(() => stage.current?.setLight(light, strength), [light, strength]);
  useEffect(() => stage.current?.setPerson(person && isReal && !isPlain), [person, isReal, isPlain]);
  useEffect(() => stage.current?.frame(), [frameKey]);
  useEffect(() => stage.current?.setMoment(moment), [moment]);
  useEffect(() => stage.current?.setSurface(surface), [surface]);
  useEffect(() => stage.current?.setPicked(picking.points), [picking.points, treated]);
  // a place is picked on a model that stands still
  const trial = picking.wanted === null ? trials.trial : null;
  useEffect(() => stage.current?.setTrial(trial), [trial, treated]);
  useEffect(() => stage.current?.setPreview(preview), [preview, treated]);
  useEffect(() => stage.current?.setOneScale(isOneScale), [isOneScale]);
  useEffect(() => {
    stage.current
      ?.setBeside(thing)
      .catch((error: unknown) => setProblem(`What it stands beside cannot be shown: ${(error as Error).message}`));
  }, [thing]);
  useEffect(() => stage.current?.setLit('received', lit.received), [lit.received]);
  useEffect(() => stage.current?.setLit('treated', lit.treated), [lit.treated]);
  useEffect(() => stage.current?.goToLit(lit.isGoneTo), [lit.isGoneTo, lit.treated]);
  useHotkeys('o', () => setOneScale((now) => !now), { enabled: both && isBeside });
  useHotkeys('escape', () => picking.ask(null), { enabled: picking.wanted !== null });
  useHotkeys('l', () =>
    setLight((now) => (now + LIGHT_STEP > Math.PI ? now + LIGHT_STEP - 2 * Math.PI : now + LIGHT_STEP)),
  );

  useEffect(() => {
    const element = host.current!;
    const onWheel = (event: WheelEvent): void => {
      event.preventDefault();
      stage.current?.zoom(Math.exp(event.deltaY * 0.001));
    };
    element.addEventListener('wheel', onWheel, { passive: false });
    return () => element.removeEventListener('wheel', onWheel);
  }, []);

  const onPointerMove = (event: PointerEvent<HTMLDivElement>): void => {
    if (event.buttons === 0) return;
    const { clientWidth, clientHeight } = event.currentTarget;
    if (event.buttons === 1 && !event.shiftKey) stage.current?.turn(-event.movementX * 0.008, event.movementY * 0.006);
    else stage.current?.pan(event.movementX / clientWidth, event.movementY / clientHeight);
  };

  // a click picks, a drag turns
  const onPointerUp = (event: PointerEvent<HTMLDivElement>): void => {
    const from = pressedAt.current;
    pressedAt.current = null;
    if (!picking.wanted || !from || Math.hypot(event.clientX - from.x, event.clientY - from.y) > 4) return;
    const { left, top } = event.currentTarget.getBoundingClientRect();
    const picked = stage.current?.pick(event.clientX - left, event.clientY - top);
    if (picked) picking.pick([picked.point.x, picked.point.y, picked.point.z]);
  };

  const onKeyDown = (event: KeyboardEvent): void => {
    const acts: Record<string, () => void> = {
      ArrowLeft: () => stage.current?.turn(-NUDGE, 0),
      ArrowRight: () => stage.current?.turn(NUDGE, 0),
      ArrowUp: () => stage.current?.turn(0, NUDGE),
      ArrowDown: () => stage.current?.turn(0, -NUDGE),
      '+': () => stage.current?.zoom(0.85),
      '-': () => stage.current?.zoom(1.18),
    };
    if (!acts[event.key]) return;
    event.preventDefault();
    acts[event.key]();
  };

  const said = failure ? `The model cannot be shown: ${failure.message}` : problem;
  return (
    <div className="stage" ref={host}>
      <div
        className={picking.wanted ? 'stage-hand picking' : 'stage-hand'}
        tabIndex={0}
        role="application"
        aria-label="The model: arrows turn it, plus and minus come nearer and go farther"
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          pressedAt.current = { x: event.clientX, y: event.clientY };
        }}
        onPointerUp={onPointerUp}
        onPointerMove={onPointerMove}
        onContextMenu={(event) => event.preventDefault()}
        onKeyDown={onKeyDown}
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
      {shownOnly !== 'treated' && <span className="stage-label left">as received</span>}
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
            aria-label="Wipe between received and treated"
          />
        </>
      )}
      {picking.wanted && (
        <p className="stage-asks" role="status">
          {picking.wanted === 'pivot'
            ? 'Click the place it should turn about: a corner, an edge or a face.'
            : ASKS[picking.points.length]}{' '}
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
      {!isPlain && treated && <TrialBar trials={trials} canDrop={canDrop} />}
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

function useShown(
  stage: { current: Stage | null },
  side: Side,
  bytes: ArrayBuffer | null,
  onProblem: (words: string | null) => void,
): void {
  useEffect(() => {
    let current = true;
    stage.current?.show(side, bytes ? bytes.slice(0) : null).then(
      () => current && onProblem(null),
      (error: unknown) => current && onProblem(`The model cannot be shown: ${(error as Error).message}`),
    );
    return () => {
      current = false;
    };
  }, [stage, side, bytes, onProblem]);
}

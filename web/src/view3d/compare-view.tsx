import './compare-view.css';
import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { chooseBarLengthIn, formatBarLengthIn } from '@haveld/core/picture/ruled-bar';
import { chooseMeasures, useMeasures } from '../parts/use-measures';
import type { Moment } from './clip-player';
import { STAND_IN_WORDS } from './stand-ins';
import { TrialBar } from './trial-bar';
import { useBeside } from './use-beside';
import { usePicking } from './use-picking';
import { Stage, type Overlay, type Side, type Surface } from './stage';
import { useTrials, type TrialKind } from './use-trials';

export interface CompareViewProps {
  /** Bytes of each side; null while they are on their way, undefined where a side is not shown at all. */
  received?: ArrayBuffer | null;
  treated: ArrayBuffer | null;
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

/** What is asked for a distance, by how many places are picked. */
const ASKS = [
  'Click two places whose distance you know.',
  'Now the other end.',
  'Write how far apart they are beside “Known size”.',
];
const NUDGE = 0.14;
/** A twelfth of a turn. */
const LIGHT_STEP = Math.PI / 6;

/** The model, large: as received and as treated with a wipe between the two, each with its own ruled bar. */
export function CompareView({
  received,
  treated,
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
  const [overlay, setOverlay] = useState<Overlay | null>(null);
  const [wipe, setWipe] = useState(0.5);
  const [light, setLight] = useState(-0.7);
  const [strength, setStrength] = useState(1);
  const [person, setPerson] = useState(true);
  const [problem, setProblem] = useState<string | null>(null);
  const [isOneScale, setOneScale] = useState(false);
  const width = hasSize ? (overlay?.measures.find(({ axis }) => axis === 'width')?.size ?? null) : null;
  const trials = useTrials(treated, width, moduleM);
  useEffect(() => onTrial?.(trials.kind), [onTrial, trials.kind]);
  const { thing, preview } = useBeside();
  const { system, length } = useMeasures();
  const picking = usePicking();
  const pressedAt = useRef<{ x: number; y: number } | null>(null);

  useEffect(() => {
    let made: Stage;
    try {
      made = new Stage(canvas.current!, setOverlay);
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
  }, []);

  useShown(stage, 'received', received ?? null, setProblem);
  useShown(stage, 'treated', treated, setProblem);
  // what is tried, or stood beside, is the treated model: the wipe would hide half of it
  const shownOnly = received === undefined || thing || trials.kind ? 'treated' : only;
  const both = shownOnly === null;
  useEffect(() => stage.current?.setOnly(shownOnly), [shownOnly]);
  useEffect(() => stage.current?.setWipe(wipe), [wipe]);
  useEffect(() => stage.current?.setLight(light, strength), [light, strength]);
  useEffect(() => stage.current?.setPerson(person && hasSize && !isPlain), [person, hasSize, isPlain]);
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
  useHotkeys('o', () => setOneScale((now) => !now), { enabled: both });
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
      {problem && (
        <p className="stage-problem" role="alert">
          {problem}
        </p>
      )}
      {!treated && !problem && <p className="stage-problem">Fetching the model …</p>}
      {shownOnly !== 'treated' && <span className="stage-label left">as received</span>}
      {shownOnly !== 'received' && <span className="stage-label right">{treatedWords}</span>}
      {both && (
        <>
          <div className="stage-wipe" style={{ left: `${wipe * 100}%` }} aria-hidden="true">
            <span>‹ ›</span>
          </div>
          <label className="stage-one-scale">
            <input type="checkbox" checked={isOneScale} onChange={(event) => setOneScale(event.target.checked)} /> both
            at one scale
          </label>
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
      {hasSize && !isPlain && overlay && shownOnly !== 'received' && !trials.kind && (
        <Measures overlay={overlay} from={both ? wipe : 0} host={host.current} />
      )}
      {overlay?.beside && thing && (
        <Tag
          x={overlay.beside.x}
          y={overlay.beside.y + 16}
          words={thing.kind === 'asset' ? thing.words : STAND_IN_WORDS[thing.kind]}
          soft
        />
      )}
      {!isPlain &&
        !trials.kind &&
        overlay?.front &&
        shownOnly !== 'received' &&
        (!both || overlay.front.x > wipe * (host.current?.clientWidth ?? 0)) && (
          <Tag x={overlay.front.x} y={overlay.front.y + 12} words="front" soft />
        )}
      {hasSize && overlay?.person && <Tag x={overlay.person.x} y={overlay.person.y + 16} words="1.70 m" soft />}
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
      {overlay?.picked && overlay.picked.distance !== null && (
        <Tag x={overlay.picked.x} y={overlay.picked.y} words={length(overlay.picked.distance)} />
      )}
      {overlay?.bars.received && shownOnly !== 'treated' && <RuledBar bar={overlay.bars.received} side="left" isTrue />}
      {overlay?.bars.treated && shownOnly !== 'received' && (
        <RuledBar bar={overlay.bars.treated} side="right" isTrue={hasSize} />
      )}
      {!isPlain && treated && <TrialBar trials={trials} canDrop={canDrop} />}
      <details className="stage-light">
        <summary>Light</summary>
        <label>
          turn
          <input
            type="range"
            min={-3.14}
            max={3.14}
            step={0.05}
            value={light}
            onChange={(event) => setLight(Number(event.target.value))}
          />
        </label>
        <label>
          strength
          <input
            type="range"
            min={0.2}
            max={2.5}
            step={0.05}
            value={strength}
            onChange={(event) => setStrength(Number(event.target.value))}
          />
        </label>
        <label>
          <input type="checkbox" checked={person} onChange={(event) => setPerson(event.target.checked)} /> a person for
          scale
        </label>
        <label>
          <input
            type="checkbox"
            checked={system === 'imperial'}
            onChange={(event) => chooseMeasures(event.target.checked ? 'imperial' : 'metric')}
          />{' '}
          feet and inches
        </label>
      </details>
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

function Tag({ x, y, words, soft }: { x: number; y: number; words: string; soft?: boolean }) {
  return (
    <span className={soft ? 'stage-tag soft' : 'stage-tag'} style={{ left: x, top: y }}>
      {words}
    </span>
  );
}

function Measures({ overlay, from, host }: { overlay: Overlay; from: number; host: HTMLElement | null }) {
  const { length } = useMeasures();
  const width = host?.clientWidth ?? 0;
  const height = host?.clientHeight ?? 0;
  return overlay.measures
    .filter(({ x, y }) => x > from * width + 34 && x < width - 34 && y > 40 && y < height - 40)
    .map(({ axis, x, y, size }) => <Tag key={axis} x={x} y={y} words={length(size)} />);
}

/** True length at the model's middle. */
function RuledBar({ bar, side, isTrue }: { bar: { px: number }; side: 'left' | 'right'; isTrue: boolean }) {
  const { system } = useMeasures();
  const metres = chooseBarLengthIn(system, 150 / bar.px);
  return (
    <span className={`stage-bar ${side}`} style={{ width: metres * bar.px }}>
      <span>{isTrue ? formatBarLengthIn(system, metres) : 'no real size'}</span>
    </span>
  );
}

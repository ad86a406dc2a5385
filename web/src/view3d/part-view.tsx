import './compare-view.css';
import './part-view.css';
import { useEffect, useState, type PointerEvent } from 'react';
import { Vector2 } from 'three';
import type { PartsShown, PickedPart } from './stage/part-marks';
import type { DrawnEdges } from './stage/drawn-edges';
import { StageOverlay } from './stage/stage-overlay';
import { createOverlayStore } from './use-overlay';
import { useShown, useStage, useStageHand } from './use-stage';

/** How a click or a box changes what is chosen. */
export type Choosing = 'instead' | 'also';

export interface PartViewProps {
  /** Bytes of the treated model; null while they are on their way. */
  treated: ArrayBuffer | null;
  failure: Error | null;
  hasSize: boolean;
  shown: PartsShown;
  /** Faces lit up: xyz a corner, three corners a triangle. */
  lit: Float32Array | null;
  /** Edges drawn on the model. */
  edges: DrawnEdges | null;
  /** True to come near what is chosen. */
  isGoneTo: boolean;
  /** What a drag draws instead of turning the model: a box around parts, or the line of a cut. */
  draws: 'box' | 'line' | null;
  onPick: (picked: PickedPart | null, choosing: Choosing) => void;
  onBox: (ids: string[], choosing: Choosing) => void;
  /** The part whose faces a box chooses, instead of parts; null for parts. */
  facesOf: string | null;
  onFaceBox: (id: string, triangles: number[][]) => void;
  /** @param plane a unit normal and how far the plane lies from the origin along it, in the space of the treated model */
  onLine: (plane: [number, number, number, number]) => void;
}

/** The treated model, its parts marked, hidden or faint as the sheet has them; a part is chosen by a click. */
export function PartView({
  treated,
  failure,
  hasSize,
  shown,
  lit,
  edges,
  isGoneTo,
  draws,
  onPick,
  onBox,
  facesOf,
  onFaceBox,
  onLine,
}: PartViewProps) {
  const [overlay] = useState(createOverlayStore);
  const view = useStage(overlay.set);
  const { canvas, host, stage, problem } = view;
  useShown(view, 'treated', treated);
  useEffect(() => stage.current?.setOnly('treated'), [stage]);
  useEffect(() => stage.current?.setPerson(false), [stage]);
  useEffect(() => stage.current?.setParts(shown), [stage, shown, treated]);
  useEffect(() => stage.current?.setLit('treated', lit), [stage, lit]);
  useEffect(() => stage.current?.setEdges(edges), [stage, edges]);
  useEffect(() => stage.current?.goToLit(isGoneTo), [stage, isGoneTo, lit, shown]);
  const choosingOf = (event: PointerEvent): Choosing =>
    event.ctrlKey || event.metaKey || event.shiftKey ? 'also' : 'instead';
  const hand = useStageHand(stage, (x, y, event) => onPick(stage.current?.pickPart(x, y) ?? null, choosingOf(event)));
  const boxing = useBox((from, to, event) => {
    if (facesOf !== null) onFaceBox(facesOf, stage.current?.listFacesWithin(facesOf, from, to) ?? []);
    else onBox(stage.current?.listPartsWithin(from, to) ?? [], choosingOf(event));
  });
  const lining = useLine((from, to) => {
    const plane = stage.current?.planeBehind(from, to);
    if (plane) onLine(plane);
  });
  const handlers = draws === 'box' ? boxing.handlers : draws === 'line' ? lining.handlers : {};
  const said = failure ? `The model cannot be shown: ${failure.message}` : problem;
  return (
    <div className="stage" ref={host}>
      <div
        className={draws ? 'stage-hand boxing' : 'stage-hand'}
        tabIndex={0}
        role="application"
        aria-label="The model: arrows turn it, plus and minus come nearer and go farther, a click chooses a part"
        {...hand}
        {...handlers}
      >
        <canvas ref={canvas} />
        {draws === 'line' && lining.line && (
          <svg className="cut-line" aria-hidden="true">
            <line {...lining.line} />
          </svg>
        )}
        {boxing.box && <div className="part-box" style={boxing.box} aria-hidden="true" />}
      </div>
      {said && (
        <p className="stage-problem" role="alert">
          {said}
        </p>
      )}
      {!treated && !said && (
        <p className="stage-problem" role="status">
          Loading the model …
        </p>
      )}
      <StageOverlay
        store={overlay}
        only="treated"
        from={0}
        host={host}
        receivedMetres={1}
        hasSize={hasSize}
        isPlain
        isTrying={false}
        thing={null}
      />
    </div>
  );
}

/** A box drawn over the view, pixels of it from its upper left. */
function useBox(onDone: (from: Vector2, to: Vector2, event: PointerEvent<HTMLDivElement>) => void) {
  const [drawn, setDrawn] = useState<{ from: Vector2; to: Vector2 } | null>(null);
  const box = drawn && {
    left: Math.min(drawn.from.x, drawn.to.x),
    top: Math.min(drawn.from.y, drawn.to.y),
    width: Math.abs(drawn.to.x - drawn.from.x),
    height: Math.abs(drawn.to.y - drawn.from.y),
  };
  return {
    box,
    handlers: {
      onPointerDown: (event: PointerEvent<HTMLDivElement>): void => {
        event.currentTarget.setPointerCapture(event.pointerId);
        const at = placeOf(event);
        setDrawn({ from: at, to: at });
      },
      onPointerMove: (event: PointerEvent<HTMLDivElement>): void => {
        if (drawn && event.buttons === 1) setDrawn({ from: drawn.from, to: placeOf(event) });
      },
      onPointerUp: (event: PointerEvent<HTMLDivElement>): void => {
        if (drawn) onDone(drawn.from, placeOf(event), event);
        setDrawn(null);
      },
    },
  };
}

function placeOf(event: PointerEvent<HTMLDivElement>): Vector2 {
  const { left, top } = event.currentTarget.getBoundingClientRect();
  return new Vector2(event.clientX - left, event.clientY - top);
}

/** A press that moves less than this is a click, pixels. */
const STILL = 4;

/** A line drawn over the view, by a drag or by a click at each end, pixels of it from its upper left. */
function useLine(onDone: (from: Vector2, to: Vector2) => void) {
  const [drawn, setDrawn] = useState<{ from: Vector2; to: Vector2; isClicked: boolean } | null>(null);
  const line = drawn && { x1: drawn.from.x, y1: drawn.from.y, x2: drawn.to.x, y2: drawn.to.y };
  return {
    line,
    handlers: {
      onPointerDown: (event: PointerEvent<HTMLDivElement>): void => {
        event.currentTarget.setPointerCapture(event.pointerId);
        const at = placeOf(event);
        setDrawn(drawn?.isClicked ? { ...drawn, to: at } : { from: at, to: at, isClicked: false });
      },
      onPointerMove: (event: PointerEvent<HTMLDivElement>): void => {
        if (drawn && (drawn.isClicked || event.buttons === 1)) setDrawn({ ...drawn, to: placeOf(event) });
      },
      onPointerUp: (event: PointerEvent<HTMLDivElement>): void => {
        if (!drawn) return;
        const at = placeOf(event);
        if (at.distanceTo(drawn.from) < STILL) return setDrawn({ ...drawn, isClicked: true });
        setDrawn(null);
        onDone(drawn.from, at);
      },
    },
  };
}

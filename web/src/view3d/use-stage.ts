import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent, type RefObject } from 'react';
import type { Overlay } from './stage/overlay';
import { Stage } from './stage/stage';

/** A view in a place of the page. It is made with the place and goes with it. */
export interface StageHandle {
  canvas: RefObject<HTMLCanvasElement | null>;
  host: RefObject<HTMLDivElement | null>;
  stage: RefObject<Stage | null>;
  /** Why it cannot be drawn here. */
  problem: string | null;
  onProblem: (words: string | null) => void;
}

/** @param onOverlay told where things stand with every picture; the same function for as long as the view is there */
export function useStage(onOverlay: (overlay: Overlay) => void): StageHandle {
  const canvas = useRef<HTMLCanvasElement>(null);
  const host = useRef<HTMLDivElement>(null);
  const stage = useRef<Stage | null>(null);
  const [problem, onProblem] = useState<string | null>(null);
  useEffect(() => {
    let made: Stage;
    try {
      made = new Stage(canvas.current!, onOverlay);
    } catch (error) {
      onProblem(`The view cannot be opened here: ${(error as Error).message}`);
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
  }, [onOverlay]);
  useEffect(() => {
    const element = host.current!;
    const onWheel = (event: WheelEvent): void => {
      event.preventDefault();
      stage.current?.zoom(Math.exp(event.deltaY * 0.001));
    };
    element.addEventListener('wheel', onWheel, { passive: false });
    return () => element.removeEventListener('wheel', onWheel);
  }, []);
  return { canvas, host, stage, problem, onProblem };
}

const NUDGE = 0.14;
/** A press that moves less than this is a click, pixels. */
const STILL = 4;

/** How a hand on the view turns it, comes nearer, and clicks. @param onClick pixels of the view from its upper left */
export function useStageHand(
  stage: RefObject<Stage | null>,
  onClick: (x: number, y: number, event: PointerEvent<HTMLDivElement>) => void,
) {
  const pressedAt = useRef<{ x: number; y: number } | null>(null);
  return {
    onPointerDown: (event: PointerEvent<HTMLDivElement>): void => {
      event.currentTarget.setPointerCapture(event.pointerId);
      pressedAt.current = { x: event.clientX, y: event.clientY };
    },
    onPointerMove: (event: PointerEvent<HTMLDivElement>): void => {
      if (event.buttons === 0) return;
      const { clientWidth, clientHeight } = event.currentTarget;
      if (event.buttons === 1 && !event.shiftKey)
        stage.current?.turn(-event.movementX * 0.008, event.movementY * 0.006);
      else stage.current?.pan(event.movementX / clientWidth, event.movementY / clientHeight);
    },
    // a click picks, a drag turns
    onPointerUp: (event: PointerEvent<HTMLDivElement>): void => {
      const from = pressedAt.current;
      pressedAt.current = null;
      if (!from || Math.hypot(event.clientX - from.x, event.clientY - from.y) > STILL) return;
      const { left, top } = event.currentTarget.getBoundingClientRect();
      onClick(event.clientX - left, event.clientY - top, event);
    },
    onContextMenu: (event: { preventDefault: () => void }): void => event.preventDefault(),
    onKeyDown: (event: KeyboardEvent): void => {
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
    },
  };
}

/** Keeps a side of the view showing these bytes. */
export function useShown(
  { stage, onProblem }: Pick<StageHandle, 'stage' | 'onProblem'>,
  side: 'received' | 'treated',
  bytes: ArrayBuffer | null,
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

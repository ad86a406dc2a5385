import { createContext, useContext, useMemo, useRef, useState } from 'react';

export type Point = [number, number, number];

/** What a click on the model is for. */
export type PickingFor = 'distance' | 'pivot' | 'remark';

export interface Picking {
  wanted: PickingFor | null;
  /** Picked so far, in the treated model's metres. */
  points: Point[];
  /** Asks for points; null gives the model back to the hand. @param onPicked told of each */
  ask: (wanted: PickingFor | null, onPicked?: (point: Point) => void) => void;
  pick: (point: Point) => void;
  /** Marks a place that was picked before. */
  show: (points: Point[]) => void;
}

const NOT_HERE: Picking = {
  wanted: null,
  points: [],
  ask: () => undefined,
  pick: () => undefined,
  show: () => undefined,
};

/** Shared by the finding that asks for points and the view that picks them. */
export const PickingContext = createContext<Picking>(NOT_HERE);

export const usePicking = (): Picking => useContext(PickingContext);

/** Holds what is picked, for the screen that has both the view and what asks. */
export function usePickingState(): Picking {
  const [wanted, setWanted] = useState<PickingFor | null>(null);
  const [points, setPoints] = useState<Point[]>([]);
  const told = useRef<((point: Point) => void) | undefined>(undefined);
  return useMemo(
    () => ({
      wanted,
      points,
      ask: (next, onPicked) => {
        told.current = onPicked;
        setWanted(next);
        setPoints([]);
      },
      pick: (point) => {
        // a third point begins anew
        setPoints((known) => (known.length === 2 ? [point] : [...known, point]));
        told.current?.(point);
      },
      show: setPoints,
    }),
    [wanted, points],
  );
}

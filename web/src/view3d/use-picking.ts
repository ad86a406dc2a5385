import { createContext, useContext } from 'react';

export type Point = [number, number, number];

/** What a click on the model is for. */
export type PickingFor = 'distance' | 'pivot';

export interface Picking {
  wanted: PickingFor | null;
  /** Picked so far, in the treated model's metres. */
  points: Point[];
  /** Asks for points; null gives the model back to the hand. */
  ask: (wanted: PickingFor | null) => void;
  pick: (point: Point) => void;
}

const NOT_HERE: Picking = { wanted: null, points: [], ask: () => undefined, pick: () => undefined };

/** Shared by the finding that asks for points and the view that picks them. */
export const PickingContext = createContext<Picking>(NOT_HERE);

export const usePicking = (): Picking => useContext(PickingContext);

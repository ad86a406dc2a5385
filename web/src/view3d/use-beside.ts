import { createContext, useContext } from 'react';
import type { StandIn } from './stage/stand-ins';

export interface Beside {
  thing: StandIn | null;
  /** What the treated model is shown scaled by, before anybody took it. */
  preview: number;
  stand: (thing: StandIn | null) => void;
  show: (preview: number) => void;
}

const NOT_HERE: Beside = { thing: null, preview: 1, stand: () => undefined, show: () => undefined };

/** Shared by the finding that compares sizes and the view that shows them. */
export const BesideContext = createContext<Beside>(NOT_HERE);

export const useBeside = (): Beside => useContext(BesideContext);

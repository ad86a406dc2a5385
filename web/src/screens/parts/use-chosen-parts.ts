import { useMemo, useState } from 'react';
import type { PartRow } from '@haveld/core/structure/parts/part-rows';
import type { Choosing } from '../../view3d/part-view';
import { withBelow } from './arrange-rows';

/** What of a model is chosen, where the keys are, and what is shown of it. */
export interface ChosenParts {
  /** Where the keys are; null before anything was touched. */
  at: string | null;
  chosen: ReadonlySet<string>;
  chosenRows: readonly PartRow[];
  hidden: ReadonlySet<string>;
  /** True where what is not chosen is shown faintly. */
  isAlone: boolean;
  choose: (ids: readonly string[], choosing: Choosing) => void;
  /** Goes to a part; it becomes what is chosen, or is added. */
  goTo: (id: string, choosing: Choosing) => void;
  toggle: (id: string) => void;
  setAlone: (isAlone: boolean) => void;
  hide: (ids: readonly string[]) => void;
  showAll: () => void;
}

const NONE: ReadonlySet<string> = new Set();

/** @param rows of the model as it is now: what is no longer there is no longer chosen */
export function useChosenParts(rows: readonly PartRow[]): ChosenParts {
  const [at, setAt] = useState<string | null>(null);
  const [wanted, setWanted] = useState<ReadonlySet<string>>(NONE);
  const [hidden, setHidden] = useState<ReadonlySet<string>>(NONE);
  const [isAlone, setAlone] = useState(false);
  const chosenRows = useMemo(() => rows.filter(({ id }) => wanted.has(id)), [rows, wanted]);
  const chosen = useMemo(() => new Set(chosenRows.map(({ id }) => id)), [chosenRows]);
  return {
    at,
    chosen,
    chosenRows,
    hidden,
    isAlone: isAlone && chosen.size > 0,
    choose: (ids, choosing) => {
      setWanted(choosing === 'also' ? new Set([...chosen, ...ids]) : new Set(ids));
      if (ids.length > 0) setAt(ids[0]);
    },
    goTo: (id, choosing) => {
      setAt(id);
      setWanted(choosing === 'also' ? new Set([...chosen, id]) : new Set([id]));
    },
    toggle: (id) => {
      setAt(id);
      setWanted(chosen.has(id) ? new Set([...chosen].filter((one) => one !== id)) : new Set([...chosen, id]));
    },
    setAlone,
    hide: (ids) => setHidden(new Set([...hidden, ...withBelow(rows, new Set(ids))])),
    showAll: () => {
      setHidden(NONE);
      setAlone(false);
    },
  };
}

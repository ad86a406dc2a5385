import { createContext, use, useSyncExternalStore } from 'react';
import { formatLengthIn, formatUnits, sayIn, sayInUnits, type MeasureSystem } from '@haveld/core/placement/units';
import { useHouseRules } from './use-house-rules';

const KEY = 'haveld-measures';
const listeners = new Set<() => void>();

/** What somebody chose in this browser; null where nobody did. */
const read = (): MeasureSystem | null => {
  const chosen = localStorage.getItem(KEY);
  return chosen === 'imperial' || chosen === 'metric' ? chosen : null;
};

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  window.addEventListener('storage', listener);
  return () => {
    listeners.delete(listener);
    window.removeEventListener('storage', listener);
  };
}

/** Shows measures in a system from now on, in this browser. */
export function chooseMeasures(system: MeasureSystem): void {
  localStorage.setItem(KEY, system);
  for (const listener of listeners) listener();
}

/** True below where the unit of what is shown is an open question: lengths are counts of it, not metres. */
export const UnitIsOpen = createContext(false);

/** How this person wants measures shown; `say` is for sentences of Haveld's own. */
export function useMeasures(): {
  system: MeasureSystem;
  length: (metres: number) => string;
  say: (words: string) => string;
} {
  const { measures } = useHouseRules();
  const system = useSyncExternalStore(subscribe, read) ?? measures;
  if (use(UnitIsOpen)) return { system, length: formatUnits, say: sayInUnits };
  return { system, length: (metres) => formatLengthIn(system, metres), say: (words) => sayIn(system, words) };
}

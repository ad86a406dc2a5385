import { useSyncExternalStore } from 'react';
import { formatLengthIn, sayIn, type MeasureSystem } from '@haveld/core/placement/units';

const KEY = 'haveld-measures';
const listeners = new Set<() => void>();

const read = (): MeasureSystem => (localStorage.getItem(KEY) === 'imperial' ? 'imperial' : 'metric');

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

/** How this person wants measures shown; `say` is for sentences of Haveld's own. */
export function useMeasures(): {
  system: MeasureSystem;
  length: (metres: number) => string;
  say: (words: string) => string;
} {
  const system = useSyncExternalStore(subscribe, read);
  return { system, length: (metres) => formatLengthIn(system, metres), say: (words) => sayIn(system, words) };
}

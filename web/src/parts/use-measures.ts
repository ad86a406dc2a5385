import { useSyncExternalStore } from 'react';
import { formatLengthIn, type MeasureSystem } from '@haveld/core/placement/units';

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

/** How this person wants measures shown. */
export function useMeasures(): { system: MeasureSystem; length: (metres: number) => string } {
  const system = useSyncExternalStore(subscribe, read);
  return { system, length: (metres) => formatLengthIn(system, metres) };
}

import { useSyncExternalStore } from 'react';

type Mode = 'light' | 'dark';
const KEY = 'haveld-colours';
const listeners = new Set<() => void>();

function read(): Mode {
  const chosen = localStorage.getItem(KEY);
  if (chosen === 'light' || chosen === 'dark') return chosen;
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light';
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Light or dark: what the person chose on this machine, else what the system says. */
export function useColourMode(): { mode: Mode; setMode: (mode: Mode) => void } {
  const mode = useSyncExternalStore(subscribe, read);
  return {
    mode,
    setMode(next) {
      localStorage.setItem(KEY, next);
      listeners.forEach((listener) => listener());
    },
  };
}

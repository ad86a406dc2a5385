import { useSyncExternalStore } from 'react';
import type { Overlay } from './stage/overlay';

/** The overlay of one view. It changes with every frame, so it lives outside React and re-renders only who reads it. */
export interface OverlayStore {
  get: () => Overlay | null;
  set: (overlay: Overlay) => void;
  subscribe: (onChange: () => void) => () => void;
}

export function createOverlayStore(): OverlayStore {
  let overlay: Overlay | null = null;
  const readers = new Set<() => void>();
  return {
    get: () => overlay,
    set: (next) => {
      overlay = next;
      for (const tell of readers) tell();
    },
    subscribe: (onChange) => {
      readers.add(onChange);
      return () => readers.delete(onChange);
    },
  };
}

/** @param select what of it is read: a plain value, or a part as it stands in the overlay */
export const useOverlay = <T>(store: OverlayStore, select: (overlay: Overlay | null) => T): T =>
  useSyncExternalStore(store.subscribe, () => select(store.get()));

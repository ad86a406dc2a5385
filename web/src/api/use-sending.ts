import { useSyncExternalStore } from 'react';
import { uploadDesk, type Sending } from './uploads';

/** Files on their way to the server, live. */
export function useSending(): readonly Sending[] {
  return useSyncExternalStore(uploadDesk.subscribe, uploadDesk.snapshot);
}

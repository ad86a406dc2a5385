import type { MapFacts } from '@haveld/core/textures/map-facts';
import { lookAtMap } from '../pictures/look-at-map';
import type { TaskContext } from './task';

export interface LookInput {
  /** Hashes of pictures. */
  pictures: string[];
}

/** Opens pictures nobody has looked at yet, one after the other. */
export async function lookAtMaps({ pictures }: LookInput, { store, progress }: TaskContext): Promise<MapFacts[]> {
  const seen: MapFacts[] = [];
  for (const [i, sha256] of pictures.entries()) {
    progress(i, pictures.length, 'map');
    seen.push(await lookAtMap(await store.get(sha256), sha256, store));
  }
  return seen;
}

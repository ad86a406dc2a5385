import { openDistance } from '../../geometry/surface-distance';
import type { PlacedPart } from '../../scene/measures/placed-parts';

/** So many places of the finest are looked at. Ours. */
const PLACES = 20_000;

/**
 * How far a finer surface lies from a coarser one, at up to 20 000 of its vertices, evenly taken: what was cut off and what was bridged.
 * @param finest and @param coarser in one space
 * @returns the greatest distance found, in their unit; infinity where the coarser has no face
 */
export async function measureApart(finest: readonly PlacedPart[], coarser: readonly PlacedPart[]): Promise<number> {
  const measure = await openDistance(coarser.filter(({ corners }) => corners > 0));
  const shown = finest.filter(({ corners }) => corners > 0);
  const count = shown.reduce((sum, { positions }) => sum + positions.length / 3, 0);
  const stride = Math.max(1, Math.ceil(count / PLACES));
  let most = 0;
  let at = 0;
  for (const { positions } of shown)
    for (let v = 0; v < positions.length / 3; v++)
      if (at++ % stride === 0)
        most = Math.max(most, measure(positions[v * 3], positions[v * 3 + 1], positions[v * 3 + 2]));
  return most;
}

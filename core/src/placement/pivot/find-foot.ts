import type { Box } from '@haveld/contract/report';
import type { Surface } from '../../geometry/surface';
import { boxSize } from '../../scene/measures/bounds';

/** What lies within this share of the height from the ground touches it. */
const SLAB = 0.01;

/** The lower end along y. */
const STANDING = 2;

/**
 * The box of what a model touches the ground with, which is flat along the axis it stands on.
 * @param parts world space
 * @param box around all of them
 * @param end of that box it stands on: the lower and the upper one along x, then y, then z
 */
export function findFoot(parts: Iterable<Pick<Surface, 'positions'>>, box: Box, end = STANDING): Box {
  const axis = end >> 1;
  const sign = end % 2 === 0 ? 1 : -1;
  const ground = sign > 0 ? box.min[axis] : box.max[axis];
  const most = sign * ground + boxSize(box)[axis] * SLAB;
  const [u, v] = [(axis + 1) % 3, (axis + 2) % 3];
  let [lowU, highU, lowV, highV] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const { positions: p } of parts)
    for (let o = 0; o + 2 < p.length; o += 3) {
      if (!(sign * p[o + axis] <= most)) continue;
      const [pu, pv] = [p[o + u], p[o + v]];
      if (pu < lowU) lowU = pu;
      if (pu > highU) highU = pu;
      if (pv < lowV) lowV = pv;
      if (pv > highV) highV = pv;
    }
  const foot: Box = { min: [...box.min], max: [...box.max] };
  foot.min[axis] = foot.max[axis] = ground;
  if (lowU > highU) return foot;
  [foot.min[u], foot.max[u], foot.min[v], foot.max[v]] = [lowU, highU, lowV, highV];
  return foot;
}

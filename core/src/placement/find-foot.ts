import type { Box } from '@haveld/contract/report';
import { boxSize } from '../scene/bounds';

/** What lies within this share of the height from the ground touches it. */
const SLAB = 0.01;

/**
 * The box of what a model touches the ground with.
 * @param positions xyz, world space, Y up, part by part
 * @param box around all of them
 */
export function findFoot(positions: Iterable<ArrayLike<number>>, box: Box): Box {
  const [, height] = boxSize(box);
  const most = box.min[1] + height * SLAB;
  const foot: Box = { min: [Infinity, box.min[1], Infinity], max: [-Infinity, box.min[1], -Infinity] };
  for (const p of positions)
    for (let o = 0; o + 2 < p.length; o += 3) {
      if (!(p[o + 1] <= most)) continue;
      if (p[o] < foot.min[0]) foot.min[0] = p[o];
      if (p[o] > foot.max[0]) foot.max[0] = p[o];
      if (p[o + 2] < foot.min[2]) foot.min[2] = p[o + 2];
      if (p[o + 2] > foot.max[2]) foot.max[2] = p[o + 2];
    }
  return foot.min[0] <= foot.max[0] ? foot : { min: [...box.min], max: [box.max[0], box.min[1], box.max[2]] };
}

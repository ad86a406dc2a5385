import type { Box } from '@haveld/contract/report';
import { boxSize } from '../scene/bounds';
import { isTriangles, type MeshInstance } from '../scene/traverse';
import { computeWorldPositions } from '../scene/world-positions';

/** Shares of a box's faces that the model's own faces cover. */
export interface Contact {
  y: { lower: number; upper: number };
  z: { lower: number; upper: number };
}

/**
 * How much of the box's lower face is covered by triangles that lie in it and look outwards.
 * @returns shares, 0 to 1 and a little more where faces overlap, at the lower and the upper end of y and z
 */
export function computeContact(instances: MeshInstance[], box: Box): Contact {
  const size = boxSize(box);
  const lower = [0, 0, 0];
  const upper = [0, 0, 0];
  for (const instance of instances) {
    for (const primitive of instance.mesh.listPrimitives()) {
      if (!isTriangles(primitive)) continue;
      const p = computeWorldPositions(instance, primitive);
      const indices = primitive.getIndices()?.getArray();
      const corners = indices?.length ?? p.length / 3;
      for (let i = 0; i + 2 < corners; i += 3) {
        const a = (indices ? indices[i] : i) * 3;
        const b = (indices ? indices[i + 1] : i + 1) * 3;
        const c = (indices ? indices[i + 2] : i + 2) * 3;
        for (let axis = 1; axis <= 2; axis++) {
          const low = box.min[axis] + size[axis] * 0.01;
          const high = box.max[axis] - size[axis] * 0.01;
          const isLow = p[a + axis] <= low && p[b + axis] <= low && p[c + axis] <= low;
          const isHigh = p[a + axis] >= high && p[b + axis] >= high && p[c + axis] >= high;
          if (!isLow && !isHigh) continue;
          const u = (axis + 1) % 3;
          const v = (axis + 2) % 3;
          const area =
            ((p[b + u] - p[a + u]) * (p[c + v] - p[a + v]) - (p[c + u] - p[a + u]) * (p[b + v] - p[a + v])) / 2;
          if (isLow) lower[axis] += Math.max(0, -area);
          else upper[axis] += Math.max(0, area);
        }
      }
    }
  }
  const share = (covered: number[], axis: 1 | 2): number => covered[axis] / Math.max(size[0] * size[3 - axis], 1e-30);
  return {
    y: { lower: share(lower, 1), upper: share(upper, 1) },
    z: { lower: share(lower, 2), upper: share(upper, 2) },
  };
}

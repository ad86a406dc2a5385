import type { Document } from '@gltf-transform/core';
import { isTriangles, listMeshInstances } from '../scene/traverse';
import { computeWorldPositions } from '../scene/world-positions';

/**
 * The centre of a model's surface: the mean of its triangles' centres, weighted by area.
 * @returns world space, or null where there is no surface
 */
export function computeBalancePoint(document: Document): [number, number, number] | null {
  const sum = [0, 0, 0];
  let total = 0;
  for (const instance of listMeshInstances(document)) {
    for (const primitive of instance.mesh.listPrimitives()) {
      if (!isTriangles(primitive)) continue;
      const p = computeWorldPositions(instance, primitive);
      const indices = primitive.getIndices()?.getArray();
      const corners = indices?.length ?? p.length / 3;
      for (let i = 0; i + 2 < corners; i += 3) {
        const [a, b, c] = indices
          ? [indices[i] * 3, indices[i + 1] * 3, indices[i + 2] * 3]
          : [i * 3, i * 3 + 3, i * 3 + 6];
        const ux = p[b] - p[a],
          uy = p[b + 1] - p[a + 1],
          uz = p[b + 2] - p[a + 2];
        const vx = p[c] - p[a],
          vy = p[c + 1] - p[a + 1],
          vz = p[c + 2] - p[a + 2];
        const area = Math.hypot(uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx) / 2;
        for (let axis = 0; axis < 3; axis++) sum[axis] += (area * (p[a + axis] + p[b + axis] + p[c + axis])) / 3;
        total += area;
      }
    }
  }
  return total > 0 ? [sum[0] / total, sum[1] / total, sum[2] / total] : null;
}

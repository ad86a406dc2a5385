import type { Document, Node } from '@gltf-transform/core';
import { linearDeterminant } from '../scene/matrix';
import { mergePoints } from '../geometry/merge-points';
import { isTriangles, listMeshInstances, type MeshInstance } from '../scene/traverse';
import { computeWorldPositions } from '../scene/world-positions';

/** What a body weighs and where, if it were of one material. World space. */
export interface Moments {
  /** Square units. */
  area: number;
  /** Cubic units; 0 where the surface is open. */
  volume: number;
  /** Of the volume where every part is closed, else of the surface. */
  balance: [number, number, number];
  by: 'volume' | 'surface';
  /** Closed parts whose faces look inwards. */
  insideOut: Node[];
}

/** Past so many triangles nobody counts edges: a surface whose faces cancel out counts as closed. Ours: a third of a second. */
const MOST_COUNTED = 400_000;

/**
 * Volume and centre by signed tetrahedra (the divergence theorem), where every part is a closed surface; otherwise the mean of the
 * surface. @returns null where there is no surface
 */
export function computeMoments(
  document: Document,
  instances: readonly MeshInstance[] = listMeshInstances(document),
): Moments | null {
  let [area, volume] = [0, 0];
  const surface = [0, 0, 0];
  const solid = [0, 0, 0];
  let isClosed = true;
  const insideOut: Node[] = [];
  for (const instance of instances) {
    const whole = [0, 0, 0];
    // the faces of a closed surface add up to nothing
    const faces = [0, 0, 0];
    let [own, twiceArea] = [0, 0];
    const edges = new EdgeCount();
    for (const primitive of instance.mesh.listPrimitives()) {
      if (!isTriangles(primitive)) continue;
      const p = computeWorldPositions(instance, primitive);
      const indices = primitive.getIndices()?.getArray() ?? null;
      const corners = indices?.length ?? p.length / 3;
      edges.add(p, indices, corners);
      // written out, as in shape-signature: a call a triangle costs a third more.
      // about a corner of its own, so that a model far from the origin loses no digits
      const [ox, oy, oz] = [p[0] ?? 0, p[1] ?? 0, p[2] ?? 0];
      for (let i = 0; i + 2 < corners; i += 3) {
        const a = (indices ? indices[i] : i) * 3;
        const b = (indices ? indices[i + 1] : i + 1) * 3;
        const c = (indices ? indices[i + 2] : i + 2) * 3;
        const ax = p[a] - ox;
        const ay = p[a + 1] - oy;
        const az = p[a + 2] - oz;
        const bx = p[b] - ox;
        const by = p[b + 1] - oy;
        const bz = p[b + 2] - oz;
        const cx = p[c] - ox;
        const cy = p[c + 1] - oy;
        const cz = p[c + 2] - oz;
        const nx = (by - ay) * (cz - az) - (bz - az) * (cy - ay);
        const ny = (bz - az) * (cx - ax) - (bx - ax) * (cz - az);
        const nz = (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);
        const twice = Math.sqrt(nx * nx + ny * ny + nz * nz);
        if (!(twice > 0)) continue;
        area += twice / 2;
        twiceArea += twice;
        faces[0] += nx;
        faces[1] += ny;
        faces[2] += nz;
        const sixfold = ax * nx + ay * ny + az * nz;
        own += sixfold / 6;
        const weight = twice / 6;
        surface[0] += weight * (p[a] + p[b] + p[c]);
        surface[1] += weight * (p[a + 1] + p[b + 1] + p[c + 1]);
        surface[2] += weight * (p[a + 2] + p[b + 2] + p[c + 2]);
        whole[0] += (sixfold / 24) * (ax + bx + cx) + (sixfold / 6) * ox;
        whole[1] += (sixfold / 24) * (ay + by + cy) + (sixfold / 6) * oy;
        whole[2] += (sixfold / 24) * (az + bz + cz) + (sixfold / 6) * oz;
      }
    }
    if (edges.triangles === 0) continue;
    const cancels = Math.hypot(faces[0], faces[1], faces[2]) < twiceArea * 1e-4;
    // a node that mirrors turns the winding with it (glTF 2.0, 3.7.4)
    const seen = linearDeterminant(instance.world) < 0 ? -own : own;
    if (isClosed || seen < 0) {
      const isPartClosed = cancels && (edges.triangles > MOST_COUNTED || edges.isClosed());
      isClosed &&= isPartClosed;
      // what encloses next to nothing looks neither way
      if (isPartClosed && seen < -1e-6 * (twiceArea / 2) ** 1.5) insideOut.push(instance.node);
    }
    // a mirrored or inside-out part encloses as much
    const sign = own < 0 ? -1 : 1;
    volume += own * sign;
    for (let axis = 0; axis < 3; axis++) solid[axis] += whole[axis] * sign;
  }
  if (!(area > 0) || !Number.isFinite(area)) return null;
  const by = isClosed && volume > 1e-9 * area ** 1.5 ? 'volume' : 'surface';
  const balance = (by === 'volume' ? solid.map((v) => v / volume) : surface.map((v) => v / area)) as Moments['balance'];
  return { area, volume: by === 'volume' ? volume : 0, balance, by, insideOut };
}

/** Counts how often each edge of a mesh is walked one way and the other. */
class EdgeCount {
  triangles = 0;
  readonly #parts: { positions: Float64Array; indices: ArrayLike<number> | null; corners: number }[] = [];

  add(positions: Float64Array, indices: ArrayLike<number> | null, corners: number): void {
    this.triangles += Math.floor(corners / 3);
    this.#parts.push({ positions, indices, corners });
  }

  /** True where every edge is walked as often one way as the other. */
  isClosed(): boolean {
    const all = new Float32Array(this.#parts.reduce((sum, { positions }) => sum + positions.length, 0));
    // as a share of the whole, so that what is far away is not rounded together
    const [low, high] = this.#range();
    const scale = high > low ? 1 / (high - low) : 1;
    let length = 0;
    const starts = this.#parts.map(({ positions }) => {
      for (let i = 0; i < positions.length; i++) all[length + i] = (positions[i] - low) * scale;
      length += positions.length;
      return (length - positions.length) / 3;
    });
    const { corners: points } = mergePoints(all);
    const walked = new Map<number, number>();
    this.#parts.forEach(({ indices, corners }, k) => {
      for (let i = 0; i + 2 < corners; i += 3)
        for (let side = 0; side < 3; side++) {
          const from = points[starts[k] + (indices ? indices[i + side] : i + side)];
          const next = i + ((side + 1) % 3);
          const to = points[starts[k] + (indices ? indices[next] : next)];
          if (from === to) continue;
          const key = from < to ? from * points.length + to : to * points.length + from;
          walked.set(key, (walked.get(key) ?? 0) + (from < to ? 1 : -1));
        }
    });
    for (const count of walked.values()) if (count !== 0) return false;
    return true;
  }

  #range(): [number, number] {
    let [low, high] = [Infinity, -Infinity];
    for (const { positions } of this.#parts)
      for (const value of positions) {
        if (value < low) low = value;
        if (value > high) high = value;
      }
    return [low, high];
  }
}

import { forEachPair, growBoxTree } from '../../geometry/box-tree';
import type { AllFaces } from './gather-faces';
import { isCrossing, isLyingOn, listPlanes } from './triangle-pairs';

/** Surfaces nearer than this share of the model's longest side flicker. Ours: what a depth of 24 bits tells apart from three lengths away. */
export const FLICKERS = 2e-5;
/** What goes through another by less than this share only touches it. Ours. */
const GOES_THROUGH = 1e-4;
/** Faces that share less of the smaller one only meet at their rims. Ours. */
const SHARED = 0.01;
/** Cosine of two degrees: nearly parallel. Ours. */
const PARALLEL = Math.cos(Math.PI / 90);

/** Faces that lie on one another, or go through one another. */
export interface Overlaps {
  /** 1 for each triangle that lies on another and flickers. */
  lying: Uint8Array;
  /** 1 for each triangle that goes through another of its own part. */
  crossing: Uint8Array;
  /** Pairs of parts by their places among all parts, the lower first, and how many pairs of triangles lie on one another. */
  lyingPairs: Map<string, number>;
  /** Likewise of those that go through one another; usual where one thing is put into another. */
  crossingPairs: Map<string, number>;
}

/** Looks at every two triangles that come near one another. Those that share a corner do not go through one another. */
export function findOverlaps({ parts, partOf, positions, indices, size }: AllFaces): Overlaps {
  const apart = FLICKERS * size;
  const least = GOES_THROUGH * size;
  const planes = listPlanes(positions, indices);
  const triangles = indices.length / 3;
  const found: Overlaps = {
    lying: new Uint8Array(triangles),
    crossing: new Uint8Array(triangles),
    lyingPairs: new Map(),
    crossingPairs: new Map(),
  };
  const note = (pairs: Map<string, number>, a: number, b: number): void => {
    const key = partOf[a] < partOf[b] ? `${partOf[a]} ${partOf[b]}` : `${partOf[b]} ${partOf[a]}`;
    pairs.set(key, (pairs.get(key) ?? 0) + 1);
  };
  forEachPair(growBoxTree(positions, indices, apart / 2), (a, b) => {
    const dot =
      planes[a * 4] * planes[b * 4] + planes[a * 4 + 1] * planes[b * 4 + 1] + planes[a * 4 + 2] * planes[b * 4 + 2];
    if (dot >= PARALLEL || dot <= -PARALLEL) {
      // back to back they are never seen at once, unless one is seen from both sides
      if (dot < 0 && !parts[partOf[a]].isDoubleSided && !parts[partOf[b]].isDoubleSided) return;
      if (isBeside(positions, indices, a, b) || !isLyingOn(positions, indices, planes, a, b, { apart, share: SHARED }))
        return;
      found.lying[a] = 1;
      found.lying[b] = 1;
      note(found.lyingPairs, a, b);
    } else if (!sharesCorner(indices, a, b) && isCrossing(positions, indices, planes, a, b, least)) {
      if (partOf[a] === partOf[b]) {
        found.crossing[a] = 1;
        found.crossing[b] = 1;
      }
      note(found.crossingPairs, a, b);
    }
  });
  return found;
}

const shared = new Int32Array(3);

/** True where two share an edge and lie on either side of it, as neighbours do. */
function isBeside(p: Float32Array, indices: Uint32Array, a: number, b: number): boolean {
  let count = 0;
  let ofA = 0;
  for (let k = 0; k < 3; k++) {
    const corner = indices[a * 3 + k];
    if (corner === indices[b * 3] || corner === indices[b * 3 + 1] || corner === indices[b * 3 + 2])
      shared[count++] = corner;
    else ofA = corner;
  }
  if (count !== 2) return false;
  const ofB = indices[b * 3] + indices[b * 3 + 1] + indices[b * 3 + 2] - shared[0] - shared[1];
  const [o, u, v, w] = [shared[0] * 3, shared[1] * 3, ofA * 3, ofB * 3];
  const [ex, ey, ez] = [p[u] - p[o], p[u + 1] - p[o + 1], p[u + 2] - p[o + 2]];
  const [ax, ay, az] = [p[v] - p[o], p[v + 1] - p[o + 1], p[v + 2] - p[o + 2]];
  const [bx, by, bz] = [p[w] - p[o], p[w + 1] - p[o + 1], p[w + 2] - p[o + 2]];
  return (
    (ey * az - ez * ay) * (ey * bz - ez * by) +
      (ez * ax - ex * az) * (ez * bx - ex * bz) +
      (ex * ay - ey * ax) * (ex * by - ey * bx) <=
    0
  );
}

function sharesCorner(indices: Uint32Array, a: number, b: number): boolean {
  for (let k = 0; k < 3; k++) {
    const corner = indices[a * 3 + k];
    if (corner === indices[b * 3] || corner === indices[b * 3 + 1] || corner === indices[b * 3 + 2]) return true;
  }
  return false;
}

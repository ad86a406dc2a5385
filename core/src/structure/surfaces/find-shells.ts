import { nextCorner } from '../../geometry/edge-table';
import type { PartSurface } from './gather-surface';

/** Polygons that hang together over edges where two meet. */
export interface Shells {
  shells: number;
  /** Of each polygon. */
  shellOf: Int32Array;
  /** 1 where a polygon looks the other way than the first of its shell. */
  turned: Uint8Array;
  /** 1 for a shell whose polygons cannot all agree, as those of a strip with one side (Möbius). */
  oneSided: Uint8Array;
}

/** Walks over every edge where two polygons meet; where three meet nothing hangs together. */
export function findShells({ table, points, polygonOf, polygonStarts }: PartSurface): Shells {
  const polygons = polygonStarts.length - 1;
  const { edgeOf, uses, net } = table;
  const twin = listTwins(edgeOf, uses, points);
  const shellOf = new Int32Array(polygons).fill(-1);
  const turned = new Uint8Array(polygons);
  const oneSided: number[] = [];
  const stack: number[] = [];
  for (let seed = 0; seed < polygons; seed++) {
    if (shellOf[seed] >= 0) continue;
    const shell = oneSided.length;
    oneSided.push(0);
    shellOf[seed] = shell;
    stack.push(seed);
    for (let k = stack.pop(); k !== undefined; k = stack.pop())
      for (let c = polygonStarts[k] * 3; c < polygonStarts[k + 1] * 3; c++) {
        if (twin[c] < 0) continue;
        const other = polygonOf[(twin[c] / 3) | 0];
        if (other === k) continue;
        const wanted = net[edgeOf[c]] === 0 ? turned[k] : 1 - turned[k];
        if (shellOf[other] < 0) {
          shellOf[other] = shell;
          turned[other] = wanted;
          stack.push(other);
        } else if (turned[other] !== wanted) oneSided[shell] = 1;
      }
  }
  return { shells: oneSided.length, shellOf, turned, oneSided: Uint8Array.from(oneSided) };
}

/** @returns for each corner the other one at its edge; -1 where there is none, more than one, or the face is there twice */
function listTwins(edgeOf: Int32Array, uses: Uint32Array, points: Uint32Array): Int32Array {
  const first = new Int32Array(uses.length).fill(-1);
  const twin = new Int32Array(points.length).fill(-1);
  for (let c = 0; c < edgeOf.length; c++) {
    const edge = edgeOf[c];
    if (edge < 0 || uses[edge] !== 2) continue;
    if (first[edge] < 0) first[edge] = c;
    else if (thirdPoint(points, c) !== thirdPoint(points, first[edge])) {
      twin[c] = first[edge];
      twin[first[edge]] = c;
    }
  }
  return twin;
}

/** The one of a triangle that is not at the edge which begins at this corner. */
const thirdPoint = (points: Uint32Array, corner: number): number => points[nextCorner(nextCorner(corner))];

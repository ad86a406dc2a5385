import type { Document } from '@gltf-transform/core';
import { mergePoints } from '@haveld/core/geometry/merge-points';
import { getPrimitiveSource } from '@haveld/core/scene/document/source-data';
import { isTriangles } from '@haveld/core/scene/traverse';
import { readAllFurniture } from './parts/furniture';

// How models are shaded by their authors against how they would be if surfaces were smooth wherever they meet at less than an angle: the
// open furniture, whose files hold normals. An edge is smooth where both its ends have one normal for both faces.
const ANGLES = [20, 30, 40, 50, 60];
const SAME = Math.cos((2 * Math.PI) / 180);

interface Edges {
  /** Degrees two faces meet at. */
  angle: number;
  isSmooth: boolean;
}

for (const held of [false, true]) {
  const models: Edges[][] = [];
  for await (const { document, isHeldOut } of readAllFurniture('all')) {
    if (isHeldOut !== held) continue;
    const edges = listEdges(document);
    if (edges.length > 0) models.push(edges);
  }
  console.log(`${held ? 'held-out' : 'tuning'} authors, ${models.length} models with normals of their own`);
  for (const angle of ANGLES) {
    const shares = models.map(
      (edges) => edges.filter((edge) => edge.isSmooth === edge.angle < angle).length / edges.length,
    );
    const good = shares.filter((share) => share >= 0.95).length;
    const below = models.flatMap((edges) => edges.filter((edge) => edge.angle < angle));
    console.log(
      `  below ${angle}°: ${((100 * good) / models.length).toFixed(1)} % of the models as their author shaded them (95 of 100 edges and more); ${((100 * below.filter((edge) => edge.isSmooth).length) / below.length).toFixed(1)} % of the edges below it are smooth`,
    );
  }
  for (const least of [1, 10, 50]) {
    const bent = models
      .map((edges) => edges.filter((edge) => edge.angle < 40))
      .filter((edges) => edges.length >= least);
    const meant = bent.filter((edges) => edges.filter((edge) => edge.isSmooth).length >= edges.length / 2).length;
    console.log(
      `  of ${bent.length} with ${least} and more edges below 40° ${((100 * meant) / bent.length).toFixed(1)} % have most of them smooth`,
    );
  }
  const flat = models.filter((edges) => edges.every(({ isSmooth }) => !isSmooth)).length;
  const round = models.filter((edges) => edges.every(({ isSmooth }) => isSmooth)).length;
  console.log(`  ${flat} are faceted throughout, ${round} smooth throughout`);
}

/** Edges between two triangles that meet at more than 1°. */
function listEdges(document: Document): Edges[] {
  const found: Edges[] = [];
  for (const mesh of document.getRoot().listMeshes())
    for (const primitive of mesh.listPrimitives()) {
      const position = primitive.getAttribute('POSITION')?.getArray();
      const normal = primitive.getAttribute('NORMAL')?.getArray();
      if (!position || !normal || !isTriangles(primitive) || getPrimitiveSource(primitive).normals === 'none') continue;
      const indices =
        primitive.getIndices()?.getArray() ?? Uint32Array.from({ length: position.length / 3 }, (_, i) => i);
      const { corners } = mergePoints(position as Float32Array);
      const at = (array: ArrayLike<number>, i: number): number[] => [array[i * 3], array[i * 3 + 1], array[i * 3 + 2]];
      const face = (t: number): number[] => {
        const [a, b, c] = [0, 1, 2].map((k) => at(position, indices[t + k]));
        const u = b.map((v, k) => v - a[k]);
        const w = c.map((v, k) => v - a[k]);
        const n = [u[1] * w[2] - u[2] * w[1], u[2] * w[0] - u[0] * w[2], u[0] * w[1] - u[1] * w[0]];
        const length = Math.hypot(...n) || 1;
        return n.map((v) => v / length);
      };
      const dot = (a: number[], b: number[]): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
      const first = new Map<string, { t: number; low: number; high: number } | null>();
      for (let t = 0; t < indices.length; t += 3)
        for (let k = 0; k < 3; k++) {
          const [i, j] = [indices[t + k], indices[t + ((k + 1) % 3)]];
          const [p, q] = [corners[i], corners[j]];
          const [low, high] = p < q ? [i, j] : [j, i];
          const key = p < q ? `${p} ${q}` : `${q} ${p}`;
          const other = first.get(key);
          if (other === undefined) {
            first.set(key, { t, low, high });
            continue;
          }
          if (other === null) continue;
          first.set(key, null);
          const angle = (Math.acos(Math.min(1, Math.max(-1, dot(face(t), face(other.t))))) * 180) / Math.PI;
          if (angle < 1) continue;
          const isSmooth =
            dot(at(normal, low), at(normal, other.low)) > SAME && dot(at(normal, high), at(normal, other.high)) > SAME;
          found.push({ angle, isSmooth });
        }
    }
  return found;
}

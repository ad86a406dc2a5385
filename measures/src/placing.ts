import { computeMoments } from '@haveld/core/placement/moments';
import { bakeTransforms } from '@haveld/core/placement/bake';
import { judgeLean } from '@haveld/core/placement/stance/judge-lean';
import { listStanceFeatures } from '@haveld/core/placement/stance/stance-features';
import { measureSurface } from '@haveld/core/placement/stance/surface-measures';
import { judgeSize } from '@haveld/core/placement/judge-size';
import { judgeUp } from '@haveld/core/placement/judge-up';
import { boxSize, computeBounds } from '@haveld/core/scene/bounds';
import { listMeshInstances } from '@haveld/core/scene/traverse';
import { createSphereDocument } from '@haveld/core/testing/documents';

// Size, stance and pivot of 1 M triangles (aim 0.5 s); baking 1 M triangles against a bare pass over the same arrays (aim 3), and in
// milliseconds (aim 100).
const RUNS = 7;
const middle = (times: number[]): number => [...times].sort((a, b) => a - b)[times.length >> 1];

/** A ball of about 1 M triangles with normals, turned and scaled by its node. */
function createMillion() {
  const document = createSphereDocument(1, 500);
  const [node] = listMeshInstances(document).map((instance) => instance.node);
  const [primitive] = node.getMesh()!.listPrimitives();
  const position = primitive.getAttribute('POSITION')!;
  primitive.setAttribute('NORMAL', position.clone());
  node.setRotation([Math.SQRT1_2, 0, 0, Math.SQRT1_2]).setScale([0.01, 0.01, 0.01]);
  return { document, primitive, vertices: position.getCount(), triangles: primitive.getIndices()!.getCount() / 3 };
}

const judging: number[] = [];
for (let run = 0; run < RUNS; run++) {
  const { document } = createMillion();
  const start = performance.now();
  const instances = listMeshInstances(document);
  const box = computeBounds(document, instances)!;
  const surface = measureSurface(instances, box)!;
  const [up] = judgeUp({ declaredUp: null, typical: null, floor: null, stance: listStanceFeatures(surface, null) });
  judgeLean(surface, instances, up.turn);
  judgeSize({ size: boxSize(box), declaredUnit: null, typical: null, stated: [] });
  computeMoments(document, instances);
  judging.push(performance.now() - start);
}
const baking: number[] = [];
const bare: number[] = [];
let size = '';
for (let run = 0; run < RUNS; run++) {
  const { document, primitive, vertices, triangles } = createMillion();
  size = `${triangles} triangles, ${vertices} vertices`;
  const arrays = ['POSITION', 'NORMAL'].map((name) => primitive.getAttribute(name)!.getArray()!);
  let start = performance.now();
  for (const array of arrays) {
    const dst = new Float32Array(array.length);
    for (let i = 0; i < array.length; i++) dst[i] = array[i] * 0.01;
  }
  bare.push(performance.now() - start);
  start = performance.now();
  bakeTransforms(document);
  baking.push(performance.now() - start);
}
console.log(`${size}, middle of ${RUNS} runs`);
console.log(`size, stance and pivot: ${middle(judging).toFixed(0)} ms (aim 500)`);
console.log(
  `baking: ${middle(baking).toFixed(1)} ms, a bare pass ${middle(bare).toFixed(1)} ms, ratio ${(middle(baking) / middle(bare)).toFixed(2)} (aims 100 ms, 3)`,
);

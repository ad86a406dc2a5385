import { assess } from '@haveld/core/condition/assess';
import { examine } from '@haveld/core/condition/examination';
import { measureKit } from '@haveld/core/condition/measure-kit';
import { bakeTransforms } from '@haveld/core/placement/bake/bake-transforms';
import { measureFront } from '@haveld/core/placement/front/front-features';
import { judgeFrontAxis } from '@haveld/core/placement/front/judge-front-axis';
import { listUnitShares } from '@haveld/core/placement/kit/kit-say';
import { judgeTilt } from '@haveld/core/placement/orientation/judge-tilt';
import { judgeUp } from '@haveld/core/placement/orientation/judge-up';
import { listOrientationFeatures } from '@haveld/core/placement/orientation/orientation-features';
import { measureSurface } from '@haveld/core/placement/orientation/surface-measures';
import { computeMoments } from '@haveld/core/placement/pivot/moments';
import { judgeSize } from '@haveld/core/placement/size/judge-size';
import { describeDropBody } from '@haveld/core/placement/tumble/describe-body';
import { runDropTest } from '@haveld/core/placement/tumble/drop-test';
import { startPhysics } from '@haveld/core/placement/tumble/physics';
import { boundParts, boxSize } from '@haveld/core/scene/measures/bounds';
import { computeFigures } from '@haveld/core/scene/measures/figures';
import { listPlacedParts } from '@haveld/core/scene/measures/placed-parts';
import { listMeshInstances } from '@haveld/core/scene/traverse';
import { createSphereDocument } from '@haveld/core/testing/documents';

// Size, stance and pivot of 1 M triangles (aim 0.5 s); baking 1 M triangles against a bare pass over the same arrays (aim 3), and in
// milliseconds (aim 100). A kit of 500 pieces judged as a whole: every check of size and stance on each, its unit, its module (aim 10 s).
// A model let go and a pile of three, 1 M triangles.
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

/** In a function of its own, so that it is compiled as baking is. */
function passOver(src: ArrayLike<number>): Float32Array {
  const dst = new Float32Array(src.length);
  for (let i = 0; i < src.length; i++) dst[i] = src[i] * 0.01;
  return dst;
}

const judging: number[] = [];
for (let run = 0; run < RUNS; run++) {
  const { document } = createMillion();
  const start = performance.now();
  const parts = listPlacedParts(document);
  const box = boundParts(parts)!;
  const surface = measureSurface(parts, box)!;
  const [up] = judgeUp({
    declaredUp: null,
    typical: null,
    floor: null,
    orientation: listOrientationFeatures(surface, null),
  });
  judgeTilt(surface, parts, up.turn);
  judgeFrontAxis({ isDeclared: false, shape: measureFront(surface, up.turn), named: [] });
  judgeSize({ size: boxSize(box), declaredUnit: null, typical: null, stated: [] });
  computeMoments(parts);
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
  for (const array of arrays) passOver(array);
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

const PIECES = 500;
const kit = Array.from({ length: PIECES }, (_, i) => {
  const document = createSphereDocument(25 + (i % 8) * 25, 22, i % 3 === 0 ? 0.5 : 1);
  return { document, name: `wall segment ${i}` };
});
const triangles = kit.reduce((sum, { document }) => sum + computeFigures(document).triangles, 0);
let start = performance.now();
const looked = kit.map(({ document, name }, i) => {
  const seen = examine({ document, name, log: [], pictures: [], belonging: new Set(), stated: [] });
  const findings = assess(seen).map((finding) => ({ ...finding, answer: null, settled: finding.mark === 'holds' }));
  const { shares } = listUnitShares(seen.sizeQuestion, null);
  return { assetId: String(i), findings, shares, steps: [], box: seen.figures.box };
});
const each = performance.now() - start;
start = performance.now();
const { unit, module } = measureKit(looked);
console.log(
  `a kit of ${PIECES} pieces, ${triangles} triangles: ${((each + performance.now() - start) / 1000).toFixed(2)} s (aim 10), of it the kit as a whole ${(performance.now() - start).toFixed(0)} ms; ${unit?.label}, module ${module?.metres ?? 'none'}`,
);

const rapier = await startPhysics();
const { document: ball } = createMillion();
for (const count of [1, 3]) {
  start = performance.now();
  const { summary } = runDropTest(rapier, describeDropBody(ball)!, { count, shape: 'hull', dropShare: 0 });
  console.log(
    `let go, ${count} of 1 M triangles, three seconds of it: ${(performance.now() - start).toFixed(0)} ms (${summary})`,
  );
}

import type { CollisionKind } from '@haveld/contract/step';
import { fitShapes } from '@haveld/core/placement/collision/fit-shapes';
import { startPhysics } from '@haveld/core/placement/tumble/physics';
import { createSphereDocument } from '@haveld/core/testing/documents';
import { listPlacedParts } from '@haveld/core/scene/measures/placed-parts';
import { Vector3 } from 'three';
import { ConvexHull } from 'three/examples/jsm/math/ConvexHull.js';
import { readAllFurniture } from './parts/furniture';
import { time } from './parts/time-runs';

// Collision shapes: what they cost (wanted for several hulls of 200 k triangles ≤ 2 s), three's hull of the same points beside, and what
// is proposed for the open furniture.
const rapier = await startPhysics();

/** A ball of 200 k triangles with waves on it. */
function createBuoy() {
  const document = createSphereDocument(1, 224);
  const position = document.getRoot().listMeshes()[0].listPrimitives()[0].getAttribute('POSITION')!;
  const place: number[] = [];
  for (let v = 0; v < position.getCount(); v++) {
    position.getElement(v, place);
    const swell = 1 + 0.3 * Math.sin(place[0] * 9) * Math.cos(place[1] * 7) * Math.sin(place[2] * 8);
    position.setElement(
      v,
      place.map((value) => value * swell),
    );
  }
  return document;
}
const buoy = createBuoy();
for (const kind of ['turned-box', 'cylinder', 'hull', 'hulls'] as CollisionKind[])
  await time(
    `${kind} of 200 k triangles`,
    () => null,
    () => fitShapes(rapier, buoy, kind),
  );
const points = listPlacedParts(buoy).flatMap(({ positions }) =>
  Array.from({ length: positions.length / 3 }, (_, i) => new Vector3(...positions.subarray(i * 3, i * 3 + 3))),
);
await time(
  'its hull by three, of all its points',
  () => null,
  () => new ConvexHull().setFromPoints(points),
);

const proposed = new Map<string, number>();
const taken: number[] = [];
for await (const { document } of readAllFurniture('all')) {
  const from = performance.now();
  const fitted = fitShapes(rapier, document);
  taken.push(performance.now() - from);
  const kind = fitted?.proposed ?? 'none';
  proposed.set(kind, (proposed.get(kind) ?? 0) + 1);
}
taken.sort((a, b) => a - b);
console.log(
  `open furniture: ${[...proposed].map(([kind, count]) => `${kind} ${count}`).join(', ')}; all shapes of one in ${taken[Math.floor(taken.length / 2)].toFixed(0)} ms, the slowest ${taken.at(-1)!.toFixed(0)} ms`,
);

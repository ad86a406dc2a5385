import type { Document, Primitive } from '@gltf-transform/core';
import { turnPolygons } from '@haveld/core/scene/meshes/turn-polygons';
import { listMeshInstances } from '@haveld/core/scene/traverse';
import { joinParts } from '@haveld/core/structure/parts/join-parts';
import { listClosable } from '@haveld/core/structure/surfaces/close-holes';
import { findHoles } from '@haveld/core/structure/surfaces/find-holes';
import { findShells } from '@haveld/core/structure/surfaces/find-shells';
import { gatherSurface, type PartSurface } from '@haveld/core/structure/surfaces/gather-surface';
import { countEdges, judgeSurface } from '@haveld/core/structure/surfaces/judge-surface';
import { listTurnedFaces } from '@haveld/core/structure/surfaces/list-turned-faces';
import { planMerge } from '@haveld/core/structure/surfaces/merge-vertices';
import Module from 'manifold-3d';
import { createBands } from './parts/bands';
import { readAllFurniture } from './parts/furniture';
import { time } from './parts/time-runs';

// Surfaces: what looking at 1 M triangles costs (wanted for all linear checks ≤ 0.3 s), beside manifold-3d taking in the same mesh; and
// whether faces are turned rightly on real models, by author: what was turned at random comes back.
const bands = createBands();
joinParts(
  bands,
  listMeshInstances(bands).map(({ node }) => node),
  'all',
);
const primitives = primitivesOf(bands);
const surface = gatherSurface(primitives)!;
await time(
  'gathering a surface of 1 M triangles with its edges',
  () => null,
  () => gatherSurface(primitives),
);
await time(
  'counting what is wrong with its edges',
  () => null,
  () => countEdges(surface),
);
await time(
  'its shells',
  () => null,
  () => findShells(surface),
);
const shells = findShells(surface);
await time(
  'faces to be turned',
  () => null,
  () => listTurnedFaces(surface, shells),
);
await time(
  'its holes',
  () => null,
  () => listClosable(surface, findHoles(surface), 0.1),
);
await time(
  'cracks',
  () => null,
  () => planMerge(surface, 1e-4, 'borders'),
);

const wasm = await Module();
wasm.setup();
await time(
  'manifold-3d bringing the same mesh together',
  () => toManifold(surface),
  (mesh) => mesh.merge(),
);

interface Tally {
  parts: number;
  restored: number;
  polygons: number;
  wrong: number;
  offered: number;
  /** Of those, polygons of closed parts: which way is out is a matter of geometry. */
  certain: number;
  models: Set<string>;
}
const tallies = new Map<string, Tally>();
let seed = 7;
const random = (): number => (seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0) / 2 ** 32;

for await (const { row, document, isHeldOut } of readAllFurniture('all')) {
  const key = isHeldOut ? 'held-out authors' : 'other authors';
  const tally = tallies.get(key) ?? {
    parts: 0,
    restored: 0,
    polygons: 0,
    wrong: 0,
    offered: 0,
    certain: 0,
    models: new Set<string>(),
  };
  tallies.set(key, tally);
  for (const { mesh } of listMeshInstances(document)) {
    const own = mesh.listPrimitives();
    const before = gatherSurface(own);
    if (!before || before.polygonOf.length > 300_000) continue;
    const untouched = listTurnedFaces(before, findShells(before));
    if (untouched.against + untouched.inwards > 0) {
      tally.models.add(row.id);
      tally.offered += untouched.against + untouched.inwards;
      if (judgeSurface(before).isClosed) tally.certain += untouched.against + untouched.inwards;
      continue;
    }
    if (!judgeSurface(before).isClosed) continue;
    const chosen = before.polygonStarts.slice(1).map(() => (random() < 0.2 ? 1 : 0));
    before.members.forEach(({ primitive, firstPolygon }, m) => {
      const end = before.members.at(m + 1)?.firstPolygon ?? chosen.length;
      turnPolygons(document, primitive, Uint8Array.from(chosen.slice(firstPolygon, end)));
    });
    const spoilt = gatherSurface(own)!;
    const { turned } = listTurnedFaces(spoilt, findShells(spoilt));
    const wrong = turned.reduce((sum, flag, k) => sum + (flag === chosen[k] ? 0 : 1), 0);
    tally.parts++;
    tally.polygons += turned.length;
    tally.wrong += wrong;
    if (wrong === 0) tally.restored++;
  }
}
for (const [key, tally] of tallies)
  console.log(
    `${key}: of ${tally.parts} closed parts with a fifth of their polygons turned ${tally.restored} came back whole, ` +
      `${tally.wrong} of ${tally.polygons} polygons wrong; as they came ${tally.offered} polygons of ${tally.models.size} models are offered to be turned, ${tally.certain} of them of closed parts`,
  );

function primitivesOf(document: Document): Primitive[] {
  return listMeshInstances(document).flatMap(({ mesh }) => mesh.listPrimitives());
}

function toManifold({ positions, points }: PartSurface) {
  return new wasm.Mesh({ numProp: 3, vertProperties: positions.slice(), triVerts: points.slice() });
}

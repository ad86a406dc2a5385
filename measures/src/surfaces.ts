import type { Document, Primitive } from '@gltf-transform/core';
import { turnPolygons } from '@haveld/core/scene/meshes/turn-polygons';
import { buildEdgeTable } from '@haveld/core/geometry/edge-table';
import { longestSide } from '@haveld/core/geometry/longest-side';
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
  /** Closed parts that lost one polygon: the hole is found and may be closed, is bent, or is taken for something else. */
  holed: number;
  found: number;
  bent: number;
  /** Closed parts torn into single faces a hair apart: closed again, with every face. */
  torn: number;
  joined: number;
  swallowed: number;
  /** Parts as they came for which closing or bringing together is offered. */
  offeredHoles: number;
  offeredCracks: number;
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
    holed: 0,
    found: 0,
    bent: 0,
    torn: 0,
    joined: 0,
    swallowed: 0,
    offeredHoles: 0,
    offeredCracks: 0,
  };
  tallies.set(key, tally);
  for (const { mesh } of listMeshInstances(document)) {
    const own = mesh.listPrimitives();
    const before = gatherSurface(own);
    if (!before || before.polygonOf.length > 300_000) continue;
    if (listClosable(before, findHoles(before), 0.1).length > 0) tally.offeredHoles++;
    const cracks = planMerge(before, 1e-4, 'borders');
    if (cracks.collapsed === 0 && cracks.closed > 0) tally.offeredCracks++;
    const untouched = listTurnedFaces(before, findShells(before));
    if (untouched.against + untouched.inwards > 0) {
      tally.models.add(row.id);
      tally.offered += untouched.against + untouched.inwards;
      if (judgeSurface(before).isClosed) tally.certain += untouched.against + untouched.inwards;
      continue;
    }
    if (!judgeSurface(before).isClosed) continue;
    countHoles(before, tally);
    countCracks(before, tally);
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
      `${tally.wrong} of ${tally.polygons} polygons wrong; as they came ${tally.offered} polygons of ${tally.models.size} models are offered to be turned, ${tally.certain} of them of closed parts; ` +
      `one polygon taken out: ${tally.found} of ${tally.holed} holes found by themselves, ${tally.bent} too bent; ` +
      `torn apart: ${tally.joined} of ${tally.torn} closed again with every face, ${tally.swallowed} not offered for faces as fine as the crack; ` +
      `as they came ${tally.offeredHoles} parts are offered closing, ${tally.offeredCracks} bringing together`,
  );

/** Takes one polygon out, and looks whether exactly its ring is found again. */
function countHoles(whole: PartSurface, tally: Tally): void {
  const gone = Math.floor(random() * (whole.polygonStarts.length - 1));
  const [from, to] = [whole.polygonStarts[gone] * 3, whole.polygonStarts[gone + 1] * 3];
  const points = Uint32Array.from([...whole.points.subarray(0, from), ...whole.points.subarray(to)]);
  const holed = { ...whole, points, table: buildEdgeTable(points, whole.positions.length / 3) };
  const holes = findHoles(holed);
  tally.holed++;
  if (listClosable(holed, holes, 1).length === 1) tally.found++;
  else if (holes.some(({ offPlane, size }) => offPlane > 0.02 * size)) tally.bent++;
}

/** Tears all faces apart by up to a fifth of what counts as a crack. */
function countCracks(whole: PartSurface, tally: Tally): void {
  const { positions, points, polygonOf, polygonStarts } = whole;
  const reach = 1e-4 * longestSide(positions);
  const torn = Float32Array.from(
    points.length * 3 > 0
      ? [...points].flatMap((point) =>
          [0, 1, 2].map((axis) => positions[point * 3 + axis] + (random() - 0.5) * reach * 0.2),
        )
      : [],
  );
  const corners = Uint32Array.from(points.keys());
  const apart: PartSurface = {
    positions: torn,
    points: corners,
    table: buildEdgeTable(corners, points.length),
    polygonOf,
    polygonStarts,
    members: [],
  };
  const { placeOf, collapsed } = planMerge(apart, 1e-4, 'borders');
  const counts = countEdges({
    table: buildEdgeTable(
      corners.map((corner) => placeOf[corner]),
      points.length,
    ),
  });
  tally.torn++;
  if (collapsed > 0) tally.swallowed++;
  else if (counts.open === 0 && counts.crowded === 0) tally.joined++;
}

function primitivesOf(document: Document): Primitive[] {
  return listMeshInstances(document).flatMap(({ mesh }) => mesh.listPrimitives());
}

function toManifold({ positions, points }: PartSurface) {
  return new wasm.Mesh({ numProp: 3, vertProperties: positions.slice(), triVerts: points.slice() });
}

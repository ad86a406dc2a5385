import type { Document } from '@gltf-transform/core';
import type { CollisionKind, StepOf } from '@haveld/contract/step';
import { ConvexHull } from 'three/examples/jsm/math/ConvexHull.js';
import { Vector3 } from 'three';
import fc from 'fast-check';
import { createDocument, readGlb, writeGlb } from '../../scene/document/document-io';
import { getRigidBody } from '../../scene/document/rigid-bodies';
import { computeBounds } from '../../scene/measures/bounds';
import { listShownNodes } from '../../scene/traverse';
import {
  addBox,
  createBoxDocument,
  createMemoryCodec,
  createMeshDocument,
  createSphereDocument,
} from '../../testing/documents';
import { applyTreatment } from '../../treatment/apply-treatment';
import { describeDropBody } from '../tumble/describe-body';
import { runDropTest } from '../tumble/drop-test';
import { startPhysics } from '../tumble/physics';
import { encloseByBall, encloseByTurnedBox, encloseRound } from './enclosing';
import { fitShapes, makeHull } from './fit-shapes';
import { readCollision } from './read-collision';
import { findMatter } from './weigh';
import { createInsideTest, outlineOf, volumeOf, volumeOfHull, type CollisionShape } from './shapes';

let rapier: Awaited<ReturnType<typeof startPhysics>>;
beforeAll(async () => {
  rapier = await startPhysics();
});
const context = { codec: createMemoryCodec(), readBytes: () => Promise.reject(new Error('no maps here')) };
const { PI, cos, sin, sqrt } = Math;

/** A chair: four legs, a seat, a back. */
function createChair(): Document {
  const document = createDocument();
  for (const [x, z] of [
    [0, 0],
    [0.4, 0],
    [0, 0.4],
    [0.4, 0.4],
  ])
    addBox(document, [x, 0, z], [x + 0.04, 0.42, z + 0.04], `leg ${x} ${z}`);
  addBox(document, [0, 0.42, 0], [0.44, 0.46, 0.44], 'seat');
  addBox(document, [0, 0.46, 0], [0.44, 0.9, 0.04], 'back');
  return document;
}
/** A rod that lies askew. */
function createRod(): Document {
  const document = createBoxDocument([-2, -0.1, -0.1], [2, 0.1, 0.1]);
  document
    .getRoot()
    .listNodes()[0]
    .setRotation([0, sin(PI / 8), 0, cos(PI / 8)]);
  return document;
}

describe('shapes around points', () => {
  const point = fc.tuple(...[0, 1, 2].map(() => fc.double({ min: -5, max: 5, noNaN: true })));
  const cloud = fc.array(point, { minLength: 8, maxLength: 60 }).map((points) => Float32Array.from(points.flat()));

  test('what most of the surface is made of gives the weight, not what most materials are called', () => {
    const hut = createBoxDocument([0, 0, 0], [2, 2, 2], 'walls');
    hut.getRoot().listMeshes()[0].listPrimitives()[0].setMaterial(hut.createMaterial('oak_wood'));
    ['brass', 'steel', 'zinc'].forEach((name, i) => {
      const screw = addBox(hut, [i, 2, 0], [i + 0.1, 2.1, 0.1], name);
      screw.getMesh()!.listPrimitives()[0].setMaterial(hut.createMaterial(name));
    });
    expect(findMatter(hut)).toBe('wood');
  });

  test('no point is left outside, whatever the points', () => {
    fc.assert(
      fc.property(cloud, (points) => {
        const hull = makeHull(rapier, points);
        fc.pre(hull !== null);
        const ball = encloseByBall(points, 3);
        const shapes: CollisionShape[] = [
          { kind: 'sphere', centre: ball.centre as [number, number, number], radius: ball.radius },
          encloseByTurnedBox(hull!),
          encloseRound('cylinder', points, [0, 1, 0]),
          encloseRound('capsule', points, [0.6, 0, 0.8]),
        ];
        for (const shape of shapes) {
          const isWithin = createInsideTest(grown(shape));
          for (let o = 0; o < points.length; o += 3)
            expect([shape.kind, isWithin(points[o], points[o + 1], points[o + 2])]).toEqual([shape.kind, true]);
        }
      }),
      { seed: 19, numRuns: 60, endOnFailure: true },
    );
  });

  /** By what single precision loses. */
  const grown = (shape: CollisionShape): CollisionShape =>
    shape.kind === 'box'
      ? { ...shape, size: shape.size.map((side) => side + 1e-4) as [number, number, number] }
      : shape.kind === 'hulls'
        ? shape
        : { ...shape, radius: shape.radius + 1e-4, ...('height' in shape ? { height: shape.height + 1e-4 } : {}) };

  test('a hull is the one three makes: the same volume, for any points', () => {
    fc.assert(
      fc.property(cloud, (points) => {
        const ours = makeHull(rapier, points);
        fc.pre(ours !== null && volumeOfHull(ours) > 1);
        const theirs = new ConvexHull().setFromPoints(
          Array.from({ length: points.length / 3 }, (_, i) => new Vector3(...points.subarray(i * 3, i * 3 + 3))),
        );
        const volume = theirs.faces.reduce((sum, face) => {
          const [a, b, c] = [face.edge, face.edge.next, face.edge.prev].map((edge) => edge.head().point);
          return sum + a.dot(b.clone().cross(c)) / 6;
        }, 0);
        expect(volumeOfHull(ours!) / volume).toBeCloseTo(1, 3);
      }),
      { seed: 7, numRuns: 40, endOnFailure: true },
    );
  });

  test('the ball around a cube has half its diagonal, to a hundredth; a turned box finds the rod it was', () => {
    const corners = Float32Array.from([0, 1, 2, 3, 4, 5, 6, 7].flatMap((i) => [i & 1, (i >> 1) & 1, (i >> 2) & 1]));
    expect(encloseByBall(corners, 3).radius).toBeCloseTo(sqrt(3) / 2, 2);
    const { shapes } = fitShapes(rapier, createRod(), 'turned-box')!;
    expect(shapes[0].shape.kind === 'box' && [...shapes[0].shape.size].sort()).toEqual([
      expect.closeTo(0.2, 3),
      expect.closeTo(0.2, 3),
      expect.closeTo(4, 3),
    ]);
  });

  test('volumes are those of the handbook', () => {
    const turn: [number, number, number, number] = [0, 0, 0, 1];
    const centre: [number, number, number] = [0, 0, 0];
    expect(volumeOf({ kind: 'sphere', centre, radius: 2 })).toBeCloseTo((32 / 3) * PI, 9);
    expect(volumeOf({ kind: 'cylinder', centre, turn, radius: 2, height: 3 })).toBeCloseTo(12 * PI, 9);
    // a cylinder and the two halves of a ball
    expect(volumeOf({ kind: 'capsule', centre, turn, radius: 2, height: 3 })).toBeCloseTo(12 * PI + (32 / 3) * PI, 9);
    expect(outlineOf({ kind: 'box', centre, turn, size: [1, 1, 1] })).toHaveLength(12 * 6);
    // a hull's sides are drawn, not the triangles they are cut into
    const cube = Float32Array.from([0, 1, 2, 3, 4, 5, 6, 7].flatMap((i) => [i & 1, (i >> 1) & 1, (i >> 2) & 1]));
    expect(outlineOf({ kind: 'hulls', hulls: [makeHull(rapier, cube)!] })).toHaveLength(12 * 6);
  });
});

describe('what is proposed', () => {
  test.each<[string, () => Document, CollisionKind]>([
    ['a crate is a box', () => createBoxDocument([0, 0, 0], [1, 2, 3]), 'box'],
    ['a ball is a ball', () => createSphereDocument(1, 24), 'sphere'],
    ['a rod that lies askew is a turned box', createRod, 'turned-box'],
    ['half a ball is its hull', () => createSphereDocument(1, 24, 0.5), 'hull'],
    ['a chair is several hulls', createChair, 'hulls'],
  ])('%s', (_, make, kind) => {
    expect(fitShapes(rapier, make())!.proposed).toBe(kind);
  });

  test('a prism of many sides is a cylinder, upright or lying', () => {
    const sides = 24;
    const ring = (y: number): number[] =>
      Array.from({ length: sides }, (_, i) => [sin((i / sides) * 2 * PI), y, cos((i / sides) * 2 * PI)]).flat();
    const indices = Array.from({ length: sides }, (_, i) => {
      const j = (i + 1) % sides;
      return [i, j, j + sides, i, j + sides, i + sides, sides * 2, j, i, sides * 2 + 1, i + sides, j + sides];
    }).flat();
    const document = createMeshDocument([...ring(0), ...ring(3), 0, 0, 0, 0, 3, 0], indices);
    expect(fitShapes(rapier, document)!.proposed).toBe('cylinder');
    document
      .getRoot()
      .listNodes()[0]
      .setRotation([0, 0, sqrt(0.5), sqrt(0.5)]);
    const { shapes } = fitShapes(rapier, document, 'cylinder')!;
    expect(shapes[0]).toMatchObject({ shape: { radius: expect.closeTo(1, 2), height: expect.closeTo(3, 3) } });
  });

  test('how much air a shape holds is told: the ball around a rod holds far more than its box', () => {
    const { shapes } = fitShapes(rapier, createRod())!;
    const of = (kind: CollisionKind) => shapes.find((one) => one.kind === kind)!;
    expect(of('turned-box').times).toBeCloseTo(1, 2);
    expect(of('turned-box').air).toBeLessThan(0.15);
    expect(of('sphere').times).toBeGreaterThan(100);
    expect(of('sphere').air).toBeGreaterThan(1);
  });

  test('a sheet and nothing have no shape', () => {
    expect(fitShapes(rapier, createMeshDocument([0, 0, 0, 1, 0, 0, 0, 1, 0], [0, 1, 2]))).toBeNull();
    expect(fitShapes(rapier, createDocument())).toBeNull();
  });
});

describe('the step', () => {
  const step = (change: Partial<StepOf<'set-collision'>> = {}): StepOf<'set-collision'> => ({
    kind: 'set-collision',
    schema: 1,
    shape: 'box',
    isMovable: true,
    matter: 'wood',
    ...change,
  });
  const KINDS: CollisionKind[] = ['box', 'sphere', 'cylinder', 'capsule', 'turned-box', 'hull', 'hulls'];

  test.each(KINDS)('%s is written and read back where it was, and nothing that is seen changes', async (shape) => {
    const document = createChair();
    const before = computeBounds(document);
    const [outcome] = await applyTreatment(document, [step({ shape })], context);
    expect(outcome).toMatchObject({ unmatched: [], worse: [] });
    expect(computeBounds(document)).toEqual(before);
    const meant = fitShapes(rapier, createChair(), shape)!.shapes[0].shape;
    const { shapes, mass, friction } = readCollision(await readGlb(await writeGlb(document)))!;
    expect(shapes.reduce((sum, one) => sum + volumeOf(one), 0) / volumeOf(meant)).toBeCloseTo(1, 3);
    expect(friction).toBe(0.5);
    // four legs, a seat and a back of wood, 650 kg a cubic metre
    const solid = 4 * 0.04 * 0.04 * 0.42 + 0.44 * 0.44 * 0.04 + 0.44 * 0.44 * 0.04;
    expect(mass! / (solid * 650)).toBeCloseTo(1, 3);
  });

  test('done twice it is there once; what never moves has no mass; a weight that is given counts', async () => {
    const document = createChair();
    await applyTreatment(document, [step(), step({ shape: 'hull' })], context);
    expect(listShownNodes(document).filter((node) => getRigidBody(node)?.getMesh())).toHaveLength(1);
    expect(readCollision(document)!.shapes).toHaveLength(1);
    await applyTreatment(document, [step({ isMovable: false })], context);
    expect(readCollision(document)).toMatchObject({ mass: null });
    await applyTreatment(document, [step({ massKg: 4.2 })], context);
    expect(readCollision(document)!.mass).toBe(4.2);
  });

  test('what cannot have one says so', async () => {
    const sheet = createMeshDocument([0, 0, 0, 1, 0, 0, 0, 1, 0], [0, 1, 2]);
    const [outcome] = await applyTreatment(sheet, [step()], context);
    expect(outcome.unmatched).toEqual(['a model that can be held by a box']);
  });

  test('what it was given shows in the drop: a table stands on its legs as several hulls, and rolls as a ball', async () => {
    const drop = async (shape: CollisionKind) => {
      const document = createChair();
      await applyTreatment(document, [step({ shape })], context);
      return runDropTest(rapier, describeDropBody(document)!, { count: 1, shape: 'hull', dropShare: 0 });
    };
    expect((await drop('hulls')).verdict).toBe('stands');
    // as a ball it stands on one point below its foot
    expect((await drop('sphere')).verdict).not.toBe('stands');
  });
});

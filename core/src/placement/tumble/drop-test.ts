import type * as Rapier from '@dimforge/rapier3d-compat';
import type { Box } from '@haveld/contract/report';
import { boxSize } from '../../scene/measures/bounds';
import type { CollisionShape } from '../collision/shapes';

/** What is dropped: one model, as it stands in the scene, metres. */
export interface DropBody {
  /** Vertices xyz, world space, Y up; of very many a share will do. */
  points: Float32Array;
  box: Box;
  /** Where its mass lies; null takes the hull's. */
  balance: readonly [number, number, number] | null;
  /** Kilograms, above 0. */
  mass: number;
  /** What it was given to collide by, world space; left out, `shape` of the options counts. */
  shapes?: CollisionShape[];
  /** Of its surface; left out 0.8. */
  friction?: number;
}

export interface DropOptions {
  /** How many of it are piled on one another, 1 to 6. */
  count: number;
  /** `hull`: the convex hull of its points. `box`: its box. */
  shape: 'hull' | 'box';
  /** How far above the ground the first is let go, as a share of its height; 0 leaves it where it stands. */
  dropShare: number;
  seconds?: number;
}

export interface DropResult {
  /** Places of every body, frame after frame: x, y, z of the model's origin and a unit quaternion xyzw. */
  poses: Float32Array;
  count: number;
  frames: number;
  framesPerSecond: number;
  /** Of the first body, from where it stood: down below 0, metres; and how far it was turned, degrees. */
  sank: number;
  turned: number;
  /** How many of the pile still stand on one another, within 10° of upright. */
  standing: number;
  verdict: 'stands' | 'falls' | 'settles' | 'tips' | 'pile-falls';
  summary: string;
}

const STEPS_PER_SECOND = 120;
const FRAMES_PER_SECOND = 30;

/** Gravity, m/s²: standard acceleration of free fall, CGPM 1901. */
const GRAVITY = 9.80665;

/** Turned by more than this it fell over; moved by more than this share of its height it did not stand on the ground. */
const TIPPED_FROM = 10;
const MOVED_FROM = 0.01;

/** One of a pile that came down by more than a fifth of what lies below it does not lie on it any more. */
const STILL_ON = 0.8;

/**
 * Lets a model go, or a pile of it, and sees how it comes to rest: a foot that is not on the ground falls or is pushed up, a middle
 * that lies over no foot tips over. Computed at one size for all, so that a pin and a ship are as exact.
 * @param rapier the physics package, started
 * @throws {Error} where the model has no extent
 */
export function runDropTest(rapier: typeof Rapier, body: DropBody, options: DropOptions): DropResult {
  const size = boxSize(body.box);
  const longest = Math.max(...size);
  if (!(longest > 0) || !Number.isFinite(longest)) throw new Error('runDropTest: a model without extent');
  const scale = 1 / longest;
  const { count, dropShare, seconds = 3 } = options;
  const world = new rapier.World({ x: 0, y: -GRAVITY, z: 0 });
  world.timestep = 1 / STEPS_PER_SECOND;
  const ground = world.createRigidBody(rapier.RigidBodyDesc.fixed().setTranslation(0, -0.5, 0));
  world.createCollider(rapier.ColliderDesc.cuboid(200, 0.5, 200).setFriction(0.8), ground);
  const height = size[1] * scale;
  const bodies = Array.from({ length: count }, (_, i) => {
    const rigid = world.createRigidBody(
      rapier.RigidBodyDesc.dynamic().setTranslation(0, i * (height + 0.01) + dropShare * height, 0),
    );
    if (body.shapes) {
      for (const shape of body.shapes)
        for (const collider of describeShape(rapier, shape, scale))
          world.createCollider(
            collider
              .setDensity(0)
              .setFriction(body.friction ?? 0.8)
              .setRestitution(0.05),
            rigid,
          );
      const { centre, inertia } = describeMass(body, scale);
      rigid.setAdditionalMassProperties(body.mass, centre, inertia, { x: 0, y: 0, z: 0, w: 1 }, true);
    } else {
      const collider = describeCollider(rapier, body, options.shape, scale).setFriction(0.8).setRestitution(0.05);
      setMass(collider, body, scale);
      world.createCollider(collider, rigid);
    }
    return rigid;
  });
  const every = STEPS_PER_SECOND / FRAMES_PER_SECOND;
  const frames = Math.round(seconds * FRAMES_PER_SECOND) + 1;
  const poses = new Float32Array(frames * count * 7);
  for (let frame = 0; frame < frames; frame++) {
    bodies.forEach((rigid, i) => {
      const [t, r] = [rigid.translation(), rigid.rotation()];
      poses.set([t.x / scale, t.y / scale, t.z / scale, r.x, r.y, r.z, r.w], (frame * count + i) * 7);
    });
    for (let step = 0; step < every; step++) world.step();
  }
  const tilt = bodies.map((rigid) => tiltOf(rigid.rotation()));
  const heights = bodies.map((rigid) => rigid.translation().y / scale);
  const [sank] = heights;
  world.free();
  const result = {
    poses,
    count,
    frames,
    framesPerSecond: FRAMES_PER_SECOND,
    sank,
    turned: tilt[0],
    standing: bodies.filter((_, i) => tilt[i] < TIPPED_FROM && (i === 0 || heights[i] > i * size[1] * STILL_ON)).length,
  };
  return { ...result, ...describeVerdict(result, size[1]) };
}

function describeCollider(
  rapier: typeof Rapier,
  { points, box }: DropBody,
  shape: DropOptions['shape'],
  scale: number,
): Rapier.ColliderDesc {
  const size = boxSize(box).map((side) => side * scale);
  const hull = shape === 'hull' ? rapier.ColliderDesc.convexHull(points.map((value) => value * scale)) : null;
  if (hull) return hull;
  const middle = box.min.map((low, axis) => low * scale + size[axis] / 2);
  // a sheet has no thickness to lie on
  const [x, y, z] = size.map((side) => Math.max(side / 2, 1e-4));
  return rapier.ColliderDesc.cuboid(x, y, z).setTranslation(middle[0], middle[1], middle[2]);
}

/** A shape it was given, at the size all is computed at. */
function describeShape(rapier: typeof Rapier, shape: CollisionShape, scale: number): Rapier.ColliderDesc[] {
  const { ColliderDesc } = rapier;
  if (shape.kind === 'hulls')
    return shape.hulls.flatMap(({ points }) => ColliderDesc.convexHull(points.map((value) => value * scale)) ?? []);
  const round = shape.kind === 'box' ? 0 : shape.radius * scale;
  const described =
    shape.kind === 'box'
      ? ColliderDesc.cuboid(
          ...(shape.size.map((side) => Math.max((side * scale) / 2, 1e-4)) as [number, number, number]),
        )
      : shape.kind === 'sphere'
        ? ColliderDesc.ball(round)
        : ColliderDesc[shape.kind]((shape.height * scale) / 2, round);
  const [x, y, z] = shape.centre.map((value) => value * scale);
  described.setTranslation(x, y, z);
  if (shape.kind !== 'sphere') {
    const [qx, qy, qz, qw] = shape.turn;
    described.setRotation({ x: qx, y: qy, z: qz, w: qw });
  }
  return [described];
}

/** A box's moments about the balance point: m/12 (a² + b²), the handbook's. */
function describeMass({ box, balance, mass }: DropBody, scale: number) {
  const [a, b, c] = boxSize(box).map((side) => side * scale);
  const [x, y, z] = (balance ?? box.min.map((low, axis) => (low + box.max[axis]) / 2)).map((value) => value * scale);
  return {
    centre: { x, y, z },
    inertia: {
      x: (mass / 12) * (b * b + c * c),
      y: (mass / 12) * (a * a + c * c),
      z: (mass / 12) * (a * a + b * b),
    },
  };
}

function setMass(collider: Rapier.ColliderDesc, body: DropBody, scale: number): void {
  if (!body.balance) {
    collider.setMass(body.mass);
    return;
  }
  const { centre, inertia } = describeMass(body, scale);
  const own = collider.translation;
  collider.setMassProperties(body.mass, { x: centre.x - own.x, y: centre.y - own.y, z: centre.z - own.z }, inertia, {
    x: 0,
    y: 0,
    z: 0,
    w: 1,
  });
}

/** How far from upright, degrees: the angle of the turned Y to Y. */
function tiltOf({ x, z }: { x: number; z: number }): number {
  return (Math.acos(Math.max(-1, Math.min(1, 1 - 2 * (x * x + z * z)))) * 180) / Math.PI;
}

function describeVerdict(
  { sank, turned, standing, count }: Pick<DropResult, 'sank' | 'turned' | 'standing' | 'count'>,
  height: number,
): Pick<DropResult, 'verdict' | 'summary'> {
  if (turned >= TIPPED_FROM) return { verdict: 'tips', summary: `tips over, by ${Math.round(turned)}°` };
  if (count > 1 && standing < count) return { verdict: 'pile-falls', summary: `${standing} of ${count} still stand` };
  if (count > 1) return { verdict: 'stands', summary: `all ${count} stand on one another` };
  if (sank < -height * MOVED_FROM)
    return { verdict: 'falls', summary: `fell ${formatMm(sank)}: it did not touch the ground` };
  if (sank > height * MOVED_FROM)
    return { verdict: 'settles', summary: `was pushed up ${formatMm(sank)}: it reached into the ground` };
  return { verdict: 'stands', summary: `stands: moved ${formatMm(sank)}, leant ${turned.toFixed(1)}°` };
}

const formatMm = (metres: number): string => {
  const mm = Math.abs(metres) * 1000;
  return mm >= 1000 ? `${(mm / 1000).toFixed(2)} m` : `${mm < 10 ? mm.toFixed(1) : Math.round(mm)} mm`;
};

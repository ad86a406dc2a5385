import { AnimationClip, Box3, Group, Object3D, Vector3, VectorKeyframeTrack } from 'three';
import type { DropResult } from '@haveld/core/placement/tumble/drop-test';
import { ClipPlayer } from './clip-player';
import { Companions } from './companions';
import { createStandIn } from './stand-ins';
import { TrialPlayer } from './trial-player';

const holding = (): Group => new Group().add(new Object3D());
const size = (object: Object3D): number[] => new Box3().setFromObject(object).getSize(new Vector3()).toArray();

/** Two things fall a metre each in two frames, the second beside the first. */
const FALL = {
  poses: Float32Array.of(0, 2, 0, 0, 0, 0, 1, 3, 2, 0, 0, 0, 0, 1, 0, 1, 0, 0, 0, 0, 1, 3, 1, 0, 0, 0, 0, 1),
  frames: 2,
  framesPerSecond: 10,
  count: 2,
} as unknown as DropResult;

describe('trials', () => {
  test('a fall is shown frame by frame and holds its last', () => {
    const holder = holding();
    const player = new TrialPlayer(holder);
    player.start({ kind: 'drop', result: FALL }, 1000);
    expect(player.pose(1000)).toBe(true);
    expect(holder.position.y).toBe(2);
    expect(player.copies.children[0].position.toArray()).toEqual([3, 2, 0]);
    expect(player.pose(1100)).toBe(false);
    expect(player.pose(99_000)).toBe(false);
    expect(holder.position.y).toBe(1);
  });

  test('ending one puts the model back and takes its copies away', () => {
    const holder = holding();
    const player = new TrialPlayer(holder);
    player.start({ kind: 'drop', result: FALL }, 0);
    player.pose(0);
    player.start(null, 10);
    expect(holder.position.toArray()).toEqual([0, 0, 0]);
    expect(player.copies.children).toEqual([]);
    expect(player.pose(20)).toBe(false);
  });

  test('a row stands at its pitch and does not move; a turn goes on', () => {
    const player = new TrialPlayer(holding());
    player.start({ kind: 'row', count: 4, pitch: 1.5 }, 0);
    expect(player.pose(0)).toBe(false);
    expect(player.copies.children.map(({ position }) => position.x)).toEqual([1.5, 3, 4.5]);
    player.start({ kind: 'turn' }, 0);
    expect([player.pose(0), player.pose(60_000)]).toEqual([true, true]);
  });

  test('the room a trial takes holds all that stands in it', () => {
    const box = new Box3(new Vector3(-0.5, 0, -0.5), new Vector3(0.5, 1, 0.5));
    const player = new TrialPlayer(holding());
    expect(player.reach(box).equals(box)).toBe(true);
    player.start({ kind: 'row', count: 3, pitch: 2 }, 0);
    expect(player.reach(box).max.x).toBe(4.5);
    player.start({ kind: 'drop', result: FALL }, 0);
    const room = player.reach(box);
    expect([room.max.x, room.max.y, room.min.y]).toEqual([3.5, 3, 0]);
  });
});

describe('what stands beside a model', () => {
  test.each([
    ['cube' as const, [1, 1, 1]],
    ['door' as const, [0.9, 2, 0]],
  ])('a %s has its true size, its foot on the ground and its left at the origin', (kind, expected) => {
    const thing = createStandIn(kind);
    size(thing).forEach((v, axis) => expect(v).toBeCloseTo(expected[axis], 6));
    const { min } = new Box3().setFromObject(thing);
    expect(Math.hypot(min.x, min.y)).toBeLessThan(1e-6);
  });

  test('a person is 1.70 m', () => {
    expect(size(createStandIn('person'))[1]).toBeCloseTo(1.7, 2);
  });

  test('it stands on the left with a gap, the person on the right, both on the model’s ground', async () => {
    const companions = new Companions();
    expect(await companions.setBeside({ kind: 'cube' })).toBe(true);
    const box = new Box3(new Vector3(-1, -0.2, -1), new Vector3(1, 1.5, 1));
    companions.place(box, true);
    const cube = new Box3().setFromObject(companions.beside!);
    expect(cube.max.x).toBeLessThan(box.min.x);
    expect(cube.min.y).toBeCloseTo(box.min.y, 6);
    expect(companions.person.position.x).toBeGreaterThan(box.max.x);
    expect(companions.person.visible).toBe(true);
    const framed = box.clone();
    companions.widen(framed, box.min.y);
    expect(framed.containsBox(cube)).toBe(true);
  });

  test.each([
    ['a pin', 0.05, false],
    ['a chair', 0.9, true],
    ['a ship', 40, false],
  ])('beside %s a person %#', (_, height, isShown) => {
    const companions = new Companions();
    companions.place(new Box3(new Vector3(0, 0, 0), new Vector3(1, height, 1)), true);
    expect(companions.person.visible).toBe(isShown);
  });

  test('of two that are asked for at once the later stands there; nothing after the end', async () => {
    const companions = new Companions();
    const [first, second] = await Promise.all([
      companions.setBeside({ kind: 'cube' }),
      companions.setBeside({ kind: 'door' }),
    ]);
    expect([first, second]).toEqual([false, true]);
    expect(size(companions.beside!)[1]).toBeCloseTo(2, 6);
    await companions.setBeside(null);
    expect(companions.beside).toBeNull();
    companions.dispose();
    expect(await companions.setBeside({ kind: 'cube' })).toBe(false);
  });
});

test('a clip is shown at its moment; none, or one the model does not have, is rest', () => {
  const model = new Group();
  const arm = new Object3D();
  arm.name = 'arm';
  model.add(arm);
  const lift = new AnimationClip('lift', 2, [new VectorKeyframeTrack('arm.position', [0, 2], [0, 0, 0, 0, 4, 0])]);
  const player = new ClipPlayer(model, [lift]);
  player.pose({ clip: 0, seconds: 1 });
  expect(arm.position.y).toBeCloseTo(2, 6);
  player.pose({ clip: 0, seconds: 2 });
  expect(arm.position.y).toBeCloseTo(4, 6);
  player.pose({ clip: 7, seconds: 1 });
  expect(arm.position.y).toBe(0);
  player.pose(null);
  expect(arm.position.y).toBe(0);
});

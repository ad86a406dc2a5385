import { Box3, BoxGeometry, Group, Mesh, SphereGeometry, Vector3 } from 'three';
import { areAlike, describeStance } from './stance';

/** A seat with a back at its rear: it has a front. */
function createChair(scale = 1, turn = 0): Group {
  const chair = new Group();
  const seat = new Mesh(new BoxGeometry(0.5, 0.1, 0.5));
  const back = new Mesh(new BoxGeometry(0.5, 0.6, 0.05));
  back.position.set(0, 0.35, -0.22);
  const inner = new Group().add(seat, back);
  inner.rotation.y = turn;
  chair.add(inner);
  chair.scale.setScalar(scale);
  chair.updateMatrixWorld(true);
  return chair;
}
const stanceOf = (model: Group) => describeStance(model, new Box3().setFromObject(model, true));

test('the same model is alike wherever it was put: one camera shows both', () => {
  const moved = createChair();
  moved.position.set(3, 1, -2);
  moved.updateMatrixWorld(true);
  expect(areAlike(stanceOf(createChair()), stanceOf(moved))).toBe(true);
});

test('another size is another picture, and so is half a turn that leaves the box as it is', () => {
  expect(areAlike(stanceOf(createChair()), stanceOf(createChair(0.01)))).toBe(false);
  const turned = createChair(1, Math.PI);
  const box = (model: Group) => new Box3().setFromObject(model, true).getSize(new Vector3());
  expect(box(turned).distanceTo(box(createChair()))).toBeLessThan(1e-6);
  expect(areAlike(stanceOf(createChair()), stanceOf(turned))).toBe(false);
});

test('a large model is told by a sample of its faces', () => {
  const ball = (segments: number): Group => {
    const group = new Group().add(new Mesh(new SphereGeometry(1, segments, segments)));
    group.updateMatrixWorld(true);
    return group;
  };
  const stance = stanceOf(ball(256))!;
  expect(stance.middle.distanceTo(new Vector3(0.5, 0.5, 0.5))).toBeLessThan(0.01);
  expect(areAlike(stance, stanceOf(ball(255)))).toBe(true);
});

test('what has no extent is like nothing', () => {
  const nothing = describeStance(new Group(), new Box3());
  expect(nothing).toBeNull();
  expect(areAlike(nothing, nothing)).toBe(false);
});

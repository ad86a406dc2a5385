import { PerspectiveCamera, Vector3 } from 'three';
import { StageCamera } from './stage-camera';
import { FIELD_OF_VIEW } from './stage-side';

const FRAMED = { centre: new Vector3(1, 2, 3), radius: 2 };
const aim = (stage: StageCamera, aspect = 16 / 9, framed = FRAMED) => {
  const camera = new PerspectiveCamera(FIELD_OF_VIEW);
  const seen = stage.aim(camera, framed, aspect);
  camera.updateMatrixWorld();
  return { camera, seen };
};

test.each([16 / 9, 1, 0.5])('the whole ball is in sight at an aspect of %f, and no plane cuts it', (aspect) => {
  const { camera } = aim(new StageCamera(), aspect);
  for (const [x, y, z] of [
    [1, 0, 0],
    [-1, 0, 0],
    [0, 1, 0],
    [0, -1, 0],
    [0, 0, 1],
    [0, 0, -1],
  ]) {
    const point = FRAMED.centre
      .clone()
      .add(new Vector3(x, y, z).multiplyScalar(FRAMED.radius))
      .project(camera);
    expect(Math.max(Math.abs(point.x), Math.abs(point.y), Math.abs(point.z))).toBeLessThanOrEqual(1);
  }
});

test('it looks at what is framed, whatever its size: a pin and a ship fill the view alike', () => {
  for (const radius of [0.001, 1, 300]) {
    const { camera, seen } = aim(new StageCamera(), 1, { centre: FRAMED.centre, radius });
    const centre = FRAMED.centre.clone().project(camera);
    expect(Math.hypot(centre.x, centre.y)).toBeLessThan(1e-4);
    expect(seen / radius).toBeCloseTo(aim(new StageCamera(), 1, { centre: FRAMED.centre, radius: 1 }).seen, 4);
  }
});

test('turning goes round and stops short of straight up and down, where it would flip', () => {
  const stage = new StageCamera();
  stage.turn(0, 10);
  const { camera } = aim(stage);
  const direction = camera.position.clone().sub(FRAMED.centre).normalize();
  expect(direction.y).toBeGreaterThan(0.99);
  expect(camera.up.clone().applyQuaternion(camera.quaternion).y).toBeGreaterThan(0);
  stage.turn(2 * Math.PI, 0);
  expect(aim(stage).camera.position.distanceTo(camera.position)).toBeLessThan(1e-6);
});

test('zooming halves what is seen, up to an end on both sides', () => {
  const stage = new StageCamera();
  const { seen } = aim(stage);
  stage.zoom(0.5);
  expect(aim(stage).seen).toBeCloseTo(seen / 2, 6);
  for (let i = 0; i < 100; i++) stage.zoom(0.5);
  expect(aim(stage).seen).toBeCloseTo(seen * 0.05, 6);
  for (let i = 0; i < 100; i++) stage.zoom(2);
  expect(aim(stage).seen).toBeCloseTo(seen * 30, 4);
});

test('what is moved by half the view lands at its edge, and framing puts everything back', () => {
  const stage = new StageCamera();
  stage.pan(0.5, 0);
  const moved = FRAMED.centre.clone().project(aim(stage).camera);
  expect(moved.x).toBeCloseTo(1, 4);
  stage.turn(1, 0.2);
  stage.zoom(3);
  stage.reset();
  expect(aim(stage).camera.position.distanceTo(aim(new StageCamera()).camera.position)).toBeLessThan(1e-9);
});

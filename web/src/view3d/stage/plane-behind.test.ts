import { PerspectiveCamera, Vector2, Vector3 } from 'three';
import { planeBehind } from './plane-behind';

test('the plane behind a line holds the eye and all that is seen on the line, and parts what lies on either side', () => {
  const camera = new PerspectiveCamera(50, 800 / 600, 0.1, 100);
  camera.position.set(3, 2, 5);
  camera.lookAt(0, 0.5, 0);
  camera.updateMatrixWorld();
  const toView = (point: Vector3): Vector2 => {
    const { x, y } = point.clone().project(camera);
    return new Vector2(((x + 1) / 2) * 800, ((1 - y) / 2) * 600);
  };
  const [a, b] = [new Vector3(-0.4, 0.2, 0.3), new Vector3(0.7, 1.1, -0.2)];
  const plane = planeBehind(camera, toView(a), toView(b), 800, 600)!;
  const reach = (point: Vector3): number => point.dot(new Vector3(plane[0], plane[1], plane[2])) - plane[3];
  for (const point of [a, b, camera.position, a.clone().lerp(b, 0.5), a.clone().lerp(camera.position, 0.7)])
    expect(reach(point)).toBeCloseTo(0, 6);
  const above = a.clone().add(new Vector3(0, 0.3, 0));
  const below = a.clone().add(new Vector3(0, -0.3, 0));
  expect(reach(above) * reach(below)).toBeLessThan(0);
  expect(planeBehind(camera, toView(a), toView(a), 800, 600)).toBeNull();
});

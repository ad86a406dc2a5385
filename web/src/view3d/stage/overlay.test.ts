import { Box3, Group, Object3D, OrthographicCamera, Vector3 } from 'three';
import { projectOverlay, type OverlaySubject } from './overlay';

/** From the front, a metre 50 pixels, the origin in the middle of 400 × 200. */
function front(): OrthographicCamera {
  const camera = new OrthographicCamera(-4, 4, 2, -2, 0.1, 100);
  camera.position.set(0, 0, 10);
  camera.updateMatrixWorld();
  camera.updateProjectionMatrix();
  return camera;
}
const NO_BARS = { received: null, treated: null };
const subject = (more: Partial<OverlaySubject> = {}): OverlaySubject => ({
  camera: front(),
  left: 0,
  width: 400,
  height: 200,
  yaw: 0.3,
  isBeside: false,
  box: new Box3(new Vector3(-1, 0, -0.5), new Vector3(1, 1.5, 0.5)),
  isShown: true,
  person: Object.assign(new Object3D(), { visible: true }),
  beside: null,
  front: undefined,
  picked: [],
  ...more,
});

test('each side of the box is measured at the edge that looks at the viewer', () => {
  const { measures } = projectOverlay(NO_BARS, subject());
  expect(measures.map(({ axis, size }) => [axis, size])).toEqual([
    ['width', 2],
    ['height', 1.5],
    ['depth', 1],
  ]);
  const [width, height, depth] = measures;
  expect([width.x, width.y]).toEqual([200, 115]);
  expect(depth.y).toBe(115);
  // the height is told outside the picture of the model, on its left
  expect([height.x, height.y]).toEqual([120, 62.5]);
  // seen from the left, the same
  expect(projectOverlay(NO_BARS, subject({ yaw: -0.3 })).measures[1].x).toBe(120);
  // something stands there: above it
  const beside = new Group().add(new Object3D());
  expect(projectOverlay(NO_BARS, subject({ beside })).measures[1]).toMatchObject({ x: 200, y: 10 });
});

test('in a half of the view everything is where that half is', () => {
  const [whole] = projectOverlay(NO_BARS, subject()).measures;
  const [half] = projectOverlay(NO_BARS, subject({ left: 400, isBeside: true })).measures;
  expect(half.x).toBe(whole.x + 400);
});

test('nothing is measured where nothing stands, or where the treated side is wiped away', () => {
  expect(projectOverlay(NO_BARS, subject({ box: new Box3() })).measures).toEqual([]);
  const hidden = projectOverlay(NO_BARS, subject({ isShown: false }));
  expect(hidden.measures).toEqual([]);
  expect(projectOverlay(NO_BARS, subject({ box: new Box3() })).person).toBeNull();
});

test('a person, what stands beside and where the front is have their places', () => {
  const person = new Object3D();
  person.position.set(2, 0, 0);
  const beside = new Group();
  beside.add(new Object3D());
  const mark = new Object3D();
  mark.position.set(0, 0, 1);
  const shown = projectOverlay(NO_BARS, subject({ person, front: mark }));
  expect(shown.person).toEqual({ x: 300, y: 100 });
  expect(shown.front).toEqual({ x: 200, y: 100 });
  expect(shown.beside).toBeNull();
  person.visible = false;
  expect(projectOverlay(NO_BARS, subject({ person })).person).toBeNull();
});

test('one place that is picked is marked where it is, two at their middle with how far they are apart', () => {
  const [a, b] = [new Vector3(-1, 0, 0), new Vector3(2, 0, 4)];
  expect(projectOverlay(NO_BARS, subject({ picked: [a] })).picked).toEqual({ x: 150, y: 100, distance: null });
  expect(projectOverlay(NO_BARS, subject({ picked: [a, b] })).picked).toEqual({ x: 225, y: 100, distance: 5 });
  expect(projectOverlay(NO_BARS, subject()).picked).toBeNull();
});

import { BoxGeometry, Group, Mesh, MeshBasicMaterial, PerspectiveCamera, Vector2 } from 'three';
import { PartMarks } from './part-marks';

/** Two boxes beside one another, looked at from the front. */
function createView() {
  const model = new Group();
  for (const [id, x] of [
    ['left', -2],
    ['right', 2],
  ] as const) {
    const mesh = new Mesh(new BoxGeometry(1, 1, 1), new MeshBasicMaterial());
    mesh.userData.haveld = { id };
    mesh.position.x = x;
    model.add(mesh);
  }
  model.updateMatrixWorld(true);
  const camera = new PerspectiveCamera(50, 2, 0.1, 100);
  camera.position.set(0, 0, 8);
  camera.updateMatrixWorld(true);
  const marks = new PartMarks();
  marks.setModel(model);
  return { marks, camera };
}
const [WIDTH, HEIGHT] = [800, 400];

test('a click says which part, which triangle, and where on it', () => {
  const { marks, camera } = createView();
  const toPx = (x: number): number => {
    const half = Math.tan((25 * Math.PI) / 180) * 7.5 * 2;
    return ((x / half + 1) / 2) * WIDTH;
  };
  const picked = marks.pick(camera, toPx(2), HEIGHT / 2, WIDTH, HEIGHT)!;
  expect(picked.id).toBe('right');
  [2, 0, 0.5].forEach((v, i) => expect(picked.point[i]).toBeCloseTo(v, 3));
  expect(marks.pick(camera, WIDTH / 2, HEIGHT / 2, WIDTH, HEIGHT)).toBeNull();
});

test('a box takes parts and faces that lie wholly in it, those behind too', () => {
  const { marks, camera } = createView();
  const box = (from: number, to: number) => [new Vector2(from, 0), new Vector2(to, HEIGHT)] as const;
  expect(marks.listWithin(camera, ...box(0, WIDTH / 2), WIDTH, HEIGHT)).toEqual(['left']);
  expect(marks.listWithin(camera, ...box(0, WIDTH), WIDTH, HEIGHT).sort()).toEqual(['left', 'right']);
  const [all] = marks.listFacesWithin('left', camera, ...box(0, WIDTH / 2), WIDTH, HEIGHT);
  expect(all).toHaveLength(12);
  const [none] = marks.listFacesWithin('right', camera, ...box(0, WIDTH / 2), WIDTH, HEIGHT);
  expect(none).toEqual([]);
  // only the outer side of the left box lies left of its middle
  const middle = ((-2 / (Math.tan((25 * Math.PI) / 180) * 8 * 2) + 1) / 2) * WIDTH;
  const [outer] = marks.listFacesWithin('left', camera, ...box(0, middle), WIDTH, HEIGHT);
  expect(outer).toHaveLength(2);
});

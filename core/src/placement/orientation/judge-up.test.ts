import { judgeUp } from './judge-up';

const UP = { declaredUp: null, typical: null, floor: null, orientation: null };

test('a display floor across z says that z is up', () => {
  const [best] = judgeUp({ ...UP, floor: { axis: 2, below: true } });
  expect(best).toMatchObject({ id: 'z', turn: { axis: 'x', degrees: -90 } });
  expect(best.confidence).toBeGreaterThan(0.9);
});

test('nothing but the habit of OBJ is not sure', () => {
  const [best] = judgeUp(UP);
  expect(best.id).toBe('y');
  expect(best.independent).toBe(0);
  expect(best.confidence).toBeLessThan(0.9);
});

test('X up is first only where it is declared, and turned upright about Z', () => {
  expect(judgeUp({ ...UP, declaredUp: 'x' })[0]).toMatchObject({ id: 'x', turn: { axis: 'z', degrees: 90 } });
  expect(judgeUp(UP).find(({ id }) => id === 'x')!.confidence).toBeLessThan(0.02);
});

import { planPlaceTaking } from './take-place';

const box = (min: [number, number, number], max: [number, number, number]) => ({ min, max });

test('a chest in millimetres takes the place of one in metres: as high, about the same place', () => {
  const plan = planPlaceTaking(box([0, 0, 0], [880, 500, 440]), box([-0.45, 0, -0.25], [0.45, 0.5, 0.25]))!;
  expect(plan.factor).toBeCloseTo(0.001, 9);
  expect(plan.degrees).toBeNull();
  expect(plan.point).toEqual([0.5, 0, 0.5]);
  expect(plan.differs.height).toBeCloseTo(0, 9);
  expect(plan.differs.width).toBeCloseTo(-0.0222, 3);
  expect(plan.differs.depth).toBeCloseTo(-0.12, 3);
});

test('one that fits crosswise is turned a quarter', () => {
  const plan = planPlaceTaking(box([0, 0, 0], [0.5, 1, 2]), box([-1, 0, -0.25], [1, 1, 0.25]))!;
  expect(plan).toMatchObject({ degrees: 90, differs: { width: 0, depth: 0 } });
});

test('what is nearly square is not turned for it', () => {
  expect(planPlaceTaking(box([0, 0, 0], [1, 1, 1.2]), box([0, 0, 0], [1.2, 1, 1]))!.degrees).toBeNull();
});

test('a flat thing is as long, not as high', () => {
  const plan = planPlaceTaking(box([0, 0, 0], [4, 0.1, 2]), box([0, 0, 0], [2, 0.01, 1]))!;
  expect(plan.factor).toBeCloseTo(0.5, 9);
  expect(plan.differs.height).toBeCloseTo(4, 9);
});

test('a pivot at a corner stays at the corner; a side that is not there has none', () => {
  const plan = planPlaceTaking(box([0, 0, 0], [1, 1, 1]), box([0, 0, 0], [1, 2, 0]))!;
  expect(plan.point).toEqual([-0 + 0, 0, 0.5].map((v) => (v === 0 ? expect.closeTo(0, 9) : v)));
  expect(plan.differs.depth).toBeNull();
});

test('nothing takes no place', () => {
  expect(planPlaceTaking(box([0, 0, 0], [0, 0, 0]), box([0, 0, 0], [1, 1, 1]))).toBeNull();
});

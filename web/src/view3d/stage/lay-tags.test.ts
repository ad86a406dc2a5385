import { layTags } from './lay-tags';

test('tags that would meet go below one another, in the order of what matters', () => {
  const laid = layTags([
    { x: 100, y: 50, label: '1.20 m' },
    { x: 110, y: 52, label: '0.40 m' },
    { x: 105, y: 55, label: 'front' },
  ]);
  expect(laid.map(({ y }) => y)).toEqual([50, 71, 92]);
  expect(laid.map(({ x }) => x)).toEqual([100, 110, 105]);
});

test('tags that stand apart stay where they are', () => {
  const tags = [
    { x: 100, y: 50, label: '1.20 m' },
    { x: 200, y: 50, label: '0.40 m' },
    { x: 100, y: 75, label: 'front' },
  ];
  expect(layTags(tags)).toEqual(tags);
});

test('whatever there is, in the end no two lie over one another', () => {
  const tags = Array.from({ length: 30 }, (_, i) => ({
    x: (i * 37) % 120,
    y: (i * 53) % 90,
    label: 'm'.repeat(i % 9),
  }));
  const laid = layTags(tags);
  for (const [i, one] of laid.entries())
    for (const other of laid.slice(i + 1)) {
      const apartX = Math.abs(one.x - other.x) >= ((one.label.length + other.label.length) * 7.6 + 28) / 2;
      expect(apartX || Math.abs(one.y - other.y) >= 20).toBe(true);
    }
});

import { judgeMount, type MountQuestion } from './judge-mount';

const ask = (change: Partial<MountQuestion>) =>
  judgeMount({ name: 'thing', size: [1, 1, 1], flat: { back: 0, top: 0, foot: 0.5 }, isBalanced: true, ...change });

test.each([
  ['Sea chest', 'floor', 'base-centre'],
  ['gilded_mirror', 'wall', 'wall'],
  ['Pendant lamp', 'ceiling', 'ceiling'],
  ['flying gull', 'free', 'balance-point'],
] as const)('%s: %s, its pivot at the %s', (name, id, pivot) => {
  const [best] = ask({ name });
  expect(best).toMatchObject({ id, pivot });
});

test('a thin board with a flat back that would tip over is likelier to hang than any other', () => {
  const [floor, hung] = [
    ask({}).find(({ id }) => id === 'wall')!,
    ask({ size: [1, 0.8, 0.03], flat: { back: 1, top: 1, foot: 1 }, isBalanced: false })[0],
  ];
  expect(hung.id).toBe('wall');
  expect(hung.confidence).toBeGreaterThan(floor.confidence * 5);
});

test('the four sum to 1, whatever the name', () => {
  for (const name of ['', 'wall mirror pendant flying'])
    expect(ask({ name }).reduce((sum, { confidence }) => sum + confidence, 0)).toBeCloseTo(1, 9);
});

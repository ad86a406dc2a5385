import { sharePanes } from './stage-panes';

const view = { width: 800, only: null, isWiped: true, wipe: 0.25 } as const;

test('under a wipe both sides fill the view, each let through on its side of the cut', () => {
  expect(sharePanes(view)).toEqual({
    received: { left: 0, width: 800, from: 0, to: 200 },
    treated: { left: 0, width: 800, from: 200, to: 800 },
  });
});

test('what is wiped away wholly is not drawn', () => {
  expect(sharePanes({ ...view, wipe: 0 }).received).toBeNull();
  expect(sharePanes({ ...view, wipe: 1 }).treated).toBeNull();
});

test('beside one another each has its half, wherever the wipe was', () => {
  expect(sharePanes({ ...view, isWiped: false })).toEqual({
    received: { left: 0, width: 400, from: 0, to: 400 },
    treated: { left: 400, width: 400, from: 400, to: 800 },
  });
});

test.each(['received', 'treated'] as const)('%s alone has the whole view', (only) => {
  const panes = sharePanes({ ...view, only });
  expect(panes[only]).toEqual({ left: 0, width: 800, from: 0, to: 800 });
  expect(Object.values(panes).filter(Boolean)).toHaveLength(1);
});

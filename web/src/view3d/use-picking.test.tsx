import { act, renderHook } from '@testing-library/react';
import { usePickingState, type Point } from './use-picking';

const at = (x: number): Point => [x, 0, 0];

test('two places are kept, and a third begins anew', () => {
  const { result } = renderHook(() => usePickingState());
  act(() => result.current.ask('distance'));
  for (const x of [1, 2]) act(() => result.current.pick(at(x)));
  expect(result.current.points).toEqual([at(1), at(2)]);
  act(() => result.current.pick(at(3)));
  expect(result.current.points).toEqual([at(3)]);
});

test('who asked is told of each place once, in the hand that picked it and in no later drawing', () => {
  const { result, rerender } = renderHook(() => usePickingState());
  const told: Point[] = [];
  act(() => result.current.ask('pivot', (point) => told.push(point)));
  expect(result.current.wanted).toBe('pivot');
  act(() => result.current.pick(at(5)));
  for (let i = 0; i < 3; i++) rerender();
  expect(told).toEqual([at(5)]);
});

test('leaving it tells nobody any more, and forgets what was picked', () => {
  const { result } = renderHook(() => usePickingState());
  const told: Point[] = [];
  act(() => result.current.ask('pivot', (point) => told.push(point)));
  act(() => result.current.ask(null));
  act(() => result.current.pick(at(1)));
  expect(told).toEqual([]);
  act(() => result.current.ask('distance'));
  expect(result.current.points).toEqual([]);
});

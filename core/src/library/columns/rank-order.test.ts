import fc from 'fast-check';
import { Bitset } from '../bits/bitset';
import { RankOrder } from './rank-order';

const keys = fc.array(fc.nat(50), { minLength: 1, maxLength: 120 });

test('things that are put in one by one stand as if all had been sorted, and ranks say the same as places', () => {
  fc.assert(
    fc.property(keys, fc.nat(120), (all, share) => {
      const compare = (a: number, b: number): number => all[a] - all[b] || a - b;
      const slots = [...all.keys()];
      const first = slots.slice(0, Math.min(share, slots.length));
      const order = new RankOrder(Uint32Array.from(first).sort(compare), compare);
      for (const slot of slots.slice(first.length)) order.insert(slot);
      const sorted = [...slots].sort(compare);
      const every = new Bitset(all.length);
      for (const slot of slots) every.add(slot);
      expect(order.page(every, 0, all.length)).toEqual(sorted);
      expect([...slots].sort((a, b) => order.ranks[a] - order.ranks[b])).toEqual(sorted);
    }),
  );
});

test('many that come between the same two still have a rank each', () => {
  // every one stands before all that came before it but the first
  const compare = (a: number, b: number): number => (a === 0 ? -1 : b === 0 ? 1 : b - a);
  const order = new RankOrder(Uint32Array.from([0, 1]), compare);
  for (let slot = 2; slot < 2000; slot++) order.insert(slot);
  expect(new Set(order.ranks.subarray(0, 2000)).size).toBe(2000);
  for (let slot = 2; slot < 2000; slot++) expect(order.ranks[slot]).toBeLessThan(order.ranks[slot - 1]);
});

test('a page leaves out what is not in the set, and ends where it does', () => {
  const compare = (a: number, b: number): number => a - b;
  const order = new RankOrder(Uint32Array.from([0, 1, 2, 3, 4]), compare);
  const some = new Bitset(5);
  for (const slot of [0, 2, 4]) some.add(slot);
  expect(order.page(some, 1, 5)).toEqual([2, 4]);
  expect(order.page(some, 3, 5)).toEqual([]);
  expect(order.page(some, 0, 2, (slot) => slot > 0)).toEqual([2, 4]);
});

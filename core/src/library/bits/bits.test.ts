import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import loadWabt from 'wabt';
import { Bitset } from './bitset';
import { COUNT_KERNEL } from './count-kernel';
import { CountedSets } from './counted-sets';

const numbers = fc.uniqueArray(fc.nat(999), { maxLength: 300 });

function setOf(values: readonly number[], size = 1000): Bitset {
  const set = new Bitset(size);
  for (const value of values) set.add(value);
  return set;
}

test('the bytes of the kernel are those of its text', async () => {
  const { parseWat } = await loadWabt();
  const text = readFileSync(new URL('count-kernel.wat', import.meta.url), 'utf8');
  const { buffer } = parseWat('count-kernel.wat', text, { simd: true }).toBinary({});
  expect(COUNT_KERNEL).toBe(Buffer.from(buffer).toString('base64'));
});

test('sets are counted against one another as lists are', () => {
  fc.assert(
    fc.property(fc.array(numbers, { minLength: 1, maxLength: 6 }), numbers, numbers, (kept, asked, passing) => {
      const sets = new CountedSets();
      sets.grow(1000);
      const ids = kept.map((values) => {
        const id = sets.add();
        for (const value of values) sets.put(id, value);
        return id;
      });
      sets.ask(setOf(asked));
      const common = (values: readonly number[]): number => values.filter((value) => asked.includes(value)).length;
      expect(ids.map((id) => sets.countIn(id))).toEqual(kept.map(common));
      expect(sets.countWith(setOf(passing))).toBe(common(passing));
      expect(sets.countIn(ids[0])).toBe(common(kept[0]));
    }),
    { numRuns: 40 },
  );
});

test('sets keep what they hold while they grow and others come, past a page of memory', () => {
  const sets = new CountedSets();
  sets.grow(100);
  const first = sets.add();
  for (const value of [0, 31, 99]) sets.put(first, value);
  sets.grow(900_000);
  const second = sets.add();
  sets.put(second, 899_999);
  sets.put(first, 899_999);
  sets.ask(setOf([0, 99, 500, 899_999], 900_000));
  expect([sets.countIn(first), sets.countIn(second)]).toEqual([3, 1]);
  sets.ask(setOf([31], 40));
  expect([sets.countIn(first), sets.countIn(second)]).toEqual([1, 0]);
});

test('a set holds, gives up, counts and lists its numbers, the smallest first', () => {
  fc.assert(
    fc.property(numbers, numbers, (values, others) => {
      const set = setOf(values);
      for (const value of others) set.delete(value);
      const left = values.filter((value) => !others.includes(value)).sort((a, b) => a - b);
      const listed: number[] = [];
      set.forEach((value) => listed.push(value));
      expect([listed, set.count()]).toEqual([left, left.length]);
      expect(setOf(values).keepOnly(setOf(others)).count()).toBe(
        values.filter((value) => others.includes(value)).length,
      );
    }),
  );
});

import fc from 'fast-check';
import { mergeEdit, rebaseEdit } from './merge-edit';

interface Facts {
  author: string;
  licence: string;
  seats: number | null;
  use: { commercial: boolean; until: string };
}

const seen: Facts = { author: 'Ines', licence: 'CC-BY-4.0', seats: null, use: { commercial: false, until: '' } };

test('what two people change of different fields is both kept', () => {
  const now = { ...seen, author: 'Ines Falkenrot' };
  expect(mergeEdit(now, seen, { ...seen, licence: 'CC0-1.0' })).toEqual({
    merged: { ...seen, author: 'Ines Falkenrot', licence: 'CC0-1.0' },
    conflicts: [],
  });
});

test('one field changed to two things is a conflict, and stays as the first left it', () => {
  const now: Facts = { ...seen, licence: 'CC-BY-NC-4.0', seats: 4 };
  expect(mergeEdit(now, seen, { ...seen, licence: 'CC0-1.0' })).toEqual({ merged: now, conflicts: ['licence'] });
});

test('the same thing changed alike is none', () => {
  const now: Facts = { ...seen, seats: 4 };
  expect(mergeEdit(now, seen, { ...seen, seats: 4 })).toEqual({ merged: now, conflicts: [] });
});

test('within a field that has fields each counts for itself; a list is one thing', () => {
  const now = { ...seen, use: { commercial: true, until: '' } };
  expect(mergeEdit(now, seen, { use: { commercial: false, until: '2027' } }).merged.use).toEqual({
    commercial: true,
    until: '2027',
  });
  expect(mergeEdit({ use: { a: 2 } }, { use: { a: 1 } }, { use: { a: 3 } }).conflicts).toEqual(['use.a']);
  expect(mergeEdit({ tags: ['a', 'b'] }, { tags: ['a'] }, { tags: ['a', 'c'] }).conflicts).toEqual(['tags']);
});

test('a record that gains an entry on each side keeps both', () => {
  const before = { standings: {} as Record<string, string> };
  const now: typeof before = { standings: { MIT: 'taken' } };
  expect(mergeEdit(now, before, { standings: { 'CC0-1.0': 'look' } }).merged).toEqual({
    standings: { MIT: 'taken', 'CC0-1.0': 'look' },
  });
});

const flat = fc.record({ a: fc.integer({ max: 3, min: 0 }), b: fc.integer({ max: 3, min: 0 }), c: fc.boolean() });

test('nothing of either is lost in silence: each changed field stands as one wanted it, or is told', () => {
  fc.assert(
    fc.property(flat, flat, flat, (before, first, second) => {
      const { merged, conflicts } = mergeEdit(first, before, second);
      for (const key of ['a', 'b', 'c'] as const) {
        if (first[key] !== before[key] && second[key] !== before[key] && first[key] !== second[key])
          expect(conflicts).toContain(key);
        else expect(merged[key]).toBe(second[key] !== before[key] ? second[key] : first[key]);
      }
      // whoever is alone gets exactly what they want
      expect(mergeEdit(before, before, second)).toEqual({ merged: second, conflicts: [] });
    }),
  );
});

test('whoever was told and says it again keeps what others changed elsewhere', () => {
  const now: Facts = { ...seen, licence: 'CC-BY-NC-4.0', seats: 4, use: { commercial: true, until: '2028' } };
  const wanted: Facts = { ...seen, licence: 'CC0-1.0', use: { commercial: false, until: '2027' } };
  const again = rebaseEdit(now, seen, wanted);
  expect(again).toEqual({ ...seen, licence: 'CC0-1.0', seats: 4, use: { commercial: true, until: '2027' } });
  expect(mergeEdit(now, now, again)).toEqual({ merged: again, conflicts: [] });
});

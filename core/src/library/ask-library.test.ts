import { createRandom } from '../testing/random';
import { LibrarySearch } from './ask-library';
import type { LibraryEntry } from './library-entry';
import { LibraryIndex } from './library-index';
import type { Condition, LibraryOrder, LibraryQuestion, Tally } from './library-question';

const CATEGORIES = ['furniture', 'vehicle', 'prop', ''];
const COLOURS = ['red', 'blue', 'brass', 'oak'];
const THINGS = ['chair', 'buoy', 'barrel', 'piano', 'tent', 'gull'];

const TALLIES: Record<string, Tally> = {
  category: { kind: 'values', facet: 'category', most: 10 },
  colour: { kind: 'values', facet: 'colour', most: 10 },
  triangles: {
    kind: 'ranges',
    facet: 'triangles',
    ranges: [
      { from: null, to: 100 },
      { from: 100, to: 500 },
    ],
  },
  use: { kind: 'groups', facet: 'licence', groups: { paid: ['a', 'b'], free: ['c'] } },
  all: { kind: 'all' },
};

function makeEntry(accession: number, random: () => number): LibraryEntry {
  const pick = <T>(from: readonly T[]): T => from[Math.floor(random() * from.length)];
  const name = `${pick(COLOURS)} ${pick(THINGS)}`;
  const category = pick(CATEGORIES);
  return {
    accession,
    name,
    words: { name, number: String(accession), author: `maker${Math.floor(random() * 300)}` },
    values: {
      category: category === '' ? [] : [category],
      colour: COLOURS.filter(() => random() < 0.3),
      licence: [pick(['a', 'b', 'c'])],
      author: [`maker ${Math.floor(random() * 300)}`],
      state: [pick(['catalogued', 'on-bench'])],
    },
    numbers: {
      triangles: Math.floor(random() * 1000),
      heightM: random() < 0.2 ? null : Math.fround(random() * 3),
      longestM: Math.fround(random() * 5),
      addedDay: Math.floor(random() * 100),
      uses: Math.floor(random() * 4),
    },
  };
}

/** The same by the plainest way. */
class PlainLibrary {
  readonly entries = new Map<number, LibraryEntry>();

  fits(entry: LibraryEntry, condition: Condition): boolean {
    if (condition.kind === 'values')
      return (entry.values[condition.facet] ?? []).some((value) => condition.anyOf.includes(value));
    if (condition.kind === 'without') return (entry.values[condition.facet] ?? []).length === 0;
    const value = entry.numbers[condition.facet];
    return value !== null && value >= (condition.from ?? -Infinity) && value <= (condition.to ?? Infinity);
  }

  list({ words, conditions }: LibraryQuestion, but: string | null = null): LibraryEntry[] {
    const asked = words.split(' ').filter(Boolean);
    return [...this.entries.values()].filter(
      (entry) =>
        asked.every((word) => entry.name.split(' ').includes(word)) &&
        Object.entries(conditions).every(([name, condition]) => name === but || this.fits(entry, condition)),
    );
  }

  count(question: LibraryQuestion, name: string, tally: Tally): Record<string, number> {
    const fitting = this.list(question, name);
    const counts: Record<string, number> = {};
    if (tally.kind === 'all') return { '': fitting.length };
    if (tally.kind === 'values')
      for (const entry of fitting)
        for (const value of entry.values[tally.facet] ?? []) counts[value] = (counts[value] ?? 0) + 1;
    if (tally.kind === 'ranges')
      for (const { from, to } of tally.ranges)
        counts[`${from ?? ''}–${to ?? ''}`] = fitting.filter((entry) =>
          this.fits(entry, { kind: 'range', facet: tally.facet, from, to }),
        ).length;
    if (tally.kind === 'groups')
      for (const [value, anyOf] of Object.entries(tally.groups))
        counts[value] = fitting.filter((entry) =>
          this.fits(entry, { kind: 'values', facet: tally.facet, anyOf }),
        ).length;
    return counts;
  }
}

const KEYS: Record<Exclude<LibraryOrder, 'best'>, (entry: LibraryEntry) => (number | string)[]> = {
  height: ({ numbers, name }) => [numbers.heightM ?? Infinity, name],
  newest: ({ accession }) => [-accession],
  used: ({ numbers, name }) => [-numbers.uses!, name],
  name: ({ name }) => [name],
  triangles: ({ numbers, name }) => [numbers.triangles!, name],
};
const ORDERS = Object.keys(KEYS) as (keyof typeof KEYS)[];

function makeQuestion(random: () => number): LibraryQuestion {
  const pick = <T>(from: readonly T[]): T => from[Math.floor(random() * from.length)];
  const conditions: Record<string, Condition> = {};
  if (random() < 0.4) conditions.category = { kind: 'values', facet: 'category', anyOf: [pick(CATEGORIES)] };
  if (random() < 0.2) conditions.category = { kind: 'without', facet: 'category' };
  if (random() < 0.4) conditions.colour = { kind: 'values', facet: 'colour', anyOf: [pick(COLOURS), 'nobody has it'] };
  if (random() < 0.4) conditions.use = { kind: 'values', facet: 'licence', anyOf: ['a', 'b'] };
  if (random() < 0.3) conditions.triangles = { kind: 'range', facet: 'triangles', from: null, to: 500 };
  if (random() < 0.3) conditions.size = { kind: 'range', facet: 'heightM', from: 0.5, to: 2 };
  return { words: random() < 0.5 ? pick(THINGS) : '', conditions };
}

const COUNT = 1500;

test.each([
  ['one by one', Infinity],
  ['as a set', 0],
])('random questions have the answers of plain loops while entries change, hits gone through %s', (_, mostListed) => {
  const count = COUNT;
  const random = createRandom(21);
  const index = new LibraryIndex();
  const plain = new PlainLibrary();
  const search = new LibrarySearch(index, mostListed);
  const put = (accession: number): void => {
    const entry = makeEntry(accession, random);
    index.put(entry);
    plain.entries.set(accession, entry);
  };
  for (let accession = 1; accession <= count; accession++) put(accession);
  const asked = Array.from({ length: 25 }, () => makeQuestion(random));
  for (let round = 0; round < 120; round++) {
    // most were asked before: their answers are kept where nothing of them has changed
    const question = asked[round % asked.length];
    const right = plain.list(question);
    const fitting = search.find(question);
    expect(fitting.total).toBe(right.length);
    for (const [name, tally] of Object.entries(TALLIES)) {
      const counted = Object.fromEntries(search.count(fitting, name, tally).map((one) => [one.value, one.count]));
      expect({ name, ...counted }).toEqual({ name, ...plain.count(question, name, tally) });
    }
    const order = ORDERS[round % ORDERS.length];
    const offset = Math.floor(random() * right.length);
    const keyOf = new Map([...plain.entries].map(([accession, entry]) => [accession, KEYS[order](entry)]));
    const sorted = [...right].map(({ accession }) => keyOf.get(accession)!).sort(byKeys);
    const page = search.page(fitting, order, offset, 20);
    expect(page.map((accession) => keyOf.get(accession))).toEqual(sorted.slice(offset, offset + 20));
    // some change, some go, some come
    for (let i = 0; i < round % 4; i++) put(1 + Math.floor(random() * count));
    const gone = 1 + Math.floor(random() * count);
    index.remove(gone);
    plain.entries.delete(gone);
    put(count + 1 + round);
  }
  expect(index.count).toBe(plain.entries.size);
});

test.each([
  ['one by one', Infinity],
  ['as a set', 0],
])('an answer is kept while others work, and worked out anew as soon as it is concerned (%s)', (_, mostListed) => {
  const index = new LibraryIndex();
  const random = createRandom(6);
  const plain = makeEntry(1, random);
  const put = (accession: number, name: string, colour: string, triangles: number): void =>
    index.put({
      ...plain,
      accession,
      name,
      words: { name },
      values: { colour: [colour] },
      numbers: { ...plain.numbers, triangles },
    });
  for (let accession = 1; accession <= 200; accession++)
    put(accession, accession % 2 ? 'chair' : 'tent', accession % 3 ? 'red' : 'blue', accession);
  const search = new LibrarySearch(index, mostListed);
  const question: LibraryQuestion = {
    words: 'chair',
    conditions: {
      colour: { kind: 'values', facet: 'colour', anyOf: ['red'] },
      triangles: { kind: 'range', facet: 'triangles', from: null, to: 100 },
    },
  };
  const first = search.find(question);
  put(2, 'tent', 'red', 2);
  put(3, 'chair', 'blue', 150);
  const kept = search.find(question);
  // the third was red once left out: it is counted beside
  expect(kept).not.toBe(first);
  put(2, 'tent', 'blue', 7);
  put(3, 'chair', 'blue', 151);
  put(500, 'lantern', 'red', 5);
  expect(search.find(question)).toBe(kept);
  put(501, 'chair', 'red', 5);
  expect(search.find(question).total).toBe(kept.total + 1);
  index.remove(501);
  expect(search.find(question).total).toBe(kept.total);
  // a word that begins so is meant from now on, though none was there when it was asked
  put(502, 'chairlift', 'red', 5);
  expect(search.find(question).total).toBe(kept.total + 1);
});

function byKeys(a: (number | string)[], b: (number | string)[]): number {
  for (const [i, one] of a.entries()) if (one !== b[i]) return one < b[i] ? -1 : 1;
  return 0;
}

test('of more values than are all counted the most frequent are counted exactly', () => {
  const index = new LibraryIndex();
  const random = createRandom(5);
  const counts = new Map<string, number>();
  for (let accession = 1; accession <= 30_000; accession++) {
    const author = `maker ${Math.floor(random() ** 4 * 2000)}`;
    counts.set(author, (counts.get(author) ?? 0) + 1);
    const entry = makeEntry(accession, random);
    index.put({ ...entry, values: { ...entry.values, author: [author] } });
  }
  const search = new LibrarySearch(index);
  const best = [...counts].sort((a, b) => b[1] - a[1]).slice(0, 10);
  const all = search.find({ words: '', conditions: {} });
  const counted = search.count(all, 'author', { kind: 'values', facet: 'author', most: 10 });
  expect(counted.map(({ count }) => count)).toEqual(best.map(([, count]) => count));
});

test.each([Infinity, 0])('every page together is the whole, each asset once (listed up to %d)', (mostListed) => {
  const index = new LibraryIndex();
  const random = createRandom(8);
  for (let accession = 1; accession <= 3000; accession++) index.put(makeEntry(accession, random));
  const search = new LibrarySearch(index, mostListed);
  for (const words of ['', 'red chair', 'tent', 'red']) {
    const question = { words, conditions: {} };
    const fitting = search.find(question);
    const { total } = fitting;
    const seen = new Set<number>();
    for (let offset = 0; offset < total; offset += 97)
      for (const accession of search.page(fitting, 'best', offset, 97)) seen.add(accession);
    expect(seen.size).toBe(total);
  }
});

test.each([Infinity, 0])(
  'what halves an answer is offered first, with exact counts (listed up to %d)',
  (mostListed) => {
    const index = new LibraryIndex();
    const random = createRandom(3);
    const plain = makeEntry(1, random);
    for (let accession = 1; accession <= 1000; accession++)
      index.put({
        ...plain,
        accession,
        name: 'chair',
        words: { name: 'chair' },
        values: {
          colour: [
            accession % 2 === 0 ? 'red' : accession % 4 === 1 ? 'blue' : 'black',
            ...(accession <= 950 ? ['grey'] : []),
          ],
          material: accession % 3 === 0 ? ['oak'] : accession === 1 ? ['brass'] : [],
          author: ['somebody'],
        },
      });
    const search = new LibrarySearch(index, mostListed);
    const fitting = search.find({ words: 'chair', conditions: {} });
    expect(search.offer(fitting, ['colour', 'material', 'author'], 1, 5)).toEqual([
      { facet: 'colour', value: 'red', count: 500 },
      { facet: 'material', value: 'oak', count: 333 },
    ]);
    expect(search.offer(fitting, ['colour', 'material'], 2, 2).map(({ value }) => value)).toEqual(['red', 'oak']);
    expect(search.offer(search.find({ words: 'zeppelin', conditions: {} }), ['colour'], 2, 5)).toEqual([]);
  },
);

test.each([Infinity, 0])(
  'offers are of the whole, however the library came together (listed up to %d)',
  (mostListed) => {
    const index = new LibraryIndex();
    const plain = makeEntry(1, createRandom(4));
    // what came in turns, and what came in one heap at the end
    for (let accession = 1; accession <= 8000; accession++)
      index.put({
        ...plain,
        accession,
        name: 'tent',
        words: { name: 'tent' },
        values: { colour: [accession % 2 === 0 ? 'red' : 'blue'], material: accession > 5000 ? ['oak'] : [] },
      });
    const search = new LibrarySearch(index, mostListed);
    const offers = search.offer(search.find({ words: 'tent', conditions: {} }), ['colour', 'material'], 3, 5);
    expect(Object.fromEntries(offers.map(({ value, count }) => [value, count]))).toEqual({
      red: 4000,
      blue: 4000,
      oak: 3000,
    });
  },
);

import type { z } from 'zod';
import {
  FACETS,
  SIZE_SCALE,
  SIZE_STEPS,
  TRIANGLE_LIMITS,
  type Catalogue,
  type Facet,
  type FacetCount,
  type listSizes as listSizesEndpoint,
  type Question,
} from '@haveld/contract/api/catalogue';
import { MOST_CATEGORIES } from '@haveld/contract/category';
import type { CategoryTree } from '@haveld/core/library/categories/category-tree';
import type { Fitting, LibrarySearch } from '@haveld/core/library/ask-library';
import type { ValueFacet } from '@haveld/core/library/library-entry';
import type { Condition, LibraryOrder, Tally } from '@haveld/core/library/library-question';
import { judgeUse } from '@haveld/core/rights/judge-use';
import type { LicenceBook } from '@haveld/core/rights/licence-book';
import { SHOWN, toCard } from '../assets/card';
import type { Library } from '../library/library';

const DAY_MS = 86_400_000;
const SINCE_DAYS: Record<Exclude<Question['since'], ''>, number> = { week: 7, month: 31, year: 365 };
const NEVER = 'never';
const NONE = 'none';

/** So many values of a facet are told. */
const MOST = 14;

/** What only who works here is told of: colleagues and projects. */
const INTERNAL: readonly Facet[] = ['by', 'used', 'state'];

interface Page {
  offset: number;
  length: number;
  counted: 'sentence' | 'all' | 'none';
}

/** Asks the library. Each facet counts what fits all the other parts of the question. @param isGuest is told of no colleagues and projects */
export async function askCatalogue(
  library: Library,
  question: Question & Page,
  { isGuest, today }: { isGuest: boolean; today: Date },
): Promise<Catalogue> {
  const open = await library.open();
  const { book, tree, search } = open;
  // from here to the page nothing is waited for: slots are those of one state of the library
  const day = Math.floor(today.getTime() / DAY_MS);
  const uses = listUsable(book, search);
  const fitting = search.find({ words: question.words, conditions: listConditions(question, uses, day, tree) });
  const accessions = search.page(fitting, orderOf(question), question.offset, question.length);
  const told = new Set(listCounted(question, isGuest));
  const facets = countFacets({ search, fitting, uses, day, tree }, told);
  const offers = question.counted === 'sentence' ? search.offer(fitting, listOffered(question), EACH, OFFERED) : [];
  const withAnyLicence = question.use === '' ? fitting.total : search.count(fitting, 'use', { kind: 'all' })[0].count;
  const reasons = new Map(accessions.map((accession) => [accession, search.explain(fitting, accession)]));
  const rows = await library.getCards(accessions);
  return {
    // who is gone between the two is left out
    cards: accessions.flatMap((accession) => {
      const row = rows.get(accession);
      return row ? [{ ...toCard(book, row, question.use), reasons: reasons.get(accession)! }] : [];
    }),
    total: fitting.total,
    heldBack: withAnyLicence - fitting.total,
    isLoose: fitting.isLoose,
    facets: {
      ...facets,
      ...(facets.by && { by: nameAll(facets.by, open.people) }),
      ...(facets.used && { used: nameAll(facets.used, open.projects) }),
    },
    offers: [...offers],
  };
}

/** The assets that fit a question. @param most ids are told of so many at most, and how many fit */
export async function listAll(
  library: Library,
  question: Question,
  most: number,
): Promise<{ ids: string[]; total: number }> {
  const { book, tree, search } = await library.open();
  const day = Math.floor(Date.now() / DAY_MS);
  const conditions = listConditions(question, listUsable(book, search), day, tree);
  const fitting = search.find({ words: question.words, conditions });
  const cards = await library.getCards(search.page(fitting, 'name', 0, most));
  return { ids: [...cards.values()].map(({ id }) => id), total: fitting.total };
}

/** Of one facet, and of all together, so many values are offered. */
const EACH = 2;
const OFFERED = 7;

/** Facets every sentence shows. */
const SHOWN_ALWAYS: readonly Facet[] = ['category', 'use', 'triangles', 'state'];

/** Facets whose values divide an answer as they are, and what the library knows them by. */
const OFFERABLE = ['colour', 'material', 'trait', 'tag', 'author', 'licence', 'source'] as const;

const isAsked = (question: Question, facet: Facet): boolean =>
  facet === 'size' ? question.from > 0 || question.to > 0 : question[facet] !== '' && question[facet] !== 0;

function listCounted(question: Question & Page, isGuest: boolean): Facet[] {
  const told = isGuest ? FACETS.filter((facet) => !INTERNAL.includes(facet)) : FACETS;
  if (question.counted === 'all') return [...told];
  if (question.counted === 'none') return [];
  return told.filter((facet) => SHOWN_ALWAYS.includes(facet) || isAsked(question, facet));
}

const listOffered = (question: Question): (typeof OFFERABLE)[number][] =>
  OFFERABLE.filter((facet) => !isAsked(question, facet));

/** So many pictures stand for a step of size. */
const MOST_PICTURES = 4;

/** What fits a question by its longest side, on a scale of logarithms. */
export async function listSizes(
  library: Library,
  question: Question,
  today: Date,
): Promise<z.infer<typeof listSizesEndpoint.response>> {
  const { book, tree, search } = await library.open();
  const day = Math.floor(today.getTime() / DAY_MS);
  const conditions = listConditions(question, listUsable(book, search), day, tree);
  const found = [null, ...SIZE_SCALE].map((from, i) => {
    const to = SIZE_SCALE[i] ?? null;
    const size: Condition = { kind: 'range', facet: 'longestM', from, to, isBelow: true };
    const fitting = search.find({ words: question.words, conditions: { ...conditions, step: size } });
    return { from, to, count: fitting.total, accessions: search.page(fitting, 'used', 0, MOST_PICTURES) };
  });
  const all = search.find({ words: question.words, conditions });
  const rows = await library.getCards(found.flatMap(({ accessions }) => accessions));
  return {
    steps: found.map(({ accessions, ...step }) => ({
      ...step,
      cards: accessions.flatMap((accession) => {
        const row = rows.get(accession);
        return row ? [toCard(book, row, question.use)] : [];
      }),
    })),
    withoutSize: all.total - found.reduce((sum, { count }) => sum + count, 0),
  };
}

/** Words are asked for to find one thing; without them the drawers go by height. */
function orderOf({ order, words }: Question): LibraryOrder {
  if (order !== '') return order;
  return words.trim() === '' ? 'height' : 'best';
}

type Uses = Record<'commercial' | 'non-commercial', string[]>;

/** The licences in the library that allow each use today. */
function listUsable(book: LicenceBook, search: LibrarySearch): Uses {
  const licences = search.listValues('grant');
  const allowing = (use: keyof Uses): string[] =>
    licences.filter((licence) => {
      const { verdict } = judgeUse(book, licence, SHOWN[use]);
      return verdict === 'allowed' || verdict === 'allowed-with-duties';
    });
  return { commercial: allowing('commercial'), 'non-commercial': allowing('non-commercial') };
}

/** @param day today, in days since 1970 */
function listConditions(question: Question, uses: Uses, day: number, tree: CategoryTree): Record<string, Condition> {
  const { category, use, triangles, state, from, to, since, used } = question;
  const conditions: Partial<Record<Facet, Condition>> = {};
  const anyOf = (facet: ValueFacet, ...values: string[]): Condition => ({
    kind: 'values',
    facet,
    anyOf: values,
  });
  if (category === NONE) conditions.category = { kind: 'without', facet: 'category' };
  else if (category !== '') conditions.category = anyOf('category', ...tree.listWithin(category));
  if (use !== '') conditions.use = anyOf('grant', ...uses[use]);
  if (triangles > 0) conditions.triangles = { kind: 'range', facet: 'triangles', from: null, to: triangles };
  if (state !== 'any') conditions.state = anyOf('state', state);
  if (from > 0 || to > 0) conditions.size = { kind: 'range', facet: 'longestM', from: from || null, to: to || null };
  for (const facet of ['colour', 'material', 'trait', 'tag', 'author', 'licence', 'source'] as const)
    if (question[facet] !== '') conditions[facet] = anyOf(facet, question[facet]);
  if (question.by !== '') conditions.by = anyOf('addedBy', question.by);
  if (since !== '') conditions.since = { kind: 'range', facet: 'addedDay', from: day - SINCE_DAYS[since], to: null };
  if (used === NEVER) conditions.used = { kind: 'range', facet: 'uses', from: 0, to: 0 };
  else if (used !== '') conditions.used = anyOf('project', used);
  return conditions;
}

/** `0.5-1`: at least half a metre and at most one; an open end is left out. */
const SIZES = [0, ...SIZE_STEPS].map((from, i) => ({ from: from || null, to: SIZE_STEPS[i] ?? null }));

/** What fits a question, and what its facets are counted by. */
interface Asked {
  search: LibrarySearch;
  fitting: Fitting;
  uses: Uses;
  day: number;
  tree: CategoryTree;
}

/** A category counts what is in narrower ones too: an asset has one. */
function sumUp(tree: CategoryTree, counts: readonly FacetCount[]): FacetCount[] {
  const sums = new Map<string, number>();
  for (const { value, count } of counts)
    for (const id of tree.listAbove(value)) sums.set(id, (sums.get(id) ?? 0) + count);
  return [...sums].map(([value, count]) => ({ value, count })).sort((a, b) => b.count - a.count);
}

function countFacets(
  { search, fitting, uses, day, tree }: Asked,
  told: ReadonlySet<Facet>,
): Partial<Record<Facet, FacetCount[]>> {
  const count = (name: Facet, tally: Tally): FacetCount[] => search.count(fitting, name, tally);
  const values = (name: Facet, facet: ValueFacet, most = MOST): FacetCount[] =>
    count(name, { kind: 'values', facet, most });
  const named = (counts: FacetCount[], names: readonly string[]): FacetCount[] =>
    counts.map(({ count: n }, i) => ({ value: names[i], count: n }));
  const since = Object.entries(SINCE_DAYS);
  const counters: Record<Facet, () => FacetCount[]> = {
    category: () => sumUp(tree, values('category', 'category', MOST_CATEGORIES)),
    use: () => count('use', { kind: 'groups', facet: 'grant', groups: uses }),
    triangles: () =>
      named(
        count('triangles', {
          kind: 'ranges',
          facet: 'triangles',
          ranges: TRIANGLE_LIMITS.map((to) => ({ from: null, to })),
        }),
        TRIANGLE_LIMITS.map(String),
      ),
    state: () => values('state', 'state'),
    size: () =>
      named(
        count('size', { kind: 'ranges', facet: 'longestM', ranges: SIZES }),
        SIZES.map(({ from, to }) => `${from ?? ''}-${to ?? ''}`),
      ),
    colour: () => values('colour', 'colour'),
    material: () => values('material', 'material'),
    trait: () => values('trait', 'trait'),
    tag: () => values('tag', 'tag'),
    author: () => values('author', 'author'),
    licence: () => values('licence', 'licence'),
    source: () => values('source', 'source'),
    by: () => values('by', 'addedBy'),
    since: () =>
      named(
        count('since', {
          kind: 'ranges',
          facet: 'addedDay',
          ranges: since.map(([, days]) => ({ from: day - days, to: null })),
        }),
        since.map(([name]) => name),
      ),
    used: () => [
      ...named(count('used', { kind: 'ranges', facet: 'uses', ranges: [{ from: 0, to: 0 }] }), [NEVER]),
      ...values('used', 'project'),
    ],
  };
  return Object.fromEntries([...told].map((facet) => [facet, counters[facet]()]));
}

/** People and projects are known by their ids; who asks reads their names. */
const nameAll = (counts: readonly FacetCount[], names: ReadonlyMap<string, string>): FacetCount[] =>
  counts.map((one) => ({ ...one, label: names.get(one.value) }));

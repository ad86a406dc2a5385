import type { z } from 'zod';
import type { searchSources, SourceRow } from '@haveld/contract/api/sources';
import type { Category } from '@haveld/contract/category';
import type { SourceItem } from '@haveld/contract/source';
import type { CategoryTree } from '@haveld/core/library/categories/category-tree';
import { proposeCategory } from '@haveld/core/library/categories/propose-category';
import { SourceFault } from '@haveld/engine/fetching/source-fault';
import { ADAPTERS } from '@haveld/engine/sources/adapters';
import type { FoundItems, SourceAdapter, SourceContext } from '@haveld/engine/sources/source-adapter';
import type { Dependencies } from '../dependencies';
import { loadTree } from '../house/categories';
import { listAdapters, loadAccess } from './context';
import { describeItems } from './rows';
import { toTrouble } from './trouble';

type Query = z.output<typeof searchSources.query>;
/** What is asked for, by the categories of the house. */
type Wanted = Query & { tree: CategoryTree };
type Answer = z.input<typeof searchSources.response>;

/** A source that has not answered by then is told as silent. */
const WAIT_MS = 8000;

/** So many models of each source stand in one answer. */
const PER_SOURCE = 4;

/** A source is asked so often for one answer, where most of what it has is not wanted. */
const MOST_CALLS = 5;

/** Where to go on, by source; null where a source has no more. */
type Places = Record<string, string | null>;

/** Asks every source at once: what answers is shown, what does not is told with its reason. */
export async function search(dependencies: Dependencies, query: Query): Promise<Answer> {
  const access = await loadAccess(dependencies);
  const wanted: Wanted = { ...query, tree: await loadTree(dependencies.pool) };
  const places = readPlaces(query.from);
  const asked = listAdapters(dependencies).filter(({ kind, ability }) => ability.searches && places?.[kind] !== null);
  const answers = await Promise.all(
    asked.map(async (adapter) => {
      const signal = AbortSignal.timeout(WAIT_MS);
      try {
        const context = access.contextOf(adapter, { signal });
        return {
          adapter,
          found: await gather(adapter, wanted, places?.[adapter.kind] ?? null, context),
          trouble: null,
        };
      } catch (error) {
        const late = signal.aborted ? new SourceFault('slow', `${adapter.name} did not answer in time.`) : error;
        return { adapter, found: null, trouble: toTrouble(late) };
      }
    }),
  );
  const found = answers.flatMap(({ adapter, found: some }) => (some?.items ?? []).map((item) => ({ adapter, item })));
  const rows = await describeItems(dependencies, interleave(found), query.project);
  const next: Places = Object.fromEntries(ADAPTERS.map(({ kind }) => [kind, null]));
  for (const { adapter, found: some } of answers) next[adapter.kind] = some?.next ?? null;
  return {
    rows: query.allowed === 'yes' ? rows.filter(isAllowed) : rows,
    asked: answers.map(({ adapter: { kind, name }, found: some }) => ({ kind, name, total: some?.total ?? null })),
    silent: answers.flatMap(({ adapter: { kind, name }, trouble }) => (trouble ? [{ kind, name, trouble }] : [])),
    next: Object.values(next).some((place) => place !== null) ? JSON.stringify(next) : null,
  };
}

const isAllowed = ({ verdict }: SourceRow): boolean => verdict === 'allowed' || verdict === 'allowed-with-duties';

/** @returns null at the beginning, and for what no answer of ours said */
function readPlaces(from: string): Places | null {
  if (from === '') return null;
  try {
    const given = JSON.parse(from) as Record<string, unknown>;
    return Object.fromEntries(ADAPTERS.map(({ kind }) => [kind, typeof given[kind] === 'string' ? given[kind] : null]));
  } catch {
    // somebody wrote it by hand: the beginning is a good answer
    return null;
  }
}

/** Asks one source until there is enough of what is wanted. Its answers are taken whole, so that none is lost between two pages. */
async function gather(
  adapter: SourceAdapter,
  query: Wanted,
  from: string | null,
  context: SourceContext,
): Promise<FoundItems> {
  const items: SourceItem[] = [];
  let total: number | null = null;
  let next = from;
  for (let calls = 0; calls < MOST_CALLS && items.length < PER_SOURCE; calls++) {
    const some = await adapter.search(query.words, next, context);
    items.push(...some.items.filter((item) => isWanted(item, query)));
    ({ total, next } = some);
    if (next === null) break;
  }
  return { items, total, next };
}

function isWanted(item: SourceItem, query: Wanted): boolean {
  const { licence, price, editions } = item;
  if (query.category !== '' && !query.tree.isWithin(categoryOf(query.tree, item), query.category)) return false;
  if (query.licence !== '' && licence.id !== query.licence) return false;
  if (query.price === 'free' && price?.amount !== 0) return false;
  if (query.price === 'paid' && !(price && price.amount > 0)) return false;
  return (
    (query.format === '' && query.atMost === 0) ||
    editions.some(
      ({ format, sizeBytes }) =>
        (query.format === '' || format === query.format) &&
        (query.atMost === 0 || (sizeBytes !== null && sizeBytes <= query.atMost)),
    )
  );
}

/** What a model is, by its title, else by where its source puts it: each source has shelves of its own. */
const categoryOf = (tree: CategoryTree, { title, category, tags }: SourceItem): Category =>
  proposeCategory(tree, { name: title, said: [category, ...tags] }).id;

/** The first of each source, then the second of each: none is pushed below the fold by another. */
function interleave<T extends { adapter: SourceAdapter }>(found: readonly T[]): T[] {
  const turn = new Map<string, number>();
  return found
    .map((each) => {
      const at = turn.get(each.adapter.kind) ?? 0;
      turn.set(each.adapter.kind, at + 1);
      return { each, at };
    })
    .sort((a, b) => a.at - b.at)
    .map(({ each }) => each);
}

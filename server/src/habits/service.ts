import { randomUUID } from 'node:crypto';
import type { Habits, NamingHabit, Trial } from '@haveld/contract/api/habits';
import type { Person } from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import {
  fitsArrival,
  mergeHabits,
  proposeHabits,
  sortNames,
  toWordRules,
  type SourceHabit,
} from '@haveld/core/finds/deciding/habits';
import type { ProposedFind } from '@haveld/core/finds/heap-file';
import type { WordRule } from '@haveld/core/finds/names/name-words';
import { transact, type Executor } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { listArrivals, listRegroupings } from '../finds/arrival-queries';
import { takeEdit } from '../people/meanwhile';
import * as queries from './queries';

/** @param texts what the arrival's texts say. @returns the words of the habits that fit it, as sorting takes them */
export const listHabitWords = async (db: Executor, archiveName: string, texts: string): Promise<WordRule[]> =>
  toWordRules(await listFitting(db, archiveName, texts));

/** @returns what is known of the source of an arrival beside its names */
export const getSourceHabit = async (db: Executor, archiveName: string, texts: string): Promise<SourceHabit> =>
  mergeHabits(await listFitting(db, archiveName, texts));

/** @returns ids of the house treatments that models of a source get, each once */
export const listTreatmentsOfSource = async (db: Executor, archiveName: string, texts: string): Promise<string[]> => [
  ...new Set((await listFitting(db, archiveName, texts)).flatMap(({ houseTreatmentId }) => houseTreatmentId ?? [])),
];

const listFitting = async (db: Executor, archiveName: string, texts: string): Promise<NamingHabit[]> =>
  (await queries.listHabits(db)).filter((habit) => fitsArrival(habit, archiveName, texts));

/** Arrivals that are looked through for those a habit fits. */
const MOST_ARRIVALS = 1000;

/** Files people put elsewhere, the latest, that new habits are proposed from. */
const MOST_REGROUPINGS = 500;

/** @returns every habit with how many arrivals it fits, and those proposed by what people put elsewhere */
export async function listHabits(db: Executor): Promise<Habits> {
  const [habits, arrivals, regroupings] = await Promise.all([
    queries.listHabits(db),
    listArrivals(db, MOST_ARRIVALS),
    listRegroupings(db, MOST_REGROUPINGS),
  ]);
  return {
    habits: habits.map((habit) => ({
      ...habit,
      changedAt: habit.changedAt.toISOString(),
      arrivals: arrivals.filter(({ name }) => habit.appliesBy === 'archive' && fitsArrival(habit, name, '')).length,
    })),
    proposals: proposeHabits(regroupings, habits),
  };
}

/** Keeps a habit. @param id `new` for a new one. @returns its id */
export async function saveHabit(
  { pool }: Dependencies,
  id: string,
  { seen, ...wanted }: NamingHabit & { seen?: NamingHabit },
  person: Person,
): Promise<string> {
  const own = id === 'new' ? randomUUID() : id;
  return transact(pool, async (tx) => {
    const known = await queries.lockHabit(tx, own);
    const habit = known ? takeEdit(known.habit, { seen, wanted, person }, known.last, () => 'This habit') : wanted;
    await queries.upsertHabit(tx, own, habit, person.id);
    await bumpRevision(tx);
    return own;
  });
}

/** Forgets a habit; what was sorted by it stays. @throws {DomainError} where there is none */
export async function removeHabit({ pool }: Dependencies, id: string): Promise<void> {
  if (!(await queries.deleteHabit(pool, id))) throw new DomainError('not-found', 'There is no such habit.');
  await bumpRevision(pool);
}

/** How a list of names is sorted without a habit and with it. */
export function tryHabit(habit: NamingHabit, paths: readonly string[]): Trial {
  const before = sortNames(paths, []).finds;
  const after = sortNames(paths, toWordRules([habit])).finds;
  const place = (finds: readonly ProposedFind[], path: string): string =>
    finds
      .flatMap((find) => find.files.filter((file) => file.path === path).map(({ role }) => `${find.model} ${role}`))
      .join('; ');
  const describe = (finds: readonly ProposedFind[]): Trial['before'] =>
    finds.map(({ name, files }) => ({ name, files }));
  return {
    before: describe(before),
    after: describe(after),
    changed: paths.filter((path) => place(before, path) !== place(after, path)),
  };
}

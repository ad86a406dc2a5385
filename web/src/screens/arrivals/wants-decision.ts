import type { Arrival, Find } from '@haveld/contract/api/arrivals';

/** A find that leaves something to a person before it goes on. */
export const wantsDecision = (find: Find): boolean =>
  find.asset === null &&
  find.state !== 'set-aside' &&
  (find.question !== null || find.duplicates > 0 || find.state === 'failed');

/** A find that may go to the bench as it is. */
export const isReady = (find: Find): boolean =>
  find.state === 'read' &&
  find.asset === null &&
  find.question === null &&
  find.duplicates === 0 &&
  find.kitId === null;

/** Its files come, are opened or read. */
export const isUnderWay = ({ state }: Arrival): boolean =>
  state === 'receiving' || state === 'opening' || state === 'reading';

/** What an arrival leaves to a person: its password, whether it belongs to another, its kits and its finds. */
export function countDecisions({ state, finds, kits, joins }: Arrival): number {
  const openKits = kits.filter((kit) => kit.taken === 0 && !finds.find((find) => find.id === kit.findId)?.asset);
  return Number(state === 'locked') + Number(joins !== null) + openKits.length + finds.filter(wantsDecision).length;
}

/** What needs a decision first, then what goes on, then what is left, then what is done; the newest of each first. */
export function orderArrivals(arrivals: readonly Arrival[]): Arrival[] {
  const rank = (arrival: Arrival): number => {
    if (countDecisions(arrival) > 0) return 0;
    if (arrival.state !== 'ready') return 1;
    return arrival.finds.some(isReady) ? 2 : 3;
  };
  return arrivals
    .map((arrival, i) => ({ arrival, i, rank: rank(arrival) }))
    .sort((a, b) => a.rank - b.rank || a.i - b.i)
    .map(({ arrival }) => arrival);
}

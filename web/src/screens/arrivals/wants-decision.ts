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

/** Nothing is left to do: all that was found in it is on the bench, set aside or in a kit that was taken. */
const isDone = (arrival: Arrival): boolean =>
  arrival.state === 'cancelled' ||
  (arrival.state === 'ready' &&
    // what came to nothing says so where it can be seen
    arrival.finds.length > 0 &&
    countDecisions(arrival) === 0 &&
    !arrival.finds.some(isReady));

/** The newest first, and behind all that is open what is done. @param arrivals the newest first */
export const orderArrivals = (arrivals: readonly Arrival[]): Arrival[] => [
  ...arrivals.filter((arrival) => !isDone(arrival)),
  ...arrivals.filter(isDone),
];

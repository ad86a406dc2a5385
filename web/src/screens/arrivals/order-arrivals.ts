import type { Arrival } from '@haveld/contract/api/arrivals';

/** Its files come, are opened or read. */
const isUnderWay = ({ state }: Arrival): boolean => state === 'receiving' || state === 'opening' || state === 'reading';

/** Something of it is on its way, or waits for a person. */
export const isOpen = (arrival: Arrival): boolean =>
  isUnderWay(arrival) || (arrival.state === 'ready' && arrival.counts.decisions > 0);

/** Nothing is left to do: all that was found in it is on the bench, set aside or in a kit that was taken. */
const isDone = ({ state, counts }: Arrival): boolean =>
  state === 'cancelled' ||
  // what came to nothing says so where it can be seen
  (state === 'ready' && counts.finds > 0 && counts.decisions === 0 && counts.ready === 0);

/** The newest first, and behind all that is open what is done. @param arrivals the newest first */
export const orderArrivals = (arrivals: readonly Arrival[]): Arrival[] => [
  ...arrivals.filter((arrival) => !isDone(arrival)),
  ...arrivals.filter(isDone),
];

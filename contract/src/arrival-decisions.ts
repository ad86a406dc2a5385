import type { Find } from './api/arrivals';

/** What of a find says whether it waits for a person. */
export type FindStand = Pick<Find, 'state' | 'question' | 'duplicates' | 'kitId'> & { asset: unknown };

/** A find that leaves something to a person before it goes on. */
export const wantsDecision = ({ asset, state, question, duplicates }: FindStand): boolean =>
  asset === null && state !== 'set-aside' && (question !== null || duplicates > 0 || state === 'failed');

/** A find that may go to the bench as it is. */
export const isReady = ({ asset, state, question, duplicates, kitId }: FindStand): boolean =>
  state === 'read' && asset === null && question === null && duplicates === 0 && kitId === null;

/** A find with a card of its own: a piece of a kit shows by itself only where it leaves something to a person. */
export const standsAlone = (find: FindStand): boolean => find.kitId === null || wantsDecision(find);

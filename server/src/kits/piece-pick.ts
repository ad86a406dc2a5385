import type * as queries from './queries';

/** A piece as a task picks it out of its kit's document. */
export const toPick = ({ name, selector, place }: queries.PieceRow) => ({
  name,
  nodeIds: selector?.nodeIds ?? [],
  shift: place?.shift ?? ([0, 0, 0] as [number, number, number]),
});

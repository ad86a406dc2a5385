import { GrowList } from '../grow-list';

/** A cell is the number of a facet, and below it the code of a value of it: up to 32 facets of 134 million values. */
const CODE_BITS = 27;
const CODE = (1 << CODE_BITS) - 1;

export const toCell = (facet: number, code: number): number => ((facet << CODE_BITS) | code) >>> 0;
export const facetOf = (cell: number): number => cell >>> CODE_BITS;
export const codeOf = (cell: number): number => cell & CODE;

/**
 * The values of all facets of each slot, one slot after the other: what is told of an asset lies together, for it is asked for together.
 */
export class FacetTable {
  readonly cells = new GrowList();
  /** Where the cells of each slot begin; one more than there are slots. */
  readonly starts = new GrowList();

  constructor() {
    this.starts.push(0);
  }

  /** The cells that were pushed since are those of the next slot. */
  endSlot(): void {
    this.starts.push(this.cells.length);
  }
}

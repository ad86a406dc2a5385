import type { RightsFinding } from '@haveld/contract/licence';
import type { StatedSize } from './stated-size';

/** @returns the sides of a thing that pages beside it give in their markup, in metres */
export const listClaimedSizes = (claims: RightsFinding['claims']): StatedSize[] =>
  claims.flatMap(({ field, amount, value, file, passage }): StatedSize[] =>
    (field === 'height' || field === 'width' || field === 'depth') && amount
      ? [{ along: field, metres: amount, evidence: { text: `its page states it: ${field} ${value}`, file, passage } }]
      : [],
  );

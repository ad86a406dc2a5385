import type { ChosenFaces } from '@haveld/core/structure/parts/choose-faces';

/** What the hand on the model does: choose parts, draw a box, draw the line of a cut, choose faces of one part, say what others hang under, or borrow something. */
export type Mode =
  | { kind: 'parts' }
  | { kind: 'box' }
  | { kind: 'cut' }
  | { kind: 'faces'; id: string; chosen: ChosenFaces | null; isBoxed?: boolean }
  | { kind: 'hang' }
  | { kind: 'borrow' };

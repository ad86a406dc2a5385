import type { LayoutColours } from '../textures/uv/draw-layout';

/** Told apart by their red alone: 0 where nothing lies, then in the order they are named. */
export const COUNTED_COLOURS: LayoutColours = {
  ground: [0, 0, 0],
  once: [1, 0, 0],
  twice: [2, 0, 0],
  mirrored: [3, 0, 0],
  edge: [4, 0, 0],
  tile: [5, 0, 0],
  lit: [6, 0, 0],
  hatch: [7, 0, 0],
};

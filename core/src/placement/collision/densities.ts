import type { MatterKind } from '@haveld/contract/step';

/** What a cubic metre of a matter weighs, kilograms. Rounded handbook values, from memory; a hollow thing weighs less. */
export const DENSITIES = {
  wood: 650,
  metal: 7800,
  glass: 2500,
  stone: 2600,
  rubber: 1200,
  cloth: 300,
  leaf: 400,
  plain: 1000,
} as const satisfies Record<MatterKind, number>;

/** How matters hold on dry ground: coefficients of friction, rounded handbook values, from memory. */
export const FRICTIONS: Record<MatterKind, number> = {
  wood: 0.5,
  metal: 0.4,
  glass: 0.4,
  stone: 0.6,
  rubber: 0.9,
  cloth: 0.6,
  leaf: 0.4,
  plain: 0.5,
};

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
} as const;
export type DensityId = keyof typeof DENSITIES;

/** What a cubic metre of a matter weighs, kilograms. Rounded handbook values, from memory; a hollow thing weighs less. */
export const DENSITIES = {
  wood: 650,
  metal: 7800,
  glass: 2500,
  stone: 2600,
  plastic: 1100,
  cloth: 300,
  leaf: 400,
  skin: 1000,
  paper: 800,
  other: 1000,
} as const;
export type DensityId = keyof typeof DENSITIES;

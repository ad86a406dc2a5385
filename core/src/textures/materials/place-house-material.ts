import type { HouseMaterial } from '@haveld/contract/api/house-materials';
import type { Step } from '@haveld/contract/step';
import type { MaterialLook, ShownSlot } from './describe-materials';

/** The steps by which a house material stands in for a delivered one: its maps go, those of the house come, then its factors. */
export function placeHouseMaterial(
  house: Pick<HouseMaterial, 'name' | 'factors' | 'maps'>,
  { name: material, slots }: Pick<MaterialLook, 'name' | 'slots'>,
): Step[] {
  return [
    ...(Object.keys(slots) as ShownSlot[]).map((slot): Step => ({ kind: 'unlink-map', schema: 1, material, slot })),
    ...house.maps.map((map): Step => ({ kind: 'relink-map', schema: 1, material, ...map })),
    {
      kind: 'set-material',
      schema: 1,
      materials: [material],
      factors: house.factors,
      label: `house material “${house.name}”`,
      without: [],
    },
  ];
}

import type { HouseMaterial } from '@haveld/contract/api/house-materials';
import { toLinear } from '../convert/srgb';

export interface Shade {
  /** 0 as it is, 1 black; in light. */
  darker: number;
  /** `#rrggbb`, sRGB; white changes nothing. */
  tint: string;
}

/** A house material made darker or tinted: its factors multiplied in light, its maps the same, its name saying so. */
export function shadeHouseMaterial(
  material: Pick<HouseMaterial, 'name' | 'factors' | 'maps'>,
  { darker, tint }: Shade,
): Pick<HouseMaterial, 'name' | 'factors' | 'maps'> {
  const channels = /^#([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})$/i.exec(tint);
  if (!channels || !(darker >= 0 && darker <= 1))
    throw new Error(`shadeHouseMaterial: a share and a colour as #rrggbb, got ${darker} and ${tint}`);
  const light = channels.slice(1).map((pair) => toLinear(parseInt(pair, 16) / 255) * (1 - darker));
  const [r, g, b, a] = material.factors.baseColor ?? [1, 1, 1, 1];
  const isTinted = tint.toLowerCase() !== '#ffffff';
  const words = [darker > 0 ? `${Math.round(darker * 100)} % darker` : '', isTinted ? `tinted ${tint}` : ''].filter(
    (part) => part !== '',
  );
  return {
    name: [material.name, ...words].join(', '),
    factors: { ...material.factors, baseColor: [r * light[0], g * light[1], b * light[2], a] },
    maps: material.maps,
  };
}

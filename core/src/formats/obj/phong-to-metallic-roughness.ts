import type { Material } from '@gltf-transform/core';
import { roughnessFromPhongExponent, toLinear } from '../shading';
import type { MtlMaterial } from './parse-mtl';

const numbers = (value: string | undefined): number[] =>
  (value ?? '')
    .split(/\s+/)
    .filter((word) => word !== '')
    .map(Number)
    .filter(Number.isFinite);

/** @returns a colour of three linear channels; one number stands for all three, as MTL has it */
function colour(value: string | undefined): [number, number, number] | null {
  const read = numbers(value);
  if (read.length === 0) return null;
  const [r, g, b] = read.length >= 3 ? read : [read[0], read[0], read[0]];
  return [toLinear(r), toLinear(g), toLinear(b)];
}

/** Sets the factors of a material from MTL statements; physically based ones (`Pr`, `Pm`) go before the Phong ones. */
export function applyMtlFactors(material: Material, { statements, maps }: MtlMaterial): void {
  const hasColourMap = maps.some((map) => map.statement.toLowerCase() === 'map_kd');
  const kd = colour(statements.Kd) ?? [toLinear(0.8), toLinear(0.8), toLinear(0.8)];
  const isBlack = kd.every((v) => v === 0);
  // a black colour under a colour map is an exporter's default: multiplied it would hide the map
  const [r, g, b] = hasColourMap && isBlack ? [1, 1, 1] : kd;
  const opacity = numbers(statements.d)[0] ?? (statements.Tr === undefined ? 1 : 1 - (numbers(statements.Tr)[0] ?? 0));
  material.setBaseColorFactor([r, g, b, Math.min(1, Math.max(0, opacity))]);
  if (opacity < 1) material.setAlphaMode('BLEND');
  const roughness = numbers(statements.Pr)[0] ?? roughnessFromPhongExponent(numbers(statements.Ns)[0] ?? 10);
  material.setRoughnessFactor(Math.min(1, Math.max(0, roughness)));
  material.setMetallicFactor(Math.min(1, Math.max(0, numbers(statements.Pm)[0] ?? 0)));
  const ke = colour(statements.Ke);
  if (ke) material.setEmissiveFactor(ke);
}

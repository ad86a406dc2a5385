import type { Picture } from '../pictures/picture-codec';
import { byteOfLight, LIGHT_OF_BYTE } from './srgb';

/** Reflectance of what is no metal, seen straight on: glTF 2.0, appendix B.2.1. */
const DIELECTRIC = 0.04;
const EPSILON = 1e-6;

export interface SpecularGlossiness {
  /** Light, 0 to 1. */
  diffuse: [number, number, number];
  specular: [number, number, number];
}

export interface MetallicColour {
  baseColor: [number, number, number];
  metallic: number;
}

/**
 * Specular–glossiness to metallic–roughness for one colour, as the appendix of KHR_materials_pbrSpecularGlossiness does it:
 * metallic solved from how bright diffuse and specular are, the base colour taken from the one or the other by it.
 * Roughness is 1 − glossiness. @param all light, 0 to 1
 */
export function convertSpecularColour({ diffuse, specular }: SpecularGlossiness): MetallicColour {
  const strongest = Math.max(specular[0], specular[1], specular[2]);
  const oneMinus = 1 - strongest;
  const metallic = solveMetallic(brightness(diffuse), brightness(specular), oneMinus);
  const square = metallic * metallic;
  const mixed = [0, 1, 2].map((c) => {
    const fromDiffuse = (diffuse[c] * oneMinus) / (1 - DIELECTRIC) / Math.max(1 - metallic, EPSILON);
    const fromSpecular = (specular[c] - DIELECTRIC * (1 - metallic)) / Math.max(metallic, EPSILON);
    return Math.max(0, Math.min(1, fromDiffuse * (1 - square) + fromSpecular * square));
  });
  return { baseColor: mixed as [number, number, number], metallic };
}

/** Perceived brightness, as the appendix weighs it. */
const brightness = ([r, g, b]: readonly number[]): number => Math.sqrt(0.299 * r * r + 0.587 * g * g + 0.114 * b * b);

function solveMetallic(diffuse: number, specular: number, oneMinus: number): number {
  if (specular < DIELECTRIC) return 0;
  const a = DIELECTRIC;
  const b = (diffuse * oneMinus) / (1 - DIELECTRIC) + specular - 2 * DIELECTRIC;
  const c = DIELECTRIC - specular;
  const root = Math.max(0, b * b - 4 * a * c);
  return Math.max(0, Math.min(1, (-b + Math.sqrt(root)) / (2 * a)));
}

/**
 * The same for whole pictures of one size: colours in sRGB, glossiness linear in the alpha of `specular`.
 * @returns base colour (sRGB, alpha from `diffuse`), and roughness in green with metallic in blue (glTF 2.0, 3.9.2)
 */
export function convertSpecularPictures(
  diffuse: Picture,
  specular: Picture,
): { baseColor: Picture; metallicRoughness: Picture } {
  if (diffuse.width !== specular.width || diffuse.height !== specular.height)
    throw new Error('convertSpecularPictures: two pictures of one size');
  const base = new Uint8Array(diffuse.data.length);
  const packed = new Uint8Array(diffuse.data.length);
  for (let o = 0; o < base.length; o += 4) {
    const { baseColor, metallic } = convertSpecularColour({
      diffuse: lightAt(diffuse.data, o),
      specular: lightAt(specular.data, o),
    });
    base[o] = byteOfLight(baseColor[0]);
    base[o + 1] = byteOfLight(baseColor[1]);
    base[o + 2] = byteOfLight(baseColor[2]);
    base[o + 3] = diffuse.data[o + 3];
    packed[o] = 255;
    packed[o + 1] = 255 - specular.data[o + 3];
    packed[o + 2] = Math.round(metallic * 255);
    packed[o + 3] = 255;
  }
  const { width, height } = diffuse;
  return { baseColor: { width, height, data: base }, metallicRoughness: { width, height, data: packed } };
}

const lightAt = (data: Uint8Array, o: number): [number, number, number] => [
  LIGHT_OF_BYTE[data[o]],
  LIGHT_OF_BYTE[data[o + 1]],
  LIGHT_OF_BYTE[data[o + 2]],
];

/** Roughness of a Phong exponent: √(2 / (n + 2)). Common practice, after B. Walter et al., EGSR 2007, section 5.2, for Blinn–Phong. */
export const roughnessOfShininess = (exponent: number): number => Math.sqrt(2 / (Math.max(0, exponent) + 2));

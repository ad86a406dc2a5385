import type { LayoutTrouble } from '@haveld/contract/finding';
import { triangleArea } from '../../scene/measures/texel-density';
import type { PlacedPart } from '../../scene/measures/placed-parts';
import { readUvs } from '../../scene/measures/read-uvs';
import { coverTriangle, createCover, signedUvArea, type UvCover } from './uv-cover';
import { FINER_TIMES, isDegenerate, isOutside } from './uv-layout';

/** A triangle with this share of its cells under another one lies on it; what is less is a seam's rounding. */
const LIES_ON = 0.1;

const COVER_SIDE = 512;

/** One triangle of a part: its corners, and how it lies. */
interface LaidTriangle {
  uv: Float32Array;
  a: number;
  b: number;
  d: number;
  /** World units squared. */
  surface: number;
}

/** Whether a triangle has a trouble; by what all of its material have in common. */
type IsTroubled = (triangle: LaidTriangle) => boolean;

/** How each trouble is told of one triangle, from all parts of its material. Triangles without UVs have `none` alone. */
const TROUBLED: Record<Exclude<LayoutTrouble, 'none'>, (used: readonly PlacedPart[]) => IsTroubled> = {
  flat: () => isFlat,
  flipped:
    () =>
    ({ uv, a, b, d }) =>
      signedUvArea(uv, a, b, d) > 0,
  outside:
    () =>
    ({ uv, a, b, d }) =>
      isOutside(uv, a) || isOutside(uv, b) || isOutside(uv, d),
  uneven: (used) => {
    const low = findCoarsest(used);
    return (triangle) => densityOf(triangle) > low * FINER_TIMES;
  },
  overlapping: (used) => {
    const cover = coverAll(used);
    return ({ uv, a, b, d }) => {
      let [cells, twice] = [0, 0];
      coverTriangle(cover, uv, a, b, d, (cell) => {
        cells++;
        if (cover.times[cell] > 1) twice++;
      });
      return twice > 0 && twice >= cells * LIES_ON;
    };
  },
};

/**
 * Which triangles of a material have what is wrong with its layout.
 * @param used every part of the material
 * @returns of each part, in that order, one byte a triangle: 1 where it has the trouble
 */
export function flagTroubledFaces(used: readonly PlacedPart[], trouble: LayoutTrouble): Uint8Array[] {
  const isTroubled = trouble === 'none' ? null : TROUBLED[trouble](used);
  return used.map((part) => {
    const flags = new Uint8Array(Math.floor(part.corners / 3));
    const uv = readUvs(part.primitive);
    if (!uv) return trouble === 'none' ? flags.fill(1) : flags;
    if (isTroubled) eachTriangle(part, uv, (triangle, t) => (flags[t] = isTroubled(triangle) ? 1 : 0));
    return flags;
  });
}

function eachTriangle(
  { positions, indices, corners }: PlacedPart,
  uv: Float32Array,
  visit: (triangle: LaidTriangle, t: number) => void,
): void {
  for (let c = 0; c + 2 < corners; c += 3) {
    const a = indices ? indices[c] : c;
    const b = indices ? indices[c + 1] : c + 1;
    const d = indices ? indices[c + 2] : c + 2;
    visit({ uv, a, b, d, surface: triangleArea(positions, a * 3, b * 3, d * 3) }, c / 3);
  }
}

const isFlat = ({ uv, a, b, d, surface }: LaidTriangle): boolean =>
  isDegenerate(Math.abs(signedUvArea(uv, a, b, d)), surface);

/** Layout over surface, as lengths; 0 where it has none. */
const densityOf = ({ uv, a, b, d, surface }: LaidTriangle): number =>
  surface > 0 ? Math.sqrt(Math.abs(signedUvArea(uv, a, b, d)) / surface) : 0;

/** The density below which a twentieth of the surface lies. */
function findCoarsest(used: readonly PlacedPart[]): number {
  const found: { density: number; surface: number }[] = [];
  for (const part of used) {
    const uv = readUvs(part.primitive);
    if (uv)
      eachTriangle(part, uv, (triangle) => {
        if (triangle.surface > 0 && !isFlat(triangle))
          found.push({ density: densityOf(triangle), surface: triangle.surface });
      });
  }
  found.sort((one, other) => one.density - other.density);
  const total = found.reduce((sum, { surface }) => sum + surface, 0);
  let sum = 0;
  return found.find(({ surface }) => (sum += surface) >= total * 0.05)?.density ?? Infinity;
}

/** Each mesh once, however often it stands in the scene. */
function coverAll(used: readonly PlacedPart[]): UvCover {
  const cover = createCover(COVER_SIDE);
  for (const part of new Map(used.map((one) => [one.primitive, one])).values()) {
    const uv = readUvs(part.primitive);
    if (uv) eachTriangle(part, uv, (one) => coverTriangle(cover, one.uv, one.a, one.b, one.d));
  }
  return cover;
}

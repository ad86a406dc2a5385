import { computeHull2d, computeHullArea, measureInside } from '../../geometry/convex-hull-2d';
import { boxSize } from '../../scene/measures/bounds';
import type { MountId } from '../pivot/judge-mount';
import { compareWithTypical, scoreProportions } from '../size/typical-fit';
import type { TypicalSize } from '../size/kind-rows';
import { measureMirror } from './measure-mirror';
import { ENDS, type SurfaceMeasures } from './surface-measures';

/** What speaks for standing on one end, as numbers about 0 to 1. */
export interface OrientationFeatures {
  /** The foot as a flat face. */
  flatFoot: number;
  flatHead: number;
  /** What its feet span of the base. */
  support: number;
  /** How far inside what it stands on the middle of the surface lies. */
  balance: number;
  /** Height of that middle. */
  height: number;
  /** How alike it is with foot and head exchanged. */
  mirror: number;
  /** The same for the less and the more alike of the two other axes. */
  mirrorLess: number;
  mirrorMore: number;
  /** Faces square to it. */
  square: number;
  /** Height over the longer and over the shorter side of the base, as logarithms. */
  slender: number;
  thin: number;
  /** How far there is no surface at its foot: undersides are left out. */
  open: number;
  /** How far the pictures on its sides stand upright, 0 to 1. On their heads says nothing: a file may hold its layout upside down. */
  pictures: number;
  /** 1 where the file's origin lies level with what it is held by: its foot, or its head where it hangs from above. */
  atOrigin: number;
  /** How well its proportions would be those of things of its name, as a logarithm; 0 for all where none is known. */
  byKind: number;
}

export const ORIENTATION_FEATURES = [
  'flatFoot',
  'flatHead',
  'support',
  'balance',
  'height',
  'mirror',
  'mirrorLess',
  'mirrorMore',
  'square',
  'slender',
  'thin',
  'open',
  'pictures',
  'atOrigin',
  'byKind',
] as const satisfies readonly (keyof OrientationFeatures)[];

/**
 * @param mount what it is held by, as its name says
 * @returns one for each end a model may stand on: lower and upper along x, y, z
 */
export function listOrientationFeatures(
  surface: SurfaceMeasures,
  typical: TypicalSize | null,
  mount: MountId = 'floor',
): OrientationFeatures[] {
  const size = boxSize(surface.box);
  const mirrors = [0, 1, 2].map((axis) => measureMirror(surface.cells, axis));
  return Array.from({ length: ENDS }, (_, end): OrientationFeatures => {
    const axis = end >> 1;
    const [u, v] = [(axis + 1) % 3, (axis + 2) % 3];
    const footprint = Math.max(size[u] * size[v], 1e-300);
    const hull = computeHull2d(surface.near[end]);
    const support = hull.length >= 6 ? computeHullArea(hull) / footprint : 0;
    const inside = measureInside(hull, surface.centre[u], surface.centre[v]) / Math.sqrt(footprint);
    const above = (surface.centre[axis] - surface.box.min[axis]) / Math.max(size[axis], 1e-300);
    const others = [mirrors[u], mirrors[v]].sort((a, b) => a - b);
    const ratio = (side: number): number =>
      clamp(Math.log(Math.max(size[axis], 1e-9 * side) / Math.max(side, 1e-300)), 2.5);
    const upwards = end % 2 === 0 ? 1 : -1;
    const held = HELD_AT[mount] && surface.box[upwards > 0 === (HELD_AT[mount] === 'foot') ? 'min' : 'max'][axis];
    const slender = ratio(Math.max(size[u], size[v]));
    return {
      flatFoot: Math.min(1, surface.flat[end]),
      flatHead: Math.min(1, surface.flat[end ^ 1]),
      support: Math.min(1, support),
      balance: clamp(inside, 0.5),
      height: end % 2 === 0 ? above : 1 - above,
      mirror: mirrors[axis],
      mirrorLess: others[0],
      mirrorMore: others[1],
      square: surface.square[axis],
      slender,
      thin: ratio(Math.min(size[u], size[v])),
      open: clamp(upwards * surface.open[axis], 1),
      pictures: Math.max(0, clamp(upwards * surface.pictures[axis], 1)),
      atOrigin: held !== undefined && Math.abs(held) <= LEVEL_WITH * Math.max(...size) ? 1 : 0,
      byKind: typical
        ? Math.max(LEAST_BY_KIND, scoreProportions(compareWithTypical([size[u], size[axis], size[v]], typical)))
        : 0,
    };
  });
}

/** Where the origin of a thing belongs along its height. What is held, worn, hung on a wall or free has it anywhere. Common practice, no source. */
const HELD_AT: Partial<Record<MountId, 'foot' | 'head'>> = { floor: 'foot', ceiling: 'head' };

/** So near to the origin, as a share of the longest side, an end is level with it. Ours. */
const LEVEL_WITH = 0.005;

/** What proportions can say against an end at most, as a logarithm. Ours. */
const LEAST_BY_KIND = -7;

const clamp = (value: number, most: number): number => Math.max(-most, Math.min(most, value));

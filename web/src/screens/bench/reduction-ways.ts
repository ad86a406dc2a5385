import type { Level, Reduction } from '@haveld/contract/step';

/** How a person says how far triangles are reduced; what stands there at first. */
export const REDUCTION_WAYS = [
  { by: 'triangles', label: 'to so many triangles', short: 'triangles', start: '' },
  { by: 'share', label: 'to a share, in %', short: '% of the finest', start: '50' },
  { by: 'error', label: 'as far as so many mm allow', short: 'mm deviation', start: '1' },
] as const;
export type ReductionWay = (typeof REDUCTION_WAYS)[number]['by'];

/** @returns null for what is no number, or none that can be meant */
export function readReduction(by: ReductionWay, text: string): Reduction | null {
  const number = Number(text.replace(/[\s\u202f]/g, '').replace(',', '.'));
  if (text.trim() === '' || !(number > 0)) return null;
  if (by === 'triangles') return { by, triangles: Math.max(1, Math.round(number)) };
  if (by === 'share') return number <= 100 ? { by, share: number / 100 } : null;
  return number <= 10_000 ? { by, mm: number } : null;
}

/** A reduction as it is written in a form. */
export function writeReduction(to: Reduction): { way: ReductionWay; text: string } {
  const number = to.by === 'share' ? Number((to.share * 100).toPrecision(4)) : to.by === 'error' ? to.mm : to.triangles;
  return { way: to.by, text: String(number) };
}

/** How a person says what a level of detail is made by: reduced, or a proxy with its colours baked. */
export const LEVEL_WAYS = [
  ...REDUCTION_WAYS,
  { by: 'baked', short: 'triangles, colours baked', start: '300' },
  { by: 'hull', short: 'hull, colours baked', start: '' },
  { by: 'box', short: 'box, colours baked', start: '' },
] as const;
export type LevelWay = (typeof LEVEL_WAYS)[number]['by'];

/** Sides of the maps of proxies, texels. Ours. */
const SIDES = { baked: 512, hull: 256, box: 256 };

/** True where it has no number. */
export const isShapeAlone = (by: LevelWay): by is 'hull' | 'box' => by === 'hull' || by === 'box';

/** @returns null for what is no number, or none that can be meant */
export function readLevel(by: LevelWay, text: string): Level | null {
  if (isShapeAlone(by)) return { by, side: SIDES[by] };
  if (by !== 'baked') return readReduction(by, text);
  const read = readReduction('triangles', text);
  return read?.by === 'triangles' && read.triangles >= 4 ? { by, triangles: read.triangles, side: SIDES.baked } : null;
}

/** A level as it is written in a form. */
export function writeLevel(level: Level): { way: LevelWay; text: string } {
  if (level.by === 'hull' || level.by === 'box') return { way: level.by, text: '' };
  return level.by === 'baked' ? { way: 'baked', text: String(level.triangles) } : writeReduction(level);
}

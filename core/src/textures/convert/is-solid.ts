import type { Picture } from '../pictures/picture-codec';

/** @returns true where nothing of a picture is see-through */
export function isSolid({ data }: Pick<Picture, 'data'>): boolean {
  for (let o = 3; o < data.length; o += 4) if (data[o] !== 255) return false;
  return true;
}

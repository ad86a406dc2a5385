import type { Picture } from '../pictures/picture-codec';

export interface AlphaChoice {
  alphaMode: 'OPAQUE' | 'MASK' | 'BLEND';
  alphaCutoff: number;
  /** Shares of texels that are clear, solid, and neither. */
  clear: number;
  solid: number;
  between: number;
}

/** Where at most this share of what can be seen is neither clear nor solid, it is cut out; above, it is glass. Ours. */
const SOFT_EDGE = 0.35;

/**
 * Whether a picture is cut out or blended, by its alpha: foliage is nearly all clear or solid, with soft edges; glass is neither.
 * A picture of one alpha below solid is glass; one that is clear all over says nothing and counts as solid.
 */
export function chooseAlphaMode({ data }: Pick<Picture, 'data'>): AlphaChoice {
  let [clear, solid] = [0, 0];
  for (let o = 3; o < data.length; o += 4) {
    if (data[o] < 16) clear++;
    else if (data[o] > 239) solid++;
  }
  const all = data.length / 4;
  return chooseAlphaByShares(clear / all, solid / all);
}

/** The same by the shares of clear and of solid texels. */
export function chooseAlphaByShares(clear: number, solid: number): AlphaChoice {
  const between = Math.max(0, 1 - clear - solid);
  const shares = { clear, solid, between };
  if (solid > 0.9999 || clear > 0.9999 || (clear === 0 && between < 0.002))
    return { alphaMode: 'OPAQUE', alphaCutoff: 0.5, ...shares };
  const isCutOut = clear > 0 && between / (1 - clear) < SOFT_EDGE;
  return { alphaMode: isCutOut ? 'MASK' : 'BLEND', alphaCutoff: 0.5, ...shares };
}

import type { Picture, ReduceAs } from '../pictures/picture-codec';
import { isSolid } from './is-solid';
import { byteOfLight, LIGHT_OF_BYTE } from './srgb';

/**
 * Makes a picture smaller, each new texel the average of the area it covers; colours count by how solid they are.
 * @param width texels; at most that of the picture: nothing is ever enlarged
 * @throws {RangeError} where the new size is larger, or below 1
 */
export function reducePicture(src: Picture, width: number, height: number, as: ReduceAs): Picture {
  if (width > src.width || height > src.height || width < 1 || height < 1)
    throw new RangeError(
      `reducePicture: from ${src.width} × ${src.height} to 1 or more and no more, got ${width} × ${height}`,
    );
  if (width === src.width && height === src.height) return src;
  if (src.width % width === 0 && src.height % height === 0 && as !== 'normal' && isSolid(src))
    return reduceWhole(src, width, height, as);
  const data = new Uint8Array(width * height * 4);
  const columns = listSpans(src.width, width);
  const rows = listSpans(src.height, height);
  const sums = new Float32Array(width * 4);
  for (let y = 0; y < height; y++) {
    sums.fill(0);
    const { from, weights } = rows[y];
    for (let k = 0; k < weights.length; k++) addRow(src, from + k, weights[k], columns, sums, as);
    writeRow(sums, data, y * width * 4, as);
  }
  return { ...src, width, height, data };
}

/** The common case, several times as fast: whole texels into one, nothing see-through. */
function reduceWhole(src: Picture, width: number, height: number, as: 'colour' | 'data'): Picture {
  const [across, down] = [src.width / width, src.height / height];
  const data = new Uint8Array(width * height * 4);
  const table = as === 'colour' ? LIGHT_OF_BYTE : BYTE_AS_IT_IS;
  const share = 1 / (across * down);
  const stride = src.width * 4;
  const from = src.data;
  for (let y = 0, o = 0; y < height; y++) {
    for (let x = 0; x < width; x++, o += 4) {
      let r = 0;
      let g = 0;
      let b = 0;
      for (let j = 0, row = y * down * stride + x * across * 4; j < down; j++, row += stride)
        for (let k = 0, at = row; k < across; k++, at += 4) {
          r += table[from[at]];
          g += table[from[at + 1]];
          b += table[from[at + 2]];
        }
      if (as === 'colour') {
        data[o] = byteOfLight(r * share);
        data[o + 1] = byteOfLight(g * share);
        data[o + 2] = byteOfLight(b * share);
      } else {
        data[o] = Math.round(r * share);
        data[o + 1] = Math.round(g * share);
        data[o + 2] = Math.round(b * share);
      }
      data[o + 3] = 255;
    }
  }
  return { ...src, width, height, data };
}

const BYTE_AS_IT_IS: Float32Array = Float32Array.from({ length: 256 }, (_, i) => i);

interface Span {
  from: number;
  /** Share of the new texel each old one has; 1 together. */
  weights: Float32Array;
}

function listSpans(src: number, dst: number): Span[] {
  const ratio = src / dst;
  return Array.from({ length: dst }, (_, i) => {
    const [start, end] = [i * ratio, (i + 1) * ratio];
    const from = Math.floor(start);
    const to = Math.min(src, Math.ceil(end - 1e-9));
    return {
      from,
      weights: Float32Array.from(
        { length: to - from },
        (_, k) => (Math.min(end, from + k + 1) - Math.max(start, from + k)) / ratio,
      ),
    };
  });
}

function addRow(src: Picture, row: number, share: number, columns: Span[], sums: Float32Array, as: ReduceAs): void {
  const { data, width } = src;
  const start = row * width * 4;
  const isColour = as === 'colour';
  for (let x = 0, s = 0; x < columns.length; x++, s += 4) {
    const { from, weights } = columns[x];
    for (let k = 0, o = start + from * 4; k < weights.length; k++, o += 4) {
      const weight = weights[k] * share;
      const alpha = data[o + 3];
      if (isColour) {
        const solid = weight * alpha;
        sums[s] += LIGHT_OF_BYTE[data[o]] * solid;
        sums[s + 1] += LIGHT_OF_BYTE[data[o + 1]] * solid;
        sums[s + 2] += LIGHT_OF_BYTE[data[o + 2]] * solid;
      } else {
        sums[s] += data[o] * weight;
        sums[s + 1] += data[o + 1] * weight;
        sums[s + 2] += data[o + 2] * weight;
      }
      sums[s + 3] += alpha * weight;
    }
  }
}

function writeRow(sums: Float32Array, data: Uint8Array, start: number, as: ReduceAs): void {
  for (let s = 0, o = start; s < sums.length; s += 4, o += 4) {
    const alpha = sums[s + 3];
    if (as === 'colour') {
      for (let c = 0; c < 3; c++) data[o + c] = alpha > 0 ? byteOfLight(sums[s + c] / alpha) : 0;
    } else if (as === 'normal') {
      const [x, y, z] = [sums[s] / 127.5 - 1, sums[s + 1] / 127.5 - 1, sums[s + 2] / 127.5 - 1];
      const length = Math.sqrt(x * x + y * y + z * z);
      const back = length > 1e-6 ? 127.5 / length : 0;
      data[o] = Math.round(x * back + 127.5);
      data[o + 1] = Math.round(y * back + 127.5);
      data[o + 2] = length > 1e-6 ? Math.round(z * back + 127.5) : 255;
    } else {
      for (let c = 0; c < 3; c++) data[o + c] = Math.round(sums[s + c]);
    }
    data[o + 3] = Math.round(alpha);
  }
}

/** @returns the size a picture gets where its longer side may be `side` at most; its own where it is smaller */
export function fitSide(width: number, height: number, side: number): [number, number] {
  const longer = Math.max(width, height);
  if (longer <= side) return [width, height];
  return [Math.max(1, Math.round((width * side) / longer)), Math.max(1, Math.round((height * side) / longer))];
}

import { decodeText } from '../../text/decode-text';
import { NOTHING_INSIDE, type Inside } from '../inside';

/** The pictures a VRML file names. */
export function peekVrml(bytes: Uint8Array): Inside {
  const text = decodeText(bytes);
  const mentions = [...text.matchAll(/\burl\s*\[?((?:\s*,?\s*"[^"\n]*")+)/g)]
    .flatMap((match) => [...match[1].matchAll(/"([^"]*)"/g)].map((one) => one[1]))
    .filter((name) => /\.\w{2,5}$/.test(name) && !/^(?:https?|urn):/i.test(name));
  return {
    ...NOTHING_INSIDE,
    mentions,
    materials: /\bMaterial\s*\{/.test(text) ? 'shaded' : 'none',
    clips: /\b(?:Position|Orientation|Coordinate)Interpolator\s*\{/.test(text) ? 1 : 0,
    isText: true,
  };
}

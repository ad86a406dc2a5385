import { decodeText } from '../../text/decode-text';
import { NOTHING_INSIDE, type Inside } from '../inside';

/** The material files an OBJ names. */
export function peekObj(bytes: Uint8Array): Inside {
  const mentions = [...decodeText(bytes).matchAll(/^mtllib[ \t]+(.+?)[ \t]*\r?$/gm)].map((match) => match[1]);
  return { ...NOTHING_INSIDE, mentions, materials: mentions.length > 0 ? 'shaded' : 'none', isText: true };
}

/** The maps a material file names. */
export const peekMtl = (bytes: Uint8Array): Inside => ({
  ...NOTHING_INSIDE,
  mentions: listMtlMaps(decodeText(bytes)),
  materials: 'shaded',
  isText: true,
});

const MTL_MAP = /^[ \t]*(?:map_\w+|bump|disp|decal|refl|norm)[ \t]+(.+?)[ \t]*\r?$/gim;

/** Options stand before the name: `-bm 0.4`, `-s 1 1 1`, `-clamp on`. */
const MTL_OPTION = /^-\w+(?:[ \t]+(?:[-+.\d]+|on|off|[rgbmlz]))*[ \t]+/i;

function listMtlMaps(text: string): string[] {
  return [...text.matchAll(MTL_MAP)].map((match) => {
    let rest = match[1];
    while (MTL_OPTION.test(rest)) rest = rest.replace(MTL_OPTION, '');
    return rest;
  });
}

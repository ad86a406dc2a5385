import { decodeText } from '../../text/decode-text';
import type { Inside } from '../inside';

/** The pictures, clips and skins of a COLLADA file. */
export function peekCollada(bytes: Uint8Array): Inside {
  const text = decodeText(bytes);
  return {
    mentions: [...text.matchAll(/<init_from>\s*(?:<ref>)?\s*([^<]+?)\s*</g)]
      .map((match) => match[1])
      .filter((name) => /\.\w{2,5}$/.test(name)),
    clips: /<animation[\s>]/.test(text) ? 1 : 0,
    hasSkin: /<skin[\s>]/.test(text),
    materials: /<(phong|blinn|lambert)[\s>]/.test(text) ? 'shaded' : 'none',
    isText: true,
  };
}

import { decodeText } from '../../text/decode-text';
import { NOTHING_INSIDE, type Inside } from '../inside';

/** The names and clips of a glTF. */
export const peekGltf = (bytes: Uint8Array): Inside => peekJson(decodeText(bytes));

function peekJson(text: string): Inside {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch (error) {
    if ((error as Error).name !== 'SyntaxError') throw error;
    return NOTHING_INSIDE;
  }
  const listIn = (key: string): unknown[] => listItems((json as Record<string, unknown> | null)?.[key]);
  const uris = [...listIn('buffers'), ...listIn('images')].map((item) => (item as { uri?: unknown } | null)?.uri);
  return {
    mentions: uris.filter((uri): uri is string => typeof uri === 'string' && !uri.startsWith('data:')),
    clips: listIn('animations').length,
    hasSkin: listIn('skins').length > 0,
    materials: listIn('materials').length > 0 ? 'physical' : 'none',
    isText: true,
  };
}

/** Lists in glTF 2.0 are objects by id in 1.0; anything else holds nothing. */
const listItems = (list: unknown): unknown[] => (typeof list === 'object' && list !== null ? Object.values(list) : []);

/** The same of a GLB, whose JSON chunk comes first (glTF 2.0, 4.4.3.2). */
export function peekGlb(bytes: Uint8Array): Inside {
  if (bytes.length < 20) return NOTHING_INSIDE;
  const length = new DataView(bytes.buffer, bytes.byteOffset).getUint32(12, true);
  return { ...peekJson(decodeText(bytes.subarray(20, 20 + length))), isText: false };
}

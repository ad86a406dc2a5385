import { decodeText } from '../../text/decode-text';
import { NOTHING_INSIDE, type Inside } from '../inside';

interface GltfJson {
  animations?: unknown[];
  skins?: unknown[];
  materials?: unknown[];
  buffers?: { uri?: string }[];
  images?: { uri?: string }[];
}

/** The names and clips of a glTF. */
export const peekGltf = (bytes: Uint8Array): Inside => peekJson(decodeText(bytes));

function peekJson(text: string): Inside {
  let json: GltfJson;
  try {
    json = JSON.parse(text) as GltfJson;
  } catch (error) {
    if ((error as Error).name !== 'SyntaxError') throw error;
    return NOTHING_INSIDE;
  }
  const uris = [...(json.buffers ?? []), ...(json.images ?? [])].map((item) => item?.uri);
  return {
    mentions: uris.filter((uri): uri is string => typeof uri === 'string' && !uri.startsWith('data:')),
    clips: json.animations?.length ?? 0,
    hasSkin: (json.skins?.length ?? 0) > 0,
    materials: (json.materials?.length ?? 0) > 0 ? 'physical' : 'none',
    isText: true,
  };
}

/** The same of a GLB, whose JSON chunk comes first (glTF 2.0, 4.4.3.2). */
export function peekGlb(bytes: Uint8Array): Inside {
  if (bytes.length < 20) return NOTHING_INSIDE;
  const length = new DataView(bytes.buffer, bytes.byteOffset).getUint32(12, true);
  return { ...peekJson(decodeText(bytes.subarray(20, 20 + length))), isText: false };
}

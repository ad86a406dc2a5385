import { decodeText } from '../text/decode-text';

/** What a model or material file says of itself before it is read in full. */
export interface Inside {
  /** Files it names: maps, buffers, material files; as it writes them. */
  mentions: string[];
  /** Clips it carries; 0 where there are none or the format has none. */
  clips: number;
  hasSkin: boolean;
  /** Physically based materials, older ones, or none at all. */
  materials: 'physical' | 'shaded' | 'none';
  /** Written as text rather than as numbers. */
  isText: boolean;
}

export const NOTHING_INSIDE: Inside = { mentions: [], clips: 0, hasSkin: false, materials: 'none', isText: false };

/** Formats worth peeking into. */
export const PEEKED_FORMATS = ['gltf', 'glb', 'obj', 'mtl', 'fbx', 'dae'] as const;

/**
 * Looks into a file without reading its geometry. What cannot be understood says nothing; the reader will say what is wrong.
 * @param bytes the file, or as much of it as is at hand
 */
export function peekInside(format: string, bytes: Uint8Array): Inside {
  switch (format) {
    case 'gltf':
      return peekGltf(decodeText(bytes));
    case 'glb':
      return peekGlb(bytes);
    case 'obj':
      return { ...NOTHING_INSIDE, ...peekObj(decodeText(bytes)), isText: true };
    case 'mtl':
      return { ...NOTHING_INSIDE, mentions: listMtlMaps(decodeText(bytes)), materials: 'shaded', isText: true };
    case 'fbx':
      return peekFbx(bytes);
    case 'dae':
      return peekCollada(decodeText(bytes));
    default:
      return NOTHING_INSIDE;
  }
}

interface GltfJson {
  animations?: unknown[];
  skins?: unknown[];
  materials?: unknown[];
  buffers?: { uri?: string }[];
  images?: { uri?: string }[];
}

function peekGltf(text: string): Inside {
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

/** The JSON chunk comes first (glTF 2.0, 4.4.3.2). */
function peekGlb(bytes: Uint8Array): Inside {
  if (bytes.length < 20) return NOTHING_INSIDE;
  const length = new DataView(bytes.buffer, bytes.byteOffset).getUint32(12, true);
  return { ...peekGltf(decodeText(bytes.subarray(20, 20 + length))), isText: false };
}

function peekObj(text: string): Pick<Inside, 'mentions' | 'materials'> {
  const mentions = [...text.matchAll(/^mtllib[ \t]+(.+?)[ \t]*\r?$/gm)].map((match) => match[1]);
  return { mentions, materials: mentions.length > 0 ? 'shaded' : 'none' };
}

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

const RELATIVE_NAME = 'RelativeFilename';

function peekFbx(bytes: Uint8Array): Inside {
  const isBinary = hasAt(bytes, 0, 'Kaydara FBX Binary');
  const mentions = new Set<string>();
  for (let at = indexOf(bytes, RELATIVE_NAME, 0); at >= 0; at = indexOf(bytes, RELATIVE_NAME, at + 1)) {
    const name = isBinary ? readBinaryName(bytes, at) : readTextName(bytes, at);
    if (name) mentions.add(name);
  }
  return {
    mentions: [...mentions],
    clips: countClips(bytes, isBinary),
    hasSkin: indexOf(bytes, 'SubDeformer', 0) >= 0 || indexOf(bytes, 'SubDeformer::', 0) >= 0,
    materials: indexOf(bytes, 'Material', 0) >= 0 ? 'shaded' : 'none',
    isText: !isBinary,
  };
}

/** A string property is `S`, its length in four bytes, its bytes. */
function readBinaryName(bytes: Uint8Array, at: number): string | null {
  const type = at + RELATIVE_NAME.length;
  if (bytes[type] !== 0x53 || type + 5 > bytes.length) return null;
  const length = new DataView(bytes.buffer, bytes.byteOffset).getUint32(type + 1, true);
  return length < 4096 ? decodeText(bytes.subarray(type + 5, type + 5 + length)) : null;
}

function readTextName(bytes: Uint8Array, at: number): string | null {
  return /^RelativeFilename:\s*"([^"]*)"/.exec(decodeText(bytes.subarray(at, at + 2048)))?.[1] ?? null;
}

/** Stacks that hold a layer with curves are clips; a file without curve nodes has none whatever its stacks say. */
function countClips(bytes: Uint8Array, isBinary: boolean): number {
  if (indexOf(bytes, 'AnimationCurveNode', 0) < 0) return 0;
  const mark = isBinary ? '\0\x01AnimStack' : '"AnimStack::';
  let clips = 0;
  for (let at = indexOf(bytes, mark, 0); at >= 0; at = indexOf(bytes, mark, at + 1)) clips++;
  return Math.max(1, clips);
}

function peekCollada(text: string): Inside {
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

const hasAt = (bytes: Uint8Array, at: number, text: string): boolean => {
  for (let i = 0; i < text.length; i++) if (bytes[at + i] !== text.charCodeAt(i)) return false;
  return true;
};

function indexOf(bytes: Uint8Array, text: string, from: number): number {
  const first = text.charCodeAt(0);
  for (let at = bytes.indexOf(first, from); at >= 0; at = bytes.indexOf(first, at + 1))
    if (hasAt(bytes, at, text)) return at;
  return -1;
}

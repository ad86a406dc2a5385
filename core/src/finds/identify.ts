import { decodeText } from '../text/decode-text';
import { identifyPicture } from '../textures/identify-picture';

/** What a file is, by its content first and its name last. */
export const FILE_KINDS = [
  'archive',
  'model',
  'material',
  'buffer',
  'picture',
  'text',
  'closed',
  'program',
  'other',
] as const;
export type FileKind = (typeof FILE_KINDS)[number];

export interface Identity {
  kind: FileKind;
  /** `glb`, `obj`, `png`, `zip` … */
  format: string;
  /** In a sentence to the person. */
  words: string;
}

const startsWith = (bytes: Uint8Array, text: string): boolean =>
  bytes.length >= text.length && [...text].every((c, i) => bytes[i] === c.charCodeAt(0));

/** Marks at a file's head, from each format's specification. */
const MARKS: { text: string; identity: Identity }[] = [
  { text: 'PK\x03\x04', identity: { kind: 'archive', format: 'zip', words: 'zip archive' } },
  { text: 'PK\x05\x06', identity: { kind: 'archive', format: 'zip', words: 'empty zip archive' } },
  { text: '7z\xbc\xaf\x27\x1c', identity: { kind: 'closed', format: '7z', words: '7z archive, not opened yet' } },
  { text: 'Rar!\x1a\x07', identity: { kind: 'closed', format: 'rar', words: 'rar archive, not opened yet' } },
  { text: '\x1f\x8b', identity: { kind: 'closed', format: 'gz', words: 'gzip archive, not opened yet' } },
  { text: 'glTF', identity: { kind: 'model', format: 'glb', words: 'GLB model' } },
  {
    text: 'Kaydara FBX Binary',
    identity: { kind: 'closed', format: 'fbx', words: 'FBX model, kept; reading it comes later' },
  },
  {
    text: 'BLENDER',
    identity: { kind: 'closed', format: 'working-file', words: 'closed working file of a modelling program' },
  },
  { text: 'ply\n', identity: { kind: 'closed', format: 'ply', words: 'PLY model, kept; reading it comes later' } },
  { text: 'MZ', identity: { kind: 'program', format: 'exe', words: 'program, never run' } },
  { text: '\x7fELF', identity: { kind: 'program', format: 'elf', words: 'program, never run' } },
  { text: '#!', identity: { kind: 'program', format: 'script', words: 'script, never run' } },
  { text: '%PDF', identity: { kind: 'other', format: 'pdf', words: 'PDF document' } },
];

/** Kinds told by their name alone, because their bytes say nothing. */
const BY_EXTENSION: Record<string, Identity> = {
  bin: { kind: 'buffer', format: 'bin', words: 'geometry of a glTF' },
  fbx: { kind: 'closed', format: 'fbx', words: 'FBX model, kept; reading it comes later' },
  dae: { kind: 'closed', format: 'dae', words: 'COLLADA model, kept; reading it comes later' },
  stl: { kind: 'closed', format: 'stl', words: 'STL model, kept; reading it comes later' },
  '3ds': { kind: 'closed', format: '3ds', words: '3DS model, kept; reading it comes later' },
  max: { kind: 'closed', format: 'working-file', words: 'closed working file of a modelling program' },
  ma: { kind: 'closed', format: 'working-file', words: 'closed working file of a modelling program' },
  mb: { kind: 'closed', format: 'working-file', words: 'closed working file of a modelling program' },
  c4d: { kind: 'closed', format: 'working-file', words: 'closed working file of a modelling program' },
  bat: { kind: 'program', format: 'script', words: 'script, never run' },
  cmd: { kind: 'program', format: 'script', words: 'script, never run' },
  ps1: { kind: 'program', format: 'script', words: 'script, never run' },
};

const TEXT_EXTENSIONS = ['txt', 'md', 'rtf', 'html', 'htm', 'license', 'licence', 'nfo', 'rst', ''];

/**
 * Tells what a file is.
 * @param path its name, asked only where the bytes say nothing
 * @param head the first 4 KiB or more of it
 */
export function identifyFile(path: string, head: Uint8Array): Identity {
  const mark = MARKS.find(({ text }) => startsWith(head, text));
  if (mark) return mark.identity;
  const extension = /\.([^./]+)$/.exec(path)?.[1].toLowerCase() ?? '';
  const picture = identifyPicture(head);
  if (picture && (picture !== 'tga' || extension === 'tga'))
    return { kind: 'picture', format: picture, words: `${picture.toUpperCase()} picture` };
  if (isText(head)) {
    const text = decodeText(head);
    if (/^\s*\{/.test(text) && (/"asset"\s*:/.test(text) || extension === 'gltf'))
      return { kind: 'model', format: 'gltf', words: 'glTF model' };
    if (extension in BY_EXTENSION) return BY_EXTENSION[extension];
    if (/^\s*newmtl\s/m.test(text)) return { kind: 'material', format: 'mtl', words: 'material file' };
    if (/^\s*(v|f|mtllib|usemtl)\s+\S/m.test(text) && (/^\s*v\s+[-+.\d]/m.test(text) || extension === 'obj')) {
      return { kind: 'model', format: 'obj', words: 'OBJ model' };
    }
    if (extension === 'mtl') return { kind: 'material', format: 'mtl', words: 'material file' };
    if (extension === 'obj') return { kind: 'model', format: 'obj', words: 'OBJ model' };
    if (TEXT_EXTENSIONS.includes(extension) || /^(read.?me|licen[cs]e|copying|credits?)/i.test(baseName(path))) {
      return { kind: 'text', format: 'text', words: 'text' };
    }
    return { kind: 'other', format: extension || 'text', words: 'other file' };
  }
  return BY_EXTENSION[extension] ?? { kind: 'other', format: extension || 'unknown', words: 'unknown kind' };
}

const baseName = (path: string): string => path.slice(path.lastIndexOf('/') + 1);

/** No zero byte, and hardly any control character. */
function isText(head: Uint8Array): boolean {
  if (head.length === 0) return false;
  let odd = 0;
  for (const byte of head) {
    if (byte === 0) return false;
    if (byte < 0x20 && byte !== 0x09 && byte !== 0x0a && byte !== 0x0d && byte !== 0x0c) odd++;
  }
  return odd < head.length / 100;
}

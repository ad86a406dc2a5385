import { CONVERTED_EXTENSIONS } from '../formats/converted';
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

function model(format: string, words: string): Identity {
  return { kind: 'model', format, words };
}

const WORKING_FILE: Identity = {
  kind: 'closed',
  format: 'working-file',
  words: 'closed working file of a modelling program',
};
const CAD: Identity = { kind: 'closed', format: 'cad', words: 'CAD file' };

/** Marks at a file's head, from each format's specification. */
const MARKS: { text: string; identity: Identity }[] = [
  { text: 'PK\x03\x04', identity: { kind: 'archive', format: 'zip', words: 'zip archive' } },
  { text: 'PK\x05\x06', identity: { kind: 'archive', format: 'zip', words: 'empty zip archive' } },
  { text: '7z\xbc\xaf\x27\x1c', identity: { kind: 'closed', format: '7z', words: '7z archive, not opened yet' } },
  { text: 'Rar!\x1a\x07', identity: { kind: 'closed', format: 'rar', words: 'rar archive, not opened yet' } },
  { text: '\x1f\x8b', identity: { kind: 'closed', format: 'gz', words: 'gzip archive, not opened yet' } },
  { text: 'glTF', identity: { kind: 'model', format: 'glb', words: 'GLB model' } },
  { text: 'Kaydara FBX Binary', identity: model('fbx', 'FBX model') },
  { text: '; FBX', identity: model('fbx', 'FBX model') },
  { text: 'BLENDER', identity: WORKING_FILE },
  { text: 'ply\n', identity: model('ply', 'PLY model') },
  { text: 'ply\r', identity: model('ply', 'PLY model') },
  { text: '#usda', identity: model('usd', 'USD model') },
  { text: 'PXR-USDC', identity: model('usd', 'USD model') },
  { text: 'ISO-10303-21', identity: CAD },
  { text: 'MZ', identity: { kind: 'program', format: 'exe', words: 'program, never run' } },
  { text: '\x7fELF', identity: { kind: 'program', format: 'elf', words: 'program, never run' } },
  { text: '#!', identity: { kind: 'program', format: 'script', words: 'script, never run' } },
  { text: '%PDF', identity: { kind: 'other', format: 'pdf', words: 'PDF document' } },
];

const WORKING_EXTENSIONS = 'blend max ma mb c4d lxo hip hipnc ztl zpr skp spp sbs sbsar uasset unitypackage mtlx'.split(
  ' ',
);
const CAD_EXTENSIONS =
  'step stp iges igs sldprt sldasm catpart catproduct ipt iam prt x_t x_b jt dwg 3dm ifc brep'.split(' ');

/** Kinds told by their name alone, because their bytes say nothing. */
const BY_EXTENSION: Record<string, Identity> = {
  bin: { kind: 'buffer', format: 'bin', words: 'geometry of a glTF' },
  fbx: model('fbx', 'FBX model'),
  dae: model('dae', 'COLLADA model'),
  stl: model('stl', 'STL model'),
  ply: model('ply', 'PLY model'),
  '3ds': model('3ds', '3DS model'),
  usd: model('usd', 'USD model'),
  usda: model('usd', 'USD model'),
  usdc: model('usd', 'USD model'),
  ...Object.fromEntries(CONVERTED_EXTENSIONS.map((one) => [one, model(one, `${one.toUpperCase()} model`)])),
  ...Object.fromEntries(WORKING_EXTENSIONS.map((one) => [one, WORKING_FILE])),
  ...Object.fromEntries(CAD_EXTENSIONS.map((one) => [one, CAD])),
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
  const extension = /\.([^./]+)$/.exec(path)?.[1].toLowerCase() ?? '';
  const mark = MARKS.find(({ text }) => startsWith(head, text));
  // a packed scene is a zip by its bytes
  if (mark) return extension === 'usdz' && mark.identity.format === 'zip' ? model('usdz', 'USDZ model') : mark.identity;
  const picture = identifyPicture(head);
  if (picture && (picture !== 'tga' || extension === 'tga'))
    return { kind: 'picture', format: picture, words: `${picture.toUpperCase()} picture` };
  if (isText(head)) {
    const text = decodeText(head);
    if (/^\s*\{/.test(text) && (/"asset"\s*:/.test(text) || extension === 'gltf'))
      return { kind: 'model', format: 'gltf', words: 'glTF model' };
    if (extension in BY_EXTENSION) return BY_EXTENSION[extension];
    if (/<COLLADA[\s>]/.test(text)) return model('dae', 'COLLADA model');
    if (/^\s*solid\b[\s\S]*\bfacet\s+normal\b/i.test(text)) return model('stl', 'STL model');
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

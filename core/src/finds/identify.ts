import { readShortcut } from '../pages/shortcut';
import { findFormat, MODEL_FORMATS, type ModelFormat } from '../formats/model-formats';
import { decodeText } from '../text/decode-text';
import { identifyPicture } from '../textures/pictures/identify-picture';

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
  summary: string;
}

const startsWith = (bytes: Uint8Array, text: string): boolean =>
  bytes.length >= text.length && [...text].every((c, i) => bytes[i] === c.charCodeAt(0));

const model = ({ id, name }: ModelFormat): Identity => ({ kind: 'model', format: id, summary: `${name} model` });

function archive(format: string): Identity {
  return { kind: 'archive', format, summary: `${format} archive` };
}

const MATERIAL: Identity = { kind: 'material', format: 'mtl', summary: 'material file' };
const PROGRAM: Identity = { kind: 'program', format: 'exe', summary: 'program, never run' };
const SCRIPT: Identity = { kind: 'program', format: 'script', summary: 'script, never run' };
const PAPER: Identity = { kind: 'other', format: 'paper', summary: 'document' };

const WORKING_FILE: Identity = {
  kind: 'closed',
  format: 'working-file',
  summary: 'closed working file of a modelling program',
};
const CAD: Identity = { kind: 'closed', format: 'cad', summary: 'CAD file' };

/** Marks at a file's head, from each format's specification. */
const MARKS: { text: string; identity: Identity }[] = [
  ...MODEL_FORMATS.flatMap((format) => (format.signatures ?? []).map((text) => ({ text, identity: model(format) }))),
  { text: 'PK\x03\x04', identity: { kind: 'archive', format: 'zip', summary: 'zip archive' } },
  { text: 'PK\x05\x06', identity: { kind: 'archive', format: 'zip', summary: 'empty zip archive' } },
  { text: '7z\xbc\xaf\x27\x1c', identity: archive('7z') },
  { text: 'Rar!\x1a\x07', identity: archive('rar') },
  { text: '\x1f\x8b', identity: archive('gz') },
  { text: '\xfd7zXZ\0', identity: archive('xz') },
  { text: '\x28\xb5\x2f\xfd', identity: archive('zst') },
  { text: 'BLENDER', identity: WORKING_FILE },
  { text: 'ISO-10303-21', identity: CAD },
  { text: 'MZ', identity: PROGRAM },
  { text: '\x7fELF', identity: PROGRAM },
  { text: '\xcf\xfa\xed\xfe', identity: PROGRAM },
  { text: '\xca\xfe\xba\xbe', identity: PROGRAM },
  { text: '#!', identity: SCRIPT },
  { text: '%PDF', identity: { kind: 'other', format: 'pdf', summary: 'PDF document' } },
];

const WORKING_EXTENSIONS = 'blend max ma mb c4d lxo hip hipnc ztl zpr skp spp sbs sbsar uasset unitypackage mtlx'.split(
  ' ',
);
const CAD_EXTENSIONS =
  'step stp iges igs sldprt sldasm catpart catproduct ipt iam prt x_t x_b jt dwg 3dm ifc brep'.split(' ');

/** What may be run, whatever its bytes look like: a jar is a zip, a script is a text. */
const PROGRAM_EXTENSIONS =
  'exe com scr msi msix dll sys drv jar apk ipa app dmg pkg deb rpm appimage so dylib cpl gadget'.split(' ');
const SCRIPT_EXTENSIONS =
  'bat cmd ps1 psm1 vbs vbe js jse mjs wsf wsh hta sh bash command py pyc pyw rb pl lua reg lnk url inf ms mse mel scpt jsx'.split(
    ' ',
  );
/** Papers that are zips by their bytes. */
const PAPER_EXTENSIONS = 'docx docm xlsx xlsm pptx odt ods odp odg epub kra ora xps'.split(' ');

/** Kinds told by their name alone, because their bytes say nothing. */
const BY_EXTENSION: Record<string, Identity> = {
  bin: { kind: 'buffer', format: 'bin', summary: 'geometry of a glTF' },
  ...Object.fromEntries(
    MODEL_FORMATS.filter(({ isToldByName }) => isToldByName).flatMap((format) =>
      format.extensions.map((extension) => [extension, model(format)]),
    ),
  ),
  ...Object.fromEntries(WORKING_EXTENSIONS.map((one) => [one, WORKING_FILE])),
  ...Object.fromEntries(CAD_EXTENSIONS.map((one) => [one, CAD])),
  ...Object.fromEntries(PROGRAM_EXTENSIONS.map((one) => [one, PROGRAM])),
  ...Object.fromEntries(SCRIPT_EXTENSIONS.map((one) => [one, SCRIPT])),
  ...Object.fromEntries(PAPER_EXTENSIONS.map((one) => [one, PAPER])),
};

/** Texts for people and tables of credits, and files that say whose something is. */
const TEXT_EXTENSIONS = 'txt md rtf html htm xhtml nfo rst csv tsv license licence copyright spdx toml xmp'
  .split(' ')
  .concat('');

/**
 * Tells what a file is.
 * @param path its name, asked only where the bytes say nothing
 * @param head the first 4 KiB or more of it
 */
export function identifyFile(path: string, head: Uint8Array): Identity {
  const extension = /\.([^./]+)$/.exec(path)?.[1].toLowerCase() ?? '';
  const mark = MARKS.find(({ text }) => startsWith(head, text));
  if (mark) return mark.identity.kind === 'archive' ? tellPacked(extension, mark.identity) : mark.identity;
  if (isText(head) && readShortcut(decodeText(head), path))
    return { kind: 'text', format: 'shortcut', summary: 'address of a page' };
  if (/^mht(?:ml)?$/.test(extension) && /^Content-Type:\s*multipart\/related/im.test(decodeText(head)))
    return { kind: 'text', format: 'mhtml', summary: 'saved page' };
  if (PROGRAM_EXTENSIONS.includes(extension) || SCRIPT_EXTENSIONS.includes(extension)) return BY_EXTENSION[extension];
  if (isTar(head, extension)) return archive('tar');
  if (isBzip2(head)) return archive('bz2');
  const picture = identifyPicture(head);
  if (picture && (picture !== 'tga' || extension === 'tga'))
    return { kind: 'picture', format: picture, summary: `${picture.toUpperCase()} picture` };
  if (isText(head)) {
    const text = decodeText(head);
    const told = MODEL_FORMATS.find((format) => format.isText?.(text, extension));
    if (told?.outweighsName) return model(told);
    if (extension in BY_EXTENSION) return BY_EXTENSION[extension];
    if (/^\s*newmtl\s/m.test(text)) return MATERIAL;
    if (told) return model(told);
    if (extension === 'mtl') return MATERIAL;
    if (TEXT_EXTENSIONS.includes(extension) || /^(read.?me|licen[cs]e|copying|credits?)/i.test(baseName(path))) {
      return { kind: 'text', format: 'text', summary: 'text' };
    }
    return { kind: 'other', format: extension || 'text', summary: 'other file' };
  }
  return BY_EXTENSION[extension] ?? { kind: 'other', format: extension || 'unknown', summary: 'unknown kind' };
}

/** A packed scene, a paper, a program may all be zips by their bytes. */
function tellPacked(extension: string, byBytes: Identity): Identity {
  if (extension === 'usdz' && byBytes.format === 'zip') return model(findFormat('usdz')!);
  const byName = BY_EXTENSION[extension];
  return byName && byName.kind !== 'buffer' ? byName : byBytes;
}

/** ustar's mark (POSIX.1-1988), or a name that says so and a checksum that holds. */
function isTar(head: Uint8Array, extension: string): boolean {
  if (head.length < 512) return false;
  if (startsWith(head.subarray(257), 'ustar')) return true;
  if (extension !== 'tar') return false;
  let sum = 0;
  for (let i = 0; i < 512; i++) sum += i >= 148 && i < 156 ? 0x20 : head[i];
  return parseInt(decodeText(head.subarray(148, 156)), 8) === sum;
}

/** `BZh`, the block size, then π in BCD. */
const isBzip2 = (head: Uint8Array): boolean => startsWith(head, 'BZh') && startsWith(head.subarray(4), '1AY&SY');

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

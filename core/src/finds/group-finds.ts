import { fileStem } from '../textures/role-by-name';
import type { FileKind } from './identify';

export interface HeapFile {
  path: string;
  kind: FileKind;
  format: string;
  sizeBytes: number;
}

export const FIND_ROLES = ['model', 'other-format', 'material', 'buffer', 'map', 'text', 'preview'] as const;
export type FindRole = (typeof FIND_ROLES)[number];

/** A model in the heap: what it is made of and why this file was taken as the model. */
export interface ProposedFind {
  name: string;
  model: string;
  files: { path: string; role: FindRole }[];
  reason: string;
}

export interface Grouping {
  finds: ProposedFind[];
  /** Files that belong to no model. */
  aside: { path: string; reason: string }[];
}

/** Which format of the same model is read first: what each can carry. Common practice, no source. */
const FORMAT_RANK: Record<string, { rank: number; why: string }> = {
  glb: { rank: 0, why: 'GLB carries physically based materials and its maps inside' },
  gltf: { rank: 1, why: 'glTF carries physically based materials' },
  fbx: { rank: 2, why: 'FBX carries polygons, its unit, bones and clips' },
  dae: { rank: 3, why: 'COLLADA carries polygons, its unit, bones and clips' },
  usd: { rank: 4, why: 'USD carries polygons, its unit and physically based materials' },
  usdz: { rank: 5, why: 'USDZ carries its maps inside' },
  obj: { rank: 6, why: 'OBJ carries polygons and smoothing' },
  '3ds': { rank: 7, why: '3DS carries materials and smoothing' },
  ply: { rank: 8, why: 'PLY carries polygons and colours' },
  stl: { rank: 10, why: 'STL carries bare triangles' },
};
const CONVERTED_RANK = { rank: 9, why: 'it has to be converted' };
const rankOf = (format: string): { rank: number; why: string } => FORMAT_RANK[format] ?? CONVERTED_RANK;

const PREVIEW = /(preview|thumb(nail)?|render|screenshot|turntable|wireframe)/i;

const folderOf = (path: string): string => (path.includes('/') ? path.slice(0, path.lastIndexOf('/') + 1) : '');
const plainStem = (path: string): string =>
  fileStem(path)
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '');

/** Makes finds of a heap: one a model, the same model in other formats with it, maps, texts and previews to all they belong to. */
export function groupFinds(files: readonly HeapFile[]): Grouping {
  const byStem = new Map<string, HeapFile[]>();
  for (const file of files) {
    if (file.kind !== 'model') continue;
    const stem = plainStem(file.path) || file.path;
    byStem.set(stem, [...(byStem.get(stem) ?? []), file]);
  }
  const groups = [...byStem.values()].flatMap(splitSameFormat);
  const used = new Set<string>();
  const finds = groups.map((group) => {
    const find = createFind(group, files, groups.length);
    find.files.forEach((file) => used.add(file.path));
    return find;
  });
  const aside = files
    .filter((file) => !used.has(file.path))
    .map((file) => ({ path: file.path, reason: asideReason(file, finds.length) }));
  return { finds, aside };
}

/** Two files of one stem and one format in different folders are two models. */
function splitSameFormat(group: HeapFile[]): HeapFile[][] {
  const formats = new Set(group.map((file) => file.format));
  return formats.size === group.length ? [group] : group.map((file) => [file]);
}

function createFind(group: HeapFile[], files: readonly HeapFile[], groupCount: number): ProposedFind {
  const ranked = [...group].sort((a, b) => rankOf(a.format).rank - rankOf(b.format).rank);
  const [model, ...others] = ranked;
  const find: ProposedFind = {
    name: readableName(model.path),
    model: model.path,
    files: [
      { path: model.path, role: 'model' },
      ...others.map((file) => ({ path: file.path, role: 'other-format' as const })),
    ],
    reason:
      others.length > 0
        ? `${rankOf(model.format).why}; kept beside it: ${others.map((file) => file.format.toUpperCase()).join(', ')}`
        : '',
  };
  for (const file of files) {
    const role = roleOf(file, model, groupCount);
    if (role) find.files.push({ path: file.path, role });
  }
  return find;
}

function roleOf(file: HeapFile, model: HeapFile, groupCount: number): FindRole | null {
  const alone = groupCount === 1;
  const near = alone || sharesTop(file.path, model.path);
  if (file.kind === 'text') return near || folderOf(file.path) === '' ? 'text' : null;
  if (!near) return null;
  const sameStem = plainStem(file.path) === plainStem(model.path);
  switch (file.kind) {
    case 'material':
      return alone || sameStem || folderOf(file.path) === folderOf(model.path) ? 'material' : null;
    case 'buffer':
      return model.format === 'gltf' ? 'buffer' : null;
    case 'picture':
      return PREVIEW.test(fileStem(file.path)) ? 'preview' : 'map';
    default:
      return null;
  }
}

/** In a heap of many models a file is near one that lies in the same top folder, or in no folder at all. */
function sharesTop(a: string, b: string): boolean {
  const top = (path: string): string => (path.includes('/') ? path.slice(0, path.indexOf('/')) : '');
  return top(a) === top(b) || top(a) === '' || top(b) === '' || /^(maps?|textures?|tex)$/i.test(top(a));
}

function asideReason(file: HeapFile, finds: number): string {
  if (file.kind === 'program') return 'a program, never opened';
  if (file.format === 'working-file')
    return 'a working file only its own program opens; ask the source for glTF, FBX or OBJ made from it';
  if (file.format === 'cad') return 'a CAD file; ask the source for a mesh, glTF or OBJ, and its unit';
  if (file.kind === 'closed') return 'kept; it cannot be opened yet';
  if (file.kind === 'archive') return 'opened; its files are listed on their own';
  return finds === 0 ? 'no model came with it' : 'belongs to no model';
}

/** `lamp_v2_FINAL(1).obj` → `Lamp v2 FINAL (1)`: a name to start from, not to keep. */
export function readableName(path: string): string {
  const words = fileStem(path)
    .replace(/[_\-.]+/g, ' ')
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .replace(/\s+/g, ' ')
    .trim();
  return words === '' ? 'Unnamed' : words[0].toUpperCase() + words.slice(1);
}

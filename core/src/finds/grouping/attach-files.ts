import { locateReference } from '../../textures/locate';
import { fileStem } from '../../textures/judging/read-map-name';
import type { Choice } from './choose-model';
import { folderOf, type FindRole, type HeapFile } from '../heap-file';
import { parseMapName, type MapName } from '../names/map-name';
import type { ModelGroup } from './model-groups';
import { PHOTO_FOLDERS, PREVIEW_WORDS, TEXT_WORDS, type WordRule } from '../names/name-words';
import { tokensOf } from '../names/parse-path';

/** A find in the making. */
export interface Draft {
  group: ModelGroup;
  choice: Choice;
  files: Map<string, FindRole>;
  /** Pictures given to it though nothing names it. */
  guessed: string[];
}

/** Files of a heap by what they may be to a find. */
interface Heap {
  files: readonly HeapFile[];
  drafts: readonly Draft[];
  byPath: ReadonlyMap<string, HeapFile>;
  /** Finds with a model file below each folder. */
  byFolder: ReadonlyMap<string, readonly Draft[]>;
  /** Where a reference made in a folder leads. */
  locate(mention: string, from: string): HeapFile | null;
  extra: readonly WordRule[];
}

/** Gives every find what belongs to it beside its model files: what they name, what is called like them, what lies with them. */
export function attachFiles(drafts: readonly Draft[], files: readonly HeapFile[], extra: readonly WordRule[]): void {
  const heap = createHeap(drafts, files, extra);
  for (const draft of drafts) attachMentioned(draft, heap);
  for (const file of files) {
    if (file.kind === 'material') attachMaterial(file, heap);
    else if (file.kind === 'buffer') attachBuffer(file, heap);
    else if (file.kind === 'text') attachText(file, heap);
  }
  for (const draft of drafts) attachMentioned(draft, heap);
  attachPictures(heap);
}

function createHeap(drafts: readonly Draft[], files: readonly HeapFile[], extra: readonly WordRule[]): Heap {
  const paths = files.map(({ path }) => path);
  const byPath = new Map(files.map((file) => [file.path, file]));
  const known = new Map<string, HeapFile | null>();
  return {
    files,
    drafts,
    extra,
    byPath,
    byFolder: indexByFolder(drafts),
    locate(mention, from) {
      const key = `${folderOf(from)}|${mention}`;
      const before = known.get(key);
      if (before !== undefined) return before;
      const [location] = locateReference(mention, from, paths);
      const file = (location && byPath.get(location.path)) ?? null;
      known.set(key, file);
      return file;
    },
  };
}

function indexByFolder(drafts: readonly Draft[]): Map<string, Draft[]> {
  const byFolder = new Map<string, Draft[]>();
  for (const draft of drafts)
    for (const path of modelPaths(draft))
      for (let folder = folderOf(path); ; folder = folderOf(folder.slice(0, -1))) {
        const inside = byFolder.get(folder) ?? [];
        if (inside[inside.length - 1] !== draft) inside.push(draft);
        byFolder.set(folder, inside);
        if (folder === '') break;
      }
  return byFolder;
}

const KIND_ROLES: Partial<Record<HeapFile['kind'], FindRole>> = {
  material: 'material',
  buffer: 'buffer',
  picture: 'map',
};

/** Made of other models, which are read with it and are finds of their own besides. */
const isScene = ({ format }: HeapFile): boolean => format === 'lws' || format === 'irr';

/** What its model and material files name. What only another resolution names belongs to that resolution. */
function attachMentioned(draft: Draft, { byPath, locate }: Heap): void {
  const sources = [...draft.files.keys()].flatMap((path) => byPath.get(path) ?? []);
  const byRole = (role: FindRole, isIt: boolean) =>
    sources.filter(({ path }) => (draft.files.get(path) === role) === isIt);
  for (const source of [...byRole('other-resolution', false), ...byRole('other-resolution', true)]) {
    for (const mention of source.inside?.mentions ?? []) {
      const file = locate(mention, source.path);
      const role = file && (isScene(source) && file.kind === 'model' ? 'buffer' : KIND_ROLES[file.kind]);
      if (!file || !role || draft.files.has(file.path)) continue;
      draft.files.set(file.path, draft.files.get(source.path) === 'other-resolution' ? 'other-resolution' : role);
    }
  }
}

const isTaken = ({ path }: HeapFile, drafts: readonly Draft[]): boolean =>
  drafts.some((draft) => draft.files.has(path));

/** A material file nobody names goes with the models of its name, else with those in its folder. */
function attachMaterial(file: HeapFile, { drafts }: Heap): void {
  if (isTaken(file, drafts)) return;
  const inFolder = drafts.filter((draft) =>
    [...draft.files.keys()].some((path) => folderOf(path) === folderOf(file.path)),
  );
  const named = inFolder.filter((draft) => modelPaths(draft).some((path) => stemOf(path) === stemOf(file.path)));
  for (const draft of named.length > 0 ? named : inFolder.length > 0 ? inFolder : drafts.length === 1 ? drafts : [])
    draft.files.set(file.path, 'material');
}

function attachBuffer(file: HeapFile, { drafts }: Heap): void {
  if (isTaken(file, drafts)) return;
  for (const draft of drafts)
    if (
      draft.group.members.some(
        ({ file: model }) => model.format === 'gltf' && folderOf(model.path) === folderOf(file.path),
      )
    )
      draft.files.set(file.path, 'buffer');
}

const stemOf = (path: string): string => fileStem(path).toLowerCase();
const modelPaths = (draft: Draft): string[] => draft.group.members.map(({ file }) => file.path);

/** The finds a file lies with: those below the nearest folder around it that holds any. */
function listAround(path: string, { byFolder }: Heap): readonly Draft[] {
  for (let folder = folderOf(path); ; folder = folderOf(folder.slice(0, -1))) {
    const inside = byFolder.get(folder) ?? [];
    if (inside.length > 0 || folder === '') return inside;
  }
}

/** A text named as one of several things is about that one, else about everything around it. */
function attachText(file: HeapFile, heap: Heap): void {
  const around = listAround(file.path, heap);
  const words = tokensOf(fileStem(file.path)).filter((token) => !TEXT_WORDS.includes(token));
  const named = around.filter((draft) => words.length > 0 && draft.group.subject.join(' ') === words.join(' '));
  for (const draft of named.length > 0 ? named : around) draft.files.set(file.path, 'text');
}

function attachPictures(heap: Heap): void {
  const { files, drafts, extra } = heap;
  const pictures = files.filter(({ kind }) => kind === 'picture');
  const names = new Map(pictures.map((file) => [file, parseMapName(file.path, extra)]));
  const taken = new Set(drafts.flatMap((draft) => [...draft.files.keys()]));
  const left = pictures.filter(({ path }) => !taken.has(path));
  const sisters = indexSisters(names, drafts);
  const bySubject = indexBySubject(drafts);
  for (const file of left) {
    const name = names.get(file)!;
    if (isPreview(file, name, drafts)) attachPreview(file, name, heap);
    else if (!isEnvironment(file, name) || listNamed(name, bySubject).length > 0)
      attachMap(file, name, { sisters, bySubject }, heap);
  }
}

/** A high-range picture without a role in its name lights a scene; it is no map of the model. */
const isEnvironment = ({ format }: HeapFile, { slot }: MapName): boolean =>
  slot === null && (format === 'hdr' || format === 'exr');

function isPreview({ path }: HeapFile, { slot, subject, parsed }: MapName, drafts: readonly Draft[]): boolean {
  if (parsed.strong.some(({ kind }) => kind === 'preview')) return true;
  const words = [...tokensOf(fileStem(path)), ...folderOf(path).split('/').flatMap(tokensOf)];
  if (words.some((word) => PREVIEW_WORDS.includes(word))) return true;
  const folder = folderOf(path).split('/').slice(-2)[0]?.toLowerCase() ?? '';
  if (slot !== null || !PHOTO_FOLDERS.includes(folder)) return false;
  const isOwnFolder = !drafts.some((draft) => modelPaths(draft).some((model) => model.startsWith(folderOf(path))));
  return (
    isOwnFolder &&
    (folder !== 'images' ||
      !subject.some((word) => drafts.some((draft) => draft.group.subject.includes(word))) ||
      /photo|img|image/.test(stemOf(path)))
  );
}

function attachPreview(file: HeapFile, { parsed, subject }: MapName, heap: Heap): void {
  const words = [...parsed.subject, ...subject].filter((word) => !PREVIEW_WORDS.includes(word));
  const around = listAround(file.path, heap);
  const named = around.filter(
    (draft) => draft.group.subject.length > 0 && draft.group.subject.every((word) => words.includes(word)),
  );
  const best = Math.max(...named.map((draft) => draft.group.subject.length));
  const chosen =
    named.length > 0 && around.length > 1 ? named.filter((draft) => draft.group.subject.length === best) : around;
  for (const draft of chosen) draft.files.set(file.path, 'preview');
}

/** What is looked up for every picture. */
interface MapIndex {
  sisters: ReadonlyMap<string, readonly Draft[]>;
  bySubject: ReadonlyMap<string, readonly Draft[]>;
}

/** By its name, else as its sisters of the same subject, else to all it lies with. */
function attachMap(file: HeapFile, name: MapName, index: MapIndex, heap: Heap): void {
  const around = listAround(file.path, heap);
  const sisters = around.length > 1 ? listSisters(file, name, index.sisters) : [];
  const named = around.length > 1 ? listNamed(name, index.bySubject).filter((draft) => around.includes(draft)) : [];
  if (
    named.length === 0 &&
    sisters.length === 0 &&
    around.length > 1 &&
    name.slot === null &&
    !hasMapFolder(file.path) &&
    !areRelated(around)
  )
    return;
  const alike = listAlike(name, around);
  const chosen = [named, sisters, alike].find((some) => some.length > 0) ?? around;
  for (const draft of chosen) {
    draft.files.set(file.path, 'map');
    if (chosen === around && around.length > 1) draft.guessed.push(file.path);
  }
}

const hasMapFolder = (path: string): boolean => /(^|\/)(maps?|tex(ture)?s?)\//i.test(path);

/** Things that lie in one folder, or in sister folders, may share what lies there. */
const areRelated = (drafts: readonly Draft[]): boolean =>
  new Set(drafts.map(({ choice }) => folderOf(choice.model.file.path))).size === 1;

function indexBySubject(drafts: readonly Draft[]): Map<string, Draft[]> {
  const bySubject = new Map<string, Draft[]>();
  for (const draft of drafts) {
    const key = draft.group.subject.join(' ');
    if (key !== '') bySubject.set(key, [...(bySubject.get(key) ?? []), draft]);
  }
  return bySubject;
}

/** Finds whose whole name stands at the beginning of the map's; the longest such name. */
function listNamed({ subject }: MapName, bySubject: MapIndex['bySubject']): readonly Draft[] {
  for (let length = subject.length; length > 0; length--) {
    const named = bySubject.get(subject.slice(0, length).join(' '));
    if (named) return named;
  }
  return [];
}

/** Finds whose names all begin as the map's is: `door` for a left and a right door. */
const listAlike = ({ subject }: MapName, drafts: readonly Draft[]): Draft[] =>
  subject.length === 0 ? [] : drafts.filter((draft) => subject.every((word, i) => draft.group.subject[i] === word));

const sisterKey = (path: string, subject: readonly string[]): string => `${folderOf(path)}|${subject.join(' ')}`;

/** Finds by the folder and subject of the maps they name. */
function indexSisters(names: ReadonlyMap<HeapFile, MapName>, drafts: readonly Draft[]): Map<string, Draft[]> {
  const users = new Map<string, Draft[]>();
  for (const draft of drafts)
    for (const [path, role] of draft.files) if (role === 'map') users.set(path, [...(users.get(path) ?? []), draft]);
  const sisters = new Map<string, Draft[]>();
  for (const [{ path }, { subject }] of names)
    if (subject.length > 0 && users.has(path)) {
      const key = sisterKey(path, subject);
      sisters.set(key, [...new Set([...(sisters.get(key) ?? []), ...users.get(path)!])]);
    }
  return sisters;
}

/** Finds that use a map of the same subject in the same folder. */
const listSisters = ({ path }: HeapFile, { subject }: MapName, sisters: MapIndex['sisters']): readonly Draft[] =>
  sisters.get(sisterKey(path, subject)) ?? [];

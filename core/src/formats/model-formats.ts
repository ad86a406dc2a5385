import type { HandOverFormat } from '@haveld/contract/hand-over-shape';
import { peekCollada } from './collada/peek';
import { peekFbx } from './fbx/peek';
import { peekGlb, peekGltf } from './gltf/peek';
import type { Inside } from './inside';
import { peekObj } from './obj/peek';
import type { Reading, ReadingContext } from './reading';
import { sceneReferencePeek } from './scene-references';
import { peekVrml } from './vrml/peek';

export type Reader = (path: string, context: ReadingContext) => Promise<Reading>;

/** What Haveld knows of a format of models. */
export interface ModelFormat {
  id: string;
  /** As people say it. */
  name: string;
  /** File name endings, lower case. */
  extensions: readonly string[];
  /** Marks at a file's head, from the format's specification. */
  signatures?: readonly string[];
  /** Its name alone tells it, where its bytes say nothing. */
  isToldByName?: boolean;
  /** Tells it by its text, where it has no mark. */
  isText?: (text: string, extension: string) => boolean;
  /** Its text tells it whatever it is called. */
  outweighsName?: boolean;
  /** Of the same model in several formats the lowest is read first, by what each can carry. Common practice, no source. */
  rank: number;
  /** What is said for choosing it. */
  carries: string;
  /** Looks into a file without reading its geometry. What cannot be understood says nothing. */
  peek?: (bytes: Uint8Array) => Inside;
  /** What it names stands at its head. */
  peeksAtHead?: boolean;
  /** Loaded when a file asks for it. */
  loadReader: () => Promise<Reader>;
  /** What a hand-over in it is called; left out where none is written. */
  handedOverAs?: HandOverFormat;
}

const readGltf = (): Promise<Reader> => import('./gltf/read').then((module) => module.readGltf);
const readUsd = (): Promise<Reader> => import('./usd/read').then((module) => module.readUsd);
const readConverted = (): Promise<Reader> => import('./read-converted').then((module) => module.readConverted);

/**
 * Formats that are read through a converter in a process of its own. Polygons become triangles on that way, and units and up
 * axes are lost where the format has any.
 */
const CONVERTED =
  'x lwo ac acc ac3d ms3d md2 md3 md5mesh mdl b3d ase ask off nff iqm smd cob scn q3o q3s irrmesh irr ogex xgl zgl amf 3mf x3d lws raw dxf hmp';

/** Every format a model is read from: a row is all that a new one needs beside its reader. */
export const MODEL_FORMATS: readonly ModelFormat[] = [
  {
    id: 'glb',
    name: 'GLB',
    extensions: ['glb'],
    signatures: ['glTF'],
    rank: 0,
    carries: 'physically based materials and its maps inside',
    peek: peekGlb,
    loadReader: readGltf,
    handedOverAs: 'glb',
  },
  {
    id: 'gltf',
    name: 'glTF',
    extensions: ['gltf'],
    isText: (text, extension) => /^\s*\{/.test(text) && (/"asset"\s*:/.test(text) || extension === 'gltf'),
    outweighsName: true,
    rank: 1,
    carries: 'physically based materials',
    peek: peekGltf,
    loadReader: readGltf,
    handedOverAs: 'gltf',
  },
  {
    id: 'fbx',
    name: 'FBX',
    extensions: ['fbx'],
    isToldByName: true,
    signatures: ['Kaydara FBX Binary', '; FBX'],
    rank: 2,
    carries: 'polygons, its unit, joints and clips',
    peek: peekFbx,
    loadReader: () => import('./fbx/read').then((module) => module.readFbx),
  },
  {
    id: 'dae',
    name: 'COLLADA',
    extensions: ['dae'],
    isToldByName: true,
    isText: (text) => /<COLLADA[\s>]/.test(text),
    rank: 3,
    carries: 'polygons, its unit, joints and clips',
    peek: peekCollada,
    loadReader: () => import('./collada/read').then((module) => module.readCollada),
  },
  {
    id: 'usd',
    name: 'USD',
    extensions: ['usd', 'usda', 'usdc'],
    isToldByName: true,
    signatures: ['#usda', 'PXR-USDC'],
    rank: 4,
    carries: 'polygons, its unit and physically based materials',
    loadReader: readUsd,
  },
  { id: 'usdz', name: 'USDZ', extensions: ['usdz'], rank: 5, carries: 'its maps inside', loadReader: readUsd },
  {
    id: 'obj',
    name: 'OBJ',
    extensions: ['obj'],
    isText: (text, extension) =>
      extension === 'obj' || (/^\s*(v|f|mtllib|usemtl)\s+\S/m.test(text) && /^\s*v\s+[-+.\d]/m.test(text)),
    rank: 6,
    carries: 'polygons and smoothing',
    peek: peekObj,
    peeksAtHead: true,
    loadReader: () => import('./obj/read').then((module) => module.readObj),
    handedOverAs: 'obj',
  },
  {
    id: '3ds',
    name: '3DS',
    extensions: ['3ds'],
    isToldByName: true,
    rank: 7,
    carries: 'materials and smoothing',
    loadReader: () => import('./3ds/read').then((module) => module.read3ds),
  },
  {
    id: 'ply',
    name: 'PLY',
    extensions: ['ply'],
    isToldByName: true,
    signatures: ['ply\n', 'ply\r'],
    rank: 8,
    carries: 'polygons and colours',
    loadReader: () => import('./ply/read').then((module) => module.readPly),
  },
  {
    id: 'wrl',
    name: 'VRML',
    extensions: ['wrl', 'vrml'],
    isToldByName: true,
    signatures: ['#VRML V'],
    rank: 9,
    carries: 'polygons, materials and metres',
    peek: peekVrml,
    loadReader: () => import('./vrml/read').then((module) => module.readVrml),
  },
  {
    id: 'stl',
    name: 'STL',
    extensions: ['stl'],
    isToldByName: true,
    isText: (text) => /^\s*solid\b[\s\S]*\bfacet\s+normal\b/i.test(text),
    rank: 11,
    carries: 'bare triangles',
    loadReader: () => import('./stl/read').then((module) => module.readStl),
  },
  ...CONVERTED.split(' ').map((id): ModelFormat => ({
    id,
    name: id.toUpperCase(),
    extensions: [id],
    isToldByName: true,
    rank: 10,
    carries: 'what could be read',
    peek: sceneReferencePeek(id),
    loadReader: readConverted,
  })),
];

const BY_ID = new Map(MODEL_FORMATS.map((format) => [format.id, format]));
const BY_EXTENSION = new Map(
  MODEL_FORMATS.flatMap((format) => format.extensions.map((extension) => [extension, format])),
);

/** @returns the format of this id, or undefined where it is none of models */
export const findFormat = (id: string): ModelFormat | undefined => BY_ID.get(id);

/** @returns the format files of this ending are in by their name. @param extension lower case, without the dot */
export const findFormatByExtension = (extension: string): ModelFormat | undefined => BY_EXTENSION.get(extension);

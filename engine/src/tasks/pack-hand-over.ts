import type { Document } from '@gltf-transform/core';
import type { MapFile, HandOverFormat } from '@haveld/contract/hand-over-shape';
import type { HouseRules } from '@haveld/contract/house-rules';
import type { CheckLine, Figures } from '@haveld/contract/report';
import { composeCredits, type Credit } from '@haveld/core/rights/credits';
import { PART_WORDS } from '@haveld/core/rights/judge-use';
import { writeSidecar } from '@haveld/core/rights/reuse-sidecar';
import { readGlb } from '@haveld/core/scene/document/document-io';
import { computeFigures } from '@haveld/core/scene/measures/figures';
import { reduceInfluences } from '@haveld/core/scene/meshes/reduce-influences';
import { countLevels } from '@haveld/core/structure/levels/show-level';
import { count } from '@haveld/core/text/count';
import { reduceTextures, rewriteTextures } from '@haveld/core/textures/materials/rewrite-textures';
import { nameMaps } from '@haveld/core/textures/name-maps';
import { requireHolding } from '../hand-over/check-written';
import { packGlb, packGltf } from '../hand-over/pack-gltf';
import { packObj } from '../hand-over/pack-obj';
import { zipFiles } from '../hand-over/packed-file';
import { sharpCodec } from '../pictures/sharp-codec';
import type { TaskContext } from './task';

export interface PackInput {
  modelSha256: string;
  /** File name without extension. */
  name: string;
  accession: string;
  versionNumber: number;
  format: HandOverFormat;
  maps: MapFile;
  /** The work itself first, then others in it. */
  credits: Credit[];
  /** Text of each licence it stands under, by identifier. */
  licences: { id: string; text: string }[];
  /** Its name stands as holder where the work is the house's own. */
  rules: HouseRules;
  intendedUse: string;
}

export interface PackResult {
  zipSha256: string;
  sizeBytes: number;
  checks: CheckLine[];
}

/** Packs a version for a project: the model, its maps, licence, credits, and what reading it back found. */
export async function packHandOver(input: PackInput, { store, progress }: TaskContext): Promise<PackResult> {
  const bytes = await store.get(input.modelSha256);
  const document = await readGlb(bytes);
  // what is kept in the library in full goes out as every engine reads it
  const influences = reduceInfluences(document);
  nameMaps(document, input.name, input.rules.mapName);
  const maps = await writeMaps(document, input.maps, input.rules.handedOverMapSide);
  const expected = computeFigures(document);
  const levels = countLevels(document);
  progress(1, 4, 'stage');
  const { files, checks, renamed = [] } = await PACKERS[input.format](document, expected, input.name, input.credits);
  progress(2, 4, 'stage');
  requireHolding(checks, `The written ${input.format.toUpperCase()}`);
  const readBack = {
    accession: input.accession,
    version: input.versionNumber,
    model: `${input.name}.${input.format}`,
    intendedUse: input.intendedUse,
    ...(influences > 4 ? { influences: `4 of up to ${influences} a vertex, the heaviest` } : {}),
    ...(maps ? { maps } : {}),
    ...(renamed.length > 0 ? { names: describeRenamed(renamed) } : {}),
    ...(input.format === 'obj' ? describeStaying(expected) : {}),
    ...(levels > 0 ? { levels: describeLevels(levels, input.format) } : {}),
    checks,
  };
  const text = (content: string): Uint8Array => new TextEncoder().encode(content);
  files.push(
    // each file says whose it is beside it, and the texts lie where REUSE 3.2 looks for them
    ...files.map((file) => ({
      path: `${file.path}.license`,
      bytes: text(writeSidecar(creditsOf(file.path, input.credits), input.rules.houseName)),
    })),
    { path: 'CREDITS.txt', bytes: text(`${composeCredits(input.credits)}\n`) },
    ...input.licences.map((licence) => ({ path: `LICENSES/${licence.id}.txt`, bytes: text(licence.text) })),
    { path: 'READ-BACK.json', bytes: text(`${JSON.stringify(readBack, null, 2)}\n`) },
  );
  const packed = await zipFiles(files.map((file) => ({ ...file, path: `${input.name}/${file.path}` })));
  progress(3, 4, 'stage');
  const stored = await store.put(packed);
  return { zipSha256: stored.sha256, sizeBytes: stored.sizeBytes, checks };
}

const PACKERS = { glb: packGlb, gltf: packGltf, obj: packObj };

/** @returns what was done to the maps, in a sentence; null where nothing was */
async function writeMaps(document: Document, file: MapFile, side: number): Promise<string | null> {
  const { reduced, converted, kept } =
    file === 'as-they-are'
      ? { reduced: await reduceTextures(document, side, sharpCodec), converted: 0, kept: [] }
      : await rewriteTextures(document, side, file, sharpCodec);
  const format = file.toUpperCase();
  const said = [
    ...(reduced > 0 ? [`${reduced} reduced to ${side} texels a side, as the house hands over`] : []),
    ...(converted > 0 ? [`${converted} written as ${format}`] : []),
    ...(kept.length > 0 ? [`${kept.join(', ')} as PNG, for ${format} cannot hold what is in there`] : []),
  ];
  return said.length > 0 ? said.join('; ') : null;
}

/** So many are named; of more the rest is counted. */
const MOST_NAMED = 40;

const describeRenamed = (renamed: readonly { from: string; to: string }[]): string[] => [
  ...renamed.slice(0, MOST_NAMED).map(({ from, to }) => `“${from}” is written ${to}`),
  ...(renamed.length > MOST_NAMED ? [`and ${renamed.length - MOST_NAMED} more`] : []),
];

/** What OBJ has no word for, by what the document shows. */
function describeStaying({ cameras, lights, clips, joints }: Figures): { staysBehind?: string } {
  const list = [
    ...(lights > 0 ? [count(lights, 'light')] : []),
    ...(cameras > 0 ? [count(cameras, 'camera')] : []),
    ...(clips > 0 ? [count(clips, 'clip')] : []),
    ...(joints > 0 ? [count(joints, 'joint')] : []),
  ];
  return list.length > 0 ? { staysBehind: `${list.join(', ')}: OBJ holds shapes and materials alone` } : {};
}

const describeLevels = (coarser: number, format: HandOverFormat): string =>
  format === 'obj'
    ? `the finest of ${coarser + 1}, for OBJ holds one`
    : `${coarser} coarser beside the finest, by MSFT_lod`;

/** Maps by another hand stand under their own line alone. */
function creditsOf(path: string, credits: readonly Credit[]): readonly Credit[] {
  const ofMaps = path.startsWith('maps/') ? credits.filter(({ part }) => part === PART_WORDS.maps) : [];
  return ofMaps.length > 0 ? ofMaps : credits;
}

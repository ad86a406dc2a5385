import { once } from 'node:events';
import { ZipFile } from 'yazl';
import type { CheckLine, Figures } from '@haveld/contract/report';
import type { Document } from '@gltf-transform/core';
import { readModel } from '@haveld/core/formats/read-model';
import type { FileSource } from '@haveld/core/formats/reading';
import { writeObj } from '@haveld/core/formats/obj/write';
import { compareFigures } from '@haveld/core/scene/compare-figures';
import { readGlb, writeGlb } from '@haveld/core/scene/document-io';
import { HaveldPolygons } from '@haveld/core/scene/polygon-data';
import { computeFigures } from '@haveld/core/scene/figures';
import { reduceInfluences } from '@haveld/core/scene/reduce-influences';
import { removeSourceData } from '@haveld/core/scene/source-data';
import { composeCredit, type Credit } from '@haveld/core/rights/credits';
import { PART_WORDS } from '@haveld/core/rights/judge-use';
import { writeSidecar } from '@haveld/core/rights/reuse-sidecar';
import { writeCreditsInto } from '@haveld/core/rights/write-xmp';
import { reduceTextures } from '@haveld/core/textures/reduce-textures';
import { HOUSE_RULES } from '@haveld/contract/house-rules';
import { sharpCodec } from '../pictures/sharp-codec';
import { createReadingContext } from '../reading-context';
import { checkWritten, requireHolding } from './make-version';
import type { TaskContext } from './task';

export interface PackInput {
  modelSha256: string;
  /** File name without extension. */
  name: string;
  accession: string;
  versionNumber: number;
  format: 'glb' | 'obj';
  /** The work itself first, then others in it. */
  credits: Credit[];
  /** Text of each licence it stands under, by identifier. */
  licences: { id: string; text: string }[];
  /** Stands as holder where the work is the house's own. */
  house: string;
  intendedUse: string;
}

export interface PackResult {
  zipSha256: string;
  sizeBytes: number;
  checks: CheckLine[];
}

interface PackedFile {
  path: string;
  bytes: Uint8Array;
}

/** Zip entries carry one fixed time, so the same version packs to the same bytes. */
const ENTRY_TIME = new Date(Date.UTC(1990, 0, 1));

/** Packs a version for a project: the model, its maps, licence, credits, and what reading it back found. */
export async function packHandOver(input: PackInput, { store, progress }: TaskContext): Promise<PackResult> {
  const bytes = await store.get(input.modelSha256);
  const document = await readGlb(bytes);
  // what is kept in the library in full goes out as every engine reads it
  const influences = reduceInfluences(document);
  const reduced = await reduceTextures(document, HOUSE_RULES.handedOverMapSide, sharpCodec);
  const expected = computeFigures(document);
  progress(1, 4, 'stage');
  const { files, checks } =
    input.format === 'glb' ? await packGlb(document, expected, input) : await packObj(document, expected, input);
  progress(2, 4, 'stage');
  requireHolding(checks, `The written ${input.format.toUpperCase()}`);
  const readBack = {
    accession: input.accession,
    version: input.versionNumber,
    model: `${input.name}.${input.format}`,
    intendedUse: input.intendedUse,
    ...(influences > 4 ? { influences: `4 of up to ${influences} a vertex, the heaviest` } : {}),
    ...(reduced > 0
      ? { maps: `${reduced} reduced to ${HOUSE_RULES.handedOverMapSide} texels a side, as the house hands over` }
      : {}),
    checks,
  };
  const text = (content: string): Uint8Array => new TextEncoder().encode(content);
  files.push(
    // each file says whose it is beside it, and the texts lie where REUSE 3.2 looks for them
    ...files.map((file) => ({
      path: `${file.path}.license`,
      bytes: text(writeSidecar(creditsOf(file.path, input.credits), input.house)),
    })),
    { path: 'CREDITS.txt', bytes: text(`${input.credits.map((credit) => composeCredit(credit)).join('\n')}\n`) },
    ...input.licences.map((licence) => ({ path: `LICENSES/${licence.id}.txt`, bytes: text(licence.text) })),
    { path: 'READ-BACK.json', bytes: text(`${JSON.stringify(readBack, null, 2)}\n`) },
  );
  const packed = await zipFiles(files.map((file) => ({ ...file, path: `${input.name}/${file.path}` })));
  progress(3, 4, 'stage');
  const stored = await store.put(packed);
  return { zipSha256: stored.sha256, sizeBytes: stored.sizeBytes, checks };
}

/** Maps by another hand stand under their own line alone. */
function creditsOf(path: string, credits: readonly Credit[]): readonly Credit[] {
  const ofMaps = path.startsWith('maps/') ? credits.filter(({ part }) => part === PART_WORDS.maps) : [];
  return ofMaps.length > 0 ? ofMaps : credits;
}

async function packGlb(
  document: Document,
  expected: Figures,
  { name, credits }: PackInput,
): Promise<{ files: PackedFile[]; checks: CheckLine[] }> {
  removeSourceData(document);
  // polygons are kept in the library's own extension, which nobody else reads
  const polygons = document
    .getRoot()
    .listExtensionsUsed()
    .find((extension) => extension instanceof HaveldPolygons);
  polygons?.dispose();
  writeCreditsInto(document, credits);
  for (const accessor of document.getRoot().listAccessors()) {
    if (accessor.listParents().every((parent) => parent.propertyType === 'Root' || parent.propertyType === 'Buffer'))
      accessor.dispose();
  }
  const bytes = await writeGlb(document);
  return {
    files: [{ path: `${name}.glb`, bytes }],
    checks: await checkWritten(bytes, { ...expected, polygons: expected.triangles, mapsMissing: 0 }),
  };
}

async function packObj(
  document: Document,
  expected: Figures,
  { name, credits }: PackInput,
): Promise<{ files: PackedFile[]; checks: CheckLine[] }> {
  const written = writeObj(
    document,
    name,
    credits.map((credit) => composeCredit(credit)),
  );
  const encoder = new TextEncoder();
  const files: PackedFile[] = [
    { path: `${name}.obj`, bytes: encoder.encode(written.obj) },
    { path: `${name}.mtl`, bytes: encoder.encode(written.mtl) },
    ...written.maps,
  ];
  const byPath = new Map(files.map((file) => [file.path, file.bytes]));
  const source: FileSource = {
    paths: [...byPath.keys()],
    read: (path) => Promise.resolve(byPath.get(path)!),
    hash: (path) => path,
  };
  const { document: again } = await readModel(`${name}.obj`, createReadingContext(source));
  const found = computeFigures(again);
  const described = new Set(
    written.maps
      .filter((map) => written.mtl.includes(` ${map.path}`) && !written.mtl.includes(`: ${map.path}`))
      .map((map) => map.path),
  ).size;
  return {
    files,
    checks: compareFigures({ ...expected, materials: countUsedMaterials(document), maps: described }, found),
  };
}

function countUsedMaterials(document: Document): number {
  const used = new Set<unknown>();
  for (const mesh of document.getRoot().listMeshes())
    for (const primitive of mesh.listPrimitives()) used.add(primitive.getMaterial());
  return used.size;
}

async function zipFiles(files: readonly PackedFile[]): Promise<Buffer> {
  const zip = new ZipFile();
  for (const { path, bytes } of files)
    zip.addBuffer(Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength), path, {
      mtime: ENTRY_TIME,
      mode: 0o100644,
    });
  zip.end();
  const chunks: Buffer[] = [];
  zip.outputStream.on('data', (chunk: Buffer) => chunks.push(chunk));
  await once(zip.outputStream, 'end');
  return Buffer.concat(chunks);
}

import type { Document } from '@gltf-transform/core';
import type { Figures } from '@haveld/contract/report';
import type { Credit } from '@haveld/core/rights/credits';
import { writeCreditsInto } from '@haveld/core/rights/write-xmp';
import { compareFigures } from '@haveld/core/scene/measures/compare-figures';
import { writeGlb, writeGltf } from '@haveld/core/scene/document/document-io';
import { computeFigures } from '@haveld/core/scene/measures/figures';
import { HaveldPolygons } from '@haveld/core/scene/document/polygon-data';
import { removeSourceData } from '@haveld/core/scene/document/source-data';
import { checkWritten } from './check-written';
import { validateGltf } from '../validate-gltf';
import type { PackedModel } from './packed-file';
import { readBack } from './read-back';

/** One GLB, maps inside. */
export async function packGlb(
  document: Document,
  expected: Figures,
  name: string,
  credits: readonly Credit[],
): Promise<PackedModel> {
  leaveOursOut(document, credits);
  const bytes = await writeGlb(document);
  return { files: [{ path: `${name}.glb`, bytes }], checks: await checkWritten(bytes, asWritten(expected)) };
}

/** glTF with its numbers and its maps beside it, by relative paths. */
export async function packGltf(
  document: Document,
  expected: Figures,
  name: string,
  credits: readonly Credit[],
): Promise<PackedModel> {
  leaveOursOut(document, credits);
  const files = await writeGltf(document, name);
  return {
    files,
    checks: [
      await validateGltf(files),
      ...compareFigures(asWritten(expected), computeFigures(await readBack(`${name}.gltf`, files))),
    ],
  };
}

/** Polygons are kept in the library's own extension, which nobody else reads; a map that is missing is not in the file. */
const asWritten = (expected: Figures): Figures => ({ ...expected, polygons: expected.triangles, mapsMissing: 0 });

function leaveOursOut(document: Document, credits: readonly Credit[]): void {
  removeSourceData(document);
  const root = document.getRoot();
  root
    .listExtensionsUsed()
    .find((extension) => extension instanceof HaveldPolygons)
    ?.dispose();
  writeCreditsInto(document, [...credits]);
  for (const accessor of root.listAccessors()) {
    if (accessor.listParents().every((parent) => parent.propertyType === 'Root' || parent.propertyType === 'Buffer'))
      accessor.dispose();
  }
}

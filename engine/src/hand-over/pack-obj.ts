import type { Document } from '@gltf-transform/core';
import type { Figures } from '@haveld/contract/report';
import { writeObj } from '@haveld/core/formats/obj/write';
import { composeCredit, type Credit } from '@haveld/core/rights/credits';
import { compareFigures } from '@haveld/core/scene/measures/compare-figures';
import { computeFigures } from '@haveld/core/scene/measures/figures';
import { listMeshInstances } from '@haveld/core/scene/traverse';
import type { PackedFile, PackedModel } from './packed-file';
import { readBack } from './read-back';

/** OBJ and MTL, polygons as they came, maps loose beside them. */
export async function packObj(
  document: Document,
  expected: Figures,
  name: string,
  credits: readonly Credit[],
): Promise<PackedModel> {
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
  const found = computeFigures(await readBack(`${name}.obj`, files));
  // a map MTL has no word for lies beside it and is named in a remark
  const maps = written.maps.filter(
    ({ path }) => written.mtl.includes(` ${path}`) && !written.mtl.includes(`: ${path}`),
  ).length;
  const wanted = { ...expected, materials: countUsedMaterials(document), maps };
  return { files, checks: compareFigures(wanted, found), renamed: written.renamed };
}

function countUsedMaterials(document: Document): number {
  const used = new Set<unknown>();
  for (const { mesh } of listMeshInstances(document))
    for (const primitive of mesh.listPrimitives()) used.add(primitive.getMaterial());
  return used.size;
}

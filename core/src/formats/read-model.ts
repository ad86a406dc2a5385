import { PropertyType } from '@gltf-transform/core';
import { dedup, prune, unpartition } from '@gltf-transform/functions';
import { DomainError } from '@haveld/contract/error';
import { countFacetedEdges, isUnshaded, ROUND_DEGREES } from '../scene/faceted-edges';
import { repairDocument } from '../scene/repair/repair-document';
import { setNodeSource } from '../scene/source-data';
import { listShownNodes } from '../scene/traverse';
import { read3ds } from './3ds/read';
import { readCollada } from './collada/read';
import { count } from '../text/count';
import { CONVERTED_EXTENSIONS } from './converted';
import { readFbx } from './fbx/read';
import { PACKINGS, readGltf } from './gltf/read';
import { readObj } from './obj/read';
import { readConverted } from './read-converted';
import { readPly } from './ply/read';
import type { Reading, ReadingContext } from './reading';
import { readStl } from './stl/read';
import { readUsd } from './usd/read';

type Reader = (path: string, context: ReadingContext) => Promise<Reading>;

const READERS: Record<string, Reader> = {
  gltf: readGltf,
  glb: readGltf,
  obj: readObj,
  fbx: readFbx,
  stl: readStl,
  ply: readPly,
  '3ds': read3ds,
  dae: readCollada,
  usd: readUsd,
  usda: readUsd,
  usdc: readUsd,
  usdz: readUsd,
};

/** @returns true where a file of this extension can be read today */
export const isReadable = (path: string): boolean => findReader(path) !== null;

function findReader(path: string): Reader | null {
  const extension = extensionOf(path);
  return READERS[extension] ?? (CONVERTED_EXTENSIONS.includes(extension) ? readConverted : null);
}

/**
 * Reads one model file to a canonical document: shared pictures once, every node with an id.
 * @throws {DomainError} `bad-file`
 */
export async function readModel(path: string, context: ReadingContext): Promise<Reading> {
  const reader = findReader(path);
  if (!reader)
    throw new DomainError('bad-file', `“${path}” is of a kind that cannot be read yet; it is kept.`, { file: path });
  const reading = await reader(path, context);
  repairDocument(reading.document, path, reading.log);
  logShading(reading, path);
  if (listShownNodes(reading.document).length === 0)
    throw new DomainError('bad-file', `“${path}” holds no parts: there is nothing to show.`, { file: path });
  for (const extension of reading.document.getRoot().listExtensionsUsed())
    if (PACKINGS.includes(extension.extensionName)) extension.dispose();
  await reading.document.transform(
    unpartition(),
    dedup({ propertyTypes: [PropertyType.TEXTURE] }),
    prune({
      propertyTypes: [PropertyType.TEXTURE, PropertyType.ACCESSOR, PropertyType.MESH],
      keepAttributes: true,
      keepSolidTextures: true,
      keepExtras: true,
    }),
  );
  listShownNodes(reading.document).forEach((node, i) => setNodeSource(node, { id: `p${i}` }));
  return reading;
}

/** What a file without smoothing means for this model; the condition sheet asks about it. */
function logShading({ document, log }: Reading, file: string): void {
  const meshes = document.getRoot().listMeshes();
  if (!meshes.some((mesh) => mesh.listPrimitives().some(isUnshaded))) return;
  const edges = meshes.reduce((sum, mesh) => sum + countFacetedEdges(mesh, ROUND_DEGREES), 0);
  const consequence =
    edges > 0 ? `${count(edges, 'edge')} will look faceted unless smoothed below ${ROUND_DEGREES}°.` : undefined;
  log.push({ level: 'note', file, text: 'No normals and no smoothing in the file.', consequence });
}

export const extensionOf = (path: string): string => path.slice(path.lastIndexOf('.') + 1).toLowerCase();

import { DomainError } from '@haveld/contract/error';
import { countFacetedEdges, isUnshaded, ROUND_DEGREES } from '../scene/meshes/faceted-edges';
import { repairDocument } from '../scene/repair/repair-document';
import { setMeshSource, setNodeSource } from '../scene/document/source-data';
import { listShownNodes } from '../scene/traverse';
import { count } from '../text/count';
import { CONVERTED_EXTENSIONS } from './converted';
import type { Reading, ReadingContext } from './reading';
import { tidyDocument } from './tidy-document';

type Reader = (path: string, context: ReadingContext) => Promise<Reading>;

/** Each is loaded when a file asks for it. */
const READERS: Record<string, () => Promise<Reader>> = {
  gltf: () => import('./gltf/read').then((module) => module.readGltf),
  glb: () => import('./gltf/read').then((module) => module.readGltf),
  obj: () => import('./obj/read').then((module) => module.readObj),
  fbx: () => import('./fbx/read').then((module) => module.readFbx),
  stl: () => import('./stl/read').then((module) => module.readStl),
  ply: () => import('./ply/read').then((module) => module.readPly),
  '3ds': () => import('./3ds/read').then((module) => module.read3ds),
  dae: () => import('./collada/read').then((module) => module.readCollada),
  usd: () => import('./usd/read').then((module) => module.readUsd),
  usda: () => import('./usd/read').then((module) => module.readUsd),
  usdc: () => import('./usd/read').then((module) => module.readUsd),
  usdz: () => import('./usd/read').then((module) => module.readUsd),
};
for (const extension of CONVERTED_EXTENSIONS)
  READERS[extension] ??= () => import('./read-converted').then((module) => module.readConverted);

/**
 * Reads one model file to a canonical document: shared pictures once, every node with an id.
 * @throws {DomainError} `bad-file`
 */
export async function readModel(path: string, context: ReadingContext): Promise<Reading> {
  const loadReader = READERS[extensionOf(path)];
  if (!loadReader)
    throw new DomainError('bad-file', `“${path}” is of a kind that cannot be read yet; it is kept.`, { file: path });
  const reading = await (await loadReader())(path, context);
  repairDocument(reading.document, path, reading.log);
  logShading(reading, path);
  if (listShownNodes(reading.document).length === 0)
    throw new DomainError('bad-file', `“${path}” holds no parts: there is nothing to show.`, { file: path });
  await tidyDocument(reading.document);
  listShownNodes(reading.document).forEach((node, i) => setNodeSource(node, { id: `p${i}` }));
  return reading;
}

/** What a file without smoothing means for this model; the condition sheet asks about it. */
function logShading({ document, log }: Reading, file: string): void {
  const meshes = document
    .getRoot()
    .listMeshes()
    .filter((mesh) => mesh.listPrimitives().some(isUnshaded));
  if (meshes.length === 0) return;
  let edges = 0;
  for (const mesh of meshes) {
    const facetedEdges = countFacetedEdges(mesh, ROUND_DEGREES);
    setMeshSource(mesh, { facetedEdges });
    edges += facetedEdges;
  }
  const consequence =
    edges > 0 ? `${count(edges, 'edge')} will look faceted unless smoothed below ${ROUND_DEGREES}°.` : undefined;
  log.push({ level: 'note', file, text: 'No normals and no smoothing in the file.', consequence });
}

export const extensionOf = (path: string): string => path.slice(path.lastIndexOf('.') + 1).toLowerCase();

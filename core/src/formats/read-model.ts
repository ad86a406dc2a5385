import { DomainError } from '@haveld/contract/error';
import { setMeshSource, setNodeSource } from '../scene/document/source-data';
import { countFacetedEdges, isUnshaded, ROUND_DEGREES } from '../scene/meshes/faceted-edges';
import { repairDocument } from '../scene/repair/repair-document';
import { listShownNodes } from '../scene/traverse';
import { count } from '../text/count';
import { nameImageTypes } from '../textures/pictures/name-image-types';
import { findFormatByExtension } from './model-formats';
import type { Reading, ReadingContext } from './reading';
import { tidyDocument } from './tidy-document';

/**
 * Reads one model file to a canonical document: shared pictures once, every node with an id.
 * @throws {DomainError} `bad-file`
 */
export async function readModel(path: string, context: ReadingContext): Promise<Reading> {
  const format = findFormatByExtension(extensionOf(path));
  if (!format)
    throw new DomainError('bad-file', `“${path}” is of a kind that cannot be read yet; it is kept.`, { file: path });
  const reading = await (await format.loadReader())(path, context);
  repairDocument(reading.document, path, reading.log);
  nameImageTypes(reading.document);
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

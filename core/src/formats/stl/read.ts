import { DomainError } from '@haveld/contract/error';
import type { LogEntry } from '@haveld/contract/report';
import { mergePoints } from '../../geometry/merge-points';
import type { CornerLayer, PolygonMesh } from '../../geometry/polygon-mesh';
import { createDocument } from '../../scene/document/document-io';
import { setDocumentSource } from '../../scene/document/source-data';
import { getShownScene } from '../../scene/traverse';
import { fileStem } from '../../textures/judging/read-map-name';
import { createMeshNode, createPlainMaterial } from '../add-mesh';
import type { Reading, ReadingContext } from '../reading';
import { parseAsciiStl } from './parse-ascii';
import { isBinaryStl, parseBinaryStl } from './parse-binary';
import type { StlSolid } from './parsed-stl';

/**
 * Reads an STL file, binary or ASCII, with the colours some programs put into the spare bytes.
 * @returns the document in the file's own unit and axes (STL declares neither)
 * @throws {DomainError} `bad-file` where it holds no triangle
 */
export async function readStl(path: string, context: ReadingContext): Promise<Reading> {
  const bytes = await context.files.read(path);
  const isBinary = isBinaryStl(bytes);
  const { solids, header, damages } = isBinary ? parseBinaryStl(bytes) : parseAsciiStl(bytes);
  const filled = solids.filter((solid) => solid.points.length > 0);
  if (filled.length === 0) {
    throw new DomainError(
      'bad-file',
      damages.length > 0
        ? `“${path}” is damaged: ${damages[0].text}`
        : `“${path}” has no triangles: there is nothing to show.`,
      { file: path },
    );
  }
  const log: LogEntry[] = damages.map(({ text, line, missing }) => ({
    level: 'look',
    file: path,
    line,
    text,
    consequence: missing ? 'It was left out; there may be holes.' : undefined,
  }));
  const document = createDocument();
  const material = createPlainMaterial(document, 'no material');
  for (const solid of filled) {
    const name = solid.name || fileStem(path);
    getShownScene(document).addChild(createMeshNode(document, name, toPolygonMesh(solid), material));
  }
  if (solids.length > filled.length)
    log.push({ level: 'note', file: path, text: `${solids.length - filled.length} solids are empty.` });
  setDocumentSource(document, {
    format: 'STL',
    version: isBinary ? 'binary' : 'ASCII',
    exporter: header || undefined,
    headers: header ? [{ file: path, line: 1, text: header }] : [],
    declaredUnit: null,
    declaredUp: null,
  });
  return { document, log };
}

function toPolygonMesh({ points, colours }: StlSolid): PolygonMesh {
  const { positions, corners } = mergePoints(points);
  const sizes = new Int32Array(corners.length / 3).fill(3);
  const layer: CornerLayer[] = colours
    ? [{ width: 3, values: colours, index: corners.map((_, c) => Math.floor(c / 3)) }]
    : [];
  return { positions, corners, sizes, normals: null, uvs: [], colours: layer, smoothing: { by: 'none' } };
}

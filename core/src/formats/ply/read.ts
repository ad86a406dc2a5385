import { DomainError } from '@haveld/contract/error';
import type { LogEntry } from '@haveld/contract/report';
import type { CornerLayer, PolygonMesh } from '../../geometry/polygon-mesh';
import { findDeclaredUnit } from '../../placement/size/stated-size';
import { createDocument } from '../../scene/document/document-io';
import { setDocumentSource, setMaterialSource } from '../../scene/document/source-data';
import { getShownScene } from '../../scene/traverse';
import { formatCount } from '../../text/count';
import { fileStem } from '../../textures/judging/read-map-name';
import { createMeshNode, createPlainMaterial, createPointsNode } from '../add-mesh';
import { bindReferences } from '../bind-references';
import type { Reading, ReadingContext } from '../reading';
import { parsePly, type ParsedPly, type PlyElement } from './parse-ply';

/** Names exporters use for the two numbers of a layout (common practice, no source). */
const LAYOUT_NAMES = [
  ['u', 'v'],
  ['s', 't'],
  ['texture_u', 'texture_v'],
];
const KNOWN = new Set(
  'x y z nx ny nz red green blue alpha diffuse_red diffuse_green diffuse_blue u v s t texture_u texture_v vertex_indices vertex_index texcoord'.split(
    ' ',
  ),
);

/**
 * Reads a PLY file: polygons, normals, colours, layouts by vertex or by corner; without faces it is a point cloud.
 * @returns the document in the file's own unit and axes (PLY declares neither)
 * @throws {DomainError} `bad-file` where it holds no vertex
 */
export async function readPly(path: string, context: ReadingContext): Promise<Reading> {
  const parsed = parsePly(await context.files.read(path), path);
  const vertices = parsed.elements.find((element) => element.name === 'vertex');
  const positions = vertices && gather(vertices, ['x', 'y', 'z'], 1);
  if (!vertices || !positions || positions.length === 0)
    throw new DomainError('bad-file', `“${path}” has no vertices: there is nothing to show.`, { file: path });
  const log: LogEntry[] = parsed.damages.map((text) => ({
    level: 'look',
    file: path,
    text,
    consequence: 'What was announced and there was read; there may be holes.',
  }));
  const document = createDocument();
  const name = fileStem(path);
  const polygons = readPolygons(parsed, vertices.count);
  const colours = gatherColours(vertices);
  if (polygons.sizes.length > 0) {
    const material = createPlainMaterial(document, 'no material');
    await bindPictures(path, parsed, document, material, context, log);
    const mesh = createMesh(vertices, positions, polygons, colours);
    getShownScene(document).addChild(createMeshNode(document, name, mesh, material));
    if (polygons.broken > 0)
      log.push({
        level: 'look',
        file: path,
        text: `${polygons.broken} faces name a vertex that is not there or have fewer than three corners.`,
        consequence: 'They are left out; there may be holes.',
      });
  } else {
    getShownScene(document).addChild(createPointsNode(document, name, positions, colours));
    log.push({
      level: 'look',
      file: path,
      text: `It is a point cloud: ${formatCount(vertices.count)} points without faces.`,
      consequence: 'Renderers may show nothing of it.',
    });
  }
  logUnread(path, parsed, log);
  setDocumentSource(document, {
    format: 'PLY',
    version: parsed.format,
    exporter: parsed.comments.map(({ text }) => text).find((text) => /created|generated|export|by\b/i.test(text)),
    headers: parsed.comments.map((comment) => ({ file: path, ...comment })),
    declaredUnit: findDeclaredUnit(parsed.comments.map(({ text }) => text)),
    declaredUp: null,
  });
  return { document, log };
}

interface Polygons {
  corners: Int32Array;
  sizes: Int32Array;
  /** uv per corner, v upwards; null where the faces have none. */
  uvs: Float32Array | null;
  broken: number;
}

function readPolygons({ elements }: ParsedPly, points: number): Polygons {
  const faces = elements.find((element) => element.name === 'face');
  const list = faces?.columns.get('vertex_indices') ?? faces?.columns.get('vertex_index');
  const strips = elements.find((element) => element.name === 'tristrips')?.columns.get('vertex_indices');
  if (list && 'starts' in list) return readFaces(list, faces!.columns.get('texcoord'), points);
  if (strips && 'starts' in strips) return readStrips(strips.items, points);
  return { corners: new Int32Array(), sizes: new Int32Array(), uvs: null, broken: 0 };
}

function readFaces(
  { starts, items }: { starts: Int32Array; items: Float64Array },
  layout: ReturnType<PlyElement['columns']['get']>,
  points: number,
): Polygons {
  const corners = new Int32Array(items.length);
  const sizes = new Int32Array(starts.length - 1);
  const uvs = layout && 'starts' in layout ? new Float32Array(items.length * 2) : null;
  let kept = 0;
  let polygons = 0;
  let broken = 0;
  for (let k = 0; k + 1 < starts.length; k++) {
    const size = starts[k + 1] - starts[k];
    let good = size >= 3;
    for (let i = 0; i < size; i++) {
      const point = items[starts[k] + i];
      if (!(point >= 0 && point < points)) good = false;
      corners[kept + i] = point;
      if (!uvs || !layout || !('starts' in layout)) continue;
      for (let n = 0; n < 2; n++) uvs[(kept + i) * 2 + n] = layout.items[layout.starts[k] + i * 2 + n] ?? 0;
    }
    if (!good) {
      broken++;
      continue;
    }
    sizes[polygons++] = size;
    kept += size;
  }
  return { corners: corners.subarray(0, kept), sizes: sizes.subarray(0, polygons), uvs, broken };
}

/** Strips, each ended by −1; every other triangle is turned round. */
function readStrips(items: Float64Array, points: number): Polygons {
  const corners: number[] = [];
  let broken = 0;
  let run = 0;
  for (let i = 0; i < items.length; i++) {
    run = items[i] < 0 ? 0 : run + 1;
    if (run < 3) continue;
    const [a, b, c] = run % 2 === 1 ? [i - 2, i - 1, i] : [i - 1, i - 2, i];
    if (Math.max(items[a], items[b], items[c]) >= points) broken++;
    else if (items[a] !== items[b] && items[b] !== items[c] && items[a] !== items[c])
      corners.push(items[a], items[b], items[c]);
  }
  return { corners: Int32Array.from(corners), sizes: new Int32Array(corners.length / 3).fill(3), uvs: null, broken };
}

function createMesh(
  vertices: PlyElement,
  positions: Float32Array,
  { corners, sizes, uvs }: Polygons,
  colours: { values: Float32Array; width: number } | null,
): PolygonMesh {
  const normals = gather(vertices, ['nx', 'ny', 'nz'], 1);
  const byVertex = LAYOUT_NAMES.map((names) => gather(vertices, names, 1)).find((layer) => layer !== null);
  const layout: CornerLayer | null = uvs
    ? { width: 2, values: uvs, index: null }
    : byVertex
      ? { width: 2, values: byVertex, index: corners }
      : null;
  // PLY counts v upwards as its makers' programs do (common practice, no source), glTF downwards
  for (let i = 1; layout && i < layout.values.length; i += 2) layout.values[i] = 1 - layout.values[i];
  return {
    positions,
    corners,
    sizes,
    normals: normals && { width: 3, values: normals, index: corners },
    uvs: layout ? [layout] : [],
    colours: colours ? [{ ...colours, index: corners }] : [],
    smoothing: { by: 'none' },
  };
}

/** @returns columns side by side, or null where one is missing */
function gather({ columns, count }: PlyElement, names: readonly string[], scale: number): Float32Array | null {
  const found = names.map((name) => columns.get(name));
  if (found.some((column) => !column || !('values' in column))) return null;
  const dst = new Float32Array(count * names.length);
  found.forEach((column, n) => {
    const { values } = column as { values: Float64Array };
    for (let i = 0; i < count; i++) {
      const value = values[i] * scale;
      dst[i * names.length + n] = Math.abs(value) < 3e38 ? value : 0;
    }
  });
  return dst;
}

/** Whole numbers go to 255, others to 1. */
function gatherColours(vertices: PlyElement): { values: Float32Array; width: number } | null {
  const prefix = vertices.columns.has('diffuse_red') ? 'diffuse_' : '';
  const [red, green, blue] = ['red', 'green', 'blue'].map((name) => prefix + name);
  const type = vertices.types.get(red) ?? '';
  const scale = /^(float|double)/.test(type) ? 1 : /16|short/.test(type) ? 1 / 65535 : 1 / 255;
  const withAlpha = gather(vertices, [red, green, blue, 'alpha'], scale);
  if (withAlpha) return { values: withAlpha, width: 4 };
  const values = gather(vertices, [red, green, blue], scale);
  return values && { values, width: 3 };
}

/** `comment TextureFile name`, as several programs write it. */
async function bindPictures(
  path: string,
  { comments }: ParsedPly,
  document: Reading['document'],
  material: ReturnType<typeof createPlainMaterial>,
  context: ReadingContext,
  log: LogEntry[],
): Promise<void> {
  const names = comments.map(({ text }) => /^TextureFile\s+(.+)$/i.exec(text)?.[1].trim() ?? '').filter((name) => name);
  if (names.length === 0) return;
  setMaterialSource(material, { maps: [] });
  await bindReferences(document, [{ material, slot: 'baseColor', reference: names[0], from: path }], context, log);
}

function logUnread(path: string, { elements }: ParsedPly, log: LogEntry[]): void {
  for (const { name, count, columns } of elements) {
    const isKnown = name === 'vertex' || name === 'face' || name === 'tristrips';
    const unread = isKnown ? [...columns.keys()].filter((column) => !KNOWN.has(column)) : [];
    if (!isKnown && count > 0) log.push({ level: 'note', file: path, text: `${count} of “${name}” were not read.` });
    else if (unread.length > 0)
      log.push({ level: 'note', file: path, text: `Columns of “${name}” that were not read: ${unread.join(', ')}.` });
  }
}

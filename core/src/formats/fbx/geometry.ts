import type { CornerLayer, PolygonMesh, SmoothingRule } from '../../geometry/polygon-mesh';
import { findChild, integersOf, listChildren, numbersOf, textOf, type FbxNode } from './fbx-node';
import { groupBySmoothEdges } from './smooth-edges';

/** A mesh of the file, before it becomes primitives. */
export interface FbxMesh extends PolygonMesh {
  /** Material of each polygon among those of its model; null where all have the first. */
  materials: Int32Array | null;
  /** What was left out or could not be read; counts of it. */
  losses: { brokenPolygons: number; loneEdges: number; badNumbers: number; layers: string[] };
}

/**
 * Reads the polygons and layers of a `Geometry` record (or of a `Model` record of version 6).
 * @returns null where it holds no polygon
 */
export function readGeometry(node: FbxNode): FbxMesh | null {
  const losses: FbxMesh['losses'] = { brokenPolygons: 0, loneEdges: 0, badNumbers: 0, layers: [] };
  const positions = readPositions(node, losses);
  const outline = readPolygons(integersOf(findChild(node, 'PolygonVertexIndex')), positions.length / 3, losses);
  if (outline.sizes.length === 0) return null;
  const context: LayerContext = { ...outline, positions, losses };
  const [normals] = readLayers(node, 'LayerElementNormal', 'Normals', 'NormalsIndex', 3, context);
  const uvs = readLayers(node, 'LayerElementUV', 'UV', 'UVIndex', 2, context).map(flipV);
  const colours = readLayers(node, 'LayerElementColor', 'Colors', 'ColorIndex', 4, context);
  return {
    positions,
    corners: outline.corners,
    sizes: outline.sizes,
    normals: normals ?? null,
    uvs,
    colours,
    smoothing: readSmoothing(node, context),
    creases: readCreases(node, context),
    materials: readMaterials(node, context),
    losses,
  };
}

interface LayerContext {
  positions: Float64Array;
  corners: Int32Array;
  sizes: Int32Array;
  /** Number of each kept polygon and corner in the file: broken polygons leave gaps. */
  polygonOrdinals: Int32Array;
  cornerOrdinals: Int32Array;
  losses: FbxMesh['losses'];
}

/** Numbers that are none become 0 and are counted: they would make every box infinite. */
function readPositions(node: FbxNode, losses: FbxMesh['losses']): Float64Array {
  const positions = Float64Array.from(numbersOf(findChild(node, 'Vertices')));
  for (let i = 0; i < positions.length; i++) {
    // 32-bit floats end at 3.4e38: larger ones would be infinite in the canonical document
    if (Math.abs(positions[i]) < 3e38) continue;
    positions[i] = 0;
    losses.badNumbers++;
  }
  return positions.subarray(0, positions.length - (positions.length % 3));
}

/** A polygon's last corner is written as `-1 - index`. */
function readPolygons(
  index: Int32Array,
  points: number,
  losses: FbxMesh['losses'],
): Pick<LayerContext, 'corners' | 'sizes' | 'polygonOrdinals' | 'cornerOrdinals'> {
  const corners = new Int32Array(index.length);
  const cornerOrdinals = new Int32Array(index.length);
  const sizes: number[] = [];
  const polygonOrdinals: number[] = [];
  let kept = 0;
  let polygon = 0;
  for (let start = 0; start < index.length; polygon++) {
    let end = start;
    while (end < index.length && index[end] >= 0) end++;
    const isClosed = end < index.length;
    if (isClosed) end++;
    let isGood = isClosed && end - start >= 3;
    for (let c = start; c < end; c++) {
      const point = index[c] < 0 ? -1 - index[c] : index[c];
      if (point >= points) isGood = false;
      corners[kept + c - start] = point;
      cornerOrdinals[kept + c - start] = c;
    }
    if (isGood) {
      kept += end - start;
      sizes.push(end - start);
      polygonOrdinals.push(polygon);
    } else if (isClosed && end - start === 2) losses.loneEdges++;
    else losses.brokenPolygons++;
    start = end;
  }
  return {
    corners: corners.subarray(0, kept),
    cornerOrdinals: cornerOrdinals.subarray(0, kept),
    sizes: Int32Array.from(sizes),
    polygonOrdinals: Int32Array.from(polygonOrdinals),
  };
}

/** All layers of one kind, in the order of their numbers. */
function readLayers(
  node: FbxNode,
  record: string,
  valuesName: string,
  indexName: string,
  width: number,
  context: LayerContext,
): CornerLayer[] {
  const layers: CornerLayer[] = [];
  for (const element of listChildren(node, record)) {
    const values = Float64Array.from(numbersOf(findChild(element, valuesName)));
    // some exporters write the head of a layer they have nothing for
    if (values.length === 0) continue;
    const index = resolveMapping(element, indexName, values.length / width, context);
    if (!index || values.length < width) {
      context.losses.layers.push(
        `${record.replace('LayerElement', '')} (${textOf(findChild(element, 'MappingInformationType')) ?? 'no mapping'})`,
      );
      continue;
    }
    layers.push({ name: textOf(findChild(element, 'Name')) ?? undefined, width, values, index });
  }
  return layers;
}

/**
 * Which element of a layer each corner has, -1 for none.
 * @returns null where the mapping is not one we know
 */
function resolveMapping(
  element: FbxNode,
  indexName: string,
  count: number,
  { corners, sizes, cornerOrdinals, polygonOrdinals }: LayerContext,
): Int32Array | null {
  const mapping = textOf(findChild(element, 'MappingInformationType')) ?? 'ByPolygonVertex';
  const indirect = findChild(element, indexName) ? integersOf(findChild(element, indexName)) : null;
  const dst = new Int32Array(corners.length);
  switch (mapping) {
    case 'ByPolygonVertex':
      dst.set(cornerOrdinals);
      break;
    case 'ByVertex':
    case 'ByVertice':
      dst.set(corners);
      break;
    case 'ByPolygon':
      for (let k = 0, c = 0; k < sizes.length; k++) for (let i = 0; i < sizes[k]; i++) dst[c++] = polygonOrdinals[k];
      break;
    case 'AllSame':
      break;
    default:
      return null;
  }
  for (let c = 0; c < dst.length; c++) {
    const at = indirect ? (dst[c] < indirect.length ? indirect[dst[c]] : -1) : dst[c];
    dst[c] = at >= 0 && at < count ? at : -1;
  }
  return dst;
}

/** FBX counts v upwards, glTF downwards (glTF 2.0, 3.8.2). */
function flipV(layer: CornerLayer): CornerLayer {
  for (let i = 1; i < layer.values.length; i += 2) layer.values[i] = 1 - layer.values[i];
  return layer;
}

function readMaterials(node: FbxNode, context: LayerContext): Int32Array | null {
  const element = findChild(node, 'LayerElementMaterial');
  if (!element || textOf(findChild(element, 'MappingInformationType')) !== 'ByPolygon') return null;
  const materials = integersOf(findChild(element, 'Materials'));
  return context.polygonOrdinals.map((ordinal) => Math.max(0, materials[ordinal] ?? 0));
}

function readSmoothing(node: FbxNode, context: LayerContext): SmoothingRule {
  const element = findChild(node, 'LayerElementSmoothing');
  const values = integersOf(findChild(element, 'Smoothing'));
  switch (textOf(findChild(element, 'MappingInformationType'))) {
    case 'ByPolygon':
      return { by: 'bits', ofPolygon: context.polygonOrdinals.map((ordinal) => values[ordinal] ?? 0) };
    case 'ByEdge': {
      const edges = integersOf(findChild(node, 'Edges'));
      const hard = new Set(edges.filter((_, e) => values[e] === 0));
      const isSmooth = context.cornerOrdinals.map((ordinal) => (hard.has(ordinal) ? 0 : 1));
      return { by: 'groups', ofPolygon: groupBySmoothEdges(context, isSmooth) };
    }
    default:
      return { by: 'none' };
  }
}

function readCreases(node: FbxNode, context: LayerContext): Float32Array | null {
  const element = findChild(node, 'LayerElementEdgeCrease');
  const values = numbersOf(findChild(element, 'EdgeCrease'));
  if (!element || !values.some((v) => v > 0)) return null;
  const edges = integersOf(findChild(node, 'Edges'));
  const byOrdinal = new Map<number, number>();
  edges.forEach((corner, e) => {
    if (values[e] > 0) byOrdinal.set(corner, values[e]);
  });
  return Float32Array.from(context.cornerOrdinals, (ordinal) => byOrdinal.get(ordinal) ?? 0);
}

import type { Document, Node } from '@gltf-transform/core';
import { USDAParser } from 'three/examples/jsm/loaders/usd/USDAParser.js';
import { USDCParser } from 'three/examples/jsm/loaders/usd/USDCParser.js';
import { DomainError } from '@haveld/contract/error';
import type { LogEntry } from '@haveld/contract/report';
import type { CornerLayer, PolygonMesh } from '../../geometry/polygon-mesh';
import { PrimitiveBuilder } from '../../scene/meshes/build-primitive';
import { createDocument } from '../../scene/document/document-io';
import { decomposeMatrix } from '../../scene/matrix';
import { setDocumentSource, setNodeSource } from '../../scene/document/source-data';
import { getShownScene } from '../../scene/traverse';
import { decodeText } from '../../text/decode-text';
import { createPointsNode } from '../add-mesh';
import { bindReferences } from '../bind-references';
import { describeUnit } from '../declared-unit';
import type { Reading, ReadingContext } from '../reading';
import { UsdMaterials } from './materials';
import { UsdStage } from './stage';
import { readLocalMatrix, resetsTransform } from './transform';
import { unpackUsdz } from './unpack-usdz';

const CRATE = 'PXR-USDC';

/** Prims that stand for things, and how they are told when they cannot be read. */
const UNREAD: Record<string, string> = {
  PointInstancer: 'many copies of a part',
  Sphere: 'spheres by formula',
  Cube: 'cubes by formula',
  Cylinder: 'cylinders by formula',
  Cone: 'cones by formula',
  Capsule: 'capsules by formula',
  BasisCurves: 'curves',
  NurbsCurves: 'curves',
  NurbsPatch: 'curved patches',
  Volume: 'volumes',
};
const MAX_DEPTH = 256;

/**
 * Reads USD: text, binary (as far as the library goes), or packed as USDZ.
 * @returns the document in the stage's own unit and axes, both declared
 * @throws {DomainError} `bad-file` where it cannot be parsed or nothing of it can be shown
 */
export async function readUsd(path: string, context: ReadingContext): Promise<Reading> {
  const bytes = await context.files.read(path);
  const isPacked = bytes[0] === 0x50 && bytes[1] === 0x4b;
  const packed = isPacked ? unpackUsdz(bytes, path) : new Map<string, Uint8Array>();
  const [scene = ''] = [...packed.keys()].filter((name) => /\.usd[ac]?$/i.test(name));
  const layer = isPacked ? packed.get(scene) : bytes;
  if (!layer) throw new DomainError('bad-file', `“${path}” holds no scene: there is nothing to show.`, { file: path });
  const isBinary = startsWith(layer, CRATE);
  const stage = parseLayer(layer, isBinary, path);
  const log: LogEntry[] = [];
  const document = createDocument();
  const builder = new UsdScene(document, stage, new UsdMaterials(document, stage, path, packed));
  builder.build();
  if (document.getRoot().listMeshes().length === 0)
    throw new DomainError('bad-file', `“${path}” holds no meshes: there is nothing to show.`, { file: path });
  await bindReferences(document, builder.materials.references, context, log);
  builder.logLosses(path, log);
  setDocumentSource(document, describeSource(stage, path, isPacked ? 'USDZ' : 'USD', isBinary ? 'binary' : 'text'));
  return { document, log };
}

const startsWith = (bytes: Uint8Array, text: string): boolean =>
  [...text].every((c, i) => bytes[i] === c.charCodeAt(0));

function parseLayer(layer: Uint8Array, isBinary: boolean, path: string): UsdStage {
  try {
    if (isBinary) return new UsdStage(new USDCParser().parseData(layer.slice().buffer).specsByPath);
    const text = decodeText(layer);
    if (!text.startsWith('#usda')) throw new Error('it does not begin with “#usda”');
    return new UsdStage(new USDAParser().parseData(text).specsByPath);
  } catch (error) {
    throw new DomainError('bad-file', `“${path}” is damaged: ${(error as Error).message}.`, {
      file: path,
      cause: error,
    });
  }
}

function describeSource(stage: UsdStage, path: string, format: string, version: string) {
  const metres = stage.field('/', 'metersPerUnit');
  const up = stage.field('/', 'upAxis');
  const words = ['doc', 'documentation', 'comment']
    .map((name) => stage.field('/', name))
    .find((v) => typeof v === 'string');
  // OpenUSD, "stage metadata": centimetres and Y up where nothing is said
  const unit = typeof metres === 'number' && metres > 0 ? metres : null;
  return {
    format,
    version,
    exporter: words as string | undefined,
    headers: words ? [{ file: path, line: 1, text: words as string }] : [],
    declaredUnit: unit === null ? null : describeUnit(unit),
    declaredMetres: unit,
    declaredUp: up === 'Z' ? ('z' as const) : ('y' as const),
  };
}

class UsdScene {
  readonly materials: UsdMaterials;
  readonly #document: Document;
  readonly #stage: UsdStage;
  readonly #unread = new Map<string, number>();
  #broken = 0;
  #sheared = 0;
  #moving = 0;
  #skeletons = 0;

  constructor(document: Document, stage: UsdStage, materials: UsdMaterials) {
    this.#document = document;
    this.#stage = stage;
    this.materials = materials;
  }

  build(): void {
    for (const path of this.#stage.childrenOf('/')) this.#addPrim(path, null, 0);
  }

  #addPrim(path: string, parent: Node | null, depth: number): void {
    const stage = this.#stage;
    const type = stage.typeOf(path);
    if (depth > MAX_DEPTH || ['Material', 'Shader', 'NodeGraph', 'GeomSubset'].includes(type)) return;
    if (type === 'Skeleton') this.#skeletons++;
    if (type in UNREAD) this.#unread.set(UNREAD[type], (this.#unread.get(UNREAD[type]) ?? 0) + 1);
    if (stage.field(path, 'active') === false) return;
    const { translation, rotation, scale, residue } = decomposeMatrix(readLocalMatrix(stage, path));
    if (residue) this.#sheared++;
    const node = this.#document
      .createNode(path.slice(path.lastIndexOf('/') + 1))
      .setTranslation(translation)
      .setRotation(rotation)
      .setScale(scale);
    if (parent && !resetsTransform(stage, path)) parent.addChild(node);
    else getShownScene(this.#document).addChild(node);
    if (stage.text(path, 'visibility') === 'invisible') setNodeSource(node, { hidden: true });
    if (['Mesh', 'Xform'].includes(type) && stage.isAnimated(path)) this.#moving++;
    if (type === 'Mesh') this.#addMesh(path, node);
    else if (type === 'Points') {
      const points = stage.numbers(path, 'points');
      if (points) node.addChild(createPointsNode(this.#document, node.getName(), points, null));
    }
    for (const child of stage.childrenOf(path)) this.#addPrim(child, node, depth + 1);
  }

  #addMesh(path: string, node: Node): void {
    const source = this.#readMesh(path);
    if (!source) return;
    const builder = new PrimitiveBuilder(this.#document, source.mesh);
    const mesh = this.#document.createMesh(node.getName());
    for (const { polygons, material } of this.#listParts(path, source)) {
      const primitive = builder.build(polygons).primitive;
      mesh.addPrimitive(primitive.setMaterial(material ? this.materials.get(material) : null));
    }
    if (this.#stage.value(path, 'doubleSided') === true)
      mesh.listPrimitives().forEach((primitive) => primitive.getMaterial()?.setDoubleSided(true));
    node.setMesh(mesh);
  }

  /** Faces by material: those of subsets, and whatever no subset names, which keeps the mesh's own. */
  #listParts(path: string, { mesh, numbers }: SourceMesh): { polygons: Int32Array; material: string | null }[] {
    const stage = this.#stage;
    const own = this.#findBinding(path);
    const ordinals = new Map<number, number>();
    numbers.forEach((face, k) => ordinals.set(face, k));
    const taken = new Uint8Array(mesh.sizes.length);
    const parts: { polygons: Int32Array; material: string | null }[] = [];
    for (const subset of stage.childrenOf(path)) {
      if (stage.typeOf(subset) !== 'GeomSubset') continue;
      const material = stage.target(subset, 'material:binding');
      if (!material) continue;
      const faces = [...(stage.numbers(subset, 'indices') ?? [])].flatMap((face) => ordinals.get(face) ?? []);
      const free = faces.filter((k) => taken[k] === 0);
      free.forEach((k) => (taken[k] = 1));
      if (free.length > 0) parts.push({ polygons: Int32Array.from(free), material });
    }
    const rest = Int32Array.from(mesh.sizes, (_, k) => k).filter((k) => taken[k] === 0);
    return rest.length > 0 ? [{ polygons: rest, material: own }, ...parts] : parts;
  }

  /** A binding holds for everything below it until another is stated. */
  #findBinding(path: string): string | null {
    for (let at = path; at !== ''; at = at.slice(0, at.lastIndexOf('/'))) {
      const material = this.#stage.target(at, 'material:binding');
      if (material) return material;
    }
    return null;
  }

  #readMesh(path: string): SourceMesh | null {
    const stage = this.#stage;
    const positions = stage.numbers(path, 'points');
    const counts = stage.numbers(path, 'faceVertexCounts');
    const indices = stage.numbers(path, 'faceVertexIndices');
    if (!positions || !counts || !indices || positions.length < 9) return null;
    const outline = readOutline(
      counts,
      indices,
      positions.length / 3,
      stage.text(path, 'orientation') === 'leftHanded',
    );
    this.#broken += outline.broken;
    if (outline.sizes.length === 0) return null;
    const layer = (name: string, width: number): CornerLayer | null => this.#readLayer(path, name, width, outline);
    const normals = layer('primvars:normals', 3) ?? layer('normals', 3);
    const isSmooth = (stage.text(path, 'subdivisionScheme') ?? 'catmullClark') !== 'none';
    const uvNames = stage
      .attributesOf(path, 'primvars:')
      .filter((name) => !name.endsWith(':indices') && /^primvars:(st|uv|map|texcoord|texCoord)/i.test(name));
    const colours = layer('primvars:displayColor', 3);
    const isConstant = (colours?.values.length ?? 0) <= 3;
    return {
      numbers: outline.numbers,
      mesh: {
        positions,
        corners: outline.corners,
        sizes: outline.sizes,
        normals,
        uvs: uvNames.flatMap((name) => layer(name, 2) ?? []).map(flipV),
        colours: colours && !isConstant ? [colours] : [],
        // a surface meant to be subdivided is smooth where nothing else is said
        smoothing: isSmooth ? { by: 'angle', degrees: 180 } : { by: 'none' },
      },
    };
  }

  /** How a layer's values lie is not kept by the library: their count tells (OpenUSD, "interpolation"). */
  #readLayer(path: string, name: string, width: number, outline: Outline): CornerLayer | null {
    const values = this.#stage.numbers(path, name);
    if (!values || values.length < width) return null;
    const indices = this.#stage.numbers(path, `${name}:indices`);
    const count = indices?.length ?? values.length / width;
    const { corners, fileCorners, numbers, sizes, fileFaces, fileCornerCount, points } = outline;
    const index = new Int32Array(corners.length);
    if (count === fileCornerCount) index.set(fileCorners);
    else if (count === points) index.set(corners);
    else if (count === fileFaces)
      for (let k = 0, c = 0; k < sizes.length; k++) for (let i = 0; i < sizes[k]; i++) index[c++] = numbers[k];
    else if (count !== 1) return null;
    const rows = Math.floor(values.length / width);
    for (let c = 0; c < index.length; c++) {
      const at = indices ? indices[index[c]] : index[c];
      index[c] = at >= 0 && at < rows ? at : -1;
    }
    return { width, values, index };
  }

  logLosses(file: string, log: LogEntry[]): void {
    const look = (text: string, consequence: string): void => void log.push({ level: 'look', file, text, consequence });
    for (const [words, count] of this.#unread)
      look(`${count} × ${words} cannot be read.`, 'They are missing. Ask the source for polygons.');
    const others = this.#stage.listCompositions();
    if (others.length > 0)
      look(
        `${others.length} parts are taken from other files, which are not followed: ${others.slice(0, 3).join(', ')}.`,
        'They are missing. Ask the source for one flattened file.',
      );
    if (this.#skeletons > 0)
      look(
        'It has a skeleton, which is not read.',
        'It stands in its bind pose. Ask the source for glTF or FBX if it should move.',
      );
    if (this.#moving > 0) look(`${this.#moving} parts move, which is not read.`, 'They stand as at the first moment.');
    if (this.#sheared > 0)
      look(`${this.#sheared} prims are sheared, which glTF's nodes cannot be.`, 'The shear is left out.');
    if (this.#broken > 0)
      look(
        `${this.#broken} faces name a point that is not there or have fewer than three corners.`,
        'They are left out; there may be holes.',
      );
    if (this.materials.unknown.size > 0)
      look(
        `Materials by a shader that is not known: ${[...this.materials.unknown].join(', ')}.`,
        'They show as plain grey.',
      );
  }
}

interface SourceMesh {
  mesh: PolygonMesh;
  /** Number of each kept face in the file. */
  numbers: Int32Array;
}

interface Outline {
  corners: Int32Array;
  sizes: Int32Array;
  numbers: Int32Array;
  /** Number of each kept corner in the file. */
  fileCorners: Int32Array;
  fileFaces: number;
  fileCornerCount: number;
  points: number;
  broken: number;
}

function readOutline(counts: Float64Array, indices: Float64Array, points: number, isLeftHanded: boolean): Outline {
  const corners: number[] = [];
  const fileCorners: number[] = [];
  const sizes: number[] = [];
  const numbers: number[] = [];
  let broken = 0;
  for (let face = 0, start = 0; face < counts.length; start += counts[face++]) {
    const size = counts[face];
    if (!(size >= 0) || start + size > indices.length) {
      broken += counts.length - face;
      break;
    }
    const order = Array.from({ length: size }, (_, i) => start + (isLeftHanded && i > 0 ? size - i : i));
    if (size < 3 || order.some((c) => !(indices[c] >= 0 && indices[c] < points))) {
      broken++;
      continue;
    }
    for (const c of order) {
      corners.push(indices[c]);
      fileCorners.push(c);
    }
    sizes.push(size);
    numbers.push(face);
  }
  return {
    corners: Int32Array.from(corners),
    fileCorners: Int32Array.from(fileCorners),
    sizes: Int32Array.from(sizes),
    numbers: Int32Array.from(numbers),
    fileFaces: counts.length,
    fileCornerCount: indices.length,
    points,
    broken,
  };
}

/** USD counts v upwards, glTF downwards (glTF 2.0, 3.8.2). */
function flipV(layer: CornerLayer): CornerLayer {
  const values = Float64Array.from(layer.values);
  for (let i = 1; i < values.length; i += 2) values[i] = 1 - values[i];
  return { ...layer, values };
}

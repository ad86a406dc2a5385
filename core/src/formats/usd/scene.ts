import type { Document, Node } from '@gltf-transform/core';
import type { LogEntry } from '@haveld/contract/report';
import type { CornerLayer, PolygonMesh } from '../../geometry/polygon-mesh';
import { setNodeSource } from '../../scene/document/source-data';
import { decomposeMatrix } from '../../scene/matrix';
import { PrimitiveBuilder } from '../../scene/meshes/build-primitive';
import { getShownScene } from '../../scene/traverse';
import { createPointsNode } from '../add-mesh';
import type { UsdMaterials } from './materials';
import { readOutline, type Outline } from './outline';
import { INACTIVE } from './prepare-text';
import type { UsdStage } from './stage';
import { readLocalMatrix, resetsTransform } from './transform';

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

export class UsdScene {
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
    if (stage.field(path, 'active') === false || stage.value(path, INACTIVE) !== undefined) return;
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

/** USD counts v upwards, glTF downwards (glTF 2.0, 3.8.2). */
function flipV(layer: CornerLayer): CornerLayer {
  const values = Float64Array.from(layer.values);
  for (let i = 1; i < values.length; i += 2) values[i] = 1 - values[i];
  return { ...layer, values };
}

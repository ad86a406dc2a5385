import type { Document, Material, Mesh, Primitive, Skin, mat4 } from '@gltf-transform/core';
import type { LogEntry } from '@haveld/contract/report';
import { getBuffer, PrimitiveBuilder } from '../../scene/meshes/build-primitive';
import { multiplyMatrix, normalMatrix, linearDeterminant, scaleMatrix } from '../../scene/matrix';
import { setSkinAttributes } from '../skin-attributes';
import { readShapes, readSkin, setShapeWeights, type ShapeChannel, type ShapeTarget } from './deformers';
import { findChild, integersOf, numbersOf } from './fbx-node';
import { readGeometry, type FbxMesh } from './geometry';
import type { FbxMaterials } from './materials';
import type { FbxObject, ObjectGraph } from './object-graph';
import type { BuiltModel } from './built-model';

/** A primitive and the control point of each of its vertices. */
interface Part {
  primitive: Primitive;
  sources: Int32Array;
}

interface BuiltMesh {
  mesh: Mesh;
  parts: Part[];
  geometry: FbxObject;
  points: number;
}

const KNOWN_GEOMETRY = new Set(['Mesh', 'Line', 'Shape', '']);

/** Makes glTF meshes of geometries: shared where models show the same one alike. */
export class MeshBuilder {
  /** Sliders by mesh, for the clips that move them. */
  readonly shapes = new Map<Mesh, { channels: ShapeChannel[]; count: number }>();
  readonly #document: Document;
  readonly #graph: ObjectGraph;
  readonly #materials: FbxMaterials;
  readonly #read = new Map<string, FbxMesh | null>();
  readonly #built = new Map<string, BuiltMesh>();
  readonly #byModel = new Map<BuiltModel, BuiltMesh[]>();
  readonly #unread = new Map<string, number>();
  readonly #oddModes = new Set<string>();
  #unweighted = 0;

  constructor(document: Document, graph: ObjectGraph, materials: FbxMaterials) {
    this.#document = document;
    this.#graph = graph;
    this.#materials = materials;
  }

  /** @param residue what the node could not carry of its transform, or null */
  addMesh(model: BuiltModel, residue: mat4 | null): void {
    const { object, transform, node } = model;
    const geometries = this.#graph.listSources(object, 'Geometry');
    // version 6 keeps the geometry in the model itself
    if (geometries.length === 0 && findChild(object.node, 'Vertices')) geometries.push(object);
    const built: BuiltMesh[] = [];
    for (const geometry of geometries) {
      const isSkinned = this.#graph.listSources(geometry, 'Deformer', 'Skin').length > 0;
      // a skinned mesh stands where its bones are: only its own geometry's transform counts
      const placed = [isSkinned ? null : residue, transform.geometric].filter((m) => m !== null);
      const one = this.#build(geometry, object, placed.length > 0 ? placed.reduce(multiplyMatrix) : null);
      if (one) built.push(one);
    }
    if (built.length === 0) return;
    this.#byModel.set(model, built);
    node.setMesh(built[0].mesh);
    // a model shows one geometry; more than one is put below it
    for (const one of built.slice(1)) {
      const child = this.#document.createNode(one.geometry.name || object.name).setMesh(one.mesh);
      node.addChild(child);
    }
  }

  #build(geometry: FbxObject, model: FbxObject, matrix: mat4 | null): BuiltMesh | null {
    const materials = this.#graph.listSources(model, 'Material');
    const key = JSON.stringify([geometry.id, matrix, materials.map((material) => material.id)]);
    const known = this.#built.get(key);
    if (known) return known;
    const mesh = this.#document.createMesh(geometry.name || model.name);
    const source = this.#readOnce(geometry);
    const parts = source
      ? this.#addPolygons(mesh, source, model, materials, matrix)
      : this.#addLines(mesh, geometry, matrix);
    if (parts.length === 0) {
      mesh.dispose();
      return null;
    }
    const built = { mesh, parts, geometry, points: (source?.positions.length ?? 0) / 3 };
    if (source) this.#addShapes(built, matrix);
    this.#built.set(key, built);
    return built;
  }

  #readOnce(geometry: FbxObject): FbxMesh | null {
    let source = this.#read.get(geometry.id);
    if (source !== undefined) return source;
    source = readGeometry(geometry.node);
    this.#read.set(geometry.id, source);
    if (!source && !KNOWN_GEOMETRY.has(geometry.type) && geometry.kind === 'Geometry')
      this.#unread.set(geometry.type, (this.#unread.get(geometry.type) ?? 0) + 1);
    return source;
  }

  #addPolygons(mesh: Mesh, source: FbxMesh, model: FbxObject, materials: FbxObject[], matrix: mat4 | null): Part[] {
    const builder = new PrimitiveBuilder(this.#document, matrix ? transformMesh(source, matrix) : source);
    const uvSets = source.uvs.map((layer) => layer.name ?? '');
    const textures = this.#graph.listSources(model, 'Texture');
    const parts: Part[] = [];
    for (const [index, polygons] of groupByMaterial(source, materials.length)) {
      const { primitive, sources } = builder.build(polygons ?? undefined);
      const material: Material | null = materials[index]
        ? this.#materials.get(materials[index], uvSets, textures)
        : null;
      primitive.setMaterial(material);
      mesh.addPrimitive(primitive);
      parts.push({ primitive, sources });
    }
    return parts;
  }

  /** Geometry of kind `Line`: runs of points, the last of each written as `-1 - index`. */
  #addLines(mesh: Mesh, geometry: FbxObject, matrix: mat4 | null): Part[] {
    if (geometry.type !== 'Line') return [];
    const points = numbersOf(findChild(geometry.node, 'Points'));
    const runs = integersOf(findChild(geometry.node, 'PointsIndex'));
    const array: number[] = [];
    const push = (point: number): void => {
      const m = matrix ?? scaleMatrix(1);
      const [x, y, z] = [points[point * 3], points[point * 3 + 1], points[point * 3 + 2]];
      for (let axis = 0; axis < 3; axis++) array.push(m[axis] * x + m[4 + axis] * y + m[8 + axis] * z + m[12 + axis]);
    };
    for (let i = 1; i < runs.length; i++) {
      if (runs[i - 1] < 0) continue;
      const [a, b] = [runs[i - 1], runs[i] < 0 ? -1 - runs[i] : runs[i]];
      if (Math.max(a, b) * 3 + 2 >= points.length) continue;
      push(a);
      push(b);
    }
    if (array.length === 0) return [];
    const position = this.#document
      .createAccessor()
      .setType('VEC3')
      .setArray(Float32Array.from(array))
      .setBuffer(getBuffer(this.#document));
    const primitive = this.#document.createPrimitive().setMode(1).setAttribute('POSITION', position);
    mesh.addPrimitive(primitive);
    return [{ primitive, sources: new Int32Array() }];
  }

  #addShapes({ mesh, parts, geometry, points }: BuiltMesh, matrix: mat4 | null): void {
    const { targets, channels } = readShapes(this.#graph, geometry);
    if (targets.length === 0) return;
    for (const { primitive, sources } of parts) {
      for (const target of targets) {
        const dst = this.#document.createPrimitiveTarget(target.name);
        this.#setTarget(dst, 'POSITION', spread(target, target.offsets, points, sources, matrix));
        if (target.normals.length === target.offsets.length)
          this.#setTarget(dst, 'NORMAL', spread(target, target.normals, points, sources, null));
        primitive.addTarget(dst);
      }
    }
    mesh.setExtras({ ...mesh.getExtras(), targetNames: targets.map((target) => target.name) });
    const weights = targets.map(() => 0);
    for (const channel of channels) setShapeWeights(channel, channel.percent, weights);
    mesh.setWeights(weights);
    this.shapes.set(mesh, { channels, count: targets.length });
  }

  #setTarget(dst: ReturnType<Document['createPrimitiveTarget']>, semantic: string, array: Float32Array): void {
    const accessor = this.#document
      .createAccessor()
      .setType('VEC3')
      .setArray(array as Float32Array<ArrayBuffer>)
      .setBuffer(getBuffer(this.#document));
    dst.setAttribute(semantic, accessor);
  }

  /** Binds the meshes of a model to their bones. */
  bindSkin(model: BuiltModel, findModel: (id: string) => BuiltModel | undefined): void {
    for (const built of this.#byModel.get(model) ?? []) {
      const data = built.points > 0 ? readSkin(this.#graph, built.geometry, built.points) : null;
      if (!data) continue;
      data.oddModes.forEach((name) => this.#oddModes.add(name));
      const bones = data.bones.map((bone) => findModel(bone.model.id));
      if (bones.some((bone) => !bone)) continue;
      const skin = this.#document.createSkin(built.geometry.name || model.object.name);
      bones.forEach((bone) => skin.addJoint(bone!.node));
      const binds = data.bones.map((bone) => bone.inverseBind);
      // points no bone holds stay with the mesh's own node
      if (data.influences.some((influences) => influences.length === 0)) {
        const own = skin.addJoint(model.node).listJoints().length - 1;
        binds.push(scaleMatrix(1));
        for (const influences of data.influences) {
          if (influences.length > 0) continue;
          influences.push({ bone: own, weight: 1 });
          this.#unweighted++;
        }
      }
      this.#setBinds(skin, binds);
      for (const { primitive, sources } of built.parts)
        if (!primitive.getAttribute('JOINTS_0')) setSkinAttributes(this.#document, primitive, sources, data.influences);
      const holder =
        model.node.getMesh() === built.mesh
          ? model.node
          : model.node.listChildren().find((node) => node.getMesh() === built.mesh);
      holder?.setSkin(skin);
    }
  }

  #setBinds(skin: Skin, binds: mat4[]): void {
    // glTF 2.0, 3.7.3.1: the last row of an inverse bind matrix is 0 0 0 1
    const array = new Float32Array(binds.flatMap((bind) => bind.map((v, k) => (k % 4 === 3 ? (k === 15 ? 1 : 0) : v))));
    skin.setInverseBindMatrices(
      this.#document.createAccessor().setType('MAT4').setArray(array).setBuffer(getBuffer(this.#document)),
    );
  }

  logLosses(file: string, log: LogEntry[]): void {
    const total = { brokenPolygons: 0, loneEdges: 0, badNumbers: 0 };
    const layers = new Set<string>();
    for (const source of this.#read.values()) {
      if (!source) continue;
      for (const key of Object.keys(total) as (keyof typeof total)[]) total[key] += source.losses[key];
      source.losses.layers.forEach((layer) => layers.add(layer));
    }
    const look = (text: string, consequence: string): void => void log.push({ level: 'look', file, text, consequence });
    if (total.brokenPolygons > 0)
      look(
        `${total.brokenPolygons} polygons name a point that is not there or do not end.`,
        'They are left out; there may be holes.',
      );
    if (total.badNumbers > 0)
      look(`${total.badNumbers} coordinates are no numbers.`, 'They were taken as 0; some vertices may be misplaced.');
    if (total.loneEdges > 0)
      log.push({ level: 'note', file, text: `${total.loneEdges} edges without a face were left out.` });
    if (layers.size > 0)
      look(`Layers in a mapping that is not known: ${[...layers].join(', ')}.`, 'They are left out.');
    for (const [type, count] of this.#unread)
      look(`${count} surfaces of kind “${type}” cannot be read.`, 'They are missing. Ask the source for polygons.');
    if (this.#unweighted > 0)
      log.push({
        level: 'note',
        file,
        text: `${this.#unweighted} points have no joint; they stay with their mesh.`,
      });
    if (this.#oddModes.size > 0)
      look(
        'Some bones add to others instead of sharing with them.',
        'Their weights are shared out; the pose may differ.',
      );
  }
}

/** material → its polygons; null where all polygons have one. A number without a material falls to the last there is. */
function groupByMaterial({ materials, sizes }: FbxMesh, count: number): Map<number, Int32Array | null> {
  if (!materials || count <= 1) return new Map([[0, null]]);
  const counts = new Map<number, number>();
  const of = (k: number): number => Math.min(materials[k], count - 1);
  for (let k = 0; k < sizes.length; k++) counts.set(of(k), (counts.get(of(k)) ?? 0) + 1);
  const groups = new Map([...counts].sort(([a], [b]) => a - b).map(([index, n]) => [index, new Int32Array(n)]));
  const filled = new Map<number, number>();
  for (let k = 0; k < sizes.length; k++) {
    const at = filled.get(of(k)) ?? 0;
    groups.get(of(k))![at] = k;
    filled.set(of(k), at + 1);
  }
  return groups;
}

/** Carries points and normals by a matrix; a mirror turns the polygons round with them. */
function transformMesh(source: FbxMesh, m: mat4): FbxMesh {
  const positions = new Float64Array(source.positions.length);
  for (let i = 0; i < positions.length; i += 3) {
    const [x, y, z] = [source.positions[i], source.positions[i + 1], source.positions[i + 2]];
    for (let axis = 0; axis < 3; axis++)
      positions[i + axis] = m[axis] * x + m[4 + axis] * y + m[8 + axis] * z + m[12 + axis];
  }
  const mirrored = linearDeterminant(m) < 0;
  const n = normalMatrix(m).map((v) => (mirrored ? -v : v));
  const normals = source.normals && { ...source.normals, values: new Float64Array(source.normals.values.length) };
  for (let i = 0; source.normals && normals && i < normals.values.length; i += 3) {
    const [x, y, z] = [source.normals.values[i], source.normals.values[i + 1], source.normals.values[i + 2]];
    for (let axis = 0; axis < 3; axis++) normals.values[i + axis] = n[axis] * x + n[3 + axis] * y + n[6 + axis] * z;
  }
  const moved = { ...source, positions, normals };
  return mirrored ? reverseWinding(moved) : moved;
}

function reverseWinding(mesh: FbxMesh): FbxMesh {
  const order = new Int32Array(mesh.corners.length);
  for (let k = 0, start = 0; k < mesh.sizes.length; start += mesh.sizes[k++])
    for (let i = 0; i < mesh.sizes[k]; i++) order[start + i] = start + (i === 0 ? 0 : mesh.sizes[k] - i);
  const reorder = (index: Int32Array | null): Int32Array => order.map((c) => (index ? index[c] : c));
  const layer = <L extends { index: Int32Array | null }>(one: L): L => ({ ...one, index: reorder(one.index) });
  return {
    ...mesh,
    corners: reorder(mesh.corners),
    normals: mesh.normals && layer(mesh.normals),
    uvs: mesh.uvs.map(layer),
    colours: mesh.colours.map(layer),
    creases: null,
  };
}

/** A target's offsets, per vertex of a primitive. */
function spread(
  { points }: ShapeTarget,
  offsets: ArrayLike<number>,
  count: number,
  sources: Int32Array,
  matrix: mat4 | null,
): Float32Array {
  const byPoint = new Float64Array(count * 3);
  points.forEach((point, i) => {
    if (point < 0 || point >= count || i * 3 + 2 >= offsets.length) return;
    const [x, y, z] = [offsets[i * 3], offsets[i * 3 + 1], offsets[i * 3 + 2]];
    for (let axis = 0; axis < 3; axis++)
      byPoint[point * 3 + axis] = matrix
        ? matrix[axis] * x + matrix[4 + axis] * y + matrix[8 + axis] * z
        : [x, y, z][axis];
  });
  const dst = new Float32Array(sources.length * 3);
  sources.forEach((point, vertex) => {
    for (let axis = 0; axis < 3; axis++) dst[vertex * 3 + axis] = byPoint[point * 3 + axis];
  });
  return dst;
}

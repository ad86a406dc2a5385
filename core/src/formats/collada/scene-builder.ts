import type { Document, Material, Mesh, Node, Primitive, mat4 } from '@gltf-transform/core';
import type { LogEntry } from '@haveld/contract/report';
import { setNodeSource } from '../../scene/document/source-data';
import { decomposeMatrix, multiplyMatrix, scaleMatrix, transformPoint } from '../../scene/matrix';
import { getBuffer, PrimitiveBuilder } from '../../scene/meshes/build-primitive';
import { getShownScene } from '../../scene/traverse';
import { setSkinAttributes } from '../skin-attributes';
import type { BuiltNode } from './built-node';
import { createCamera } from './camera';
import { readColladaGeometry, type ColladaMesh } from './geometry';
import { readNames, type Library } from './library';
import { addLight } from './light';
import type { ColladaMaterials } from './materials';
import { findJoint, readInfluences, readInverseBinds } from './skin';
import { composeParts, readTransform } from './transform';
import { findElement, listElements, type XmlElement } from './xml-tree';

interface Part {
  primitive: Primitive;
  sources: Int32Array;
  symbol: string;
}

const MAX_DEPTH = 256;

/** Builds the nodes of a COLLADA scene in the file's own unit and axes. */
export class ColladaScene {
  readonly nodes: BuiltNode[] = [];
  readonly #document: Document;
  readonly #library: Library;
  readonly #materials: ColladaMaterials;
  readonly #geometries = new Map<XmlElement, ColladaMesh | null>();
  readonly #meshes = new Map<string, { mesh: Mesh; parts: Part[] }>();
  readonly #skins: (() => void)[] = [];
  #sheared = 0;
  #unknown = new Set<string>();

  constructor(document: Document, library: Library, materials: ColladaMaterials) {
    this.#document = document;
    this.#library = library;
    this.#materials = materials;
  }

  build(): void {
    const { root } = this.#library;
    const url = findElement(root, 'scene', 'instance_visual_scene')?.attributes.url;
    const scene = this.#library.find(url) ?? findElement(root, 'library_visual_scenes', 'visual_scene');
    for (const node of listElements(scene, 'node'))
      this.#addNode(node, (child) => getShownScene(this.#document).addChild(child), scaleMatrix(1), 0);
    this.#skins.forEach((bind) => bind());
  }

  #addNode(element: XmlElement, place: (node: Node) => void, residueAbove: mat4, depth: number): void {
    const parts = readTransform(element);
    const name = element.attributes.name ?? element.attributes.id ?? '';
    const trs = decomposeMatrix(multiplyMatrix(residueAbove, composeParts(parts)));
    const node = this.#document
      .createNode(name)
      .setTranslation(trs.translation)
      .setRotation(trs.rotation)
      .setScale(trs.scale);
    place(node);
    this.nodes.push({ element, node, parts });
    if (element.attributes.layer) setNodeSource(node, { layers: element.attributes.layer.split(/\s+/) });
    if (trs.residue) this.#sheared++;
    const residue = trs.residue ?? scaleMatrix(1);
    this.#addInstances(element, node, trs.residue);
    if (depth > MAX_DEPTH) return;
    const addChild = (child: Node): void => void node.addChild(child);
    for (const child of listElements(element, 'node')) this.#addNode(child, addChild, residue, depth + 1);
    for (const instance of listElements(element, 'instance_node')) {
      const target = this.#library.find(instance.attributes.url);
      if (target?.name === 'node') this.#addNode(target, addChild, residue, depth + 1);
    }
  }

  #addInstances(element: XmlElement, node: Node, residue: mat4 | null): void {
    let host = node;
    const nextHost = (): Node => {
      if (!host.getMesh()) return host;
      host = this.#document.createNode(node.getName());
      node.addChild(host);
      return host;
    };
    for (const instance of element.children) {
      const target = this.#library.find(instance.attributes.url);
      switch (instance.name) {
        case 'instance_geometry': {
          const built = target && this.#buildMesh(target, instance, residue);
          if (built) nextHost().setMesh(built.mesh);
          break;
        }
        case 'instance_controller':
          if (target) this.#addController(target, instance, nextHost());
          break;
        case 'instance_camera':
          if (target) node.setCamera(createCamera(this.#document, target));
          break;
        case 'instance_light':
          if (target) addLight(this.#document, target, node);
          break;
      }
    }
  }

  #buildMesh(geometry: XmlElement, instance: XmlElement, residue: mat4 | null): { mesh: Mesh; parts: Part[] } | null {
    const source = this.#readOnce(geometry);
    if (!source) return null;
    const bound = this.#bindMaterials(instance);
    const key = JSON.stringify([geometry.attributes.id, residue, [...bound].map(([symbol, { url }]) => [symbol, url])]);
    const known = this.#meshes.get(key);
    if (known) return known;
    const mesh = this.#document.createMesh(geometry.attributes.name ?? geometry.attributes.id ?? '');
    const parts: Part[] = [];
    if (source.sizes.length > 0) {
      const builder = new PrimitiveBuilder(this.#document, residue ? transformPositions(source, residue) : source);
      source.symbols.forEach((symbol, index) => {
        const polygons = listWhere(source.polygonSymbols, index);
        if (polygons.length === 0) return;
        const { primitive, sources } = builder.build(polygons);
        mesh.addPrimitive(primitive.setMaterial(this.#materialOf(symbol, bound, source)));
        parts.push({ primitive, sources, symbol });
      });
    }
    if (source.lines.length > 0) mesh.addPrimitive(this.#createLines(source, residue));
    const built = { mesh, parts };
    this.#meshes.set(key, built);
    return built;
  }

  #readOnce(geometry: XmlElement): ColladaMesh | null {
    let source = this.#geometries.get(geometry);
    if (source === undefined) {
      source = readColladaGeometry(geometry, this.#library);
      this.#geometries.set(geometry, source);
      if (!source)
        for (const child of geometry.children)
          if (child.name !== 'asset' && child.name !== 'extra') this.#unknown.add(child.name);
    }
    return source;
  }

  #bindMaterials(instance: XmlElement): Map<string, { url: string; sets: Map<string, number> }> {
    const bound = new Map<string, { url: string; sets: Map<string, number> }>();
    for (const one of listElements(findElement(instance, 'bind_material', 'technique_common'), 'instance_material')) {
      const sets = new Map<string, number>();
      for (const { attributes } of listElements(one, 'bind_vertex_input'))
        sets.set(attributes.semantic ?? '', Number(attributes.input_set ?? 0) || 0);
      bound.set(one.attributes.symbol ?? '', { url: one.attributes.target ?? '', sets });
    }
    return bound;
  }

  /** A symbol without a binding is often the material's own id. */
  #materialOf(
    symbol: string,
    bound: Map<string, { url: string; sets: Map<string, number> }>,
    { uvSets }: ColladaMesh,
  ): Material | null {
    const { url, sets } = bound.get(symbol) ?? { url: symbol, sets: new Map<string, number>() };
    const ordinals = new Map([...sets].map(([name, set]) => [name, Math.max(0, uvSets.indexOf(set))]));
    return this.#materials.get(url, ordinals);
  }

  #createLines({ lines, positions }: ColladaMesh, residue: mat4 | null): Primitive {
    const array = new Float32Array(lines.length * 3);
    lines.forEach((point, i) => {
      const at = positions.subarray(point * 3, point * 3 + 3);
      array.set(residue ? transformPoint(residue, at) : at, i * 3);
    });
    const accessor = this.#document
      .createAccessor()
      .setType('VEC3')
      .setArray(array)
      .setBuffer(getBuffer(this.#document));
    return this.#document.createPrimitive().setMode(1).setAttribute('POSITION', accessor);
  }

  #addController(controller: XmlElement, instance: XmlElement, node: Node): void {
    const skin = findElement(controller, 'skin');
    const morph = findElement(controller, 'morph');
    const base = this.#library.find((skin ?? morph)?.attributes.source);
    if (!base) return;
    if (base.name === 'controller') {
      // a skin over a morph, or the other way round: the mesh with both
      this.#addController(base, instance, node);
    } else {
      const built = this.#buildMesh(base, instance, null);
      if (!built) return;
      node.setMesh(built.mesh);
    }
    const built = [...this.#meshes.values()].find(({ mesh }) => mesh === node.getMesh());
    if (!built) return;
    if (morph) this.#addTargets(built, morph);
    // bones may stand anywhere in the scene: bound when all nodes are there
    if (skin) this.#skins.push(() => this.#bindSkin(skin, instance, node, built.parts));
  }

  #addTargets({ mesh, parts }: { mesh: Mesh; parts: Part[] }, morph: XmlElement): void {
    const inputs = listElements(findElement(morph, 'targets'), 'input');
    const urlOf = (semantic: string) => inputs.find((one) => one.attributes.semantic === semantic)?.attributes.source;
    const names = readNames(this.#library, urlOf('MORPH_TARGET'));
    const weights = this.#library.source(urlOf('MORPH_WEIGHT'));
    const base = this.#geometryOf(morph.attributes.source);
    const isRelative = morph.attributes.method === 'RELATIVE';
    const used: string[] = [];
    for (const name of names) {
      const target = this.#geometryOf(name);
      if (!target || !base || target.positions.length !== base.positions.length) continue;
      used.push(this.#library.find(name)?.attributes.name ?? name);
      for (const { primitive, sources } of parts) {
        const array = new Float32Array(sources.length * 3);
        sources.forEach((point, u) => {
          for (let axis = 0; axis < 3; axis++)
            array[u * 3 + axis] =
              target.positions[point * 3 + axis] - (isRelative ? 0 : base.positions[point * 3 + axis]);
        });
        const accessor = this.#document
          .createAccessor()
          .setType('VEC3')
          .setArray(array)
          .setBuffer(getBuffer(this.#document));
        primitive.addTarget(this.#document.createPrimitiveTarget(name).setAttribute('POSITION', accessor));
      }
    }
    if (used.length === 0) return;
    mesh.setExtras({ ...mesh.getExtras(), targetNames: used });
    mesh.setWeights(used.map((_, i) => weights?.values[i] ?? 0));
  }

  #geometryOf(url: string | undefined): ColladaMesh | null {
    const element = this.#library.find(url);
    return element?.name === 'geometry' ? this.#readOnce(element) : null;
  }

  #bindSkin(skin: XmlElement, instance: XmlElement, node: Node, parts: Part[]): void {
    const joints = findElement(skin, 'joints');
    const urlOf = (element: XmlElement | undefined, semantic: string) =>
      listElements(element, 'input').find((one) => one.attributes.semantic === semantic);
    const names = readNames(this.#library, urlOf(joints, 'JOINT')?.attributes.source);
    const roots = listElements(instance, 'skeleton').map((one) => one.text.trim());
    const bones = names.map((name) => findJoint(name, roots, this.nodes, this.#library));
    if (names.length === 0 || bones.some((bone) => !bone)) return;
    const gltf = this.#document.createSkin(node.getName());
    bones.forEach((bone) => gltf.addJoint(bone!));
    const array = readInverseBinds(
      skin,
      this.#library,
      urlOf(joints, 'INV_BIND_MATRIX')?.attributes.source,
      names.length,
    );
    gltf.setInverseBindMatrices(
      this.#document.createAccessor().setType('MAT4').setArray(array).setBuffer(getBuffer(this.#document)),
    );
    const influences = readInfluences(skin, this.#library, names.length);
    for (const { primitive, sources } of parts) setSkinAttributes(this.#document, primitive, sources, influences);
    node.setSkin(gltf);
  }

  logLosses(file: string, log: LogEntry[]): void {
    const look = (text: string, consequence: string): void => void log.push({ level: 'look', file, text, consequence });
    let broken = 0;
    for (const source of this.#geometries.values()) {
      broken += source?.broken ?? 0;
    }
    if (broken > 0)
      look(
        `${broken} polygons name a point that is not there or do not end.`,
        'They are left out; there may be holes.',
      );
    if (this.#sheared > 0)
      look(
        `${this.#sheared} nodes are sheared, which glTF's nodes cannot be.`,
        'The shear is put into their vertices; it stands still where they move.',
      );
    if (this.#unknown.size > 0)
      look(
        `Geometry that cannot be read: ${[...this.#unknown].join(', ')}.`,
        'It is missing. Ask the source for polygons.',
      );
  }
}

function listWhere(values: Int32Array, wanted: number): Int32Array {
  const found = new Int32Array(values.reduce((count, value) => count + (value === wanted ? 1 : 0), 0));
  for (let i = 0, at = 0; i < values.length; i++) if (values[i] === wanted) found[at++] = i;
  return found;
}

function transformPositions(source: ColladaMesh, matrix: mat4): ColladaMesh {
  const positions = new Float64Array(source.positions.length);
  for (let i = 0; i < positions.length; i += 3)
    positions.set(transformPoint(matrix, source.positions.subarray(i, i + 3)), i);
  // sheared normals are computed anew
  return { ...source, positions, normals: null };
}

import type { Document, Node, mat4, vec3 } from '@gltf-transform/core';
import type { LogEntry } from '@haveld/contract/report';
import { decomposeMatrix, composeMatrix, invertMatrix, multiplyMatrix, scaleMatrix } from '../../scene/matrix';
import { setNodeSource } from '../../scene/document/source-data';
import { getShownScene } from '../../scene/traverse';
import { addAttributes, listUserProperties } from './attributes';
import type { BuiltModel } from './built-model';
import { findChild, textOf } from './fbx-node';
import type { FbxMaterials } from './materials';
import { MeshBuilder } from './mesh-builder';
import { ModelTransform, type Pose } from './model-transform';
import type { FbxObject, ObjectGraph } from './object-graph';

const IDENTITY = scaleMatrix(1);

/** Builds nodes and meshes of an FBX file in its own unit and axes. */
export class SceneBuilder {
  readonly models = new Map<string, BuiltModel>();
  readonly meshes: MeshBuilder;
  readonly #document: Document;
  readonly #graph: ObjectGraph;
  readonly #path: string;
  readonly #log: LogEntry[];
  readonly #sheared: string[] = [];
  readonly #unturned: string[] = [];
  #hidden = 0;

  constructor(document: Document, graph: ObjectGraph, materials: FbxMaterials, path: string, log: LogEntry[]) {
    this.#document = document;
    this.#graph = graph;
    this.#path = path;
    this.#log = log;
    this.meshes = new MeshBuilder(document, graph, materials);
  }

  build(): void {
    const top = this.#createTop();
    for (const root of this.#graph.listRootModels()) this.#addModel(root, null, top);
    // a skin needs the nodes of all its bones
    for (const model of this.models.values()) this.meshes.bindSkin(model, (id) => this.models.get(id));
    this.meshes.logLosses(this.#path, this.#log);
    this.#logModels();
  }

  /** The scene itself, or a node that mirrors it where the file's axes are left-handed. */
  #createTop(): (node: Node) => void {
    const scene = getShownScene(this.#document);
    const axis = (name: string, fallback: number): vec3 => {
      const v: vec3 = [0, 0, 0];
      v[this.#graph.settings.number(name, fallback)] = this.#graph.settings.number(`${name}Sign`, 1);
      return v;
    };
    const [right, up, front] = [axis('CoordAxis', 0), axis('UpAxis', 1), axis('FrontAxis', 2)];
    const handedness =
      right[0] * (up[1] * front[2] - up[2] * front[1]) -
      right[1] * (up[0] * front[2] - up[2] * front[0]) +
      right[2] * (up[0] * front[1] - up[1] * front[0]);
    if (handedness >= 0) return (node) => scene.addChild(node);
    const mirror = this.#document.createNode('mirrored axes').setScale(right.map((v) => (v !== 0 ? -1 : 1)) as vec3);
    scene.addChild(mirror);
    this.#log.push({
      level: 'look',
      file: this.#path,
      text: 'The axes of the file are left-handed; the scene is mirrored into right-handed ones.',
      consequence: 'Check that lettering is not mirrored.',
    });
    return (node) => mirror.addChild(node);
  }

  #addModel(object: FbxObject, parent: BuiltModel | null, place: (node: Node) => void): void {
    if (this.models.has(object.id)) return;
    const transform = new ModelTransform(object.properties);
    if (transform.ignoresRotation) this.#unturned.push(object.name);
    const world = transform.worldMatrix(
      parent && { world: parent.world, scale: parent.transform.rest.scale },
      transform.rest,
    );
    const toParent = parent ? invertMatrix(parent.nodeWorld) : IDENTITY;
    const parts = decomposeMatrix(toParent ? multiplyMatrix(toParent, world) : transform.localMatrix(transform.rest));
    const node = this.#document
      .createNode(object.name)
      .setTranslation(parts.translation)
      .setRotation(parts.rotation)
      .setScale(parts.scale);
    place(node);
    const nodeWorld = parent ? multiplyMatrix(parent.nodeWorld, composeMatrix(parts)) : composeMatrix(parts);
    const model: BuiltModel = { object, parent, transform, node, world, nodeWorld };
    this.models.set(object.id, model);
    if (parts.residue) this.#sheared.push(object.name);
    this.meshes.addMesh(model, parts.residue);
    addAttributes(this.#document, this.#graph, model);
    this.#keepSource(object, node);
    for (const child of this.#graph.listSources(object, 'Model'))
      this.#addModel(child, model, (childNode) => node.addChild(childNode));
  }

  #keepSource(object: FbxObject, node: Node): void {
    const layers = this.#graph
      .destinationsOf(object)
      .filter(({ object: layer }) => layer.kind === 'CollectionExclusive')
      .map(({ object: layer }) => layer.name);
    if (layers.length > 0) setNodeSource(node, { layers });
    const isHidden =
      object.properties.number('Visibility', 1) === 0 ||
      object.properties.number('Show', 1) === 0 ||
      textOf(findChild(object.node, 'Hidden')) === 'True';
    if (isHidden) {
      setNodeSource(node, { hidden: true });
      this.#hidden++;
    }
    const own = listUserProperties(object.properties);
    if (Object.keys(own).length > 0) node.setExtras({ ...node.getExtras(), ...own });
  }

  #logModels(): void {
    const add = (text: string, consequence: string): void => {
      this.#log.push({ level: 'look', file: this.#path, text, consequence });
    };
    if (this.#sheared.length > 0)
      add(
        `${this.#sheared.length} parts are sheared, which glTF's nodes cannot be: ${listSome(this.#sheared)}.`,
        'The shear is put into their vertices; it stands still where they move.',
      );
    if (this.#unturned.length > 0)
      add(
        `${this.#unturned.length} parts have a pre- or post-rotation that the file switches off: ${listSome(this.#unturned)}.`,
        'It is left out as the file says; should they lie askew, this is where to look.',
      );
    if (this.#hidden > 0)
      add(
        `${this.#hidden} parts are hidden in the file.`,
        'They are shown here; leave out what is not meant to be seen.',
      );
  }
}

/** The local transform of a model in a pose, below what its parent has become; used where curves move it. */
export function computeNodeMatrix(model: BuiltModel, poseOf: (model: BuiltModel) => Pose): mat4 {
  if (isPlain(model)) return model.transform.localMatrix(poseOf(model));
  const world = computeWorld(model, poseOf);
  const parentWorld = model.parent ? computeWorld(model.parent, poseOf) : IDENTITY;
  const toParent = invertMatrix(parentWorld);
  return toParent ? multiplyMatrix(toParent, world) : model.transform.localMatrix(poseOf(model));
}

/** Below parents whose scale comes through unchanged, or is 1. */
export function isPlain({ transform, parent }: BuiltModel): boolean {
  if (!parent || transform.inherits === 'RSrs') return true;
  for (let at: BuiltModel | null = parent; at; at = at.parent) {
    const [x, y, z] = at.transform.rest.scale;
    if (Math.abs(x - y) > 1e-9 || Math.abs(x - z) > 1e-9) return false;
    if (transform.inherits === 'Rrs' && Math.abs(x - 1) > 1e-9) return false;
  }
  return true;
}

function computeWorld(model: BuiltModel, poseOf: (model: BuiltModel) => Pose): mat4 {
  const { parent, transform } = model;
  const above = parent && { world: computeWorld(parent, poseOf), scale: poseOf(parent).scale };
  return transform.worldMatrix(above, poseOf(model));
}

const listSome = (names: readonly string[]): string =>
  names.length > 5 ? `${names.slice(0, 5).join(', ')} and ${names.length - 5} more` : names.join(', ');

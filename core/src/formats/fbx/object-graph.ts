import { findChild, listChildren, type FbxNode } from './fbx-node';
import { FbxProperties, readProperties, type FbxProperty } from './fbx-properties';

/** An object of the file: a model, a geometry, a material … */
export interface FbxObject {
  id: string;
  name: string;
  /** Name of its record: `Model`, `Geometry`, `Deformer` … */
  kind: string;
  /** `Mesh`, `LimbNode`, `Skin`, `Cluster` …; may be empty. */
  type: string;
  node: FbxNode;
  properties: FbxProperties;
}

interface Link {
  object: FbxObject;
  /** The property of the destination this is connected to; empty for a plain connection. */
  property: string;
}

const NO_OBJECT: readonly Link[] = [];

/** Objects by id and what is connected to what, for versions 6 (by name) and 7 (by number) alike. */
export class ObjectGraph {
  readonly objects = new Map<string, FbxObject>();
  readonly settings: FbxProperties;
  readonly #sources = new Map<string, Link[]>();
  readonly #destinations = new Map<string, Link[]>();
  readonly #rootChildren: FbxObject[] = [];

  constructor(root: FbxNode) {
    const templates = readTemplates(findChild(root, 'Definitions'));
    const objects = findChild(root, 'Objects');
    for (const node of objects?.children ?? []) {
      const object = createObject(node, templates);
      if (object && !this.objects.has(object.id)) this.objects.set(object.id, object);
    }
    this.settings = new FbxProperties(
      readProperties(findChild(root, 'GlobalSettings') ?? findChild(objects, 'GlobalSettings')),
    );
    const connections = findChild(root, 'Connections');
    for (const node of [...listChildren(connections, 'C'), ...listChildren(connections, 'Connect')])
      this.#connect(node);
  }

  #connect({ values: [, from, to, property] }: FbxNode): void {
    const source = this.objects.get(idOf(from));
    const target = this.objects.get(idOf(to));
    if (!source) return;
    if (!target) {
      if (isRootId(idOf(to))) this.#rootChildren.push(source);
      return;
    }
    const name = typeof property === 'string' ? property : '';
    push(this.#sources, target.id, { object: source, property: name });
    push(this.#destinations, source.id, { object: target, property: name });
  }

  /** @returns what is connected to an object, in file order */
  sourcesOf({ id }: FbxObject): readonly Link[] {
    return this.#sources.get(id) ?? NO_OBJECT;
  }

  /** @returns what an object is connected to */
  destinationsOf({ id }: FbxObject): readonly Link[] {
    return this.#destinations.get(id) ?? NO_OBJECT;
  }

  /** @returns the objects of one kind connected to an object */
  listSources(object: FbxObject, kind: string, type?: string): FbxObject[] {
    return this.sourcesOf(object)
      .map((link) => link.object)
      .filter((source) => source.kind === kind && (type === undefined || source.type === type));
  }

  listOf(kind: string, type?: string): FbxObject[] {
    return [...this.objects.values()].filter(
      (object) => object.kind === kind && (type === undefined || object.type === type),
    );
  }

  /** @returns models at the top: those connected to the root, and those whose parent is not there */
  listRootModels(): FbxObject[] {
    const roots = new Set(this.#rootChildren.filter((object) => object.kind === 'Model'));
    for (const model of this.listOf('Model'))
      if (!this.destinationsOf(model).some(({ object }) => object.kind === 'Model')) roots.add(model);
    return [...roots];
  }
}

function push(map: Map<string, Link[]>, key: string, link: Link): void {
  const list = map.get(key);
  if (list) list.push(link);
  else map.set(key, [link]);
}

const idOf = (value: unknown): string => (typeof value === 'string' ? cleanKey(value) : String(value));

/** The scene itself: 0 in version 7, `Model::Scene` in version 6. */
const isRootId = (id: string): boolean => id === '0' || id === 'Model::Scene' || id === 'Scene';

/** Binary files write `Cube\0\1Model`, ASCII files `Model::Cube`. */
const cleanKey = (text: string): string => {
  const cut = text.indexOf('\0\x01');
  return cut < 0 ? text : `${text.slice(cut + 2)}::${text.slice(0, cut)}`;
};

const nameOf = (key: string): string => (key.includes('::') ? key.slice(key.indexOf('::') + 2) : key);

function createObject(node: FbxNode, templates: Map<string, Map<string, FbxProperty>>): FbxObject | null {
  const byNumber = node.values.length >= 3 || typeof node.values[0] === 'number';
  const [first, second, third] = node.values;
  const key = byNumber ? second : first;
  const type = byNumber ? third : second;
  if (first === undefined) return null;
  return {
    id: idOf(first),
    name: typeof key === 'string' ? nameOf(cleanKey(key)) : '',
    kind: node.name,
    type: typeof type === 'string' ? type : '',
    node,
    properties: new FbxProperties(readProperties(node), templates.get(node.name)),
  };
}

function readTemplates(definitions: FbxNode | undefined): Map<string, Map<string, FbxProperty>> {
  const templates = new Map<string, Map<string, FbxProperty>>();
  for (const type of listChildren(definitions, 'ObjectType')) {
    // one kind may have several templates, a node attribute for one; only a single one is safe to apply
    const found = listChildren(type, 'PropertyTemplate');
    if (found.length === 1) templates.set(String(type.values[0]), readProperties(found[0]));
  }
  return templates;
}

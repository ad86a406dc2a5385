import type { Document, Node } from '@gltf-transform/core';
import type { PartRef } from '@haveld/contract/step';
import { getNodeSource } from './document/source-data';
import { countTriangles, listShownNodes } from './traverse';

/** What a part's own geometry looks like, in its local space, so that moving a parent does not change it. */
export function computePartSignature(node: Node): string {
  const mesh = node.getMesh();
  if (!mesh) return 'empty';
  let vertices = 0;
  let triangles = 0;
  const min = [Infinity, Infinity, Infinity];
  const max = [-Infinity, -Infinity, -Infinity];
  const element = [0, 0, 0];
  for (const primitive of mesh.listPrimitives()) {
    triangles += countTriangles(primitive);
    const position = primitive.getAttribute('POSITION');
    if (!position) continue;
    vertices += position.getCount();
    position.getMinNormalized(element).forEach((v, i) => (min[i] = Math.min(min[i], v)));
    position.getMaxNormalized(element).forEach((v, i) => (max[i] = Math.max(max[i], v)));
  }
  const size = max.map((v, i) => Number((v - min[i]).toPrecision(4))).join('×');
  return `${vertices}:${triangles}:${size}`;
}

/** The parts of a document as it is now, to name many of them or find many again. */
export class PartIndex {
  readonly #byName = new Map<string, Node[]>();
  readonly #byId = new Map<string, Node>();
  readonly #signatures = new Map<Node, string>();

  constructor(document: Document) {
    for (const node of listShownNodes(document)) {
      const twins = this.#byName.get(node.getName());
      if (twins) twins.push(node);
      else this.#byName.set(node.getName(), [node]);
      const { id } = getNodeSource(node);
      if (id !== undefined) this.#byId.set(id, node);
    }
  }

  /** @returns how a step names a node */
  refer(node: Node): PartRef {
    const { id } = getNodeSource(node);
    return {
      name: node.getName(),
      ordinal: this.#byName.get(node.getName())?.indexOf(node) ?? -1,
      signature: this.#signatureOf(node),
      ...(id === undefined ? {} : { id }),
    };
  }

  /**
   * @returns the node a step means: of its name and shape, by its id where others are called alike; of its id and shape where it was
   *   called something else; null where this document has no such part
   */
  find(ref: PartRef): Node | null {
    const known = ref.id === undefined ? undefined : this.#byId.get(ref.id);
    if (known && known.getName() === ref.name && this.#isAlike(known, ref)) return known;
    const twins = this.#byName.get(ref.name) ?? [];
    const atOrdinal = twins[ref.ordinal] as Node | undefined;
    if (atOrdinal && this.#isAlike(atOrdinal, ref)) return atOrdinal;
    const alike = twins.filter((node) => this.#isAlike(node, ref));
    if (alike.length === 1) return alike[0];
    // a group without a shape is told by its name alone
    return known && ref.signature !== 'empty' && this.#isAlike(known, ref) ? known : null;
  }

  /** @returns the nodes some steps mean, each in its place, and the names of those that are not here */
  findAll(refs: readonly PartRef[]): { nodes: Node[]; unmatched: string[] } {
    const found = refs.map((ref) => this.find(ref));
    return {
      nodes: found.flatMap((node) => node ?? []),
      unmatched: refs.filter((_, i) => !found[i]).map(({ name }) => name || 'unnamed'),
    };
  }

  /** @returns the node a person or a screen means by its id */
  get(id: string): Node | null {
    return this.#byId.get(id) ?? null;
  }

  #isAlike(node: Node, ref: PartRef): boolean {
    return this.#signatureOf(node) === ref.signature;
  }

  #signatureOf(node: Node): string {
    const known = this.#signatures.get(node) ?? computePartSignature(node);
    this.#signatures.set(node, known);
    return known;
  }
}

/** @returns how a step names this node */
export const createPartRef = (document: Document, node: Node): PartRef => new PartIndex(document).refer(node);

/** @returns the node a step means, or null where this document has no such part */
export const findPart = (document: Document, ref: PartRef): Node | null => new PartIndex(document).find(ref);

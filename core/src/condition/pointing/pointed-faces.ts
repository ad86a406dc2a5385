import type { Document, Material, Node } from '@gltf-transform/core';
import type { PartRef } from '@haveld/contract/step';
import { listPlacedParts, type PlacedPart } from '../../scene/measures/placed-parts';
import { isBelow, listShownNodes } from '../../scene/traverse';
import { flagTroubledFaces } from '../../textures/uv/troubled-faces';
import type { PointsAt } from './points-at';

/** What a document held when it was received, by the names it had then. */
export interface AsReceived {
  nodes: { node: Node; name: string }[];
  materials: { material: Material; name: string }[];
}

/** Remembers what is in a document, so that it is found again once steps have moved, renamed and joined it. */
export const rememberAsReceived = (document: Document): AsReceived => ({
  nodes: listShownNodes(document).map((node) => ({ node, name: node.getName() })),
  materials: document
    .getRoot()
    .listMaterials()
    .map((material) => ({ material, name: material.getName() })),
});

/** More triangles than these are the model itself: pointing at them tells nobody where to look. Ours. */
const MOST_TRIANGLES = 400_000;

/**
 * The faces a finding means, where they stand now.
 * @param document as it is, which may be treated
 * @param received what it held before
 * @returns xyz a corner, three corners a triangle, in world space; empty where nothing of it is left, null where it is too much to point at
 */
export function listPointedFaces(
  document: Document,
  received: AsReceived,
  pointed: PointsAt,
): Float32Array<ArrayBuffer> | null {
  const all = listPlacedParts(document).filter(({ corners }) => corners > 2);
  const found =
    pointed.kind === 'parts' ? pickParts(all, received, pointed.parts) : pickMaterials(all, received, pointed);
  const triangles = found.reduce((sum, { flags }) => sum + count(flags), 0);
  if (triangles > MOST_TRIANGLES) return null;
  const faces = new Float32Array(triangles * 9);
  let at = 0;
  for (const { part, flags } of found) at = copyFaces(part, flags, faces, at);
  return faces;
}

interface Picked {
  part: PlacedPart;
  /** 1 for each triangle that is meant. */
  flags: Uint8Array;
}

const whole = (part: PlacedPart): Picked => ({ part, flags: new Uint8Array(Math.floor(part.corners / 3)).fill(1) });

/** A part that shows nothing itself means what hangs in it. */
function pickParts(all: readonly PlacedPart[], { nodes }: AsReceived, refs: readonly PartRef[]): Picked[] {
  const byName = new Map<string, Node[]>();
  for (const { node, name } of nodes) byName.set(name, [...(byName.get(name) ?? []), node]);
  const meant = new Set(refs.flatMap(({ name, ordinal }) => byName.get(name)?.[ordinal] ?? []));
  const holders = [...meant].filter((node) => !node.getMesh());
  return all
    .filter(({ instance: { node } }) => meant.has(node) || holders.some((holder) => isBelow(node, holder)))
    .map(whole);
}

function pickMaterials(
  all: readonly PlacedPart[],
  received: AsReceived,
  { materials, layout }: PointsAt & { kind: 'materials' },
): Picked[] {
  const names = new Set(materials);
  const meant = new Set<Material | null>(
    received.materials.filter(({ name }) => names.has(name)).map(({ material }) => material),
  );
  if (names.has('')) meant.add(null);
  return [...meant].flatMap((material) => {
    const used = all.filter(({ primitive }) => primitive.getMaterial() === material);
    if (!layout) return used.map(whole);
    const flags = flagTroubledFaces(used, layout);
    return used.map((part, i) => ({ part, flags: flags[i] }));
  });
}

const count = (flags: Uint8Array): number => flags.reduce((sum, flag) => sum + flag, 0);

function copyFaces({ positions, indices }: PlacedPart, flags: Uint8Array, into: Float32Array, from: number): number {
  let at = from;
  for (let t = 0; t < flags.length; t++) {
    if (flags[t] === 0) continue;
    for (let k = 0; k < 3; k++) {
      const corner = (indices ? indices[t * 3 + k] : t * 3 + k) * 3;
      into[at++] = positions[corner];
      into[at++] = positions[corner + 1];
      into[at++] = positions[corner + 2];
    }
  }
  return at;
}

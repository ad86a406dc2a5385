import type { Document, Node, mat4, vec3 } from '@gltf-transform/core';
import type { PartRef } from '@haveld/contract/step';
import { makeFreshIds } from '../../scene/document/fresh-id';
import { getNodeSource, setNodeSource } from '../../scene/document/source-data';
import { multiplyMatrix, translationMatrix } from '../../scene/matrix';
import { computeBounds } from '../../scene/measures/bounds';
import { PartIndex } from '../../scene/part-ref';
import { hangUnder, setLocalMatrix } from '../../scene/place-node';
import { getShownScene, isBelow, listBelow, placeMeshes } from '../../scene/traverse';
import { listReferredNodes } from '../referred-nodes';
import { bringOver } from './bring-over';

export interface BorrowedPart {
  /** The lender's number. */
  accession: string;
  /** Null for all of it. */
  part: PartRef | null;
  name: string;
  under: Node | null;
  /** Where its pivot comes to, scene space. */
  at: readonly [number, number, number];
  /** How it is turned and scaled on the way, without a shift: metres, Y up → scene space. */
  turn: mat4;
}

/** Extensions of a node that say how the lender as a whole behaves, not how it looks. */
const OF_THE_WHOLE = ['MSFT_lod', 'KHR_physics_rigid_bodies'];

/** A pivot this far outside of its part, in lengths of it, is none: then the middle of its base is held. Ours. */
const BESIDE = 0.05;

/**
 * Copies a part of another model, or all of it, to a place in this one. What moves by a skin or a clip stays with its lender.
 * @param lender a treated model: metres, Y up; taken apart on the way
 * @returns why it is not taken, in words; null where it is
 */
export function borrowPart(document: Document, lender: Document, given: BorrowedPart): string | null {
  const tops = given.part ? [new PartIndex(lender).find(given.part)] : getShownScene(lender).listChildren();
  if (tops.length === 0 || tops.some((top) => top === null)) return 'it is not there any more';
  const lent = tops as Node[];
  const below = lent.flatMap((top) => listBelow(top));
  const referred = listReferredNodes(lender);
  // above it as well: what a clip moves as a whole does not stand where it is
  const isMoved =
    below.some((node) => node.getSkin() || referred.has(node)) || lent.some((top) => hangsOn(top, referred));
  if (isMoved) return 'a clip or a skin moves it';
  const box = computeBounds(lender, placeMeshes(below));
  if (!box) return 'it shows nothing';
  const pivot = pivotOf(given.part ? lent[0].getWorldTranslation() : [0, 0, 0], box);
  const place = multiplyMatrix(
    translationMatrix([...given.at]),
    multiplyMatrix(given.turn, translationMatrix(pivot.map((v) => -v) as vec3)),
  );
  for (const node of below) for (const extension of OF_THE_WHOLE) node.getExtension(extension)?.dispose();
  const worlds = lent.map((top) => top.getWorldMatrix());
  const copies = bringOver(document, lender, lent, given.accession);
  const nodes = lent.map((top) => copies.get(top) as Node);
  const scene = getShownScene(document);
  nodes.forEach((node) => scene.addChild(node));
  const wanted = below.map((node) => `${given.accession}/${getNodeSource(node).id ?? ''}`);
  const ids = makeFreshIds(document, wanted);
  below.forEach((node, i) => setNodeSource(copies.get(node) as Node, { id: ids[i] }));
  const carrier = nodes.length === 1 ? null : document.createNode(given.name);
  const stuck = nodes.some(
    (node, i) => !setLocalMatrix(document, node, carrier ? worlds[i] : multiplyMatrix(place, worlds[i])),
  );
  if (stuck) {
    for (const node of below) copies.get(node)!.dispose();
    carrier?.dispose();
    return 'it is sheared by what it hangs under there';
  }
  const top = carrier ?? nodes[0];
  if (carrier) {
    setNodeSource(carrier, { id: makeFreshIds(document, [`${given.accession}/`])[0] });
    nodes.forEach((node) => carrier.addChild(node));
    scene.addChild(carrier);
    setLocalMatrix(document, carrier, place);
  } else if (top.getName() !== given.name) {
    setNodeSource(top, { calledBefore: getNodeSource(top).calledBefore ?? top.getName() });
    top.setName(given.name);
  }
  if (given.under) hangUnder(document, top, given.under);
  return null;
}

const hangsOn = (node: Node, referred: ReadonlySet<Node>): boolean =>
  [...referred].some((mover) => isBelow(node, mover));

/** Its own pivot where that lies at it, else the middle of its base. */
function pivotOf(own: vec3, { min, max }: { min: readonly number[]; max: readonly number[] }): vec3 {
  const reach = BESIDE * Math.max(...max.map((v, i) => v - min[i]));
  const isAtIt = own.every((v, i) => v >= min[i] - reach && v <= max[i] + reach);
  return isAtIt ? own : [(min[0] + max[0]) / 2, min[1], (min[2] + max[2]) / 2];
}

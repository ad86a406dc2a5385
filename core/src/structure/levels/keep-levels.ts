import type { Document, Node } from '@gltf-transform/core';
import { LevelsOfDetail, getDetailLevels } from '../../scene/document/detail-levels';
import { setNodeSource } from '../../scene/document/source-data';
import { invertMatrix, multiplyMatrix, scaleMatrix, translationMatrix } from '../../scene/matrix';
import { boundParts } from '../../scene/measures/bounds';
import { listPlacedParts, type PlacedPart } from '../../scene/measures/placed-parts';
import { setLocalMatrix } from '../../scene/place-node';
import { getShownScene, listBelow, listShownNodes, placeMeshes } from '../../scene/traverse';
import { holdsMovers, listReferredNodes } from '../referred-nodes';
import { measureShift } from './find-levels';
import { listCoverage } from './level-facts';
import { measureApart } from './measure-apart';

/**
 * Keeps nodes as the levels of another: they leave the scene, and stand where it stands.
 * @param nodes finest first
 * @returns those that stay as they are: what cannot be brought to the place of the finest
 */
export async function keepLevels(document: Document, nodes: readonly Node[]): Promise<Node[]> {
  const [finest, ...coarser] = nodes;
  const own = getDetailLevels(finest) ?? document.createExtension(LevelsOfDetail).createDetailLevels();
  const shown = listPlacedBelow(document, finest);
  const box = boundParts(shown);
  const errors: number[] = [];
  const left: Node[] = [];
  const referred = listReferredNodes(document);
  for (const node of coarser) {
    const to = finest.getParentNode();
    const inverse = to ? invertMatrix(to.getWorldMatrix()) : scaleMatrix(1);
    const itsBox = boundParts(listPlacedBelow(document, node));
    const isHeld = !inverse || !box || !itsBox || holdsMovers(node, referred);
    const shift = isHeld ? null : measureShift(box, itsBox);
    // joints place a skin: it is not shifted by its node
    const isStuck = shift?.some((v) => v !== 0) && listBelow(node).some((below) => below.getSkin());
    if (isHeld || !shift || isStuck) {
      left.push(node);
      continue;
    }
    const moved = multiplyMatrix(translationMatrix(shift), node.getWorldMatrix());
    if (!setLocalMatrix(document, node, multiplyMatrix(inverse, moved))) {
      left.push(node);
      continue;
    }
    to?.addChild(node);
    const error = await measureApart(shown, listPlacedBelow(document, node));
    errors.push(error);
    setNodeSource(node, { levelError: error });
    takeOutOfScene(document, node);
    own.addLevel(node);
  }
  if (own.listLevels().length > 0)
    finest.setExtension(LevelsOfDetail.EXTENSION_NAME, own.setCoverage(listCoverage(box, errors)));
  return left;
}

const listPlacedBelow = (document: Document, top: Node): PlacedPart[] =>
  listPlacedParts(document, placeMeshes(listBelow(top)));

function takeOutOfScene(document: Document, node: Node): void {
  node.getParentNode()?.removeChild(node);
  getShownScene(document).removeChild(node);
}

/**
 * Does something to a document with its levels hung into the scene, each beside what it is a level of: what is turned and scaled there
 * turns and scales them.
 */
export async function withLevelsHung<T>(document: Document, act: () => T | Promise<T>): Promise<T> {
  const hung = listShownNodes(document).flatMap((node) => {
    const parent = node.getParentNode() ?? getShownScene(document);
    return (getDetailLevels(node)?.listLevels() ?? []).map((level) => {
      parent.addChild(level);
      return level;
    });
  });
  const result = await act();
  for (const level of hung) takeOutOfScene(document, level);
  return result;
}

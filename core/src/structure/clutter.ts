import type { Document, Node } from '@gltf-transform/core';
import type { Light } from '@gltf-transform/extensions';
import type { Box } from '@haveld/contract/report';
import { computeBounds } from '../scene/measures/bounds';
import { getNodeSource } from '../scene/document/source-data';
import { getShownScene, listHoldingMeshes, listShownNodes } from '../scene/traverse';
import { isLinearIdentity } from '../scene/matrix';
import { CLUTTER_HABITS } from './habits';
import { mayDissolve } from './parts/may-dissolve';
import { listReferredNodes } from './referred-nodes';

export interface Clutter {
  node: Node;
  kind: 'camera' | 'light' | 'empty';
  /** True where its name fits a habit and nothing refers to it: it may go without a question. */
  sure: boolean;
  /** A light that shines within the model, and has a name of its own: a lamp's. One that has none may be left over in a large model. */
  belongs: boolean;
}

/** A light this near to the model, in lengths of it, is still the lamp's own. Ours. */
const WITHIN = 0.02;

/** @returns cameras, lights and empty nodes, with whether each is surely clutter */
export function listClutter(document: Document): Clutter[] {
  const referred = listReferredNodes(document);
  let box: Box | null | undefined;
  const isWithin = (node: Node): boolean => {
    box ??= computeBounds(document);
    if (!box) return false;
    const { min, max } = box;
    const reach = WITHIN * Math.max(...max.map((v, i) => v - min[i]));
    return node.getWorldTranslation().every((v, i) => v >= min[i] - reach && v <= max[i] + reach);
  };
  return listShownNodes(document).flatMap((node): Clutter[] => {
    if (node.getMesh() || node.listChildren().length > 0) return [];
    const light = node.getExtension<Light>('KHR_lights_punctual');
    const kind = node.getCamera() ? 'camera' : light ? 'light' : 'empty';
    // the sun shines from nowhere
    const isLamp = light !== null && light.getType() !== 'directional' && isWithin(node);
    const belongs = isLamp && !CLUTTER_HABITS.light.test(node.getName());
    const sure = !isLamp && !referred.has(node) && !carriesData(node) && CLUTTER_HABITS[kind].test(node.getName());
    if (referred.has(node)) return [];
    return [{ node, kind, sure, belongs }];
  });
}

/** @returns nodes with one meaning less: no mesh, no data, a name only a converter gives; its children can hang one higher */
export function listWrappers(document: Document): Node[] {
  const referred = listReferredNodes(document);
  const scene = getShownScene(document);
  return listShownNodes(document).filter((node) => {
    if (node.listChildren().length === 0 || !mayDissolve(node, referred) || carriesData(node)) return false;
    const isTop = scene.listChildren().includes(node);
    const single = node.listChildren().length === 1;
    return CLUTTER_HABITS.wrapper.test(node.getName()) || (node.getName() === '' && (single || isTop));
  });
}

/** User data of the source, ours not counted. */
function carriesData(node: Node): boolean {
  const { haveld: _ours, ...extras } = node.getExtras() as Record<string, unknown>;
  return Object.keys(extras).length > 0 || (getNodeSource(node).groups?.length ?? 0) > 0;
}

/** @returns nodes that show something and whose own transform turns, scales or mirrors: it should lie in the vertices instead */
export function listUnbakedNodes(document: Document): Node[] {
  const shown = listHoldingMeshes(document);
  return listShownNodes(document).filter((node) => shown.has(node) && !isLinearIdentity(node.getMatrix(), 1e-5));
}

import type { Document, Mesh, Node } from '@gltf-transform/core';
import type { Level, Proxy, Reduction } from '@haveld/contract/step';
import { type DetailLevels, LevelsOfDetail, getDetailLevels } from '../../scene/document/detail-levels';
import { setNodeSource } from '../../scene/document/source-data';
import { computeBounds } from '../../scene/measures/bounds';
import { listPlacedParts } from '../../scene/measures/placed-parts';
import { cloneMesh } from '../../scene/meshes/clone-mesh';
import { listBelow, listMeshInstances, listShownNodes, type MeshInstance } from '../../scene/traverse';
import { listCoverage } from './level-facts';
import { measureApart } from './measure-apart';
import { countInstances, simplifyInstances } from './simplify-model';

/** A level as it was made. */
export interface MadeLevel {
  triangles: number;
  /** How far it lies from the finest at most, metres, as measured. */
  error: number;
}

/**
 * Gives a model coarser levels beside it, each made from the one before: its top node gets them, whole, in its own place. Levels it
 * had before go. A level that would not be lighter than the one before is not made.
 * @param document in metres
 * @param root the node all else hangs under
 * @param levels of the finest, finest first
 * @param makeProxy in the scene's space; null where there is nothing to be stood for
 * @returns those that were made, and parts that stay as they are in all of them
 */
export async function makeLevels(
  document: Document,
  root: Node,
  levels: readonly Level[],
  makeProxy: (proxy: Proxy, name: string) => Promise<Mesh | null> = () => Promise.resolve(null),
): Promise<{ made: MadeLevel[]; left: string[] }> {
  dropLevels(document);
  const box = computeBounds(document);
  const extension = document.createExtension(LevelsOfDetail);
  const own = extension.createDetailLevels();
  const made: MadeLevel[] = [];
  const left = new Set<string>();
  const finest = listPlacedParts(document);
  const all = countInstances(listMeshInstances(document));
  let before = { top: root, triangles: all, error: 0 };
  for (const [i, level] of levels.entries()) {
    const name = `${root.getName()}_LOD${i + 1}`;
    const isProxy = level.by === 'box' || level.by === 'hull' || level.by === 'baked';
    const { top, instances } = isProxy
      ? standFor(document, name, await makeProxy(level, name))
      : cloneShown(document, before.top, name);
    const reached = isProxy
      ? { after: countInstances(instances), error: 0, left: [] }
      : await simplifyInstances(document, instances, fromFinest(level, all, before.error));
    reached.left.forEach((part) => left.add(part));
    if (reached.after >= before.triangles || instances.length === 0) {
      listBelow(top).forEach((node) => node.dispose());
      continue;
    }
    const error = await measureApart(finest, listPlacedParts(document, instances));
    setNodeSource(top, { levelError: error });
    own.addLevel(top);
    made.push({ triangles: reached.after, error });
    // what comes after a proxy is made from what the proxy was made of
    if (!isProxy) before = { top, triangles: reached.after, error: before.error + reached.error };
    else before = { ...before, triangles: reached.after };
  }
  if (made.length === 0) {
    own.dispose();
    // what nothing has is not declared
    extension.dispose();
  } else {
    root.setExtension(LevelsOfDetail.EXTENSION_NAME, own);
    own.setCoverage(
      listCoverage(
        box,
        made.map(({ error }) => error),
      ),
    );
  }
  return { made, left: [...left] };
}

/** A level that is one mesh, where the model stands; it does not move with it. */
function standFor(document: Document, name: string, mesh: Mesh | null): { top: Node; instances: MeshInstance[] } {
  const top = document.createNode(name);
  if (!mesh) return { top, instances: [] };
  top.setMesh(mesh);
  return { top, instances: [{ node: top, mesh, world: top.getWorldMatrix() }] };
}

/** Each is said of the finest, and made from the one before. */
function fromFinest(reduction: Reduction, triangles: number, error: number): Reduction {
  if (reduction.by === 'share')
    return { by: 'triangles', triangles: Math.max(1, Math.round(triangles * reduction.share)) };
  return reduction.by === 'error' ? { by: 'error', mm: Math.max(0, reduction.mm - error * 1000) } : reduction;
}

/** Takes away every level a document has. */
export function dropLevels(document: Document): void {
  for (const node of listShownNodes(document)) {
    const levels = getDetailLevels(node);
    if (levels) dropOwn(levels);
  }
}

function dropOwn(levels: DetailLevels): void {
  for (const level of levels.listLevels()) listBelow(level).forEach((node) => node.dispose());
  levels.dispose();
}

/** Copies what shows something below a node, and what moves it; joints stay those of the finest. */
function cloneShown(document: Document, top: Node, name: string): { top: Node; instances: MeshInstance[] } {
  const meshes = new Map<Mesh, Mesh>();
  const copies = new Map<Node, Node>();
  const instances: MeshInstance[] = [];
  const copyBelow = (node: Node, copyName: string): Node | null => {
    const mesh = node.getMesh();
    const children = node.listChildren().flatMap((child) => copyBelow(child, child.getName()) ?? []);
    if (!mesh && children.length === 0) return null;
    const copy = document
      .createNode(copyName)
      .setTranslation(node.getTranslation())
      .setRotation(node.getRotation())
      .setScale(node.getScale());
    for (const child of children) copy.addChild(child);
    if (mesh) {
      const own = meshes.get(mesh) ?? cloneMesh(mesh);
      meshes.set(mesh, own);
      copy.setMesh(own).setSkin(node.getSkin()).setWeights(node.getWeights());
      instances.push({ node: copy, mesh: own, world: node.getWorldMatrix() });
    }
    copies.set(node, copy);
    return copy;
  };
  const copy = copyBelow(top, name) ?? document.createNode(name);
  for (const clip of document.getRoot().listAnimations())
    for (const channel of clip.listChannels()) {
      const target = copies.get(channel.getTargetNode()!);
      if (!target) continue;
      clip.addChannel(
        document
          .createAnimationChannel()
          .setSampler(channel.getSampler())
          .setTargetPath(channel.getTargetPath()!)
          .setTargetNode(target),
      );
    }
  return { top: copy, instances };
}

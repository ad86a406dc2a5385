import type { Document, Node } from '@gltf-transform/core';
import { listMeshInstances } from '../traverse';

/** What of a model bends. */
export interface SkinFacts {
  joints: number;
  /** Joints that move no vertex, nor anything below them: what exporters set at the ends of bones. */
  idle: string[];
  /** The most joints a vertex follows. */
  mostInfluences: number;
  blendShapes: number;
}

/** Looks at every influence of a model once. */
export function measureSkins(document: Document): SkinFacts {
  const joints = new Set<Node>();
  const moving = new Set<Node>();
  let [mostInfluences, blendShapes] = [0, 0];
  for (const { node, mesh } of listMeshInstances(document)) {
    const own = node.getSkin()?.listJoints() ?? [];
    for (const joint of own) joints.add(joint);
    const used = new Uint8Array(own.length);
    for (const primitive of mesh.listPrimitives()) {
      blendShapes = Math.max(blendShapes, primitive.listTargets().length);
      const sets = Array.from({ length: 4 }, (_, s) => ({
        joints: primitive.getAttribute(`JOINTS_${s}`)?.getArray(),
        weights: primitive.getAttribute(`WEIGHTS_${s}`)?.getArray(),
      })).filter((set) => set.joints && set.weights);
      const count = (sets[0]?.weights?.length ?? 0) / 4;
      for (let v = 0; v < count; v++) {
        let influences = 0;
        for (const set of sets)
          for (let i = v * 4; i < v * 4 + 4; i++)
            if (set.weights![i] > 0) {
              influences++;
              used[set.joints![i]] = 1;
            }
        if (influences > mostInfluences) mostInfluences = influences;
      }
    }
    own.forEach((joint, i) => {
      // what is above one that moves something moves it too
      for (let at: Node | null = used[i] ? joint : null; at && !moving.has(at); at = at.getParentNode()) moving.add(at);
    });
  }
  // a thing may hang on a joint that no vertex follows
  for (const { node } of listMeshInstances(document))
    for (let at = node.getParentNode(); at && !moving.has(at); at = at.getParentNode()) moving.add(at);
  return {
    joints: joints.size,
    idle: [...joints].filter((joint) => !moving.has(joint)).map((joint) => joint.getName()),
    mostInfluences,
    blendShapes,
  };
}

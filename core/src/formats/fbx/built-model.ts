import type { Node, mat4 } from '@gltf-transform/core';
import type { ModelTransform } from './model-transform';
import type { FbxObject } from './object-graph';

/** A model of the file and what became of it. */
export interface BuiltModel {
  object: FbxObject;
  parent: BuiltModel | null;
  transform: ModelTransform;
  node: Node;
  /** World transform by the file's rules, and by glTF's: they differ where a shear could not be kept. */
  world: mat4;
  nodeWorld: mat4;
}

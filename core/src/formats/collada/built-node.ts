import type { Node } from '@gltf-transform/core';
import type { TransformPart } from './transform';
import type { XmlElement } from './xml-tree';

/** A node of the file and what became of it. */
export interface BuiltNode {
  element: XmlElement;
  node: Node;
  parts: TransformPart[];
}

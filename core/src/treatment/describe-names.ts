import type { Node } from '@gltf-transform/core';

/** @returns names in a few words: `lid, hinge and 14 more` */
export function describeNames(given: readonly string[]): string {
  const names = given.map((name) => name || 'unnamed');
  return names.length <= 3 ? names.join(', ') : `${names.slice(0, 2).join(', ')} and ${names.length - 2} more`;
}

/** @returns what nodes are called, where a step could not do what it was asked */
export const namesOf = (nodes: readonly Node[]): string[] => nodes.map((node) => node.getName() || 'unnamed');

import type { Document, Node } from '@gltf-transform/core';
import { hangUnder } from '../../scene/place-node';
import { listReferredNodes } from '../referred-nodes';
import { mayDissolve } from './may-dissolve';

/**
 * Takes groups away: what hung in them hangs one higher, where it stood. One that shows something itself, that something moves, or
 * whose children would be sheared stays.
 * @returns those that stay
 */
export function dissolveGroups(document: Document, groups: readonly Node[]): Node[] {
  const referred = listReferredNodes(document);
  return groups.filter((group) => {
    if (!mayDissolve(group, referred)) return true;
    const above = group.getParentNode();
    const stuck = group.listChildren().filter((child) => !hangUnder(document, child, above));
    if (stuck.length === 0) group.dispose();
    return stuck.length > 0;
  });
}

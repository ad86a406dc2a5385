import type { Node } from '@gltf-transform/core';
import { PartIndex } from '../../scene/part-ref';
import { listBelow } from '../../scene/traverse';
import { count } from '../../text/count';
import type { StepDefinition } from '../step-definition';

/** Numbers by their value: `slat_2` before `slat_10`. */
const NAMES = new Intl.Collator('en', { numeric: true, sensitivity: 'base' });

export const sortPartsBelow: StepDefinition<'sort-parts'> = {
  kind: 'sort-parts',
  phase: 'parts',
  order: 0,
  codeVersion: 1,
  topology: 'keeps',
  title: ({ parts }) =>
    parts.length === 1 ? `Below “${parts[0].name}” sorted by name` : `Below ${parts.length} parts sorted by name`,
  credit: () => null,
  adaptation: () => null,
  apply(document, { parts }) {
    const { nodes, unmatched } = new PartIndex(document).findAll(parts);
    const sorted = [...new Set(nodes.flatMap(listBelow))].filter(sortChildren);
    return { changed: `what hangs under ${count(sorted.length, 'part')}`, unmatched };
  },
};

/** @returns whether their order was another */
function sortChildren(node: Node): boolean {
  const before = node.listChildren();
  const after = [...before].sort((a, b) => NAMES.compare(a.getName(), b.getName()));
  if (after.every((child, i) => child === before[i])) return false;
  for (const child of before) node.removeChild(child);
  for (const child of after) node.addChild(child);
  return true;
}

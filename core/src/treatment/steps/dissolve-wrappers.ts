import type { Document } from '@gltf-transform/core';
import type { PartRef } from '@haveld/contract/step';
import { PartIndex } from '../../scene/part-ref';
import { dissolveGroups } from '../../structure/parts/dissolve-groups';
import { describeNames, namesOf } from '../describe-names';
import type { StepDefinition, StepResult } from '../step-definition';

export const dissolveWrappers: StepDefinition<'dissolve-wrappers'> = {
  kind: 'dissolve-wrappers',
  phase: 'structure',
  order: 4,
  codeVersion: 2,
  topology: 'keeps',
  title: () => 'Wrappers dissolved',
  credit: () => null,
  adaptation: () => null,
  apply: (document, step) => dissolveNamed(document, step.parts),
};

/** Takes groups away that a step names, and says which stayed. */
export function dissolveNamed(document: Document, parts: readonly PartRef[]): StepResult {
  const { nodes, unmatched } = new PartIndex(document).findAll(parts);
  const names = new Map(nodes.map((node) => [node, node.getName()]));
  const stay = new Set(dissolveGroups(document, nodes));
  const gone = nodes.filter((node) => !stay.has(node)).map((node) => names.get(node)!);
  return { changed: describeNames(gone), unmatched: [...unmatched, ...namesOf([...stay])] };
}

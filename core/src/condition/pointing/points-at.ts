import type { Finding, LayoutTrouble } from '@haveld/contract/finding';
import { FINDING_KINDS } from '@haveld/contract/finding-kinds';
import type { PartRef, Step } from '@haveld/contract/step';

/** What of a model a finding means, as it was received. */
export type PointsAt =
  | { kind: 'parts'; parts: PartRef[] }
  /** @property layout where it is about some of their faces: what is wrong with these */
  | { kind: 'materials'; materials: string[]; layout: LayoutTrouble | null };

/** @returns what a finding points at: what it names, and what the steps it offers would change; null where it means no place */
export function describePointsAt({
  kind,
  about,
  choices,
}: Pick<Finding, 'kind' | 'about' | 'choices'>): PointsAt | null {
  const { pointsAt } = FINDING_KINDS[kind];
  const steps = choices.flatMap((choice) => choice.steps);
  if (pointsAt === 'parts') {
    const parts = steps.flatMap((step) => ('parts' in step ? step.parts : []));
    return parts.length > 0 ? { kind: 'parts', parts } : null;
  }
  if (pointsAt !== 'materials') return null;
  const materials = [
    ...(about.materials ?? []),
    ...(about.material ? [about.material] : []),
    ...steps.flatMap(listMaterials),
  ];
  return materials.length > 0
    ? { kind: 'materials', materials: [...new Set(materials)], layout: about.layout ?? null }
    : null;
}

function listMaterials(step: Step): string[] {
  if (step.kind === 'merge-materials') return [step.into, ...step.from];
  if ('materials' in step) return step.materials;
  return 'material' in step ? [step.material] : [];
}

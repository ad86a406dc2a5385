import type { Choice, Finding } from '@haveld/contract/finding';
import { formatLength } from '../../placement/units';
import { PartIndex } from '../../scene/part-ref';
import type { Motion, MovingPart } from '../../structure/moving-parts';
import { count } from '../../text/count';
import { strangerKey, type Examination } from '../examination';
import { makeFinding } from '../make-finding';

const WORDS: Record<Motion, string> = { swings: 'swing', lifts: 'lift', spins: 'spin' };

/** Doors, lids and wheels that turn about another place than they should. */
export function checkPartPivots({ document, movingParts, metresAUnit, strangers }: Examination): Finding[] {
  if (movingParts.length === 0) return [];
  const factor = metresAUnit ?? 1;
  const evidence = movingParts.slice(0, 12).map(({ node, label, off, motion }) => ({
    text: `“${node.getName()}”: by its name it should ${WORDS[motion]}, about ${label}`,
    figure: `now ${formatLength(off * factor)} off`,
  }));
  const choices: Choice[] = [
    {
      id: 'hinge',
      label: 'Turn them about these places',
      steps: listSteps(document, movingParts),
      confidence: 0.85,
      evidence,
    },
    { id: 'keep', label: 'Leave their pivots', steps: [], confidence: 0.15, evidence: [] },
  ];
  return [
    makeFinding({
      kind: 'part-pivots',
      mark: 'look',
      title: `${count(movingParts.length, 'part')} would not turn where ${movingParts.length === 1 ? 'it' : 'they'} should`,
      detail: 'Only their pivots move; the parts and their children stay where they are.',
      evidence,
      choices,
      after: [...strangers.map(strangerKey), 'up'],
    }),
  ];
}

/** Parts that turn about the same place of their boxes are one step. */
function listSteps(document: Examination['document'], parts: readonly MovingPart[]): Choice['steps'] {
  const index = new PartIndex(document);
  const groups = new Map<string, MovingPart[]>();
  for (const part of parts) {
    const key = `${part.point.join()} ${part.label}`;
    groups.set(key, [...(groups.get(key) ?? []), part]);
  }
  return [...groups.values()].map((group) => ({
    kind: 'set-part-pivot',
    schema: 1,
    parts: group.map(({ node }) => index.refer(node)),
    point: group[0].point,
    label: group[0].label,
  }));
}

import type { Finding } from '@haveld/contract/finding';
import { listMeshInstances, getShownScene } from '../../scene/traverse';
import { count } from '../../text/count';
import { houseName } from '../../text/house-name';
import type { Examination } from '../examination';
import { makeFinding } from '../make-finding';

/** One named root remains. */
export function checkRoot({ document, name }: Examination): Finding[] {
  const tops = getShownScene(document).listChildren();
  const parts = listMeshInstances(document).length;
  const wanted = houseName(name);
  const choice = {
    id: 'name',
    label: wanted,
    steps: [{ kind: 'name-root' as const, schema: 1 as const, name: wanted }],
    confidence: 0.95,
    evidence: [],
  };
  if (tops.length === 1 && tops[0].getName() === wanted) {
    return [
      makeFinding({
        kind: 'root',
        mark: 'holds',
        title: `${count(parts, 'part')} under one root, “${wanted}”`,
      }),
    ];
  }
  return [
    makeFinding({
      kind: 'root',
      mark: 'look',
      title:
        tops.length === 1
          ? `The root is called “${tops[0].getName() || 'nothing'}”`
          : `${count(parts, 'part')} under no common root`,
      detail: `One root named “${wanted}”, as the house names its assets.`,
      evidence: tops.slice(0, 6).map((node) => ({ text: node.getName() || 'unnamed' })),
      choices: [choice],
      sure: true,
    }),
  ];
}

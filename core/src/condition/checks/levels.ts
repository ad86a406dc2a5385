import type { Finding } from '@haveld/contract/finding';
import { PartIndex } from '../../scene/part-ref';
import { formatCount } from '../../text/count';
import type { Examination } from '../examination';
import { makeFinding } from '../make-finding';

/** Levels of detail that came with the model: one is shown, the others are kept behind it. */
export function checkLevels({ document, levels }: Examination): Finding[] {
  if (levels.length === 0) return [];
  const index = new PartIndex(document);
  const isPlain = levels.every((one) => one.isPlain);
  const most = Math.max(...levels.map((one) => one.levels.length));
  const evidence = levels.length === 1 ? levels[0].evidence : listShort(levels);
  return [
    makeFinding({
      kind: 'levels',
      mark: 'look',
      title:
        levels.length === 1
          ? `“${levels[0].name || 'unnamed'}” came in ${formatCount(most)} levels of detail`
          : `${formatCount(levels.length)} parts came in up to ${formatCount(most)} levels of detail`,
      detail: 'The finest is shown; the others are kept behind it and go along, for what is far away.',
      evidence,
      choices: [
        {
          id: 'keep',
          label: 'Keep them as levels',
          steps: [
            {
              kind: 'keep-levels',
              schema: 1,
              sets: levels.map((one) => one.levels.map((node) => index.refer(node))),
            },
          ],
          confidence: isPlain ? 0.96 : 0.8,
          evidence,
        },
        {
          id: 'finest',
          label: 'Only the finest',
          steps: [
            {
              kind: 'take-out',
              schema: 1,
              parts: levels.flatMap((one) => one.levels.slice(1).map((node) => index.refer(node))),
            },
          ],
          confidence: 0.03,
          evidence: [],
        },
        {
          id: 'apart',
          label: 'They are parts of their own',
          steps: [],
          confidence: isPlain ? 0.01 : 0.17,
          evidence: [],
        },
      ],
      sure: isPlain,
    }),
  ];
}

const listShort = (levels: Examination['levels']): Finding['evidence'] =>
  levels.slice(0, 12).map((one) => ({
    text: one.name || 'unnamed',
    figure: `${one.triangles.map((triangles) => formatCount(triangles)).join(' › ')} triangles`,
  }));

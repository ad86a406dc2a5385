import type { Finding } from '@haveld/contract/finding';
import { PartIndex } from '../../scene/part-ref';
import { count } from '../../text/count';
import type { Examination } from '../examination';
import { makeFinding } from '../make-finding';

/** Shapes to collide by that came among the parts: shown, they lie over the model. */
export function checkCollisionParts({ document, collision }: Examination): Finding[] {
  if (!collision) return [];
  const index = new PartIndex(document);
  const parts = collision.nodes.map((node) => index.refer(node));
  const { isPlain } = collision;
  const evidence: Finding['evidence'] = [
    ...collision.nodes.slice(0, 10).map((node) => ({ text: node.getName() })),
    { text: 'they lie about the model', figure: count(collision.triangles, 'triangle') },
  ];
  return [
    makeFinding({
      kind: 'collision-parts',
      mark: 'look',
      title: `${count(parts.length, 'part is', 'parts are')} made for collision`,
      detail: 'Kept as its collision shape they go along in GLB and glTF and are not shown.',
      evidence,
      choices: [
        {
          id: 'keep',
          label: 'Keep as collision shape',
          steps: [{ kind: 'keep-collision', schema: 1, parts }],
          confidence: isPlain ? 0.97 : 0.85,
          evidence,
        },
        {
          id: 'take-out',
          label: 'Take them out',
          steps: [{ kind: 'take-out', schema: 1, parts }],
          confidence: isPlain ? 0.02 : 0.1,
          evidence: [],
        },
        {
          id: 'parts',
          label: 'They are parts of the model',
          steps: [],
          confidence: isPlain ? 0.01 : 0.05,
          evidence: [],
        },
      ],
      sure: isPlain,
    }),
  ];
}

import type { Choice, Finding } from '@haveld/contract/finding';
import { listNonUniformNodes, type NonUniformScale } from '../../placement/bake/non-uniform-scale';
import { PartIndex } from '../../scene/part-ref';
import { count } from '../../text/count';
import type { Examination } from '../examination';
import { makeFinding } from '../make-finding';

/** Scales that differ along the axes, and a whole model that is mirrored: is it meant? */
export function checkNonUniformScale({ document, isMoving }: Examination): Finding[] {
  if (isMoving) return [];
  const nonUniform = listNonUniformNodes(document);
  return [
    ...askAbout(
      document,
      nonUniform.filter(({ isStretched }) => isStretched),
      false,
    ),
    ...askAbout(
      document,
      nonUniform.filter(({ isMirrored, isWhole }) => isMirrored && isWhole),
      true,
    ),
  ];
}

function askAbout(document: Examination['document'], nodes: readonly NonUniformScale[], unmirror: boolean): Finding[] {
  if (nodes.length === 0) return [];
  const index = new PartIndex(document);
  const isWhole = nodes.some((one) => one.isWhole);
  const evidence = nodes.slice(0, 8).map(({ node, scale }) => ({
    text: node.getName() || 'unnamed',
    figure: scale.map((v) => Number(v.toPrecision(4))).join(' × '),
  }));
  // parts are stretched on purpose, a whole model seldom is
  const kept = isWhole && !unmirror ? 0.5 : 0.8;
  const choices: Choice[] = [
    { id: 'as-seen', label: 'It is meant: keep it as it looks', steps: [], confidence: kept, evidence: [] },
    {
      id: 'even',
      label: unmirror ? 'Remove the mirroring' : 'Remove the stretch',
      steps: [
        {
          kind: 'uniform-scale',
          schema: 1,
          parts: nodes.map(({ node }) => index.refer(node)),
          unmirror,
        },
      ],
      confidence: 1 - kept,
      evidence,
    },
  ];
  return [
    makeFinding({
      kind: unmirror ? 'mirrored' : 'non-uniform-scale',
      mark: isWhole ? 'look' : 'holds',
      title: unmirror
        ? 'The whole model is mirrored by a node'
        : isWhole
          ? 'The whole model is stretched unevenly by a node'
          : `${count(nodes.length, 'part')} stretched by a node: kept as it looks`,
      detail: unmirror
        ? 'Writing on it reads backwards if that was a slip. Baking keeps faces and tangents right either way.'
        : 'Baking puts it into the vertices as it looks; without it the part has even sides again.',
      evidence,
      choices,
    }),
  ];
}

import type { Light } from '@gltf-transform/extensions';
import type { Finding } from '@haveld/contract/finding';
import { PartIndex } from '../../scene/part-ref';
import { listClutter, listWrappers, type Clutter } from '../../structure/clutter';
import { count } from '../../text/count';
import type { Examination } from '../examination';
import { makeFinding } from '../make-finding';

/** Cameras, lights and empty nodes: what surely is clutter goes, the rest is asked. */
export function checkClutter({ document }: Examination): Finding[] {
  const all = listClutter(document);
  const index = new PartIndex(document);
  const sure = all.filter((clutter) => clutter.sure);
  const unsure = all.filter((clutter) => !clutter.sure && !clutter.belongs);
  const own = all.filter((clutter) => clutter.belongs);
  const findings: Finding[] = [];
  const evidenceOf = (list: Clutter[]): Finding['evidence'] =>
    list
      .slice(0, 12)
      .map(({ node, kind }) => ({ text: node.getName() || 'unnamed', figure: kind === 'empty' ? 'empty node' : kind }));
  const choiceOf = (list: Clutter[], confidence: number, keepFirst: boolean): Finding['choices'] => {
    const choices: Finding['choices'] = [
      {
        id: 'leave-out',
        label: 'Remove them',
        steps: [
          {
            kind: 'leave-out',
            schema: 1,
            what: 'clutter',
            parts: list.map(({ node }) => index.refer(node)),
          },
        ],
        confidence,
        evidence: [],
      },
      { id: 'keep', label: 'Keep them', steps: [], confidence: 1 - confidence, evidence: [] },
    ];
    return keepFirst ? choices.reverse() : choices;
  };
  if (sure.length > 0) {
    findings.push(
      makeFinding({
        kind: 'clutter',
        mark: 'look',
        title: `${describe(sure)} left over from a scene`,
        detail: 'They have a program’s default names, nothing refers to them and they carry no data.',
        evidence: evidenceOf(sure),
        choices: choiceOf(sure, 0.96, false),
        sure: true,
      }),
    );
  }
  if (unsure.length > 0) {
    findings.push(
      makeFinding({
        kind: 'clutter-named',
        mark: 'look',
        title: `${describe(unsure)} that may belong to it`,
        detail: 'Mount points, markers, or lights that shine within it. Kept unless you say otherwise.',
        evidence: evidenceOf(unsure),
        choices: choiceOf(unsure, 0.3, true),
      }),
    );
  }
  if (own.length > 0) {
    findings.push(
      makeFinding({
        kind: 'own-lights',
        mark: 'holds',
        title: `${describe(own)} within it, kept`,
        detail:
          'They shine where the thing does, and go along in GLB and glTF. On the sheet of parts they can be taken out.',
        evidence: own.slice(0, 12).map(({ node }) => ({
          text: node.getName() || 'unnamed',
          figure: describeLight(node.getExtension<Light>('KHR_lights_punctual')!),
        })),
      }),
    );
  }
  return findings;
}

const describeLight = (light: Light): string => `${light.getType()}, ${Number(light.getIntensity().toPrecision(3))} cd`;

/** Nodes that only wrap others. */
export function checkWrappers({ document }: Examination): Finding[] {
  const wrappers = listWrappers(document);
  if (wrappers.length === 0) return [];
  const index = new PartIndex(document);
  return [
    makeFinding({
      kind: 'wrappers',
      mark: 'look',
      title: wrappers.length === 1 ? '1 node only wraps others' : `${wrappers.length} nodes only wrap others`,
      detail: 'Their children move up one level; nothing in the scene changes its place.',
      evidence: wrappers.slice(0, 12).map((node) => ({
        text: node.getName() || 'unnamed',
        figure: count(node.listChildren().length, 'child', 'children'),
      })),
      choices: [
        {
          id: 'dissolve',
          label: 'Dissolve them',
          steps: [{ kind: 'dissolve-wrappers', schema: 1, parts: wrappers.map((node) => index.refer(node)) }],
          confidence: 0.95,
          evidence: [],
        },
      ],
      sure: true,
    }),
  ];
}

function describe(list: Clutter[]): string {
  const of = (kind: Clutter['kind']): number => list.filter((clutter) => clutter.kind === kind).length;
  const parts: string[] = [];
  if (of('camera') > 0) parts.push(count(of('camera'), 'camera'));
  if (of('light') > 0) parts.push(count(of('light'), 'light'));
  if (of('empty') > 0) parts.push(count(of('empty'), 'empty node'));
  return parts.join(', ');
}

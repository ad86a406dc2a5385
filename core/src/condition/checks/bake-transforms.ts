import type { Document } from '@gltf-transform/core';
import type { Finding } from '@haveld/contract/finding';
import { linearDeterminant } from '../../scene/matrix';
import { measureSkins } from '../../scene/measures/skin-facts';
import { listMeshInstances } from '../../scene/traverse';
import { listUnbakedNodes } from '../../structure/clutter';
import { count } from '../../text/count';
import type { Examination } from '../examination';
import { makeFinding } from '../make-finding';

/** Turns and scales that lie in nodes, and mirrored parts. */
export function checkBaking(examination: Examination): Finding[] {
  const { document, isMoving, stance, metresAUnit } = examination;
  const unbaked = listUnbakedNodes(document);
  const mirrored = listMeshInstances(document).filter(({ world }) => linearDeterminant(world) < 0);
  const willTurn = Boolean(stance?.turn) || (metresAUnit ?? 1) !== 1;
  if (isMoving) {
    return [
      makeFinding({
        kind: 'motion',
        mark: 'holds',
        title: 'Joints or clips: they follow size and stance',
        detail:
          'Turns and scales of its joints belong to its motion and stay. A turn or a scale that is taken above goes into places, vertices, bind matrices and clips, and everything moves as it did.',
        evidence: describeMotion(document),
        choices: willTurn
          ? [
              {
                id: 'bake-transforms',
                label: 'Bake them',
                steps: [{ kind: 'bake-transforms', schema: 1 }],
                confidence: 0.97,
                evidence: [],
              },
            ]
          : [],
        sure: willTurn,
      }),
    ];
  }
  if (unbaked.length === 0) {
    return [
      makeFinding({
        kind: 'bake-transforms',
        mark: 'holds',
        title: 'Every scale reads 1, every rotation is in the vertices',
        detail: willTurn ? 'A turn or a scale that is taken above is baked with it.' : '',
      }),
    ];
  }
  const evidence: Finding['evidence'] = [];
  evidence.push({
    text: `${count(unbaked.length, 'part')} rotated or scaled by a node`,
    figure: unbaked
      .slice(0, 2)
      .map((node) => node.getName())
      .join(', '),
  });
  if (mirrored.length > 0)
    evidence.push({ text: `${count(mirrored.length, 'part')} mirrored`, figure: mirrored[0].node.getName() });
  if (willTurn) evidence.push({ text: 'a rotation or scale taken above stays on the root until it is baked' });
  return [
    makeFinding({
      kind: 'bake-transforms',
      mark: 'look',
      title: `${count(unbaked.length, 'transform')} not baked`,
      detail: 'Rotations and scales go into the vertices, so that every scale reads 1. The parts stay where they are.',
      evidence,
      choices: [
        {
          id: 'bake-transforms',
          label: 'Bake them',
          steps: [{ kind: 'bake-transforms', schema: 1 }],
          confidence: 0.97,
          evidence: [],
        },
      ],
      sure: true,
    }),
  ];
}

/** What bends and what moves, as far as a hand-over or an engine asks. */
function describeMotion(document: Document): Finding['evidence'] {
  const { joints, idle, mostInfluences, blendShapes } = measureSkins(document);
  const clips = document.getRoot().listAnimations().length;
  const lines: (Finding['evidence'][number] | null)[] = [
    clips > 0 ? { text: count(clips, 'clip') } : null,
    joints > 0 ? { text: count(joints, 'joint') } : null,
    idle.length > 0
      ? {
          text: `${count(idle.length, 'joint moves', 'joints move')} nothing: ends of bones`,
          figure: idle.slice(0, 3).join(', '),
        }
      : null,
    mostInfluences > 0
      ? {
          text: `a vertex follows up to ${count(mostInfluences, 'joint')}`,
          figure: mostInfluences > 4 ? 'four are kept at hand-over' : undefined,
        }
      : null,
    blendShapes > 0 ? { text: count(blendShapes, 'blend shape') } : null,
  ];
  return lines.flatMap((line) => line ?? []);
}

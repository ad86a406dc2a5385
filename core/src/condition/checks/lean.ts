import type { Choice, Finding } from '@haveld/contract/finding';
import type { Lean } from '../../placement/stance/judge-lean';
import { strangerKey, type Examination } from '../examination';
import { makeFinding } from '../make-finding';

const WORDS: Record<Lean['towards'], string> = {
  left: 'to the left',
  right: 'to the right',
  front: 'forwards',
  back: 'backwards',
};

/** Would it tip as it stands, and rest if it were straight? Always asked: a wedge is no leaning box. */
export function checkLean({ lean, strangers, isMoving }: Examination): Finding[] {
  if (!lean || isMoving) return [];
  const words = `${lean.degrees.toFixed(1)}° ${WORDS[lean.towards]}`;
  const evidence: Finding['evidence'] = [
    { text: 'as it stands its middle lies over nothing it stands on' },
    { text: 'the plane its feet define, from level', figure: `${lean.degrees.toFixed(2)}°` },
    { text: 'of its base those feet span', figure: `${Math.round(lean.support * 100)} %` },
  ];
  const choices: Choice[] = [
    {
      id: 'straighten',
      label: 'Set it straight',
      steps: [{ kind: 'straighten', schema: 1, turn: lean.turn, degrees: lean.degrees, words }],
      confidence: 0.8,
      evidence,
    },
    { id: 'stay', label: 'It is meant to lean', steps: [], confidence: 0.2, evidence: [] },
  ];
  return [
    makeFinding({
      key: 'lean',
      heading: 'size-and-stance',
      mark: 'look',
      title: `Leans ${words}`,
      detail: 'Straightened to the plane its feet define.',
      evidence,
      choices,
      after: [...strangers.map(strangerKey), 'up'],
    }),
  ];
}

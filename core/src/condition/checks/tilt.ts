import type { Choice, Finding } from '@haveld/contract/finding';
import type { Tilt } from '../../placement/orientation/judge-tilt';
import { strangerKey, type Examination } from '../examination';
import { makeFinding } from '../make-finding';

const WORDS: Record<Tilt['towards'], string> = {
  left: 'to the left',
  right: 'to the right',
  front: 'forwards',
  back: 'backwards',
};

/** Would it tip as it stands, and rest if it were straight? Always asked: a wedge is no leaning box. */
export function checkTilt({ tilt, strangers, isMoving }: Examination): Finding[] {
  if (!tilt || isMoving) return [];
  const words = `${tilt.degrees.toFixed(1)}° ${WORDS[tilt.towards]}`;
  const evidence: Finding['evidence'] = [
    { text: 'as it stands, its centre of mass lies beside what it stands on' },
    { text: 'the plane its feet define, from level', figure: `${tilt.degrees.toFixed(2)}°` },
    { text: 'share of its base those feet span', figure: `${Math.round(tilt.support * 100)} %` },
  ];
  const choices: Choice[] = [
    {
      id: 'straighten',
      label: 'Set it straight',
      steps: [{ kind: 'straighten', schema: 1, turn: tilt.turn, degrees: tilt.degrees, label: words }],
      confidence: 0.8,
      evidence,
    },
    { id: 'stay', label: 'It is meant to lean', steps: [], confidence: 0.2, evidence: [] },
  ];
  return [
    makeFinding({
      kind: 'tilt',
      mark: 'look',
      title: `Leans ${words}`,
      detail: 'Straightened to the plane its feet define.',
      evidence,
      choices,
      after: [...strangers.map(strangerKey), 'up'],
    }),
  ];
}

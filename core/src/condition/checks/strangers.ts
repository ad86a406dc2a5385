import type { Finding } from '@haveld/contract/finding';
import { PartIndex } from '../../scene/part-ref';
import type { StrangerKind } from '../../structure/strangers';
import { strangerSubject, type Examination } from '../examination';
import { isSure, makeFinding } from '../make-finding';

const WORDS: Record<StrangerKind, string> = {
  floor: 'display floor',
  wall: 'back wall',
  turntable: 'turntable',
  figure: 'scale figure',
  'start-up': 'start-up block',
  'name-plate': 'name plate',
  stray: 'stray part',
  hidden: 'hidden part',
};

/** Parts that stand with the model and are probably not it: asked before anything is measured. */
export function checkStrangers({ document, strangers, rules }: Examination): Finding[] {
  const index = new PartIndex(document);
  return strangers.map((stranger) => {
    const words = WORDS[stranger.kind];
    const choices: Finding['choices'] = [
      {
        id: 'leave-out',
        label: 'Leave it out',
        steps: [{ kind: 'leave-out', schema: 1, what: words, parts: [index.refer(stranger.node)] }],
        confidence: stranger.confidence,
        evidence: stranger.evidence,
      },
      { id: 'belongs', label: 'It belongs to it', steps: [], confidence: 1 - stranger.confidence, evidence: [] },
    ];
    return makeFinding({
      kind: 'stranger',
      of: strangerSubject(stranger),
      mark: 'look',
      title: `“${stranger.node.getName() || 'unnamed'}” looks like a ${words}`,
      detail: 'It is left out of every measurement below until you say otherwise.',
      evidence: stranger.evidence,
      choices,
      sure: isSure(choices[0], stranger.evidence.length, rules),
    });
  });
}

import type { Finding, Choice } from '@haveld/contract/finding';
import { chooseAlphaByShares } from '../../textures/materials/choose-alpha-mode';
import { guessMatter } from '../../textures/materials/guess-matter';
import type { Examination } from '../examination';
import { makeFinding, isSure } from '../make-finding';

const ALPHA_WORDS = { OPAQUE: 'solid', MASK: 'cut out', BLEND: 'see-through' };

/** Colour maps with holes in them that are shown solid, and solid ones that are blended for nothing. */
export function checkAlpha({ document, references, facts, rules }: Examination): Finding[] {
  return document
    .getRoot()
    .listMaterials()
    .flatMap((material) => {
      const map = references.find(
        ({ line, picture }) => picture && line.material === material.getName() && line.slot === 'baseColor',
      )?.picture;
      const measures = map && facts.get(map.sha256)?.measures;
      if (!map || !measures) return [];
      const now = material.getAlphaMode();
      const { alphaMode } = chooseAlphaByShares(measures.clear, measures.solid);
      if (now === alphaMode || material.getBaseColorFactor()[3] < 1) return [];
      const { matter, word } = guessMatter(material.getName(), map.path);
      const isLeaf = matter.id === 'leaf';
      const percent = (share: number): string => `${Math.round(share * 100)} %`;
      const evidence = [
        {
          text: 'clear, solid, and between',
          figure: `${percent(measures.clear)}, ${percent(measures.solid)}, ${percent(1 - measures.clear - measures.solid)}`,
        },
        ...(isLeaf ? [{ text: `“${word}” in its name says ${matter.label}` }] : []),
      ];
      const words = ALPHA_WORDS[alphaMode];
      const choice: Choice = {
        id: alphaMode,
        label: `Show it ${words}`,
        steps: [
          {
            kind: 'set-material',
            schema: 1,
            materials: [material.getName()],
            factors: { alphaMode, alphaCutoff: 0.5, ...(alphaMode === 'MASK' ? { doubleSided: true } : {}) },
            label: words,
            without: [],
          },
        ],
        confidence: alphaMode === 'MASK' ? 0.93 : 0.86,
        evidence,
      };
      return [
        makeFinding({
          kind: 'alpha',
          of: material.getName(),
          about: { material: material.getName() },
          mark: 'look',
          title: `“${material.getName()}” ${alphaMode === 'OPAQUE' ? 'is opaque' : 'has holes in its colour map'} and is shown ${ALPHA_WORDS[now]}`,
          detail:
            alphaMode === 'MASK'
              ? 'Nearly all of it is clear or solid: leaves, wire, lettering. Both sides are shown then.'
              : '',
          evidence,
          choices: [
            choice,
            { id: 'stay', label: 'Leave it', steps: [], confidence: 1 - choice.confidence, evidence: [] },
          ],
          sure: isSure(choice, evidence.length > 1 || alphaMode === 'MASK' ? 2 : 1, rules),
        }),
      ];
    });
}

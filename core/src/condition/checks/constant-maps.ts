import type { Finding, Choice } from '@haveld/contract/finding';
import type { TextureSlot } from '@haveld/contract/step';
import { SLOTS } from '../../textures/slots';
import { isShown } from '../../textures/texture-reference';
import type { Examination } from '../examination';
import { makeFinding, isSure } from '../make-finding';

/** Maps of one colour take memory for a figure. */
export function checkConstants({ references, facts, rules }: Examination): Finding[] {
  const shown = references.filter(isShown);
  return shown.flatMap(({ line: map, picture }) => {
    const seen = facts.get(picture.sha256);
    const slot = FOLDED[map.slot];
    if (!seen?.measures?.constant || !slot || seen.width * seen.height < 64) return [];
    const colour = seen.measures.mean.map((value) => Math.round(value * 255)).join(', ');
    const choice: Choice = {
      id: 'fold',
      label: 'Make it a value',
      steps: [{ kind: 'fold-constant', schema: 1, material: map.material, slot }],
      confidence: 0.95,
      evidence: [
        { text: `every texel is (${colour})`, figure: `${seen.width} × ${seen.height}` },
        { text: 'a plain value looks the same, and takes no memory' },
      ],
    };
    // roughness and metallic share a picture: it is one colour only where both are
    const shares = shown.filter(({ line }) => line.material === map.material && FOLDED[line.slot] === slot);
    if (shares.some((one) => !facts.get(one.picture.sha256)?.measures?.constant)) return [];
    return [
      makeFinding({
        kind: 'constant',
        of: `${map.material}:${map.slot}`,
        about: { material: map.material, slot: map.slot },
        mark: 'look',
        title: `The ${SLOTS[map.slot].label} map of “${map.material}” is one colour all over`,
        detail: '',
        evidence: choice.evidence,
        choices: [choice],
        sure: isSure(choice, 2, rules),
      }),
    ];
  });
}

/** Where a map of one colour lies once it is bound; slots without a figure are left out. */
const FOLDED: Partial<Record<TextureSlot, TextureSlot>> = {
  baseColor: 'baseColor',
  metallicRoughness: 'metallicRoughness',
  roughness: 'metallicRoughness',
  metallic: 'metallicRoughness',
  glossiness: 'metallicRoughness',
  emissive: 'emissive',
  occlusion: 'occlusion',
  normal: 'normal',
};

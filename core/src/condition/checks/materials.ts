import type { PBRSpecularGlossiness } from '@gltf-transform/extensions';
import type { Choice, Finding } from '@haveld/contract/finding';
import { count } from '../../text/count';
import type { Examination } from '../examination';
import { isSure, makeFinding } from '../make-finding';
import { checkAlpha } from './alpha';
import { checkConstants } from './constant-maps';
import { checkColourOnly } from './shine';
import { checkTwins } from './twin-materials';

/** Materials as a whole: of another workflow, copies of one another, shiny for want of anything said, see-through or not. */
export function checkMaterials(examination: Examination): Finding[] {
  return [
    ...checkSpecular(examination),
    ...checkTwins(examination),
    ...checkColourOnly(examination),
    ...checkAlpha(examination),
    ...checkConstants(examination),
    ...checkBareFaces(examination),
  ];
}

function checkSpecular({ document, rules }: Examination): Finding[] {
  const materials = document
    .getRoot()
    .listMaterials()
    .filter((material) => material.getExtension<PBRSpecularGlossiness>('KHR_materials_pbrSpecularGlossiness'))
    .map((material) => material.getName());
  if (materials.length === 0) return [];
  const choice: Choice = {
    id: 'convert',
    label: 'Convert to metallic and roughness',
    steps: [{ kind: 'convert-specular', schema: 1, materials: [...new Set(materials)] }],
    confidence: 0.97,
    evidence: [
      { text: 'KHR_materials_pbrSpecularGlossiness is archived: many renderers show these materials grey' },
      {
        text: 'converted texel by texel as the extension’s appendix does it; the delivered maps stay with the original',
      },
    ],
  };
  return [
    makeFinding({
      kind: 'specular',
      mark: 'look',
      title: `${count(materials.length, 'material')} with specular and glossiness`,
      detail: materials.slice(0, 6).join(', '),
      evidence: choice.evidence,
      choices: [choice],
      sure: isSure(choice, 2, rules),
    }),
  ];
}

function checkBareFaces({ layouts }: Examination): Finding[] {
  const bare = layouts.get(null);
  if (!bare || layouts.size < 2) return [];
  return [
    makeFinding({
      kind: 'no-material',
      about: { materials: [''] },
      mark: 'look',
      title: `${count(bare.triangles, 'triangle')} with no material`,
      detail:
        'They show white. Set this aside if they are meant to, or give their part a material on the sheet of maps.',
    }),
  ];
}

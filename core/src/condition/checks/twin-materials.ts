import type { Material } from '@gltf-transform/core';
import type { Finding, Choice } from '@haveld/contract/finding';
import { getMaterialSource } from '../../scene/document/source-data';
import { count } from '../../text/count';
import { SHOWN_SLOTS, getSlotTexture } from '../../textures/slot-texture';
import type { Examination } from '../examination';
import { makeFinding, isSure } from '../make-finding';

/** What a renderer sees of a material, without its name. */
function describeLook(material: Material): string {
  const textures = SHOWN_SLOTS.map((slot) => getSlotTexture(material, slot));
  const images = textures.map((texture) => {
    const image = texture?.getImage();
    return image ? `${image.byteLength}:${image.slice(0, 64).join('.')}:${image.slice(-64).join('.')}` : '';
  });
  const round = (values: readonly number[]): string => values.map((value) => value.toFixed(3)).join(',');
  const missing = (getMaterialSource(material).maps ?? []).map(({ slot, reference }) => `${slot}=${reference}`).sort();
  const extensions = material.listExtensions().map((extension) => extension.extensionName);
  return [
    round(material.getBaseColorFactor()),
    round([material.getMetallicFactor(), material.getRoughnessFactor(), material.getAlphaCutoff()]),
    round(material.getEmissiveFactor()),
    material.getAlphaMode(),
    String(material.getDoubleSided()),
    ...images,
    ...missing,
    ...extensions,
  ].join('|');
}

/** Copies that differ only by a number behind their name, or not even by that. */
export function checkTwins({ document, rules }: Examination): Finding[] {
  const groups = new Map<string, Material[]>();
  for (const material of document.getRoot().listMaterials()) {
    // materials with extensions are compared by name of the extension alone: too little to call them one
    if (material.listExtensions().length > 0) continue;
    const stem = material
      .getName()
      .replace(/[ ._-]*(\(\d+\)|\d+|copy)$/i, '')
      .toLowerCase();
    const key = `${stem}|${describeLook(material)}`;
    groups.set(key, [...(groups.get(key) ?? []), material]);
  }
  return [...groups.values()]
    .filter((materials) => new Set(materials.map((material) => material.getName())).size > 1)
    .map((materials) => {
      const names = [...new Set(materials.map((material) => material.getName()))].sort(
        (a, b) => a.length - b.length || (a < b ? -1 : 1),
      );
      const [into, ...from] = names;
      const choice: Choice = {
        id: 'merge',
        label: `Make them one: “${into}”`,
        steps: [{ kind: 'merge-materials', schema: 1, into, from }],
        confidence: 0.97,
        evidence: [
          { text: 'same factors, same maps' },
          { text: 'their names differ by a number alone', figure: from.join(', ').slice(0, 60) },
        ],
      };
      return makeFinding({
        kind: 'twins',
        of: into,
        about: { material: into },
        mark: 'look',
        title: `“${into}” is there ${names.length} times`,
        detail: `${count(names.length, 'draw call')} where one would do.`,
        evidence: choice.evidence,
        choices: [choice],
        sure: isSure(choice, 2, rules),
      });
    });
}

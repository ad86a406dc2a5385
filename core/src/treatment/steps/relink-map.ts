import { takeMapsFromBare } from '../../scene/repair/materials';
import { getMaterialSource, setMaterialSource } from '../../scene/document/source-data';
import { bindMap, bindPacked } from '../../textures/bind-map';
import { fileStem } from '../../textures/judging/read-map-name';
import { listNamedMaterials } from '../../textures/materials/list-named-materials';
import { SLOTS } from '../../textures/slots';
import type { StepDefinition } from '../step-definition';

export const relinkMap: StepDefinition<'relink-map'> = {
  kind: 'relink-map',
  phase: 'textures',
  order: 0,
  codeVersion: 3,
  topology: 'keeps',
  loses: ['maps'],
  title: (step) => `${SLOTS[step.slot].label[0].toUpperCase()}${SLOTS[step.slot].label.slice(1)} map relinked`,
  credit: () => null,
  adaptation: () => null,
  async apply(document, step, { codec, readBytes }) {
    const materials = listNamedMaterials(document, [step.material]);
    if (materials.length === 0) return { changed: '', unmatched: [step.material] };
    const bytes = await readBytes(step.sha256);
    for (const material of materials) {
      const name = fileStem(step.path);
      if (step.packing) await bindPacked(document, material, step.packing, bytes, name, codec);
      else await bindMap(document, material, step.slot, bytes, name, codec);
      const maps = getMaterialSource(material).maps ?? [];
      const reference = maps.find((map) => map.slot === step.slot)?.reference ?? step.path;
      setMaterialSource(material, {
        maps: [
          ...maps.filter((map) => map.slot !== step.slot),
          { slot: step.slot, reference, status: 'found', path: step.path, sha256: step.sha256 },
        ],
      });
    }
    const isBare = takeMapsFromBare(document).length > 0;
    const without = isBare ? '; parts without UVs show its colour alone' : '';
    return { changed: `${step.material}: ${step.path.split('/').pop()}${without}`, unmatched: [] };
  },
};

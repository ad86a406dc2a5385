import { readGlb } from '../../scene/document/document-io';
import { borrowMaterial } from '../../structure/borrow/borrow-material';
import { listNamedMaterials, listUnmatchedNames } from '../../textures/materials/list-named-materials';
import { SLOTS } from '../../textures/slots';
import { count } from '../../text/count';
import type { StepDefinition } from '../step-definition';

export const borrowMaterialOf: StepDefinition<'borrow-material'> = {
  kind: 'borrow-material',
  phase: 'textures',
  order: 0,
  codeVersion: 1,
  topology: 'keeps',
  loses: ['maps'],
  title: ({ material, from, materials, slot }) => {
    const own = materials.length === 1 ? materials[0] : `${materials.length} materials`;
    const whose = `“${material}” of ${from.accession} ${from.name}`;
    return slot ? `${own} with the ${SLOTS[slot].label} map of ${whose}` : `${own} as ${whose}`;
  },
  credit: ({ material, from, slot }) =>
    `${slot ? `${SLOTS[slot].label} map of ` : ''}material “${material}” of ${from.accession} “${from.name}” taken`,
  adaptation: ({ from, slot }) => `a ${slot ? 'map' : 'material'} of “${from.name}” was taken`,
  async apply(document, { from, material, materials, slot }, { readBytes }) {
    const unmatched = listUnmatchedNames(document, materials);
    const own = listNamedMaterials(document, materials);
    if (own.length === 0) return { changed: '', unmatched };
    const lender = await readGlb(await readBytes(from.sha256));
    return borrowMaterial(document, lender, { accession: from.accession, material, materials: own, slot })
      ? { changed: count(own.length, 'material'), unmatched }
      : { changed: '', unmatched: [...unmatched, `${material} of ${from.accession}`] };
  },
};

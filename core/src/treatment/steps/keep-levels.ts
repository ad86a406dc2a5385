import { PartIndex } from '../../scene/part-ref';
import { keepLevels } from '../../structure/levels/keep-levels';
import { count } from '../../text/count';
import type { StepDefinition } from '../step-definition';

export const keepDetailLevels: StepDefinition<'keep-levels'> = {
  kind: 'keep-levels',
  phase: 'structure',
  order: 4,
  codeVersion: 1,
  topology: 'keeps',
  // they are kept beside what is shown
  loses: ['triangles', 'polygons', 'lines', 'layouts', 'colours', 'creases', 'shapes', 'skinned', 'maps'],
  title: ({ sets }) =>
    sets.length === 1 ? `${sets[0].length} levels of detail kept` : `Levels of detail of ${sets.length} parts kept`,
  credit: () => null,
  adaptation: () => null,
  async apply(document, { sets }) {
    const index = new PartIndex(document);
    // found before any leaves the scene, for that renumbers its twins
    const found = sets.map((set) => index.findAll(set));
    const left: string[] = [];
    for (const { nodes, unmatched } of found) {
      if (unmatched.length > 0) left.push(...unmatched);
      else left.push(...(await keepLevels(document, nodes)).map((node) => node.getName() || 'unnamed'));
    }
    const kept = found.filter(({ unmatched }) => unmatched.length === 0);
    const coarser = kept.reduce((sum, { nodes }) => sum + nodes.length - 1, 0);
    return {
      changed: count(coarser, 'coarser level stands', 'coarser levels stand') + ' behind the finest',
      unmatched: left,
    };
  },
};

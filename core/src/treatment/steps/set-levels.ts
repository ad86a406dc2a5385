import { makeProxy } from '../../picture/proxy/make-proxy';
import { formatLength } from '../../placement/units';
import { makeLevels } from '../../structure/levels/make-levels';
import { count, formatCount } from '../../text/count';
import { getPlacementRoot } from '../placement-root';
import type { StepDefinition } from '../step-definition';

export const setDetailLevels: StepDefinition<'set-levels'> = {
  kind: 'set-levels',
  phase: 'scene',
  order: 0,
  codeVersion: 2,
  topology: 'keeps',
  title: ({ levels }) => `${count(levels.length, 'coarser level', 'coarser levels')} of detail made`,
  credit: () => 'coarser levels of detail added',
  adaptation: () => 'coarser levels of detail added',
  async apply(document, { levels }, { codec }) {
    const { made, left } = await makeLevels(document, getPlacementRoot(document), levels, (proxy, name) =>
      makeProxy(document, codec, proxy, name),
    );
    if (made.length === 0) return { changed: 'nothing could be taken away', unmatched: left };
    const list = (words: string[]): string => words.join(', ');
    const dropped =
      made.length < levels.length ? `; ${formatCount(levels.length - made.length)} would not have been lighter` : '';
    return {
      changed: `${list(made.map(({ triangles }) => formatCount(triangles)))} triangles, up to ${list(made.map(({ error }) => formatLength(error)))} from the finest${dropped}`,
      unmatched: left,
    };
  },
};

import { addLayout } from '../../textures/uv/add-layout';
import { count, formatCount } from '../../text/count';
import type { StepDefinition } from '../step-definition';

export const makeSecondLayout: StepDefinition<'second-layout'> = {
  kind: 'second-layout',
  phase: 'geometry',
  order: 2,
  codeVersion: 1,
  topology: 'keeps',
  title: ({ side }) => `UV layout for baking, ${side} × ${side}`,
  credit: () => null,
  adaptation: () => null,
  async apply(document, { side }) {
    const added = await addLayout(document, side);
    if (!added) return { changed: 'nothing to lay out', unmatched: [] };
    const { triangles, charts, set, shared } = added;
    const alike = shared > 0 ? `; ${count(shared, 'part')} show the geometry of another and share its place` : '';
    return {
      changed: `${formatCount(triangles)} triangles in ${count(charts, 'piece')}, as TEXCOORD_${set}${alike}`,
      unmatched: [],
    };
  },
};

import type { Finding, LayoutTrouble } from '@haveld/contract/finding';
import { count } from '../../text/count';
import { FINER_TIMES, type UvLayout } from '../../textures/uv/uv-layout';
import type { Examination } from '../examination';
import { makeFinding } from '../make-finding';

interface Trouble {
  id: LayoutTrouble;
  /** The title without the material and the figure. */
  summary: string;
  means: string;
  /** @returns the figure where it is one, null where all is well */
  measure: (layout: UvLayout, isMapped: boolean) => string | null;
}

/** What faces without a material are called in evidence. */
const WITHOUT_MATERIAL = 'faces without a material';

const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** What can be wrong with a layout, from where on, and what it means. Thresholds are ours. */
const TROUBLES: Trouble[] = [
  {
    id: 'none',
    summary: 'No UVs',
    means: 'A map shows as a single colour there.',
    measure: ({ bare, triangles }, isMapped) => (bare > 0 && isMapped ? percent(bare / triangles) : null),
  },
  {
    id: 'flat',
    summary: 'Faces with no UV area',
    means: 'A map is smeared there.',
    measure: ({ degenerate }, isMapped) => (degenerate > 0.01 && isMapped ? percent(degenerate) : null),
  },
  {
    id: 'overlapping',
    summary: 'UVs overlap',
    means: 'Light and occlusion can only be baked into a second UV set.',
    measure: ({ overlapping, outside }) => (overlapping > 0.1 && outside < 0.1 ? percent(overlapping) : null),
  },
  {
    id: 'uneven',
    summary: 'Texel density differs within a material',
    means: 'Some of the surface shows the map much finer than the rest.',
    measure: ({ density }, isMapped) =>
      density && isMapped && density.high > density.low * FINER_TIMES
        ? `${Math.round(density.high / density.low)} times`
        : null,
  },
  {
    id: 'outside',
    summary: 'UVs reach beyond the first tile',
    means: 'The map repeats there, or each tile has a map of its own.',
    measure: ({ outside, tiles }) => (outside > 0.02 ? `${percent(outside)}, ${tiles.length} tiles` : null),
  },
  {
    id: 'flipped',
    summary: 'UVs are mirrored in part',
    means: 'Lettering reads backwards there.',
    measure: ({ flipped }, isMapped) => (flipped > 0.02 && flipped < 0.98 && isMapped ? percent(flipped) : null),
  },
];

/** How materials lie on their pictures: each trouble once, with the materials that have it. */
export function checkUv({ layouts, maps }: Examination): Finding[] {
  const mapped = new Set(maps.map((map) => map.material));
  return TROUBLES.flatMap(({ id, summary, means, measure }) => {
    const found = [...layouts].flatMap(([material, layout]) => {
      const name = material?.getName() ?? '';
      const figure = measure(layout, mapped.has(name));
      return figure === null ? [] : [{ name, figure }];
    });
    if (found.length === 0) return [];
    const isHarm = id === 'none' || id === 'flat';
    return [
      makeFinding({
        kind: 'uv',
        of: id,
        about: { materials: found.map(({ name }) => name), layout: id },
        mark: isHarm ? 'look' : 'holds',
        title: `${summary}: ${found.length === 1 ? `“${found[0].name || WITHOUT_MATERIAL}”, ${found[0].figure}` : count(found.length, 'material')}`,
        detail: means,
        evidence: found.slice(0, 10).map(({ name, figure }) => ({ text: name || WITHOUT_MATERIAL, figure })),
      }),
    ];
  });
}

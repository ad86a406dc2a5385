import type { Finding } from '@haveld/contract/finding';
import { CATEGORIES } from '@haveld/contract/category';
import { HOUSE_RULES } from '@haveld/contract/house-rules';
import { countTriangles, listMeshInstances } from '../../scene/traverse';
import type { Examination } from '../examination';
import { count, formatCount } from '../../text/count';
import { makeFinding } from '../make-finding';

/** Counts, and what is missing or odd in the meshes. */
export function checkGeometry({ document, figures, log }: Examination): Finding[] {
  const findings: Finding[] = [];
  const kept = figures.polygons < figures.triangles ? `, kept as ${formatCount(figures.polygons)} polygons` : '';
  const budget = CATEGORIES.large.budget;
  findings.push(
    makeFinding({
      key: 'triangles',
      heading: 'geometry',
      mark: figures.triangles > budget ? 'look' : 'holds',
      title: `${formatCount(figures.triangles)} triangles${kept}`,
      detail:
        figures.triangles > budget
          ? `The house's largest budget is ${formatCount(budget)}.`
          : count(figures.vertices, 'vertex', 'vertices'),
    }),
  );
  const unmapped = listMeshInstances(document).filter(({ mesh }) =>
    mesh
      .listPrimitives()
      .some(
        (primitive) =>
          countTriangles(primitive) > 0 &&
          primitive.getMaterial()?.getBaseColorTexture() &&
          !primitive.getAttribute('TEXCOORD_0'),
      ),
  );
  if (unmapped.length > 0) {
    findings.push(
      makeFinding({
        key: 'no-uv',
        heading: 'geometry',
        mark: 'look',
        title: `${count(unmapped.length, 'part')} with a map and no UVs`,
        detail: 'The map shows as a single colour there.',
      }),
    );
  }
  if (figures.lines + figures.points > 0) {
    findings.push(
      makeFinding({
        key: 'lines',
        heading: 'geometry',
        mark: 'look',
        title: `${count(figures.lines, 'line')} and ${count(figures.points, 'point')} beside the triangles`,
        detail: 'They are kept; renderers may not draw them.',
      }),
    );
  }
  if (figures.cardMemoryBytes > HOUSE_RULES.cardMemoryBudgetBytes) {
    findings.push(
      makeFinding({
        key: 'memory',
        heading: 'textures',
        mark: 'look',
        title: `Maps take ${Math.round(figures.cardMemoryBytes / 2 ** 20)} MiB on the card`,
        detail: `The house's budget is ${HOUSE_RULES.cardMemoryBudgetBytes / 2 ** 20} MiB an asset.`,
      }),
    );
  }
  for (const [i, entry] of log.entries()) {
    if (entry.level !== 'look' || !entry.consequence) continue;
    findings.push(
      makeFinding({
        key: `reading:${i}`,
        heading: 'geometry',
        mark: 'look',
        title: entry.text,
        detail: entry.consequence,
        evidence: entry.file ? [{ text: entry.file, figure: entry.line ? `line ${entry.line}` : undefined }] : [],
      }),
    );
  }
  return findings;
}

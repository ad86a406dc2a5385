import type { Finding } from '@haveld/contract/finding';
import { count, formatCount } from '../../text/count';
import type { Examination } from '../examination';
import { makeFinding } from '../make-finding';

/** Counts, and what is missing or odd in the meshes. */
export function checkGeometry({ figures, log, rules }: Examination): Finding[] {
  const findings: Finding[] = [];
  const kept = figures.polygons < figures.triangles ? `, kept as ${formatCount(figures.polygons)} polygons` : '';
  const budget = Math.max(...Object.values(rules.triangles));
  findings.push(
    makeFinding({
      kind: 'triangles',
      mark: figures.triangles > budget ? 'look' : 'holds',
      title: `${formatCount(figures.triangles)} triangles${kept}`,
      detail:
        figures.triangles > budget
          ? `The house's largest budget is ${formatCount(budget)}.`
          : count(figures.vertices, 'vertex', 'vertices'),
    }),
  );
  if (figures.lines + figures.points > 0) {
    findings.push(
      makeFinding({
        kind: 'lines',
        mark: 'look',
        title: `${count(figures.lines, 'line')} and ${count(figures.points, 'point')} besides the triangles`,
        detail: 'They are kept; many renderers do not draw them.',
      }),
    );
  }
  for (const [i, entry] of log.entries()) {
    if (entry.level !== 'look' || !entry.consequence) continue;
    findings.push(
      makeFinding({
        kind: 'reading',
        of: String(i),
        mark: 'look',
        title: entry.text,
        detail: entry.consequence,
        evidence: entry.file ? [{ text: entry.file, figure: entry.line ? `line ${entry.line}` : undefined }] : [],
      }),
    );
  }
  return findings;
}

import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Document } from '@gltf-transform/core';
import { judgeUp } from '@haveld/core/placement/orientation/judge-up';
import { listOrientationFeatures } from '@haveld/core/placement/orientation/orientation-features';
import { measureSurface } from '@haveld/core/placement/orientation/surface-measures';
import { judgeSize } from '@haveld/core/placement/size/judge-size';
import { findTypicalSize } from '@haveld/core/placement/size/typical-sizes';
import { detectRights } from '@haveld/core/rights/detect';
import { boxSize, computeBounds } from '@haveld/core/scene/measures/bounds';
import { listPlacedParts } from '@haveld/core/scene/measures/placed-parts';
import { listPieces } from '@haveld/core/structure/list-pieces';
import { listMapLines } from '@haveld/core/textures/map-lines';
import { getLicenceTextIndex } from '../licence-texts';
import { FURNITURE_FOLDER, readFurniture, readFurnitureTable, type FurnitureRow } from '../testing/open-furniture';
import { describeDifferences, type Comparison } from '../testing/read-files';

test('153 community models: every box is that of the table, every map is found or told to be missing; units are judged', async () => {
  const rows = readFurnitureTable();
  const differences: Comparison[] = [];
  const kits: string[] = [];
  const maps = { models: 0, found: 0, elsewhere: 0, missing: 0 };
  const orientation = { upright: 0, wrong: 0, sureWrong: 0, of: 0 };
  const byAuthor = new Map<string, { right: number; sureWrong: number; of: number }>();
  for (const row of rows) {
    const document = await readFurniture(row);
    const size = boxSize(computeBounds(document)!);
    const largest = Math.max(...row.box);
    if (size.some((v, axis) => Math.abs(v - row.box[axis]) > largest * 1e-3))
      differences.push({
        file: row.model,
        what: 'box',
        ours: size.map((v) => v.toPrecision(5)).join(' × '),
        theirs: row.box.join(' × '),
      });
    if (listPieces(document)) kits.push(row.model);
    const lines = listMapLines(document, []).maps;
    if (lines.length > 0) maps.models++;
    for (const line of lines)
      maps[line.status === 'found' ? 'found' : line.status === 'elsewhere' ? 'elsewhere' : 'missing']++;
    judge(row, size, byAuthor);
    if (row.rotation === '') judgeOrientation(row, document, orientation);
  }
  const judged = [...byAuthor.values()].reduce(
    (sum, { right, sureWrong, of }) => ({
      right: sum.right + right,
      sureWrong: sum.sureWrong + sureWrong,
      of: sum.of + of,
    }),
    { right: 0, sureWrong: 0, of: 0 },
  );
  console.log(
    [
      `open-furniture: ${rows.length} models, ${differences.length} boxes differ; ${maps.models} with maps: ${maps.found} found, ${maps.elsewhere} elsewhere, ${maps.missing} missing`,
      `unit named first: ${judged.right} of ${judged.of}; wrong and called sure: ${judged.sureWrong}`,
      `stance: ${orientation.upright} of ${orientation.of} said to stand upright, ${orientation.sureWrong} wrong and called sure`,
      ...[...byAuthor]
        .sort((a, b) => b[1].of - a[1].of)
        .slice(0, 6)
        .map(([author, { right, of }]) => `  ${author}: ${right} of ${of}`),
    ].join('\n'),
  );
  expect(rows).toHaveLength(153);
  // each is one thing, whatever parts it has
  expect(kits).toEqual([]);
  expect(describeDifferences(differences)).toBe('');
  // README: 79 models with maps, 4 of them missing
  expect(maps.models).toBe(79);
  expect(maps.missing).toBe(4);
});

test('the English text of the Free Art License, which SPDX lists in French, is recognised as itself and as nothing else', () => {
  const text = readFileSync(join(FURNITURE_FOLDER, 'LICENSE.txt'), 'utf8');
  const found = detectRights(
    { texts: [{ file: 'm/LICENSE.txt', text, firstLine: 1 }] },
    { model: 'm/m.obj', files: ['m/m.obj'] },
    getLicenceTextIndex(),
  );
  expect(found.licences.map((licence) => licence.id)).toEqual(['LAL-1.3']);
  expect(found.authors).toEqual([]);
});

/** Models the catalogue places without turning them stand upright with Y up. */
function judgeOrientation(
  row: FurnitureRow,
  document: Document,
  orientation: { upright: number; wrong: number; sureWrong: number; of: number },
): void {
  const box = computeBounds(document)!;
  const typical = findTypicalSize(`${row.name} ${row.model}`);
  const surface = measureSurface(listPlacedParts(document), box);
  const [best] = judgeUp({
    declaredUp: null,
    typical,
    floor: null,
    orientation: surface && listOrientationFeatures(surface, typical),
  });
  orientation.of++;
  if (best.id === 'y') orientation.upright++;
  else orientation.wrong++;
  if (best.id !== 'y' && best.confidence >= 0.9 && best.independent >= 2) orientation.sureWrong++;
}

/** Units a person would name; "arbitrary" and "unclear" are to be asked and are left out of the score. */
function judge(
  row: FurnitureRow,
  size: [number, number, number],
  byAuthor: Map<string, { right: number; sureWrong: number; of: number }>,
): void {
  if (!['cm', 'm', 'dm', 'ft'].includes(row.unit)) return;
  const [best] = judgeSize({
    size,
    declaredUnit: null,
    typical: findTypicalSize(`${row.name} ${row.model}`),
    stated: [],
  });
  const score = byAuthor.get(row.author) ?? { right: 0, sureWrong: 0, of: 0 };
  score.of++;
  if (best.id === row.unit) score.right++;
  else if (best.confidence >= 0.9 && best.independent >= 2) score.sureWrong++;
  byAuthor.set(row.author, score);
}

import { createReadingContext } from '../reading-context';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import yauzl from 'yauzl';
import type { Document } from '@gltf-transform/core';
import { readModel } from '@haveld/core/formats/read-model';
import type { FileSource } from '@haveld/core/formats/reading';
import { computeContact } from '@haveld/core/placement/contact';
import { judgeUp } from '@haveld/core/placement/judge-up';
import { judgeSize } from '@haveld/core/placement/judge-size';
import { findTypicalSize } from '@haveld/core/placement/typical-sizes';
import { detectRights } from '@haveld/core/rights/detect';
import { boxSize, computeBounds } from '@haveld/core/scene/bounds';
import { listMeshInstances } from '@haveld/core/scene/traverse';
import { listMapLines } from '@haveld/core/textures/map-lines';
import type { PictureCodec } from '@haveld/core/textures/picture-codec';
import { getLicenceTexts } from '../licence-texts';
import { describeDifferences, type Comparison } from './read-files';

// 153 community models with a table of their own boxes: testdata/open-furniture/README.md (Free Art License 1.3)
const FOLDER = join(import.meta.dirname, 'testdata/open-furniture');

interface Row {
  id: string;
  archive: string;
  model: string;
  name: string;
  author: string;
  rotation: string;
  box: number[];
  height_cm: number;
  unit: string;
}

function readTable(): Row[] {
  const [head, ...lines] = readFileSync(join(FOLDER, 'sizes.csv'), 'utf8').trim().split(/\r?\n/);
  const columns = head.split(',');
  return lines.map((line) => {
    const cells = (line.match(/("[^"]*"|[^,]*)(,|$)/g) ?? []).map((cell) =>
      cell.replace(/,$/, '').replace(/^"|"$/g, ''),
    );
    const get = (name: string): string => cells[columns.indexOf(name)];
    return {
      id: get('id'),
      archive: get('archive'),
      model: get('model'),
      name: get('name'),
      author: get('author'),
      rotation: get('rotation'),
      unit: get('unit').trim(),
      height_cm: Number(get('height_cm')),
      box: ['file_x', 'file_y', 'file_z'].map((name) => Number(get(name))),
    };
  });
}

function readArchive(name: string): Promise<Map<string, Uint8Array>> {
  return new Promise((resolve, reject) => {
    const files = new Map<string, Uint8Array>();
    yauzl.open(join(FOLDER, name), { lazyEntries: true }, (error, zip) => {
      if (error) return reject(error);
      zip.on('error', reject).on('end', () => resolve(files));
      zip.on('entry', (entry: yauzl.Entry) => {
        if (entry.fileName.endsWith('/')) return zip.readEntry();
        zip.openReadStream(entry, (failed, stream) => {
          if (failed) return reject(failed);
          const chunks: Buffer[] = [];
          stream
            .on('data', (chunk: Buffer) => chunks.push(chunk))
            .on('end', () => {
              files.set(entry.fileName, new Uint8Array(Buffer.concat(chunks)));
              zip.readEntry();
            });
        });
      });
      zip.readEntry();
    });
  });
}

/** Maps are not looked into here: only whether they are where the material says. */
const blindCodec: PictureCodec = {
  decode: () => Promise.resolve({ width: 1, height: 1, data: new Uint8Array(4) }),
  encodePng: () =>
    Promise.resolve(
      Uint8Array.from([
        0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 0, 0, 0, 13, 0x49, 0x48, 0x44, 0x52, 0, 0, 0, 1, 0, 0, 0, 1, 8,
        6, 0, 0, 0,
      ]),
    ),
};

test('153 community models: every box is that of the table, every map is found or told to be missing; units are judged', async () => {
  const rows = readTable();
  const archives = new Map<string, Map<string, Uint8Array>>();
  for (const name of new Set(rows.map((row) => row.archive))) archives.set(name, await readArchive(name));
  const differences: Comparison[] = [];
  const maps = { models: 0, found: 0, elsewhere: 0, missing: 0 };
  const stance = { upright: 0, wrong: 0, sureWrong: 0, of: 0 };
  const byAuthor = new Map<string, { right: number; sureWrong: number; of: number }>();
  for (const row of rows) {
    const archive = archives.get(row.archive)!;
    const paths = [...archive.keys()]
      .filter((path) => path.startsWith(`${row.id}/`))
      .map((path) => path.slice(row.id.length + 1));
    const source: FileSource = {
      paths,
      read: (path) => Promise.resolve(archive.get(`${row.id}/${path}`)!),
      hash: (path) => path,
    };
    const { document } = await readModel(row.model, { ...createReadingContext(source), codec: blindCodec });
    const size = boxSize(computeBounds(document)!);
    const largest = Math.max(...row.box);
    if (size.some((v, axis) => Math.abs(v - row.box[axis]) > largest * 1e-3))
      differences.push({
        file: row.model,
        what: 'box',
        ours: size.map((v) => v.toPrecision(5)).join(' × '),
        theirs: row.box.join(' × '),
      });
    const lines = listMapLines(document, []).maps;
    if (lines.length > 0) maps.models++;
    for (const line of lines)
      maps[line.status === 'found' ? 'found' : line.status === 'elsewhere' ? 'elsewhere' : 'missing']++;
    judge(row, size, byAuthor);
    if (row.rotation === '') judgeStance(row, document, stance);
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
      `stance: ${stance.upright} of ${stance.of} said to stand upright, ${stance.sureWrong} wrong and called sure`,
      ...[...byAuthor]
        .sort((a, b) => b[1].of - a[1].of)
        .slice(0, 6)
        .map(([author, { right, of }]) => `  ${author}: ${right} of ${of}`),
    ].join('\n'),
  );
  expect(rows).toHaveLength(153);
  expect(describeDifferences(differences)).toBe('');
  // README: 79 models with maps, 4 of them missing
  expect(maps.models).toBe(79);
  expect(maps.missing).toBe(4);
});

test('the English text of the Free Art License, which SPDX lists in French, is recognised as itself and as nothing else', () => {
  const text = readFileSync(join(FOLDER, 'LICENSE.txt'), 'utf8');
  const found = detectRights([{ file: 'LICENSE.txt', text, firstLine: 1 }], getLicenceTexts());
  expect(found.licences.map((licence) => licence.id)).toEqual(['LAL-1.3']);
  expect(found.authors).toEqual([]);
});

/** Models the catalogue places without turning them stand upright with Y up. */
function judgeStance(
  row: Row,
  document: Document,
  stance: { upright: number; wrong: number; sureWrong: number; of: number },
): void {
  const box = computeBounds(document)!;
  const [best] = judgeUp({
    size: boxSize(box),
    declaredUp: null,
    typical: findTypicalSize(`${row.name} ${row.model}`),
    floor: null,
    contact: computeContact(listMeshInstances(document), box),
  });
  stance.of++;
  if (best.id === 'y') stance.upright++;
  else stance.wrong++;
  if (best.id !== 'y' && best.confidence >= 0.9 && best.independent >= 2) stance.sureWrong++;
}

/** Units a person would name; "arbitrary" and "unclear" are to be asked and are left out of the score. */
function judge(
  row: Row,
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

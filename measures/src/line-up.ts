import { randomUUID } from 'node:crypto';
import { gzipSync } from 'node:zlib';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { assess } from '@haveld/core/condition/assess';
import { examine } from '@haveld/core/condition/examination';
import { writeGlb } from '@haveld/core/scene/document/document-io';
import { FolderStore } from '@haveld/engine/store/folder-store';
import { drawStanding } from '@haveld/engine/tasks/draw-standing';
import { readFurniture, readFurnitureTable } from '@haveld/engine/testing/open-furniture';
import { insertStanding, setStanding } from '@haveld/server/bench/standing-queries';
import { run } from '@haveld/server/database/statements';
import { getLineUp } from '@haveld/server/line-up/service';
import { addPerson } from '@haveld/server/people/service';
import { fillLibrary } from '@haveld/server/testing/fill-library';
import { openDatabase } from './parts/open-database';
import { median } from './parts/run-timed';

// The line-up: a picture of each model of the open furniture on one core (aim: 250 ms each), and the list of 1 000 cards with the
// findings of real models, as a screen asks for it while something runs.
const CARDS = 1000;
const TIMES = 7;

const folder = mkdtempSync(join(tmpdir(), 'haveld-line-up-'));
const store = new FolderStore(folder);
const findings: string[] = [];
const drawn: number[] = [];
for (const row of readFurnitureTable()) {
  const document = await readFurniture(row);
  const examination = examine({
    document,
    name: row.name,
    log: [],
    pictures: [],
    facts: [],
    belonging: new Set(),
    stated: [],
  });
  findings.push(JSON.stringify(assess(examination)));
  const { sha256 } = await store.put(await writeGlb(document));
  const from = performance.now();
  await drawStanding({ documentSha256: sha256, steps: [] }, { store, progress: () => undefined });
  drawn.push(performance.now() - from);
}
rmSync(folder, { recursive: true });
const sorted = [...drawn].sort((a, b) => a - b);
const at = (share: number): string => sorted[Math.floor(share * (sorted.length - 1))].toFixed(0);
console.log(
  `line-up: ${drawn.length} pictures, middle ${at(0.5)} ms, of twenty the slowest ${at(0.95)} ms, slowest ${at(1)} ms; ` +
    `${drawn.filter((ms) => ms <= 250).length} within 250 ms`,
);

const { pool, close } = await openDatabase();
try {
  await addPerson(pool, { signIn: 'm', name: 'M', role: 'owner', password: 'for measuring', mustChange: false });
  const assets = Array.from({ length: CARDS }, (_, i) => ({ id: randomUUID(), name: `Model ${i}` }));
  await fillLibrary(pool, assets);
  const box = { min: [0, 0, 0], max: [1, 1, 1] } as const;
  for (const [i, { id }] of assets.entries()) {
    await run(pool, 'UPDATE asset SET findings = ? WHERE id = ?', [findings[i % findings.length], id]);
    await insertStanding(pool, id);
    await setStanding(pool, id, {
      pictureSha256: '0'.repeat(64),
      box: { min: [...box.min], max: [...box.max] },
      message: null,
      stepsSha256: '',
    });
  }
  const taken: number[] = [];
  let [bytes, packed] = [0, 0];
  for (let i = 0; i < TIMES; i++) {
    const from = performance.now();
    const words = JSON.stringify(await getLineUp(pool));
    taken.push(performance.now() - from);
    bytes = words.length;
    packed = gzipSync(words).length;
  }
  console.log(
    `line-up: ${CARDS} cards listed in ${median(taken).toFixed(0)} ms, ${(bytes / 1e6).toFixed(1)} MB, ${(packed / 1e6).toFixed(2)} MB as sent`,
  );
} finally {
  await close();
}

import { mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { median, runTimed, type Timed } from './parts/run-timed';
import { Sheet, writeGlb, writeObj, writeSheetFbxAscii, writeSheetFbxBinary } from './parts/sheet';

// Reading 1 M triangles to a GLB, and the whole of `haveld prepare`, against Debian's `assimp export` to GLB of the same file.
// Whole processes, start-up too, one after the other in turn; medians of 5; peak resident memory with what was started.
const RUNS = 5;
const ours = fileURLToPath(new URL('./parts/read-one.js', import.meta.url));
const shell = fileURLToPath(new URL('../shell/haveld.js', import.meta.url));

const folder = mkdtempSync(join(tmpdir(), 'haveld-measure-'));
const sheet = new Sheet(707);
const files = {
  'sheet.obj': writeObj(sheet),
  'binary.fbx': writeSheetFbxBinary(sheet),
  'ascii.fbx': writeSheetFbxAscii(sheet),
  'sheet.glb': await writeGlb(sheet),
};

console.log(
  `${sheet.triangles.toLocaleString('en')} triangles, medians of ${RUNS}; aims: read ≤ 1.0, prepare ≤ 2.5 of assimp's time, memory ≤ the larger of 400 MB and 5 times the file`,
);
console.log(
  '| file | MB | read s | assimp s | ratio | MB | prepare s | ratio | MB | assimp MB |\n|---|---|---|---|---|---|---|---|---|---|',
);
for (const [name, bytes] of Object.entries(files)) {
  // a folder of its own: prepare looks at what lies beside a model
  const home = mkdtempSync(join(folder, 'file-'));
  const path = join(home, name);
  writeFileSync(path, bytes);
  const out = join(folder, 'out.glb');
  const taken: Record<'read' | 'assimp' | 'prepare', Timed[]> = { read: [], assimp: [], prepare: [] };
  for (let i = 0; i < RUNS; i++) {
    taken.read.push(await runTimed(process.execPath, [ours, path, out]));
    if (statSync(out).size < sheet.triangles * 6) throw new Error(`${name}: what was written is too small`);
    taken.assimp.push(await runTimed('assimp', ['export', path, join(folder, 'theirs.glb')]));
    const target = mkdtempSync(join(folder, 'prepared-'));
    taken.prepare.push(await runTimed(process.execPath, [shell, 'prepare', path, '--out', target], [0, 3]));
    rmSync(target, { recursive: true });
  }
  const seconds = (of: keyof typeof taken): number => median(taken[of].map((one) => one.seconds));
  const peak = (of: keyof typeof taken): string => median(taken[of].map((one) => one.peakMiB * 1.048576)).toFixed(0);
  const ratio = (of: keyof typeof taken): string => (seconds(of) / seconds('assimp')).toFixed(2);
  console.log(
    `| ${name} | ${(bytes.length / 1e6).toFixed(0)} | ${seconds('read').toFixed(2)} | ${seconds('assimp').toFixed(2)} | ${ratio('read')} | ${peak('read')} | ${seconds('prepare').toFixed(2)} | ${ratio('prepare')} | ${peak('prepare')} | ${peak('assimp')} |`,
  );
}
rmSync(folder, { recursive: true });

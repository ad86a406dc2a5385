import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { compareWithTools, HEAD } from './parts/compare-with-tools';

// 70 000 small entries, all different: opened, told by content and kept by hash, against the system's own tools (aim: twice their time).
const folder = mkdtempSync(join(tmpdir(), 'haveld-measure-'));
console.log(HEAD);
const small = join(folder, 'small');
mkdirSync(small);
for (let i = 0; i < 70_000; i++) writeFileSync(join(small, `${i}.txt`), `entry ${i}`);
for (const [kind, pack, open] of [
  ['zip', ['7z', 'a', '-bso0', '-mx=1'], ['7z', 'x', 'ARCHIVE', '-oOUT']],
  ['7z', ['7z', 'a', '-bso0', '-mx=1'], ['7z', 'x', 'ARCHIVE', '-oOUT']],
  ['tar', ['tar', '-cf'], ['tar', '-xf', 'ARCHIVE', '-C', 'OUT']],
] as const) {
  const archive = join(folder, `small.${kind}`);
  execFileSync(pack[0], [...pack.slice(1), archive, '.'], { cwd: small });
  await compareWithTools(
    `70 000 small entries in a ${kind}`,
    [archive],
    0,
    [[open[0], open.slice(1).map((word) => word.replace('ARCHIVE', archive))]],
    [],
  );
}

rmSync(folder, { recursive: true });

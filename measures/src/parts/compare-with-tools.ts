import { mkdtempSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { median, runTimed, type Timed } from './run-timed';

const RUNS = 3;
const ours = fileURLToPath(new URL('./parts/sort-one.js', import.meta.url));

export const HEAD =
  '| from archive to finds with pictures | s | MB | system’s tools s | MB | ratio |\n|---|---|---|---|---|---|';

/** What the system's own tools take: unpack, then convert every model. */
async function theirs(unpack: [string, string[]][], models: readonly string[]): Promise<Timed> {
  const out = mkdtempSync(join(dirname(unpack[0][1].find((word) => word.startsWith('/'))!), 'out-'));
  const script = [
    ...unpack.map(
      ([tool, args]) => [tool, ...args].map((word) => `'${word.replace('OUT', out)}'`).join(' ') + ' > /dev/null',
    ),
    ...models.map((model) => `assimp export '${join(out, model)}' '${join(out, 'x.glb')}' > /dev/null`),
  ];
  const path = join(out, 'run.sh');
  writeFileSync(path, script.join('\n'));
  return runTimed('sh', [path], [0, 1, 2, 5]);
}

/** Measures both in turn and prints a line of the table. */
export async function compareWithTools(
  words: string,
  archives: string[],
  pictures: number,
  unpack: [string, string[]][],
  models: readonly string[],
): Promise<void> {
  process.env.PICTURES_WANTED = String(pictures);
  const [mine, other]: Timed[][] = [[], []];
  for (let i = 0; i < RUNS; i++) {
    mine.push(await runTimed(process.execPath, [ours, ...archives]));
    other.push(await theirs(unpack, models));
  }
  const seconds = (some: Timed[]): number => median(some.map((one) => one.seconds));
  const peak = (some: Timed[]): string => median(some.map((one) => one.peakMiB * 1.048576)).toFixed(0);
  console.log(
    `| ${words} | ${seconds(mine).toFixed(2)} | ${peak(mine)} | ${seconds(other).toFixed(2)} | ${peak(other)} | ${(seconds(mine) / seconds(other)).toFixed(2)} |`,
  );
}

import { readdirSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { buildAll, bundleForNode } from './steps/build.mjs';
import { startDatabase } from './steps/database.mjs';
import { installDependencies, installPackages } from './steps/install.mjs';
import { run } from './steps/run.mjs';

/** Measures every claim of measures/src, or those named; other words are for the measure itself (`placement tuning details`). Figures are reported as they are; nothing passes or fails. */
const root = resolve(import.meta.dirname, '..');
await installPackages({ forTests: false, database: true, forMeasures: true });
await installDependencies(root);
await buildAll(root);
const all = readdirSync(join(root, 'measures/src')).filter((name) => name.endsWith('.ts'));
const words = process.argv.slice(2);
const named = all.filter((name) => words.includes(name.replace('.ts', '')));
const claims = named.length > 0 ? named : all;
const rest = words.filter((word) => !named.includes(`${word}.ts`));
const outdir = join(root, 'dist/measures');
await bundleForNode(
  Object.fromEntries(
    [...claims, 'parts/read-one.ts', 'parts/sort-one.ts'].map((name) => [
      name.replace('.ts', ''),
      join(root, 'measures/src', name),
    ]),
  ),
  outdir,
);
const database = await startDatabase(join(root, '.haveld/test-database'), { quick: true });
try {
  for (const name of claims)
    await run(process.execPath, [join(outdir, name.replace('.ts', '.js')), ...rest], {
      cwd: root,
      env: { ...process.env, HAVELD_TEST_DATABASE: database.url('') },
    });
} finally {
  await database.stop();
}

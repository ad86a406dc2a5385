import { readdirSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { buildAll, bundleForNode } from './steps/build.mjs';
import { startDatabase } from './steps/database.mjs';
import { installDependencies, installPackages } from './steps/install.mjs';
import { run } from './steps/run.mjs';

/** Measures every claim of measures/src, or those named. Figures are reported as they are; nothing passes or fails. */
const root = resolve(import.meta.dirname, '..');
await installPackages({ forTests: false, database: true, forMeasures: true });
await installDependencies(root);
await buildAll(root);
const wanted = process.argv.slice(2);
const claims = readdirSync(join(root, 'measures/src')).filter(
  (name) => name.endsWith('.ts') && (wanted.length === 0 || wanted.includes(name.replace('.ts', ''))),
);
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
    await run(process.execPath, [join(outdir, name.replace('.ts', '.js'))], {
      cwd: root,
      env: { ...process.env, HAVELD_TEST_DATABASE: database.url('') },
    });
} finally {
  await database.stop();
}

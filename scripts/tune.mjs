import { join, resolve } from 'node:path';
import { bundleForNode } from './steps/build.mjs';
import { installDependencies } from './steps/install.mjs';
import { run } from './steps/run.mjs';

/** What is fitted, by what, and where it is written. Pictures fetch their sets, about 0.8 GB, the first time. */
const FITS = {
  pictures: { by: 'train-picture-weights', writes: 'core/src/textures/judging/picture-weights.ts' },
  front: { by: 'train-front-weights', writes: 'core/src/placement/front/front-weights.ts' },
  kernel: { by: 'write-count-kernel', writes: 'core/src/library/bits/count-kernel.ts' },
  nouns: { by: 'write-noun-tree', writes: 'core/src/library/words/noun-tree.ts' },
  meanings: { by: 'hang-on-wordnet', writes: 'core/src/placement/size/kinds/word-meanings.ts' },
  orientation: { by: 'train-orientation-weights', writes: 'core/src/placement/orientation/orientation-weights.ts' },
};

const root = resolve(import.meta.dirname, '..');
await installDependencies(root);
const outdir = join(root, 'dist/tuning');
const wanted = process.argv.slice(2);
for (const [name, { by, writes }] of Object.entries(FITS)) {
  if (wanted.length > 0 && !wanted.includes(name)) continue;
  await bundleForNode({ [by]: join(root, `measures/tuning/${by}.ts`) }, outdir);
  await run(process.execPath, [join(outdir, `${by}.js`)], { cwd: root });
  await run('npx', ['prettier', '--write', writes], { cwd: root });
}

import { join, resolve } from 'node:path';
import { bundleForNode } from './steps/build.mjs';
import { installDependencies } from './steps/install.mjs';
import { run } from './steps/run.mjs';

/** Fits the weights by which pictures are judged to the open sets that are for that; fetches them, about 0.8 GB, the first time. */
const root = resolve(import.meta.dirname, '..');
await installDependencies(root);
const outdir = join(root, 'dist/tuning');
await bundleForNode({ 'train-picture-weights': join(root, 'measures/tuning/train-picture-weights.ts') }, outdir);
await run(process.execPath, [join(outdir, 'train-picture-weights.js')], { cwd: root });
await run('npx', ['prettier', '--write', 'core/src/textures/judging/picture-weights.ts'], { cwd: root });

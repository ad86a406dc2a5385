import { cp, mkdir, rm } from 'node:fs/promises';
import { existsSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { isModuleNamespaceObject } from 'node:util/types';
import { replacementOf } from './left-out.mjs';
import { run } from './run.mjs';
import { hashTree, isStamped, setStamp } from './stamp.mjs';

/**
 * Packages that come as many small files, or bring much that is never used: in one piece they load in a fraction of the time, which every
 * process that opens a download pays.
 */
const BUNDLED = [
  '@gltf-transform/',
  'earcut',
  'munkres',
  'ml-matrix',
  'three',
  'zod',
  'gl-matrix',
  'htmlparser2',
  'lru-cache',
  'd3-color',
];

/** Brings code of the machine with it, or finds its files beside itself. */
const NEVER_BUNDLED = ['sharp', 'draco3dgltf', 'meshoptimizer'];

/** Our own packages and those above are bundled, everything else is loaded from node_modules. */
const oursFirst = {
  name: 'ours-first',
  setup(build) {
    const isOf = (path, names) => names.some((name) => path === name || path.startsWith(name.replace(/\/?$/, '/')));
    // its parts apart: of the whole in one file nothing is left out
    build.onResolve({ filter: /^three$/ }, (asked) =>
      build.resolve('three/src/Three.Core.js', {
        kind: asked.kind,
        importer: asked.importer,
        resolveDir: asked.resolveDir,
      }),
    );
    build.onResolve({ filter: /^[^./]/ }, ({ path, kind, importer }) => {
      if (kind === 'entry-point' || path.startsWith('@haveld/')) return undefined;
      const isWanted = importer.includes('/node_modules/') || isOf(path, BUNDLED);
      return isWanted && !path.startsWith('node:') && !isOf(path, NEVER_BUNDLED) ? undefined : { external: true };
    });
  },
};

const leftOut = {
  name: 'left-out',
  setup(build) {
    build.onResolve({ filter: /./ }, ({ path, importer }) => {
      const source = replacementOf(path, importer);
      return source === null ? undefined : { path, namespace: 'left-out', pluginData: source };
    });
    build.onLoad({ filter: /./, namespace: 'left-out' }, ({ pluginData }) => ({ contents: pluginData }));
  },
};

const ENTRIES = {
  main: 'server/src/main.ts',
  thread: 'server/src/jobs/thread.ts',
  sites: 'demo/src/sites/main.ts',
};

/** Bundles entries for Node.js: name → source. */
export async function bundleForNode(entries, outdir) {
  const { build } = await import('esbuild');
  await build({
    entryPoints: Object.entries(entries).map(([out, path]) => ({ out, in: path })),
    outdir,
    bundle: true,
    splitting: true,
    format: 'esm',
    platform: 'node',
    target: 'node20',
    sourcemap: true,
    plugins: [leftOut, oursFirst],
    logLevel: 'error',
  });
}

/** A package makes a formatter when it is loaded, which takes 40 ms, and uses it only in its log: it is made when it is used. */
const CHILD_HEAD = `
const ownUrl = require('node:url').pathToFileURL(__filename).href;
class LateNumberFormat {
  constructor(...given) { this.given = given; }
  format(n) { return new Intl.NumberFormat(...this.given).format(n); }
}
`;

/** What is required must be CommonJS: of an ES module the bundler takes all exports for the default one. */
function requireCommonJs(root, { outputs }) {
  const require = createRequire(join(root, 'engine/package.json'));
  for (const { imports } of Object.values(outputs))
    for (const { path, kind } of imports)
      if (kind === 'require-call' && isModuleNamespaceObject(require(path)))
        throw new Error(`${path} is an ES module alone: bundle it, or import it where it is needed`);
}

/** Bundles the process that opens foreign bytes, and keeps what V8 made of it. */
async function buildChild(root, outdir) {
  const { build } = await import('esbuild');
  const sandbox = join(root, 'engine/src/sandbox');
  await bundleForNode({ child: join(sandbox, 'child.ts') }, outdir);
  const { metafile } = await build({
    entryPoints: [join(sandbox, 'child-code.ts')],
    outfile: join(outdir, 'child-code.cjs'),
    bundle: true,
    format: 'cjs',
    platform: 'node',
    target: 'node20',
    sourcemap: true,
    plugins: [leftOut, oursFirst],
    logLevel: 'error',
    define: { 'import.meta.url': 'ownUrl', 'Intl.NumberFormat': 'LateNumberFormat' },
    banner: { js: CHILD_HEAD },
    metafile: true,
  });
  requireCommonJs(root, metafile);
  await run(process.execPath, [join(outdir, 'child.js'), 'keep-compiled']);
}

/** Builds the server and what it runs in processes and threads of their own. */
async function buildServer(root, outdir) {
  await bundleForNode(
    Object.fromEntries(Object.entries(ENTRIES).map(([name, path]) => [name, join(root, path)])),
    outdir,
  );
  await buildChild(root, outdir);
  await cp(join(root, 'server/src/database/migrations'), join(outdir, 'migrations'), { recursive: true });
}

async function buildWeb(root, outdir) {
  const { build } = await import('vite');
  await build({
    root: join(root, 'web'),
    configFile: join(root, 'web/vite.config.ts'),
    logLevel: 'error',
    build: { outDir: join(outdir, 'web'), emptyOutDir: true },
  });
}

/** Builds the shell command into dist/shell, once for each state of its sources. */
export async function buildShell(root) {
  const outdir = join(root, 'dist/shell');
  const stamp = hashTree(
    ['contract', 'core', 'engine', 'cli', 'scripts/steps/build.mjs', 'package-lock.json'].map((path) =>
      join(root, path),
    ),
  );
  if (existsSync(outdir) && isStamped(root, 'shell', stamp)) return;
  await rm(outdir, { recursive: true, force: true });
  await bundleForNode({ haveld: join(root, 'cli/src/main.ts') }, outdir);
  await buildChild(root, outdir);
  setStamp(root, 'shell', stamp);
}

/** Builds everything into dist/, once for each state of the sources. */
export async function buildAll(root) {
  const outdir = join(root, 'dist');
  const stamp = hashTree(
    ['contract', 'core', 'engine', 'server', 'web', 'demo', 'scripts/steps/build.mjs', 'package-lock.json'].map(
      (path) => join(root, path),
    ),
  );
  if (existsSync(outdir) && isStamped(root, 'build', stamp)) return buildShell(root);
  console.log('Building …');
  await rm(outdir, { recursive: true, force: true });
  await mkdir(outdir, { recursive: true });
  await buildServer(root, outdir);
  await buildWeb(root, outdir);
  setStamp(root, 'build', stamp);
  await buildShell(root);
}

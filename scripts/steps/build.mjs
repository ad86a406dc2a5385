import { cp, mkdir, rm } from 'node:fs/promises';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { hashTree, isStamped, setStamp } from './stamp.mjs';

/**
 * Packages that come as many small files, or bring much that is never used: in one piece they load in a fraction of the time, which every
 * process that opens a download pays.
 */
const BUNDLED = ['@gltf-transform/', 'linear-sum-assignment', 'ml-matrix', 'three', 'zod', 'gl-matrix', 'htmlparser2'];

/** Brings code of the machine with it, or finds its files beside itself. */
const NEVER_BUNDLED = ['sharp', 'draco3dgltf', 'meshoptimizer'];

/** Our own packages and those above are bundled, everything else is loaded from node_modules. */
const oursFirst = {
  name: 'ours-first',
  setup(build) {
    const isOf = (path, names) => names.some((name) => path === name || path.startsWith(name.replace(/\/?$/, '/')));
    build.onResolve({ filter: /^[^./]/ }, ({ path, kind, importer }) => {
      if (kind === 'entry-point' || path.startsWith('@haveld/')) return undefined;
      const isWanted = importer.includes('/node_modules/') || isOf(path, BUNDLED);
      return isWanted && !path.startsWith('node:') && !isOf(path, NEVER_BUNDLED) ? undefined : { external: true };
    });
  },
};

const ENTRIES = {
  main: 'server/src/main.ts',
  thread: 'server/src/jobs/thread.ts',
  child: 'engine/src/sandbox/child.ts',
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
    plugins: [oursFirst],
    logLevel: 'error',
  });
}

/** Builds the server and what it runs in processes and threads of their own. */
async function buildServer(root, outdir) {
  await bundleForNode(
    Object.fromEntries(Object.entries(ENTRIES).map(([name, path]) => [name, join(root, path)])),
    outdir,
  );
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

const SHELL_ENTRIES = { haveld: 'cli/src/main.ts', child: 'engine/src/sandbox/child.ts' };

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
  await bundleForNode(
    Object.fromEntries(Object.entries(SHELL_ENTRIES).map(([name, path]) => [name, join(root, path)])),
    outdir,
  );
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

import { readFileSync } from 'node:fs';
import { mkdir, rm } from 'node:fs/promises';
import { availableParallelism } from 'node:os';
import { join, resolve } from 'node:path';
import { buildAll } from './steps/build.mjs';
import { startDatabase } from './steps/database.mjs';
import { installDependencies, installPackages } from './steps/install.mjs';
import { run, runQuietly } from './steps/run.mjs';

const root = resolve(import.meta.dirname, '..');
const results = join(root, 'test-results');
const bin = (name) => join(root, 'node_modules/.bin', name);

/** One check that either holds or not; it says something only where it does not. */
const check = (command, args) => async () => {
  try {
    await runQuietly(bin(command), args, { cwd: root });
    return { passed: 1, failed: 0 };
  } catch (error) {
    console.error(error.message);
    return { passed: 0, failed: 1 };
  }
};

const jest = (projects, extra) => async (env) => {
  const output = join(results, `${projects[0]}.json`);
  const args = [
    '--experimental-vm-modules',
    '--no-warnings',
    join(root, 'node_modules/jest/bin/jest.js'),
    '--selectProjects',
    ...projects,
    '--json',
    '--outputFile',
    output,
    ...extra,
  ];
  return readCounts(
    () =>
      run(process.execPath, args, {
        cwd: root,
        // building the web leaves its own word for it behind
        env: { ...process.env, ...env, NODE_ENV: 'test' },
        stdio: ['ignore', 'ignore', 'inherit'],
      }),
    output,
    ({ numPassedTests, numFailedTests, numRuntimeErrorTestSuites }) => ({
      passed: numPassedTests,
      failed: numFailedTests + numRuntimeErrorTestSuites,
    }),
  );
};

const playwright = async (env) => {
  const output = join(results, 'e2e.json');
  return readCounts(
    () =>
      run(bin('playwright'), ['test', '--config', join(root, 'e2e/playwright.config.ts')], {
        cwd: root,
        env: { ...process.env, ...env, PLAYWRIGHT_JSON_OUTPUT_NAME: output },
      }),
    output,
    ({ stats }) => ({ passed: stats.expected + stats.flaky, failed: stats.unexpected }),
  );
};

/** A runner that says nothing has failed. */
async function readCounts(act, output, count) {
  await rm(output, { force: true });
  let broke = null;
  try {
    await act();
  } catch (error) {
    broke = error;
  }
  try {
    const counts = count(JSON.parse(readFileSync(output, 'utf8')));
    if (broke && counts.failed === 0) throw broke;
    if (counts.passed + counts.failed === 0) throw new Error('no test ran');
    return counts;
  } catch (error) {
    console.error(error.message);
    return { passed: 0, failed: 1 };
  }
}

const WORKSPACES = ['core', 'contract', 'engine', 'server', 'cli', 'web', 'demo'];

/**
 * Parts of one turn run side by side, turn after turn: those that read the code keep one core busy each, those with a database
 * wait for it, for files and for the browser.
 */
const PARTS = {
  types: { run: check('tsc', ['-p', '.']), turn: 1 },
  lint: { run: check('oxlint', ['--type-aware', '--deny-warnings', '.']), turn: 1 },
  format: { run: check('prettier', ['--check', '--log-level', 'warn', '.']), turn: 1 },
  arrows: { run: check('depcruise', ['--config', '.dependency-cruiser.cjs', ...WORKSPACES]), turn: 1 },
  folders: { run: check('depcruise', ['--config', '.dependency-cruiser-folders.cjs', ...WORKSPACES]), turn: 1 },
  // screens too, in one go: the last long file of the one would leave a core alone. Jest by itself leaves one of two alone anyway
  unit: { run: jest(['unit', 'screens'], ['--maxWorkers', String(availableParallelism())]), built: true, turn: 2 },
  api: { run: jest(['api'], ['--maxWorkers', '1']), built: true, database: true, turn: 3 },
  e2e: { run: playwright, built: true, database: true, turn: 3 },
};

const wanted = process.argv.slice(2).filter((word) => word in PARTS);
const parts = wanted.length > 0 ? wanted : Object.keys(PARTS);
const needs = (what) => parts.some((name) => PARTS[name][what]);

await installPackages({ forTests: true, database: true });
await installDependencies(root);
await mkdir(results, { recursive: true });
// what is built is wanted after the first turn, which reads the code alone
const built = needs('built') ? buildAll(root) : Promise.resolve();
built.catch(() => undefined);
const database = needs('database') ? await startDatabase(join(root, '.haveld/test-database'), { quick: true }) : null;
// who stops the tests leaves no database behind that the next run would meet
for (const signal of ['SIGINT', 'SIGTERM'])
  process.once(signal, () => void Promise.resolve(database?.stop()).then(() => process.exit(130)));
const env = database ? { HAVELD_TEST_DATABASE: database.url('') } : {};
const total = { passed: 0, failed: 0 };
const lines = [];
const runPart = async (name) => {
  const started = Date.now();
  const { passed, failed } = await PARTS[name].run(env);
  total.passed += passed;
  total.failed += failed;
  const seconds = Math.round((Date.now() - started) / 1000);
  lines.push(
    `${name.padEnd(8)}${String(passed).padStart(5)} passed ${String(failed).padStart(4)} failed ${String(seconds).padStart(5)} s`,
  );
};
try {
  for (const turn of new Set(parts.map((name) => PARTS[name].turn))) {
    const names = parts.filter((name) => PARTS[name].turn === turn);
    console.log(`\n── ${names.join(', ')}`);
    if (names.some((name) => PARTS[name].built)) await built;
    await Promise.all(names.map(runPart));
  }
} finally {
  await database?.stop();
}
console.log(`\n${lines.join('\n')}\n`);
console.log(`${total.passed} passed, ${total.failed} failed`);
process.exit(total.failed > 0 ? 1 : 0);

import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { constants, Script } from 'node:vm';

// Entry of the process that opens foreign bytes. What it runs lies beside it in one file, with what V8 made of that file when it was built:
// a process starts in a third of the time it takes to read and compile a hundred modules. Another V8 takes no notice and compiles.

const folder = dirname(fileURLToPath(import.meta.url));
const path = join(folder, 'child-code.cjs');
const compiled = join(folder, 'child-code.compiled');

// the bundler writes plain ASCII, which is read faster as what it is
const source = readFileSync(path, 'latin1');
const script = new Script(`(function (require, module, exports, __filename) {${source}\n})`, {
  filename: path,
  cachedData: existsSync(compiled) ? readFileSync(compiled) : undefined,
  importModuleDynamically: constants.USE_MAIN_CONTEXT_DEFAULT_LOADER,
});
const module = { exports: {} as { loadTasks: () => Promise<void> } };
const run = script.runInThisContext() as (...given: unknown[]) => void;
run(createRequire(path), module, module.exports, path);

// asked by the build: with all tasks loaded once, their functions are kept too
if (process.argv[2] === 'keep-compiled') {
  await module.exports.loadTasks();
  writeFileSync(compiled, script.createCachedData());
}

import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { writeRawZip } from '../testing/raw-zip';
import { createScratchStore } from '../testing/scratch-store';
import { readResidentBytes } from './processes';
import { runSandboxed, type SandboxLimits } from './run-sandboxed';
import { startReady } from './sandbox-workers';

// the built entry: `npm test` builds before it runs these
const ENTRY = join(import.meta.dirname, '../../../dist/child.js');
const scratch = createScratchStore();
afterAll(() => scratch.remove());
const storeFolder = scratch.store.folder;

/** A child of ours that misbehaves in one way. */
function writeChild(name: string, code: string): string {
  const path = join(scratch.folder, `${name}.mjs`);
  writeFileSync(path, `process.once('message', () => { ${code} });`);
  return path;
}

const run = (entry: string, limits: Partial<SandboxLimits> = {}, signal?: AbortSignal) =>
  runSandboxed('open-archive', { received: [] }, { entry, storeFolder, limits: { timeMs: 20_000, ...limits }, signal });

test('a task runs in a process of its own and gives its result', async () => {
  const { sha256 } = await scratch.store.put(
    writeRawZip([{ name: 'a.obj', bytes: Buffer.from('v 0 0 0\nf 1 1 1\n') }]),
  );
  const { files } = await runSandboxed(
    'open-archive',
    { received: [{ path: 'x.zip', sha256 }] },
    { entry: ENTRY, storeFolder },
  );
  expect(files.map((file) => file.path)).toEqual(['x.zip', 'x.zip/a.obj']);
});

test('a refusal keeps its sentence and its file across the border', async () => {
  const { sha256 } = await scratch.store.put(Buffer.from('{"asset":{"version":"1.0"}}'));
  const failing = runSandboxed(
    'read-find',
    { model: 'a.gltf', files: [{ path: 'a.gltf', sha256, role: 'model' }] },
    { entry: ENTRY, storeFolder },
  );
  await expect(failing).rejects.toMatchObject({
    code: 'bad-file',
    file: 'a.gltf',
    message: expect.stringContaining('glTF 1.0') as string,
  });
});

test('array buffers beyond the limit end it, though no heap limit sees them', async () => {
  const greedy = writeChild('greedy', 'const kept = []; setInterval(() => kept.push(Buffer.alloc(64 << 20, 1)), 10);');
  await expect(run(greedy, { memoryBytes: 300 * 2 ** 20, timeMs: 20_000 })).rejects.toThrow(
    'more than 300 MiB of memory',
  );
});

test.each([
  ['bytes', 'fs.writeFileSync(dir + "/big", Buffer.alloc(64 << 20, 1));', /more than 0\.0 GiB of the disk/],
  ['files', 'for (let i = 0; i < 600; i++) fs.writeFileSync(dir + "/" + i, "");', /made more than 500 files/],
])('what it puts on the disk is bounded for all of it together: %s', async (_, fill, sentence) => {
  const hoarder = writeChild(
    `hoards ${sentence.source.length}`,
    `const fs = process.getBuiltinModule('fs'); const dir = process.env.TMPDIR; ${fill} setInterval(() => {}, 1000);`,
  );
  await expect(run(hoarder, { disk: { bytes: 16 * 2 ** 20, entries: 500 } })).rejects.toThrow(sentence);
});

test('a loop without end is stopped when its time is over', async () => {
  await expect(run(writeChild('loop', 'for (;;);'), { memoryBytes: 3 * 2 ** 30, timeMs: 400 })).rejects.toThrow(
    'longer than 0 seconds',
  );
});

test('a process that dies is told, not waited for', async () => {
  await expect(run(writeChild('dies', 'process.exit(7);'))).rejects.toThrow('ended the process (7)');
});

test('a wish to stop ends it', async () => {
  const stop = new AbortController();
  const running = run(writeChild('waits', 'setInterval(() => {}, 1000);'), undefined, stop.signal);
  stop.abort(new Error('stopped by a person'));
  await expect(running).rejects.toThrow('stopped by a person');
});

describe('a process is used again', () => {
  /** Answers with a number of its own; fails where it is told to. */
  const child = join(scratch.folder, 'again.mjs');
  beforeAll(() =>
    writeFileSync(
      child,
      `const own = Math.random(); process.on('message', ({ input }) => process.send(input.fail ? { kind: 'error', error: { code: 'bad-file', message: 'no' } } : { kind: 'result', result: own }));`,
    ),
  );
  const ask = (input: object, group: string | undefined = 'one arrival'): Promise<unknown> =>
    runSandboxed('open-archive', input as never, { entry: child, storeFolder, group });

  test('where it did its task well', async () => {
    expect(await ask({})).toBe(await ask({}));
  });

  test('and never where it failed', async () => {
    const before = await ask({});
    await expect(ask({ fail: true })).rejects.toThrow('no');
    expect(await ask({})).not.toBe(before);
  });

  test('and never for somebody else’s bytes', async () => {
    expect(await ask({}, 'another arrival')).not.toBe(await ask({}));
    const alone = () => runSandboxed('open-archive', {} as never, { entry: child, storeFolder });
    expect(await alone()).not.toBe(await alone());
  });

  test('two tasks at a time have a process each', async () => {
    const [a, b] = await Promise.all([ask({}), ask({})]);
    expect(a).not.toBe(b);
  });
});

test('one that was started before there was a task has loaded what that needs, and does it', async () => {
  const child = join(scratch.folder, 'ready.mjs');
  writeFileSync(
    child,
    `let loaded = null; process.on('message', ({ load }) => { if (load) loaded = load; else process.send({ kind: 'result', result: loaded }); });`,
  );
  startReady({ entry: child, storeFolder }, 'prepare-find');
  const result = await runSandboxed('open-archive', { received: [] }, { entry: child, storeFolder });
  expect(result).toBe('prepare-find');
});

test('a wish to stop that came before starts nothing', async () => {
  const signal = AbortSignal.abort(new Error('stopped before'));
  await expect(
    runSandboxed(
      'open-archive',
      { received: [] },
      { entry: join(scratch.folder, 'is-not-there.js'), storeFolder, signal },
    ),
  ).rejects.toThrow('stopped before');
});

test('a process is measured with those it started, and alone where the kernel lists none', () => {
  const proc = join(scratch.folder, 'proc');
  const lay = (pid: number, pages: number, children: string | null): void => {
    mkdirSync(join(proc, `${pid}/task/${pid}`), { recursive: true });
    writeFileSync(join(proc, `${pid}/statm`), `900 ${pages} 3 1 0 9 0`);
    if (children !== null) writeFileSync(join(proc, `${pid}/task/${pid}/children`), children);
  };
  lay(10, 100, '11 12 ');
  lay(11, 20, '');
  lay(20, 100, null);
  expect(readResidentBytes(10, proc)).toBe(120 * 4096);
  expect(readResidentBytes(20, proc)).toBe(100 * 4096);
  expect(readResidentBytes(99, proc)).toBe(0);
});

import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import {
  chmodSync,
  chownSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { FolderStore } from '../store/folder-store';
import { createCell, giveBytes } from './cell';
import { confine, findConfinement } from './confine';
import { openForbiddenCalls } from './forbidden-calls';
import { runSandboxed } from './run-sandboxed';

// What a process that a hostile file has taken over reaches: everything is tried, and told as it went
const PROBE = `
import { createHash } from 'node:crypto';
import { spawn } from 'node:child_process';
import { mkdirSync, readdirSync, readFileSync, renameSync, symlinkSync, writeFileSync } from 'node:fs';
import { connect } from 'node:net';

const reads = (path) => { try { readFileSync(path); return 'read'; } catch (error) { return error.code; } };
const writes = (path) => { try { writeFileSync(path, 'x'); return 'written'; } catch (error) { return error.code; } };
const connects = (port) => new Promise((resolve) => {
  try {
    const socket = connect(port, '127.0.0.1', () => resolve('connected'));
    socket.on('error', (error) => resolve(error.code));
  } catch (error) { resolve(error.code); }
});
const put = (folder, name) => { mkdirSync(folder + '/' + name.slice(0, 2) + '/' + name.slice(2, 4), { recursive: true }); return folder + '/' + name.slice(0, 2) + '/' + name.slice(2, 4) + '/' + name; };

export async function probe({ input, store }) {
  const given = store.readsFrom + '/' + input.own.slice(0, 2) + '/' + input.own.slice(2, 4) + '/' + input.own;
  const grandchild = spawn('/usr/bin/sleep', [input.sleep], { detached: true, stdio: 'ignore' });
  grandchild.on('error', () => undefined);
  grandchild.unref();
  writeFileSync(put(store.folder, createHash('sha256').update('made').digest('hex')), 'made');
  writeFileSync(put(store.folder, 'f'.repeat(64)), 'under a wrong name');
  symlinkSync(input.secret, put(store.folder, 'e'.repeat(64)));
  if (input.lure) {
    renameSync(store.folder, store.folder + '-away');
    symlinkSync(input.lure, store.folder);
  }
  return {
    own: reads(given),
    secret: reads(input.secret),
    another: reads(input.another),
    passwords: reads('/etc/shadow'),
    environment: readdirSync('/proc').filter((name) => /^[0-9]+$/.test(name)).some((pid) => {
      try { return readFileSync('/proc/' + pid + '/environ', 'utf8').includes(input.hidden); } catch { return false; }
    }),
    processes: readdirSync('/proc').filter((name) => /^[0-9]+$/.test(name)).length,
    network: await connects(input.port),
    beside: [input.secret, given, '/usr/x', '/etc/x', '/x', '/tmp/x'].map(writes),
  };
}

if (process.argv[2]) console.log(JSON.stringify(await probe(JSON.parse(process.argv[2]))));
process.on('message', async (request) => process.send({ kind: 'result', result: await probe(request) }));
`;

const REACHES_NOTHING = {
  own: 'read',
  secret: 'ENOENT',
  another: 'ENOENT',
  passwords: 'ENOENT',
  environment: false,
  network: expect.stringMatching(/^(EPERM|ENETUNREACH|ECONNREFUSED|EACCES)$/) as string,
};

const folder = mkdtempSync(join(tmpdir(), 'haveld-confine-'));
const [code, storeFolder] = [join(folder, 'code'), join(folder, 'store')];
const entry = join(code, 'probe.mjs');
const store = new FolderStore(storeFolder);
const server = createServer((socket) => socket.end());
const asked = { own: '', another: '', secret: join(folder, 'secret'), hidden: 'hidden-in-the-environment', port: 0 };
beforeAll(async () => {
  for (const path of [code, storeFolder]) mkdirSync(path);
  for (const path of [folder, code, storeFolder]) chmodSync(path, 0o755);
  writeFileSync(entry, PROBE);
  writeFileSync(asked.secret, 'the secret');
  process.env.HAVELD_TEST_SECRET = asked.hidden;
  asked.own = (await store.put(Buffer.from('its own'))).sha256;
  asked.another = store.pathFor((await store.put(Buffer.from('somebody else’s'))).sha256);
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  asked.port = (server.address() as AddressInfo).port;
});
afterAll(() => {
  server.close();
  delete process.env.HAVELD_TEST_SECRET;
  rmSync(folder, { recursive: true, force: true });
});

/** Whether a process runs that was started with a word. */
const runs = (word: string): boolean =>
  readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .some((pid) => {
      try {
        return readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes(word);
      } catch {
        return false;
      }
    });

test('this system shuts processes in', () => {
  expect(findConfinement()).toBe('shut-in');
});

test('a process that was taken over reads what it was given and writes its own folder, and nothing else', async () => {
  const sleep = '61.25';
  const reached = (await runSandboxed('open-archive', { ...asked, sleep } as never, {
    entry,
    storeFolder,
  })) as unknown as {
    beside: string[];
    processes: number;
  };
  expect(reached).toMatchObject(REACHES_NOTHING);
  expect(reached.beside).toEqual(
    reached.beside.map(() => expect.stringMatching(/^(EROFS|ENOENT|EACCES|EPERM)$/) as string),
  );
  // itself, the first process of its world, and what it started
  expect(reached.processes).toBeLessThan(6);
  expect(readFileSync(asked.secret, 'utf8')).toBe('the secret');
});

test('what it made is taken over by what it holds; a link is not, and nothing it started goes on', async () => {
  const sleep = '61.75';
  await runSandboxed('open-archive', { ...asked, sleep } as never, { entry, storeFolder });
  expect(Buffer.from(await store.get(hashOf('made'))).toString()).toBe('made');
  expect(Buffer.from(await store.get(hashOf('under a wrong name'))).toString()).toBe('under a wrong name');
  expect(await store.has('f'.repeat(64))).toBe(false);
  expect(await store.has('e'.repeat(64))).toBe(false);
  for (let i = 0; i < 50 && (runs(sleep) || readdirSync(join(storeFolder, 'cells')).length > 0); i++)
    await new Promise((resolve) => setTimeout(resolve, 100));
  expect(runs(sleep)).toBe(false);
  expect(readdirSync(join(storeFolder, 'cells'))).toEqual([]);
});

test('a folder it has exchanged for a link leads nowhere', async () => {
  const lure = join(folder, 'lure');
  mkdirSync(lure);
  writeFileSync(join(lure, 'd'.repeat(64)), 'lured');
  await runSandboxed('open-archive', { ...asked, sleep: '61.125', lure } as never, { entry, storeFolder });
  expect(await store.has(hashOf('lured'))).toBe(false);
  expect(readFileSync(join(lure, 'd'.repeat(64)), 'utf8')).toBe('lured');
});

const isRoot = process.getuid?.() === 0;
(isRoot ? test : test.skip)('so it is for an ordinary user', () => {
  const cell = createCell(storeFolder);
  giveBytes(cell, storeFolder, [asked.own]);
  for (const path of [cell.folder, cell.given, cell.made, join(cell.made, 'tmp')]) chownSync(path, 65_534, 65_534);
  const { command, args, env, given, made } = confine({ entry, cell, dataBytes: 2 ** 32 }, 'shut-in');
  const request = { input: { ...asked, sleep: '61.5' }, store: { folder: made, readsFrom: given } };
  const asNobody = [
    '--reuid=65534',
    '--regid=65534',
    '--clear-groups',
    '--',
    command,
    ...args,
    JSON.stringify(request),
  ];
  const { NODE_CHANNEL_FD: _, ...plain } = env;
  const { stdout, stderr } = spawnSync('/usr/bin/setpriv', asNobody, {
    env: plain,
    stdio: ['ignore', 'pipe', 'pipe', 'ignore', openForbiddenCalls()],
    encoding: 'utf8',
  });
  expect(stderr).toBe('');
  expect(JSON.parse(stdout)).toMatchObject(REACHES_NOTHING);
});

const hashOf = (text: string): string => createHash('sha256').update(text).digest('hex');

import { spawn } from 'node:child_process';
import { statSync } from 'node:fs';
import { mkdir, mkdtemp, readdir, rm, writeFile } from 'node:fs/promises';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { serve, type ServerType } from '@hono/node-server';
import { listArrivals } from '@haveld/contract/api/arrivals';
import { createToken } from '@haveld/contract/api/people';
import { many } from './database/statements';
import { waitFor } from './testing/test-library';
import { useLibrary } from './testing/use-library';

const given = useLibrary();
const SHELL = join(import.meta.dirname, '../../dist/shell/haveld.js');
const CRATE = 'v 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 3\n';
let server: ServerType;
let folder: string;
let address: string;
let token: string;

beforeAll(async () => {
  folder = await mkdtemp(join(tmpdir(), 'haveld-send-'));
  server = await new Promise<ServerType>((resolve) => {
    const opened = serve({ fetch: given.library.app.fetch, hostname: '127.0.0.1', port: 0 }, () => resolve(opened));
  });
  address = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  token = (await given.client.call(createToken, { body: { name: 'workstation', role: 'artist', days: 30 } })).token;
});
afterAll(async () => {
  server.close();
  await rm(folder, { recursive: true });
});

interface Ran {
  code: number | null;
  out: string;
  err: string;
}

function haveld(
  args: string[],
  more: { token?: string; stopWhen?: (out: string) => boolean; signal?: AbortSignal } = {},
): Promise<Ran> {
  const shell = spawn(process.execPath, [SHELL, ...args], {
    env: { ...process.env, HAVELD_TOKEN: more.token ?? token, XDG_STATE_HOME: join(folder, 'state') },
  });
  more.signal?.addEventListener('abort', () => shell.kill('SIGTERM'));
  const ran: Ran = { code: null, out: '', err: '' };
  shell.stdout.on('data', (part: Buffer) => {
    ran.out += part.toString();
    if (more.stopWhen?.(ran.out)) shell.kill('SIGTERM');
  });
  shell.stderr.on('data', (part: Buffer) => (ran.err += part.toString()));
  return new Promise((resolve) => shell.on('close', (code) => resolve({ ...ran, code })));
}

const arrivals = (): Promise<string[]> =>
  given.client.call(listArrivals).then((all) => all.map(({ name }) => name).sort());

test('a folder is sent as one arrival; sent again it is told that it was', async () => {
  await mkdir(join(folder, 'crate/maps'), { recursive: true });
  await writeFile(join(folder, 'crate/crate.obj'), CRATE);
  await writeFile(join(folder, 'crate/maps/readme.txt'), 'by Ines Falkenrot, CC0');
  const first = await haveld(['send', join(folder, 'crate'), '--to', address]);
  expect(first).toMatchObject({ code: 0, err: '' });
  expect(first.out).toMatch(/^Sent: http:\/\/127\.0\.0\.1:\d+\/arrivals\/[0-9a-f-]{36}\n$/);
  await waitFor(arrivals, (names) => names.includes('crate'));
  const rows = await many<{ path: string }>(given.library.pool, 'SELECT path FROM received ORDER BY path');
  expect(rows.map(({ path }) => path)).toEqual(['crate/crate.obj', 'crate/maps/readme.txt']);
  const again = await haveld(['send', join(folder, 'crate'), '--to', `${address}/`]);
  expect(again.out).toMatch(/^It was sent before/);
  expect(await arrivals()).toEqual(['crate']);
});

test('what is put into a watched folder of this machine is sent, each once', async () => {
  await mkdir(join(folder, 'out'));
  await writeFile(join(folder, 'out/a.obj'), CRATE);
  const watching = haveld(['watch', join(folder, 'out'), '--to', address], {
    stopWhen: (out) => out.includes('Sent a.obj') && out.includes('Sent b.obj'),
  });
  await waitFor(arrivals, (names) => names.includes('a.obj'));
  await writeFile(join(folder, 'out/b.obj'), `${CRATE}# b\n`);
  const { code, out } = await watching;
  expect(code).toBe(0);
  expect(out.match(/Sent a\.obj/g)).toHaveLength(1);
  expect(await arrivals()).toEqual(['a.obj', 'b.obj', 'crate']);
});

test('stopped half-way it goes on with the same upload', async () => {
  const { uploadsFolder } = given.library.dependencies;
  const uploads = async (): Promise<string[]> => (await readdir(uploadsFolder)).filter((name) => !name.includes('.'));
  const before = new Set(await uploads());
  await writeFile(join(folder, 'big.obj'), Buffer.concat([Buffer.from(CRATE), Buffer.alloc(64 * 1024 * 1024, '# \n')]));
  const stop = new AbortController();
  const first = haveld(['send', join(folder, 'big.obj'), '--to', address], { signal: stop.signal });
  const [begun] = await waitFor(
    async () => {
      const own = (await uploads()).filter((name) => !before.has(name));
      return own.filter((name) => statSync(join(uploadsFolder, name)).size > 8 * 1024 * 1024);
    },
    (names) => names.length === 1,
  );
  stop.abort();
  expect((await first).err).toMatch(/run it again to go on/);
  expect((await haveld(['send', join(folder, 'big.obj'), '--to', address])).code).toBe(0);
  await waitFor(arrivals, (names) => names.includes('big.obj'));
  const [row] = await many<{ uploadId: string }>(
    given.library.pool,
    "SELECT upload_id AS uploadId FROM received WHERE path = 'big.obj'",
  );
  expect(row.uploadId).toBe(begun);
});

test.each<[string, string[], string | undefined, RegExp]>([
  ['a wrong token', ['send', 'crate', '--to', '@'], 'nonsense', /This token opens nothing/],
  ['no token', ['send', 'crate', '--to', '@'], '', /Set HAVELD_TOKEN/],
  ['nothing there', ['send', 'nowhere', '--to', '@'], undefined, /There is nothing at/],
  ['no address', ['send', 'crate', '--to', 'studio'], undefined, /is no address/],
  [
    'in the clear',
    ['send', 'crate', '--to', 'http://studio.example'],
    undefined,
    /not sent over a network in the clear/,
  ],
  ['nobody there', ['send', 'crate', '--to', 'http://127.0.0.1:9'], undefined, /does not answer/],
])('%s is told in a sentence', async (_what, args, other, words) => {
  const real = args.map((each) =>
    each === '@' ? address : ['crate', 'nowhere'].includes(each) ? join(folder, each) : each,
  );
  const { code, err } = await haveld(real, { token: other });
  expect(code).toBe(1);
  expect(err).toMatch(words);
  expect(err).not.toMatch(/at .*\.js:\d+/);
});

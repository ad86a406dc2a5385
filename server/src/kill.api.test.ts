import { spawn, type ChildProcess } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Arrival } from '@haveld/contract/api/arrivals';
import type { Sheet } from '@haveld/contract/api/bench';
import type { HouseTrial } from '@haveld/contract/api/house-treatments';
import type { Kit } from '@haveld/contract/api/kits';
import type { Project } from '@haveld/contract/api/projects';
import { addressOf } from './database/address';
import { createPool } from './database/pool';
import { run } from './database/statements';
import { waitFor } from './testing/test-library';

// the built server as a process of its own, killed without warning (SIGKILL) at every station of the journey
const MAIN = join(import.meta.dirname, '../../dist/main.js');
const folder = mkdtempSync(join(tmpdir(), 'haveld-kill-'));
const database = `test_${randomUUID().slice(0, 8)}`;
const admin = createPool(process.env.HAVELD_TEST_DATABASE!);
let port = 0;
let child: ChildProcess | null = null;
let password = '';
let cookie = '';

const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const address = probe.address() as { port: number };
      probe.close(() => resolve(address.port));
    });
  });

function start(): Promise<void> {
  return new Promise((resolve, reject) => {
    child = spawn(process.execPath, [MAIN], {
      env: {
        ...process.env,
        HAVELD_DATABASE_URL: addressOf(process.env.HAVELD_TEST_DATABASE!, database),
        HAVELD_DATA: folder,
        HAVELD_PORT: String(port),
        HAVELD_DEMO: '0',
      },
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    child.once('exit', () => reject(new Error('the server ended')));
    child.stdout!.on('data', (chunk: Buffer) => {
      for (const line of chunk.toString().split('\n').filter(Boolean)) {
        const said = JSON.parse(line) as { owner?: { password: string }; ready?: object };
        if (said.owner) password = said.owner.password;
        if (said.ready) resolve();
      }
    });
  });
}

async function kill(): Promise<void> {
  const dying = child!;
  const gone = new Promise((resolve) => dying.once('exit', resolve));
  dying.kill('SIGKILL');
  await gone;
}

async function killAndStart(): Promise<void> {
  await kill();
  await start();
}

async function ask<T>(method: string, path: string, body?: unknown): Promise<T> {
  const answer = await fetch(`http://127.0.0.1:${port}${path}`, {
    method,
    headers: { cookie, 'Content-Type': 'application/json' },
    body: body === undefined ? undefined : JSON.stringify(body),
  });
  const text = await answer.text();
  if (!answer.ok) throw new Error(`${answer.status}: ${text}`);
  const session = answer.headers.get('set-cookie');
  if (session) cookie = session.split(';')[0];
  return (text === '' ? {} : JSON.parse(text)) as T;
}

const tus = { 'Tus-Resumable': '1.0.0' };

beforeAll(async () => {
  await run(admin, `CREATE DATABASE ${database} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`);
  port = await freePort();
  await start();
  await ask('POST', '/api/sign-in', { signIn: 'owner', password });
  await ask('PUT', '/api/me/password', { before: password, after: 'kelp lantern ferry' });
});
afterAll(async () => {
  await kill();
  await run(admin, `DROP DATABASE ${database}`);
  await admin.end();
  rmSync(folder, { recursive: true, force: true });
});

/** Cells along a side: enough that reading, making and packing can be met half-way. */
const SIDE = 200;

/** A heavy grid, so that reading it takes long enough to be killed in. */
function createGrid(side: number): Buffer {
  const lines: string[] = ['# units: cm'];
  for (let y = 0; y <= side; y++)
    for (let x = 0; x <= side; x++) lines.push(`v ${x} ${Math.round(20 * Math.sin(x / 9) * Math.cos(y / 7))} ${y}`);
  for (let y = 0; y < side; y++) {
    for (let x = 0; x < side; x++) {
      const a = y * (side + 1) + x + 1;
      lines.push(`f ${a} ${a + side + 1} ${a + side + 2} ${a + 1}`);
    }
  }
  return Buffer.from(lines.join('\n'));
}

const isRunning = (words: string) => async (): Promise<boolean> => {
  const { running } = await ask<{ running: { label: string; state: string }[] }>('GET', '/api/progress');
  return running.some((job) => job.label.startsWith(words) && job.state === 'running');
};

/** Announces a file; its bytes are sent in parts. */
async function announce(name: string, bytes: Buffer) {
  const { id, received } = await ask<{ id: string; received: { id: string }[] }>('POST', '/api/arrivals', {
    name,
    files: [{ path: name, sizeBytes: bytes.length }],
  });
  const created = await fetch(`http://127.0.0.1:${port}/api/uploads`, {
    method: 'POST',
    headers: {
      ...tus,
      cookie,
      'Upload-Length': String(bytes.length),
      'Upload-Metadata': `receivedId ${Buffer.from(received[0].id).toString('base64')}`,
    },
  });
  const location = `http://127.0.0.1:${port}${new URL(created.headers.get('location')!, 'http://x').pathname}`;
  return {
    id,
    send: (from: number, to: number): Promise<Response> =>
      fetch(location, {
        method: 'PATCH',
        headers: { ...tus, cookie, 'Upload-Offset': String(from), 'Content-Type': 'application/offset+octet-stream' },
        body: new Uint8Array(bytes.subarray(from, to)),
      }),
    askOffset: async (): Promise<number> =>
      Number((await fetch(location, { method: 'HEAD', headers: { ...tus, cookie } })).headers.get('upload-offset')),
  };
}

test('killed at every station, the journey loses nothing and goes on', async () => {
  const bytes = createGrid(SIDE);
  const { id, send, askOffset } = await announce('sea.obj', bytes);

  // 1. half-way through the upload
  const half = Math.floor(bytes.length / 2);
  expect((await send(0, half)).status).toBe(204);
  await killAndStart();
  expect(await askOffset()).toBe(half);
  expect((await send(half, bytes.length)).status).toBe(204);

  // 2. right after the last byte, and 3. while it is read
  await killAndStart();
  await waitFor(isRunning('reading'), Boolean);
  await killAndStart();
  const arrival = await waitFor(
    () => ask<Arrival[]>('GET', '/api/arrivals').then((all) => all.find((one) => one.id === id)!),
    (one) => one.state === 'ready',
  );
  expect(arrival.finds[0]).toMatchObject({ state: 'read', triangles: SIDE * SIDE * 2 });

  // 4. with answers given
  const { assetId } = await ask<{ assetId: string }>('POST', `/api/finds/${arrival.finds[0].id}/bench`);
  let sheet = await ask<Sheet>('POST', `/api/bench/${assetId}/take-sure`);
  for (const finding of sheet.findings.filter(
    (one) => !one.settled && one.heading !== 'rights' && one.choices.length > 0,
  )) {
    await ask('PUT', `/api/bench/${assetId}/answers`, {
      key: finding.key,
      answer: { kind: 'taken', choiceId: finding.choices[0].id },
    });
  }
  await ask('PUT', `/api/bench/${assetId}/provenance`, {
    change: { licenceId: 'LicenseRef-own-work', author: 'Maja Lindqvist' },
  });
  const before = await ask<Sheet>('GET', `/api/bench/${assetId}`);
  await killAndStart();
  sheet = await ask<Sheet>('GET', `/api/bench/${assetId}`);
  expect(sheet.steps).toEqual(before.steps);
  expect(sheet.provenance).toEqual(before.provenance);

  // 5. while the version is made
  await ask('POST', `/api/bench/${assetId}/catalogue`, { name: 'Sea', category: 'building' });
  await waitFor(isRunning('making'), Boolean);
  await killAndStart();
  await waitFor(
    () => ask<Sheet>('GET', `/api/bench/${assetId}`),
    (now) => now.state === 'catalogued',
  );

  // 6. while it is packed
  const project = await ask<Project>('POST', '/api/projects', {
    name: 'Show',
    purpose: '',
    use: { uses: ['rendered'], commercial: true },
  });
  await ask('POST', `/api/projects/${project.id}/hand-overs`, { assetIds: [assetId], format: 'obj' });
  await waitFor(isRunning('packing'), Boolean);
  await killAndStart();
  const done = await waitFor(
    () => ask<Project>('GET', `/api/projects/${project.id}`),
    ({ handOvers }) => handOvers[0].state !== 'packing',
  );
  expect(done.handOvers[0].state).toBe('packed');
  expect(done.handOvers[0].checks.every((check) => check.holds)).toBe(true);
  const health = await ask<{ missing: string[]; failed: unknown[] }>('GET', '/api/health');
  expect(health).toMatchObject({ missing: [], failed: [] });
}, 240_000);

/** So many boxes that stand apart. */
function createKit(count: number): Buffer {
  const lines: string[] = [];
  for (let i = 0; i < count; i++) {
    lines.push(`o post_${i}`);
    for (let k = 0; k < 8; k++) lines.push(`v ${i * 3 + (k & 1)} ${k & 2 ? 2 : 0} ${k & 4 ? 1 : 0}`);
    for (const f of [
      [1, 3, 4, 2],
      [5, 6, 8, 7],
      [1, 2, 6, 5],
      [3, 7, 8, 4],
      [2, 4, 8, 6],
      [1, 5, 7, 3],
    ])
      lines.push(`f ${f.map((v) => v + i * 8).join(' ')}`);
  }
  return Buffer.from(lines.join('\n'));
}

test('killed while a kit is drawn, its pieces are taken, and a treatment is tried on them, it goes on where it stopped', async () => {
  const bytes = createKit(60);
  const { id, send } = await announce('posts.obj', bytes);
  await send(0, bytes.length);
  await waitFor(isRunning('drawing'), Boolean);
  await killAndStart();
  const [{ id: kitId }] = (
    await waitFor(
      () => ask<Arrival[]>('GET', '/api/arrivals').then((all) => all.find((one) => one.id === id)!),
      ({ kits }) => kits.length > 0,
    )
  ).kits;
  const drawn = await waitFor(
    () => ask<Kit>('GET', `/api/kits/${kitId}`),
    ({ pieces }) => pieces.every(({ pictureSha256 }) => pictureSha256 !== null),
  );
  const ordinals = drawn.pieces.slice(0, 20).map(({ ordinal }) => ordinal);
  await ask('POST', `/api/kits/${kitId}/take`, { ordinals });
  await waitFor(
    () => ask<Kit>('GET', `/api/kits/${kitId}`),
    ({ pieces }) => pieces.some(({ assetId }) => assetId !== null),
  );
  await killAndStart();
  const taken = await waitFor(
    () => ask<Kit>('GET', `/api/kits/${kitId}`),
    ({ pieces }) => pieces.filter(({ assetId }) => assetId !== null).length === 20,
  );
  // none twice, none lost
  expect(new Set(taken.pieces.map(({ accession }) => accession)).size).toBe(21);
  expect(await ask('GET', '/api/health')).toMatchObject({ missing: [], failed: [] });

  // a trial run of a house treatment on all of them
  const ids = taken.pieces.flatMap(({ assetId }) => assetId ?? []);
  await waitFor(
    () => Promise.all(ids.map((one) => ask<Sheet>('GET', `/api/bench/${one}`))),
    (sheets) => sheets.every(({ busy }) => busy === null),
  );
  const { id: treatmentId } = await ask<{ id: string }>('PUT', '/api/house-treatments/new', {
    name: 'Smooth posts',
    rules: [{ do: 'smooth', degrees: 30, atMaterials: false }],
  });
  const { id: trialId } = await ask<{ id: string }>('POST', `/api/house-treatments/${treatmentId}/trials`, {
    on: { kind: 'assets', ids },
  });
  const askTrial = (): Promise<HouseTrial> => ask<HouseTrial>('GET', `/api/house-trials/${trialId}`);
  const half = await waitFor(askTrial, ({ done }) => done > 0);
  await killAndStart();
  const trial = await waitFor(askTrial, ({ done, total }) => done === total);
  // what was looked at before is as it was, and none is looked at twice
  expect(trial.rows.map(({ assetId }) => assetId).sort()).toEqual([...ids].sort());
  for (const row of half.rows.filter(({ state }) => state !== 'waiting')) expect(trial.rows).toContainEqual(row);
  expect(trial.rows.filter(({ state }) => state !== 'planned')).toEqual([]);
  await ask('POST', `/api/house-trials/${trialId}/take`, { rows: trial.rows.map((row) => row.id) });
  for (const one of ids) {
    const { steps } = await ask<Sheet>('GET', `/api/bench/${one}`);
    expect(steps.filter(({ step }) => step.kind === 'shade-parts')).toHaveLength(1);
  }
  expect(await ask('GET', '/api/health')).toMatchObject({ missing: [], failed: [] });
}, 240_000);

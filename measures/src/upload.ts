import { spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import mysql from 'mysql2/promise';

// Claim: a file of 2 GiB passes with the server under 300 MiB above idle.
const SIZE = 2 * 2 ** 30;
const PART = 32 * 2 ** 20;
const PORT = 4397;
const address = process.env.HAVELD_TEST_DATABASE!;
const name = `measure_${randomUUID().slice(0, 8)}`;
const data = mkdtempSync(join(tmpdir(), 'haveld-measure-'));
const admin = await mysql.createConnection(address);
await admin.query(`CREATE DATABASE ${name} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`);
const server = spawn(process.execPath, [join(process.cwd(), 'dist/main.js')], {
  env: {
    ...process.env,
    HAVELD_DATABASE_URL: address + name,
    HAVELD_DATA: data,
    HAVELD_PORT: String(PORT),
    HAVELD_DEMO: '0',
  },
  stdio: ['ignore', 'pipe', 'inherit'],
});
const password = await new Promise<string>((resolve) => {
  let owner = '';
  server.stdout.on('data', (chunk: Buffer) => {
    for (const line of chunk.toString().split('\n').filter(Boolean)) {
      const said = JSON.parse(line) as { owner?: { password: string }; ready?: object };
      if (said.owner) owner = said.owner.password;
      if (said.ready) resolve(owner);
    }
  });
});

const base = `http://127.0.0.1:${PORT}`;
const residentMiB = (): number =>
  (Number(readFileSync(`/proc/${server.pid}/statm`, 'utf8').split(' ')[1]) * 4096) / 2 ** 20;
const signedIn = await fetch(`${base}/api/sign-in`, {
  method: 'POST',
  body: JSON.stringify({ signIn: 'owner', password }),
});
const cookie = signedIn.headers.get('set-cookie')!.split(';')[0];
await new Promise((resolve) => setTimeout(resolve, 2000));
const idle = residentMiB();
let peak = idle;
const watch = setInterval(() => (peak = Math.max(peak, residentMiB())), 20);

const announced = (await (
  await fetch(`${base}/api/arrivals`, {
    method: 'POST',
    headers: { cookie },
    body: JSON.stringify({ name: 'large.bin', files: [{ path: 'large.bin', sizeBytes: SIZE }] }),
  })
).json()) as { id: string; received: { id: string }[] };
const created = await fetch(`${base}/api/uploads`, {
  method: 'POST',
  headers: {
    cookie,
    'Tus-Resumable': '1.0.0',
    'Upload-Length': String(SIZE),
    'Upload-Metadata': `receivedId ${Buffer.from(announced.received[0].id).toString('base64')}`,
  },
});
const location = base + new URL(created.headers.get('location')!, base).pathname;
const part = Buffer.alloc(PART, 'haveld ');
const started = performance.now();
for (let at = 0; at < SIZE; at += PART) {
  const sent = await fetch(location, {
    method: 'PATCH',
    headers: {
      cookie,
      'Tus-Resumable': '1.0.0',
      'Upload-Offset': String(at),
      'Content-Type': 'application/offset+octet-stream',
    },
    body: part,
  });
  if (sent.status !== 204) throw new Error(`${sent.status} ${await sent.text()}`);
}
const sentMs = performance.now() - started;
for (;;) {
  const arrivals = (await (await fetch(`${base}/api/arrivals`, { headers: { cookie } })).json()) as {
    id: string;
    state: string;
  }[];
  const state = arrivals.find((arrival) => arrival.id === announced.id)?.state;
  if (state === 'ready' || state === 'failed') break;
  await new Promise((resolve) => setTimeout(resolve, 200));
}
clearInterval(watch);
console.log(
  `2 GiB upload: sent in ${(sentMs / 1000).toFixed(1)} s, kept and identified after ${((performance.now() - started) / 1000).toFixed(1)} s; server idle ${idle.toFixed(0)} MiB, peak ${peak.toFixed(0)} MiB, ${(peak - idle).toFixed(0)} MiB above idle (aim: under 300)`,
);
server.kill('SIGTERM');
await new Promise((resolve) => server.once('exit', resolve));
await admin.query(`DROP DATABASE ${name}`);
await admin.end();
rmSync(data, { recursive: true, force: true });

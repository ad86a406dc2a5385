import { spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import mysql from 'mysql2/promise';
import { addressOf } from '@haveld/server/database/address';

const PORT = 4397;

/** The built server on an empty library of its own, with somebody signed in. */
export interface MeasuredServer {
  /** Of paths (`/api/arrivals`). */
  base: string;
  cookie: string;
  /** Where its rows and its bytes are, to be filled by hand. */
  database: string;
  folder: string;
  /** Resident memory, MiB. */
  residentMiB: () => number;
  /** Ends it and takes its library away. */
  stop: () => Promise<void>;
}

export async function startServer(): Promise<MeasuredServer> {
  const address = process.env.HAVELD_TEST_DATABASE!;
  const name = `measure_${randomUUID().slice(0, 8)}`;
  const data = mkdtempSync(join(tmpdir(), 'haveld-measure-'));
  const admin = await mysql.createConnection(address);
  await admin.query(`CREATE DATABASE ${name} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`);
  const server = spawn(process.execPath, [join(process.cwd(), 'dist/main.js')], {
    env: {
      ...process.env,
      HAVELD_DATABASE_URL: addressOf(address, name),
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
  const signedIn = await fetch(`${base}/api/sign-in`, {
    method: 'POST',
    body: JSON.stringify({ signIn: 'owner', password }),
  });
  const cookie = signedIn.headers.get('set-cookie')!.split(';')[0];
  // the printed password opens nothing else
  await fetch(`${base}/api/me/password`, {
    method: 'PUT',
    headers: { cookie },
    body: JSON.stringify({ before: password, after: 'kelp lantern ferry' }),
  });
  return {
    base,
    cookie,
    database: addressOf(address, name),
    folder: data,
    residentMiB: () => (Number(readFileSync(`/proc/${server.pid}/statm`, 'utf8').split(' ')[1]) * 4096) / 2 ** 20,
    stop: async () => {
      server.kill('SIGTERM');
      await new Promise((resolve) => server.once('exit', resolve));
      await admin.query(`DROP DATABASE ${name}`);
      await admin.end();
      rmSync(data, { recursive: true, force: true });
    },
  };
}

/**
 * Announces one file and sends it, a part at a time.
 * @param part makes the bytes from one place on; at most `most` of them
 * @returns the arrival's id
 */
export async function sendFile(
  { base, cookie }: MeasuredServer,
  file: { path: string; sizeBytes: number; part: (at: number) => Buffer },
): Promise<string> {
  const announced = (await (
    await fetch(`${base}/api/arrivals`, {
      method: 'POST',
      headers: { cookie },
      body: JSON.stringify({ name: file.path, files: [{ path: file.path, sizeBytes: file.sizeBytes }] }),
    })
  ).json()) as { id: string; received: { id: string }[] };
  const created = await fetch(`${base}/api/uploads`, {
    method: 'POST',
    headers: {
      cookie,
      'Tus-Resumable': '1.0.0',
      'Upload-Length': String(file.sizeBytes),
      'Upload-Metadata': `receivedId ${Buffer.from(announced.received[0].id).toString('base64')}`,
    },
  });
  const location = base + new URL(created.headers.get('location')!, base).pathname;
  for (let at = 0; at < file.sizeBytes;) {
    const body = file.part(at);
    const sent = await fetch(location, {
      method: 'PATCH',
      headers: {
        cookie,
        'Tus-Resumable': '1.0.0',
        'Upload-Offset': String(at),
        'Content-Type': 'application/offset+octet-stream',
      },
      body: new Uint8Array(body),
    });
    if (sent.status !== 204) throw new Error(`${sent.status} ${await sent.text()}`);
    at += body.byteLength;
  }
  return announced.id;
}

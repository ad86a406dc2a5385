import { spawn } from 'node:child_process';
import { closeSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { PRESETS } from '@haveld/contract/prepared';
import { addTask, createCell, giveBytes, listMade, removeCell } from '@haveld/engine/sandbox/cell';
import { confine, findConfinement, type Confinement } from '@haveld/engine/sandbox/confine';
import { openForbiddenCalls } from '@haveld/engine/sandbox/forbidden-calls';
import type { TaskReply, TaskRequest } from '@haveld/engine/sandbox/messages';
import { FolderStore } from '@haveld/engine/store/folder-store';
import { median } from './parts/run-timed';
import { Sheet, writeGlb } from './parts/sheet';

// What shutting in costs a process that opens foreign bytes (aim ≤ 60 ms each) and `prepare` of 1 M triangles (aim ≤ 5 %): the same
// task with walls and with limits alone, in turn. Medians; what it made is taken over with walls and without.
const STARTS = 15;
const PREPARES = 5;
const entry = fileURLToPath(new URL('../child.js', import.meta.url));
const folder = mkdtempSync(join(tmpdir(), 'haveld-measure-'));
const store = new FolderStore(join(folder, 'store'));
const { sha256 } = await store.put(new Uint8Array(await writeGlb(new Sheet(707))));

if (findConfinement() !== 'shut-in')
  console.log('This system cannot shut processes in: both columns are without walls.');

/** Milliseconds from starting a process to its answer, and from there until the store has what it made. */
async function measure(how: Confinement, name: TaskRequest['name'], input: object): Promise<[number, number]> {
  const cell = createCell(store.folder);
  giveBytes(cell, store.folder, [sha256]);
  const from = performance.now();
  const { command, args, env, given, made } = confine({ entry, cell, dataBytes: 2 ** 32 }, how);
  const calls = how === 'shut-in' ? openForbiddenCalls() : null;
  const child = spawn(command, args, {
    env,
    stdio: ['ignore', 'ignore', 'ignore', 'ipc', calls ?? 'ignore'],
    serialization: 'advanced',
  });
  if (calls !== null) closeSync(calls);
  const task = addTask(cell);
  const request: TaskRequest = { name, input, store: { folder: join(made, task), readsFrom: given } };
  child.send(request);
  await new Promise<void>((resolve, reject) => {
    child.on('message', (reply: TaskReply) => {
      if (reply.kind === 'result') resolve();
      else if (reply.kind === 'error') reject(new Error(reply.error.message));
    });
    child.on('error', reject);
  });
  const answered = performance.now();
  await store.takeOver(cell.made, listMade(cell, task), false);
  const taken = performance.now();
  child.kill('SIGKILL');
  await new Promise((resolve) => child.once('close', resolve));
  removeCell(cell);
  return [answered - from, taken - answered];
}

const prepare = {
  name: 'sheet',
  model: 'sheet.glb',
  files: [{ path: 'sheet.glb', sha256, role: 'model', width: null, height: null }],
  preset: PRESETS.house,
  confirm: 'nothing',
  makes: true,
  isCompared: false,
  today: '2026-11-30',
};

async function compare(words: string, times: number, name: TaskRequest['name'], input: object): Promise<void> {
  const taken: Record<Confinement, [number, number][]> = { limits: [], 'shut-in': [] };
  for (let i = 0; i < times; i++)
    for (const how of ['limits', 'shut-in'] as const) taken[how].push(await measure(how, name, input));
  const [open, shut] = [taken.limits, taken['shut-in']].map((one) => median(one.map(([ms]) => ms)));
  const over = median(taken['shut-in'].map(([, ms]) => ms));
  console.log(
    `${words}: ${open.toFixed(0)} ms under limits, ${shut.toFixed(0)} ms shut in: ${(shut - open).toFixed(0)} ms more (${((shut / open - 1) * 100).toFixed(1)} %); ${over.toFixed(0)} ms until the store has what it made`,
  );
}
await compare('a process from its start to its first answer', STARTS, 'open-archive', { received: [] });
await compare('`prepare` of 1 M triangles in one', PREPARES, 'prepare-find', prepare);
rmSync(folder, { recursive: true });

import { stat } from 'node:fs/promises';
import { basename, join, resolve } from 'node:path';
import type { Command } from 'commander';
import { DomainError } from '@haveld/contract/error';
import { watchFolder } from '@haveld/engine/watching/watch-folder';
import { createProgressBar } from '../show-progress';
import { openRemote } from './remote';
import { gatherFiles, sendFiles } from './send-files';

interface Options {
  to: string;
  together?: boolean;
}

/** Adds `send` and `watch`: what lies on this machine arrives at a Haveld somewhere else. */
export function addSendCommands(program: Command): void {
  program
    .command('send')
    .argument('<files...>', 'files or folders; all of them become one arrival')
    .requiredOption('--to <address>', 'of a Haveld; HAVELD_TOKEN holds a token of yours')
    .description('sends files to a Haveld; stopped and run again it goes on where it was')
    .action((inputs: string[], options: Options) => guard((signal) => send(inputs, options, signal)));
  program
    .command('watch')
    .argument('<folder>', 'what is put there is sent when it is whole')
    .requiredOption('--to <address>', 'as for send')
    .option('--together', 'each sub-folder is one arrival')
    .description('keeps sending what is put into a folder, each once, until it is stopped')
    .action((folder: string, options: Options) => guard((signal) => watch(folder, options, signal)));
}

/** Runs until it is done, or somebody stops it. */
async function guard(act: (signal: AbortSignal) => Promise<void>): Promise<void> {
  const stop = new AbortController();
  for (const signal of ['SIGINT', 'SIGTERM'] as const)
    process.once(signal, () => stop.abort(new DomainError('bad-request', 'Stopped; run it again to go on.')));
  try {
    await act(stop.signal);
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    process.stderr.write(`${error.message}\n`);
    process.exitCode = 1;
  }
}

async function send(inputs: string[], { to }: Options, signal: AbortSignal): Promise<void> {
  const remote = openRemote(to, process.env.HAVELD_TOKEN ?? '');
  const { name, files } = await gatherFiles(inputs);
  const bar = createProgressBar(process.stderr);
  try {
    const { arrivalId, wasThere, refused } = await sendFiles(remote, name, files, { signal, onProgress: bar.show });
    bar.end();
    for (const sentence of refused) process.stderr.write(`Refused: ${sentence}\n`);
    process.stdout.write(`${wasThere ? 'It was sent before' : 'Sent'}: ${remote.address}/arrivals/${arrivalId}\n`);
  } finally {
    bar.end();
  }
}

async function watch(folder: string, { to, together }: Options, signal: AbortSignal): Promise<void> {
  const remote = openRemote(to, process.env.HAVELD_TOKEN ?? '');
  const root = resolve(folder);
  const watching = watchFolder(root, {
    together: together ? 'folders' : 'each',
    async onReady({ name, paths }) {
      const files = await Promise.all(
        paths.map(async (path) => {
          const { size, mtimeMs } = await stat(join(root, path));
          return { full: join(root, path), path, sizeBytes: size, modifiedMs: mtimeMs };
        }),
      );
      const { arrivalId, wasThere } = await sendFiles(remote, name, files, { signal, onProgress: () => undefined });
      if (!wasThere) process.stdout.write(`Sent ${name}: ${remote.address}/arrivals/${arrivalId}\n`);
    },
    onTrouble: (sentence) => sentence && process.stderr.write(`${sentence}\n`),
  });
  process.stdout.write(`Watching ${basename(root)}; stop with Ctrl C.\n`);
  await new Promise<void>((done) => signal.addEventListener('abort', () => done(), { once: true }));
  await watching.close();
}

import { startReady } from '@haveld/engine/sandbox/sandbox-workers';

if (['prepare', 'inspect'].includes(process.argv[2])) {
  // the process that opens files starts while this one still loads what it needs itself
  const { WORKER_PLACE } = await import('./worker-place');
  startReady(WORKER_PLACE, 'prepare-find');
}
await import('./command');

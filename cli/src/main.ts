import { startReady } from '@haveld/engine/sandbox/sandbox-workers';
import { CHILD_ENTRY } from './child-entry';

// the process that opens files starts while this one still loads what it needs itself
if (['prepare', 'inspect'].includes(process.argv[2])) startReady(CHILD_ENTRY, 'prepare-find');
await import('./command');

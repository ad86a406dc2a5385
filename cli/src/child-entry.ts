import { fileURLToPath } from 'node:url';

/** Built beside the command: what runs in the process that opens files. */
export const CHILD_ENTRY = fileURLToPath(new URL('./child.js', import.meta.url));

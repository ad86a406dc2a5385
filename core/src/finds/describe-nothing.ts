import type { HeapFile } from './heap-file';

const ALONE: readonly { kinds: readonly HeapFile['kind'][]; words: string }[] = [
  { kinds: ['text'], words: 'Only texts came, no model.' },
  { kinds: ['picture'], words: 'Only pictures came, no model.' },
  { kinds: ['picture', 'text'], words: 'Only pictures and texts came, no model.' },
];

/** Most sentences of an archive's damage that are told at once. */
const MOST = 3;

/**
 * Why nothing was found in an arrival.
 * @param files all of it, archives among them
 * @param refused what could not be opened, a sentence each
 */
export function describeNothing(files: readonly Pick<HeapFile, 'kind'>[], refused: readonly string[]): string {
  if (refused.length > 0) return ['No model came out of it.', ...refused.slice(0, MOST)].join(' ');
  const kinds = new Set(files.map(({ kind }) => kind).filter((kind) => kind !== 'archive'));
  const alone = ALONE.find(({ kinds: only }) => kinds.size > 0 && [...kinds].every((kind) => only.includes(kind)));
  return `${alone?.words ?? 'No model that can be read was found in it.'} Everything is kept.`;
}

import { decodeText } from '@haveld/core/text/decode-text';
import type { Dependencies } from '../dependencies';

const MOST_TEXTS = 20;
const MOST_BYTES = 256 * 1024;

/** @returns what the texts of an arrival say, in one piece: by it the site and the author of a download are known again */
export async function readTexts(
  { store }: Dependencies,
  files: readonly { kind: string; sizeBytes: number; sha256: string }[],
): Promise<string> {
  const texts = files.filter(({ kind, sizeBytes }) => kind === 'text' && sizeBytes <= MOST_BYTES).slice(0, MOST_TEXTS);
  return (await Promise.all(texts.map(async ({ sha256 }) => decodeText(await store.get(sha256))))).join('\n');
}

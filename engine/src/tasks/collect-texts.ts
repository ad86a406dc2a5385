import type { RightsText } from '@haveld/core/rights/detect';
import type { DocumentSource } from '@haveld/core/scene/source-data';
import { decodeText } from '@haveld/core/text/decode-text';
import type { FolderStore } from '../store/folder-store';
import type { FindFile } from './find-files';

/** A licence text is read to this length, a read-me too. */
const TEXT_LIMIT = 256 * 1024;

/** Texts beside the model, nearest first, then what the model file says of itself. */
export async function collectTexts(
  files: readonly FindFile[],
  source: DocumentSource,
  model: string,
  store: FolderStore,
): Promise<RightsText[]> {
  const folder = model.slice(0, model.lastIndexOf('/') + 1);
  const texts = files
    .filter((file) => file.role === 'text')
    .sort(
      (a, b) => Number(b.path.startsWith(folder)) - Number(a.path.startsWith(folder)) || a.path.length - b.path.length,
    );
  const read: RightsText[] = [];
  for (const { path, sha256 } of texts) {
    const size = (await store.sizeOf(sha256)) ?? 0;
    if (size > TEXT_LIMIT) continue;
    read.push({ file: path, text: stripMarkup(decodeText(await store.get(sha256))), firstLine: 1 });
  }
  if (source.copyright)
    read.push({ file: model, text: `Copyright ${source.copyright}`, firstLine: 1, isMetadata: true });
  for (const [key, value] of Object.entries(source.extras ?? {})) {
    if (typeof value === 'string') read.push({ file: model, text: `${key}: ${value}`, firstLine: 1, isMetadata: true });
  }
  for (const { file, line, text } of source.headers ?? []) read.push({ file, text, firstLine: line, isMetadata: true });
  return read;
}

/** Saved pages: tags go, addresses in links stay. */
function stripMarkup(text: string): string {
  if (!/<(html|body|p|a|div)\b/i.test(text)) return text;
  return text
    .replace(/<a\b[^>]*href=["']([^"']+)["'][^>]*>/gi, ' $1 ')
    .replace(/<[^>]+>/g, ' ')
    .replace(/&copy;/g, '©')
    .replace(/&amp;/g, '&');
}

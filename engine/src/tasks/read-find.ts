import { DomainError } from '@haveld/contract/error';
import type { LogEntry } from '@haveld/contract/report';
import type { RightsFinding } from '@haveld/contract/licence';
import { decodeText } from '@haveld/core/text/decode-text';
import { readModel } from '@haveld/core/formats/read-model';
import type { FileSource } from '@haveld/core/formats/reading';
import { listStatedSizes, type StatedSize } from '@haveld/core/placement/stated-size';
import { drawPortrait, prepareDrawing } from '@haveld/core/picture/draw-pictures';
import { detectRights, type RightsText } from '@haveld/core/rights/detect';
import { writeGlb } from '@haveld/core/scene/document-io';
import { getDocumentSource, type DocumentSource } from '@haveld/core/scene/source-data';
import { createReadingContext } from '../reading-context';
import { getLicenceTexts } from '../licence-texts';
import { sharpCodec } from '../sharp-codec';
import type { TaskContext } from './task';

export interface ReadInput {
  /** Path of the model among the files. */
  model: string;
  files: { path: string; sha256: string; role: string }[];
}

export interface ReadResult {
  documentSha256: string;
  portraitSha256: string | null;
  log: LogEntry[];
  rights: RightsFinding;
  stated: StatedSize[];
  source: Pick<DocumentSource, 'format' | 'version' | 'exporter' | 'declaredUnit' | 'declaredUp'>;
}

/** A licence text is read to this length, a read-me too. */
const TEXT_LIMIT = 256 * 1024;

/** Reads a find: its document, what was lost or odd, whose it says it is, and a first picture as received. */
export async function readFind({ model, files }: ReadInput, context: TaskContext): Promise<ReadResult> {
  const byPath = new Map(files.map((file) => [file.path, file.sha256]));
  const source: FileSource = {
    paths: files.map((file) => file.path),
    async read(path) {
      return context.store.get(hashOf(byPath, path));
    },
    hash: (path) => hashOf(byPath, path),
  };
  context.progress(0, 4, 'stage');
  const { document, log } = await readModel(model, await createReadingContext(source));
  context.progress(1, 4, 'stage');
  const described = getDocumentSource(document);
  const texts = await collectTexts(files, described, model, context);
  const rights = detectRights(texts, getLicenceTexts());
  context.progress(2, 4, 'stage');
  const stored = await context.store.put(await writeGlb(document));
  context.progress(3, 4, 'stage');
  const drawing = await prepareDrawing(document, sharpCodec);
  const portrait =
    drawing &&
    (await context.store.put(
      await sharpCodec.encodePng(drawPortrait(drawing, described.declaredUnit === 'm' ? 1 : null)),
    ));
  const { format, version, exporter, declaredUnit, declaredUp } = described;
  return {
    documentSha256: stored.sha256,
    portraitSha256: portrait?.sha256 ?? null,
    log,
    rights,
    stated: listStatedSizes(texts),
    source: { format, version, exporter, declaredUnit, declaredUp },
  };
}

function hashOf(byPath: Map<string, string>, path: string): string {
  const sha256 = byPath.get(path);
  if (!sha256) throw new Error(`readFind: no such file, got ${path}`);
  return sha256;
}

/** Texts beside the model, nearest first, then what the model file says of itself. */
async function collectTexts(
  files: ReadInput['files'],
  source: DocumentSource,
  model: string,
  { store }: TaskContext,
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

/** Turns any failure into a sentence: a reader's own, or that the file is damaged. */
export function toDomainError(error: unknown, file: string): DomainError {
  if (error instanceof DomainError) return error;
  return new DomainError('bad-file', `“${file}” cannot be read: ${(error as Error).message}.`, { file, cause: error });
}

import { parse as parseToml } from 'smol-toml';
import type { MetadataSource, RightsSources } from '@haveld/core/rights/detect';
import { isEmptyMetadata, readXmpJson } from '@haveld/core/rights/reading/metadata';
import { joinHeaders } from '@haveld/core/rights/reading/join-headers';
import type { ReuseAnnotation } from '@haveld/core/rights/reading/reuse-file';
import { listClaimedSizes } from '@haveld/core/placement/size/claimed-size';
import { listStatedSizes, type StatedSize } from '@haveld/core/placement/size/stated-size';
import type { RightsFinding } from '@haveld/contract/licence';
import { openPages } from '@haveld/core/rights/reading/saved-page';
import type { RightsText } from '@haveld/core/rights/reading/statement';
import type { DocumentSource } from '@haveld/core/scene/document/source-data';
import { decodePage } from '@haveld/core/text/decode-page';
import { isMhtml, openMhtml } from '../reading/open-mhtml';
import { readPictureMetadata } from '../pictures/read-picture-metadata';
import type { FolderStore } from '../store/folder-store';
import type { FindFile } from './find-files';

/** A licence text, a read-me and a saved page are read to this size. */
const TEXT_LIMIT = 2 * 1024 * 1024;

/** Pictures beyond are not asked for what they say of themselves. */
const PICTURE_LIMIT = 256 * 1024 * 1024;

/** Everything that came with a model and may say whose it is: texts, what the model and its pictures say of themselves. */
export async function collectRights(
  files: readonly FindFile[],
  source: DocumentSource,
  model: string,
  store: FolderStore,
): Promise<RightsSources & { texts: RightsText[] }> {
  const texts: RightsText[] = [];
  const metadata: MetadataSource[] = [];
  const reuse: { file: string; annotations: ReuseAnnotation[] }[] = [];
  for (const { path, sha256 } of files.filter((file) => file.role === 'text')) {
    if (((await store.sizeOf(sha256)) ?? 0) > TEXT_LIMIT) continue;
    const bytes = await store.get(sha256);
    const text = isMhtml(path) ? await openMhtml(bytes) : decodePage(bytes);
    const annotations = /(^|\/)REUSE\.toml$/i.test(path) ? readReuseToml(text) : null;
    if (annotations) reuse.push({ file: path, annotations });
    else texts.push({ file: path, text, firstLine: 1 });
  }
  for (const { path, sha256, role } of files) {
    if (role !== 'map' || ((await store.sizeOf(sha256)) ?? Infinity) > PICTURE_LIMIT) continue;
    const said = await readPictureMetadata(await store.get(sha256));
    if (said && !isEmptyMetadata(said)) metadata.push({ file: path, metadata: said, isPicture: true });
  }
  texts.push(...listModelTexts(source, model));
  const opened = await openPages(texts);
  for (const packet of source.xmp ?? []) {
    const said = readXmpJson(packet);
    if (!isEmptyMetadata(said)) metadata.push({ file: model, metadata: said });
  }
  return { texts: opened, metadata, reuse };
}

/** Every size that is stated beside a model: in texts, in what people see of pages, and in what pages say to machines. */
export const listSizesSaid = (texts: readonly RightsText[], claims: RightsFinding['claims']): StatedSize[] => [
  ...listStatedSizes(texts.map((text) => ({ ...text, text: text.page?.words ?? text.text }))),
  ...listClaimedSizes(claims),
];

/** What the model file says of itself: copyright, extras, comment lines. */
function listModelTexts(source: DocumentSource, model: string): RightsText[] {
  const texts: RightsText[] = [];
  const say = (text: string): void => void texts.push({ file: model, text, firstLine: 1, isMetadata: true });
  if (source.copyright)
    say(/copyright|©|\(c\)/i.test(source.copyright) ? source.copyright : `Copyright ${source.copyright}`);
  for (const line of listExtras(source.extras ?? {})) say(line);
  return [...texts, ...joinHeaders(source.headers ?? [])];
}

/** Names and words of extras, a level deep. */
function listExtras(extras: Record<string, unknown>, depth = 0): string[] {
  return Object.entries(extras).flatMap(([key, value]) => {
    if (typeof value === 'string') return [`${key}: ${value}`];
    return value && typeof value === 'object' && !Array.isArray(value) && depth === 0
      ? listExtras(value as Record<string, unknown>, 1)
      : [];
  });
}

/** @returns null where the file is not what its name says */
function readReuseToml(text: string): ReuseAnnotation[] | null {
  let parsed: Record<string, unknown>;
  try {
    parsed = parseToml(text);
  } catch {
    // read as words instead, so nothing it says is lost
    return null;
  }
  const list = (value: unknown): string[] =>
    Array.isArray(value) ? value.map(String) : typeof value === 'string' ? [value] : [];
  const annotations = Array.isArray(parsed.annotations) ? (parsed.annotations as Record<string, unknown>[]) : [];
  return annotations.map((one) => ({
    paths: list(one.path),
    copyright: list(one['SPDX-FileCopyrightText']),
    licence: list(one['SPDX-License-Identifier']).join(' AND '),
  }));
}

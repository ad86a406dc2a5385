import type { z } from 'zod';
import { readText } from '@haveld/core/rights/reading/read-text';
import { weighLicences } from '@haveld/core/rights/reading/weigh-statements';
import { fetchText, type FetchedText } from '../fetching/fetch-text';
import type { Ask } from '../fetching/request';
import { SourceFault } from '../fetching/source-fault';
import type { SourceContext } from './source-adapter';

/**
 * Asks an API and reads what it answers.
 * @throws {SourceFault} `broken` where it is not what the source describes
 */
export async function askApi<S extends z.ZodType>(
  address: string,
  wanted: Ask,
  shape: S,
  context: SourceContext,
): Promise<{ data: z.output<S>; answer: FetchedText }> {
  const answer = await fetchText(
    address,
    { ...wanted, headers: { accept: 'application/json', ...wanted.headers } },
    context,
  );
  const host = new URL(address).hostname;
  const parsed = shape.safeParse(readJson(answer.text, host));
  if (!parsed.success)
    throw new SourceFault(
      'broken',
      `${host} answered in another form than it describes: ${parsed.error.issues[0].path.join('.')}.`,
    );
  return { data: parsed.data, answer };
}

function readJson(text: string, host: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch (error) {
    throw new SourceFault('broken', `${host} answered with something that is no JSON.`, { cause: error });
  }
}

/** A licence as a source writes it, and the SPDX expression of it; empty where it is none we know. */
export function describeLicence(words: string, address: string): { words: string; address: string; id: string } {
  const said = readText(`${words}\n\n${address}`, { file: '', firstLine: 1 });
  const ids = [...new Set(weighLicences(said.licences).map(({ id }) => id))];
  return { words, address, id: ids.length === 1 ? ids[0] : '' };
}

/** @returns where `rel="next"` of a `Link` header leads (RFC 8288, 3), absolute; null where there is none */
export function findNext(link: string | null, base: string): string | null {
  for (const [, target, parameters] of (link ?? '').matchAll(
    /<([^>]*)>((?:\s*;\s*[^,;=]+(?:=(?:"[^"]*"|[^,;"]*))?)*)/g,
  )) {
    const relation = /;\s*rel\s*=\s*(?:"([^"]*)"|([^,;"\s]+))/i.exec(parameters);
    if (
      (relation?.[1] ?? relation?.[2] ?? '').toLowerCase().split(/\s+/).includes('next') &&
      URL.canParse(target, base)
    )
      return new URL(target, base).href;
  }
  return null;
}

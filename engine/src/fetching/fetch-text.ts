import { decodePage } from '@haveld/core/text/decode-page';
import { requireAnswered } from './read-status';
import { ask, type Ask, type AskOptions } from './request';
import { SourceFault } from './source-fault';

export interface FetchedText {
  /** Nothing changed since the validators were given (RFC 9110, 13.1). */
  isUnchanged: boolean;
  text: string;
  bytes: Uint8Array;
  /** Where it came from in the end. */
  address: string;
  isMoved: boolean;
  etag: string | null;
  lastModified: string | null;
  /** `Link` header, as it came (RFC 8288). */
  link: string | null;
  contentType: string;
}

const LIMIT_BYTES = 8 * 1024 * 1024;

/**
 * Fetches a page or an answer of a source.
 * @param since validators of what is known already; unchanged is then told and nothing sent
 * @throws {SourceFault} by what the source says, or where it is longer than a page is
 */
export async function fetchText(
  address: string,
  wanted: Ask,
  options: AskOptions & {
    now: Date;
    limitBytes?: number;
    since?: { etag: string | null; lastModified: string | null };
  },
): Promise<FetchedText> {
  const { since, now, limitBytes = LIMIT_BYTES } = options;
  const answer = await ask(
    address,
    {
      ...wanted,
      headers: {
        ...wanted.headers,
        ...(since?.etag ? { 'if-none-match': since.etag } : {}),
        ...(since?.lastModified ? { 'if-modified-since': since.lastModified } : {}),
      },
    },
    options,
  );
  const { headers } = answer;
  const described = {
    address: answer.address,
    isMoved: answer.isMoved,
    etag: headers.etag ?? since?.etag ?? null,
    lastModified: headers['last-modified'] ?? since?.lastModified ?? null,
    link: [headers.link].flat().join(', ') || null,
    contentType: headers['content-type'] ?? '',
  };
  if (since && answer.status === 304) {
    answer.body.destroy();
    return { ...described, isUnchanged: true, text: '', bytes: new Uint8Array() };
  }
  try {
    requireAnswered(answer, now);
  } catch (error) {
    answer.body.destroy();
    throw error;
  }
  const parts: Buffer[] = [];
  let length = 0;
  try {
    for await (const part of answer.body) {
      length += part.length;
      if (length > limitBytes)
        throw new SourceFault('too-large', `The answer of ${new URL(address).hostname} is longer than any page.`);
      parts.push(part);
    }
  } catch (error) {
    if (error instanceof SourceFault || options.signal?.aborted) throw error;
    throw new SourceFault('cut-off', `${new URL(address).hostname} stopped half-way.`, { cause: error });
  }
  const bytes = new Uint8Array(Buffer.concat(parts));
  return { ...described, isUnchanged: false, bytes, text: decodePage(bytes) };
}

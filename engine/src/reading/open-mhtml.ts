import { decodePage } from '@haveld/core/text/decode-page';

/** A page saved with all that belongs to it in one file (RFC 2557), as browsers write it. */
export const isMhtml = (path: string): boolean => /\.mht(?:ml)?$/i.test(path);

/**
 * Takes the page out of it.
 * @returns the page with where it was saved from, in the way browsers write that into pages; the file as text where it holds no page
 */
export async function openMhtml(bytes: Uint8Array): Promise<string> {
  const { simpleParser } = await import('mailparser');
  // its pictures and styles are none of what the page says
  const parsed = await simpleParser(Buffer.from(bytes), { skipImageLinks: true, skipTextToHtml: true }).catch(
    () => null,
  );
  if (!parsed?.html) return decodePage(bytes);
  const header = parsed.headers.get('snapshot-content-location') ?? parsed.headers.get('content-location');
  const address = typeof header === 'string' ? header.trim() : '';
  return /^https?:\/\/\S+$/i.test(address) ? `<!-- saved from url=(0000)${address} -->\n${parsed.html}` : parsed.html;
}

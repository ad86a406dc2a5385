import { z } from 'zod';

/** Where a bookmarklet opens; the one page of ours that may speak with the page that opened it. */
export const FROM_PAGE = '/arrivals/from-page';

const READY = 'haveld-ready';

/** What it hands over. */
export const HandedMessageSchema = z.object({
  kind: z.literal('haveld-page'),
  address: z.url({ protocol: /^https?$/ }),
  html: z.string().min(1),
});
export type HandedMessage = z.infer<typeof HandedMessageSchema>;

/**
 * A bookmark that opens this house beside the page a person stands on, and hands it that page once it is there. Nothing that lets
 * anybody in lies in it; it speaks with this house and no other.
 */
export const writeBookmarklet = (origin: string): string =>
  `javascript:(()=>{const t=${JSON.stringify(origin)},w=open(t+${JSON.stringify(FROM_PAGE)},'haveld-page');addEventListener('message',function f(e){if(e.origin!==t||e.source!==w||e.data!==${JSON.stringify(READY)})return;removeEventListener('message',f);w.postMessage({kind:'haveld-page',address:location.href,html:'<!doctype html>'+document.documentElement.outerHTML},t)})})()`;

/** Says to whoever opened this page that it may hand over; there is nothing secret in it. */
export const sayReady = (opener: Window): void => opener.postMessage(READY, '*');

/** @returns the page that was handed over, or null for a message that is none, of somebody else, or about a page of another site */
export function readHandedMessage(
  { source, origin, data }: Pick<MessageEvent, 'source' | 'origin' | 'data'>,
  opener: unknown,
): HandedMessage | null {
  if (source === null || source !== opener) return null;
  const message = HandedMessageSchema.safeParse(data);
  return message.success && new URL(message.data.address).origin === origin ? message.data : null;
}

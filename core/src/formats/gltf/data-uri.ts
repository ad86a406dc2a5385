/** @returns the bytes of a `data:` address (RFC 2397), none where it is malformed; null where it is another address */
export function dataUriBytes(uri: string): Uint8Array<ArrayBuffer> | null {
  const match = /^data:[^,]*?(;base64)?,/.exec(uri);
  if (!match) return null;
  const body = uri.slice(match[0].length);
  try {
    return match[1]
      ? Uint8Array.from(atob(body), (c) => c.charCodeAt(0))
      : new TextEncoder().encode(decodeURIComponent(body));
  } catch {
    // what is no base64, or no percent-encoding, holds nothing
    return new Uint8Array();
  }
}

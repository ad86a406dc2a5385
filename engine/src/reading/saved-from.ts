/** A kept page says where it is from, in the way browsers write it. */
export const withAddress = (bytes: Uint8Array, address: string): Uint8Array =>
  Buffer.concat([
    Buffer.from(`<!-- saved from url=(${String(address.length).padStart(4, '0')})${address} -->\n`),
    bytes,
  ]);

/** Longest address as the name of a file. */
const LONGEST_NAME = 80;

/** What the file of a kept page is called: `page of harbour-bench.html`. */
export function nameOfPage(address: string): string {
  const stem = new URL(address).pathname.split('/').filter(Boolean).at(-1) ?? new URL(address).hostname;
  return `page of ${stem.replace(/\.x?html?$/i, '').slice(0, LONGEST_NAME)}.html`;
}

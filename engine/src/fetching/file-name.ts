import { parse } from 'content-disposition';
import { checkEntryPath } from '@haveld/core/finds/names/entry-name';

/**
 * What a fetched file is called: as the source says (RFC 6266, RFC 8187), else by the last part of its address. It is a plain name:
 * whatever way leads to it (`../../`, `C:\`) is left out.
 * @param disposition header `Content-Disposition`
 * @returns `download` where neither says a name
 */
export function nameFetched(disposition: string | undefined, address: string): string {
  const last = new URL(address).pathname.split('/').at(-1) ?? '';
  for (const name of [readDisposition(disposition), decode(last)]) {
    const plain = name.split(/[/\\]/).at(-1)!.trim();
    const checked = plain === '' ? null : checkEntryPath(plain);
    if (checked && 'path' in checked) return checked.path;
  }
  return 'download';
}

function readDisposition(disposition: string | undefined): string {
  if (disposition === undefined) return '';
  try {
    return parse(disposition).parameters.filename ?? '';
  } catch {
    // a header that is not well formed says no name; the address does
    return '';
  }
}

function decode(part: string): string {
  try {
    return decodeURIComponent(part);
  } catch {
    // a stray percent sign is part of the name
    return part;
  }
}

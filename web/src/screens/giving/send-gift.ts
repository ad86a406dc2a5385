import { createGiftUpload, GIFT_HEADER } from '@haveld/contract/api/giving';
import { uploadDesk, type Dropped } from '../../api/uploads';

/** Sends what was announced, each by its path; what is on its way already is left. @returns paths that none of the files has */
export function sendGift(
  secret: string,
  announced: readonly { id: string; path: string }[],
  files: readonly Dropped[],
): string[] {
  const missing: string[] = [];
  for (const { id, path } of announced) {
    const given = files.find((one) => one.path === path);
    if (!given) missing.push(path);
    else if (!uploadDesk.snapshot().some(({ receivedId, state }) => receivedId === id && state === 'sending'))
      uploadDesk.start(secret, id, path, given.file, {
        endpoint: createGiftUpload.path,
        headers: { [GIFT_HEADER]: secret },
      });
  }
  return missing;
}

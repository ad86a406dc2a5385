import { readPage, type Page } from '@haveld/core/pages/read-page';
import { decodePage } from '@haveld/core/text/decode-page';
import type { TaskContext } from './task';

/** Reads a page of a source out of the store. */
export const readSourcePage = async (
  { sha256, address }: { sha256: string; address: string },
  { store }: TaskContext,
): Promise<Page> => readPage(decodePage(await store.get(sha256)), address);

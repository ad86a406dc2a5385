import { createRequire } from 'node:module';
import {
  createLicenceTextIndex,
  type LicenceTextIndex,
  type LicenceTexts,
} from '@haveld/core/rights/reading/licence-text-index';

type FullList = Record<string, { licenseText: string }>;

let texts: LicenceTexts | null = null;
let index: LicenceTextIndex | null = null;

/** Full licence texts as SPDX lists them, by identifier. */
export function getLicenceTexts(): LicenceTexts {
  if (!texts) {
    const full = createRequire(import.meta.url)('spdx-license-list/full') as FullList;
    texts = Object.fromEntries(Object.entries(full).map(([id, { licenseText }]) => [id, licenseText]));
  }
  return texts;
}

/** Built once a process, when the first text of some length is read. */
export function getLicenceTextIndex(): LicenceTextIndex {
  // nothing is loaded for texts too short to be a licence
  return {
    find: (text) => (text.length < 200 ? [] : (index ??= createLicenceTextIndex(getLicenceTexts())).find(text)),
  };
}

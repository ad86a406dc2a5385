import { createRequire } from 'node:module';
import type { LicenceTexts } from '@haveld/core/rights/licence-text-similarity';
import { LICENCES } from '@haveld/core/rights/licences';

type FullList = Record<string, { licenseText: string }>;

let texts: LicenceTexts | null = null;

/** Full texts of the licences Haveld knows, as SPDX lists them. */
export function getLicenceTexts(): LicenceTexts {
  if (!texts) {
    const full = createRequire(import.meta.url)('spdx-license-list/full') as FullList;
    texts = Object.fromEntries(LICENCES.filter(({ id }) => full[id]).map(({ id }) => [id, full[id].licenseText]));
  }
  return texts;
}

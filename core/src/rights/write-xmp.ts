import type { Document } from '@gltf-transform/core';
import { KHRXMP } from '@gltf-transform/extensions';
import { composeCredit, composeCredits, type Credit } from './credits';

/** Namespaces of the properties written: Dublin Core, XMP Rights Management, Creative Commons REL. */
const CONTEXT = {
  dc: 'http://purl.org/dc/elements/1.1/',
  xmpRights: 'http://ns.adobe.com/xap/1.0/rights/',
  cc: 'http://creativecommons.org/ns#',
};

/**
 * Writes whose a model is into its document: glTF's `asset.copyright`, and a KHR_xmp_json_ld packet on the asset with title,
 * creators, rights, source and the licence's address (XMP part 1, ISO 16684-1; Dublin Core elements; XMP Rights Management).
 * @param credits the work itself first, then others in it
 */
export function writeCreditsInto(document: Document, credits: readonly Credit[]): void {
  if (credits.length === 0) return;
  const [own] = credits;
  document.getRoot().getAsset().copyright = composeCredits(credits);
  const extension = document.createExtension(KHRXMP);
  const packet = extension.createPacket();
  for (const [prefix, address] of Object.entries(CONTEXT))
    packet.setContext({ ...packet.getContext(), [prefix]: address });
  packet.setProperty('dc:title', inLanguage(own.title));
  const creators = [...new Set(credits.map(({ author }) => author).filter((author) => author !== ''))];
  if (creators.length > 0) packet.setProperty('dc:creator', { '@list': creators });
  packet.setProperty('dc:rights', inLanguage(credits.map((credit) => composeCredit(credit)).join(' ')));
  packet.setProperty('xmpRights:UsageTerms', inLanguage(own.licence));
  packet.setProperty('xmpRights:Marked', !isPublicDomain(own.licenceId));
  if (own.licenceUrl !== '') {
    packet.setProperty('xmpRights:WebStatement', own.licenceUrl);
    packet.setProperty('cc:license', own.licenceUrl);
  }
  if (own.pageUrl !== '') packet.setProperty('dc:source', own.pageUrl);
  document.getRoot().setExtension('KHR_xmp_json_ld', packet);
}

/** XMP says `Marked` false for what is in the public domain. */
const isPublicDomain = (licenceId: string): boolean =>
  /^(CC0-1\.0|CC-PDM-1\.0|Unlicense|LicenseRef-public-domain)$/.test(licenceId);

const inLanguage = (text: string): Record<string, unknown> => ({
  '@type': 'rdf:Alt',
  'rdf:_1': { '@language': 'x-default', '@value': text },
});

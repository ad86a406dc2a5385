import { composeCredit, type Credit } from './credits';
import { joinExpressions, listLicenceIds } from './expression';
import type { LicenceBook } from './licence-book';

/** One asset of a project, as an SPDX package. */
export interface SpdxPackage {
  accession: string;
  name: string;
  version: number;
  credits: readonly Credit[];
  /** SHA-256 of the model handed over; null where none was. */
  sha256: string | null;
}

export interface SpdxInput {
  /** Name of the project. */
  name: string;
  /** Unique to this document: the specification asks for an address nobody need be able to open. */
  namespace: string;
  /** `2026-11-26T10:00:00Z` */
  created: string;
  packages: readonly SpdxPackage[];
}

/** An SPDX 2.3 document in JSON: every asset a package with its declared licence, its author and its credit. */
export function writeSpdxDocument(book: LicenceBook, { name, namespace, created, packages }: SpdxInput): string {
  const ids = packages.map((one) => `SPDXRef-${one.accession}`);
  const references = [
    ...new Set(packages.flatMap((one) => one.credits.flatMap((credit) => listLicenceIds(credit.licenceId)))),
  ].filter((id) => id.startsWith('LicenseRef-'));
  return `${JSON.stringify(
    {
      spdxVersion: 'SPDX-2.3',
      dataLicense: 'CC0-1.0',
      SPDXID: 'SPDXRef-DOCUMENT',
      name,
      documentNamespace: namespace,
      creationInfo: { created, creators: ['Tool: Haveld'] },
      documentDescribes: ids,
      packages: packages.map((one, i) => describePackage(one, ids[i])),
      hasExtractedLicensingInfos: references.map((id) => {
        const terms = book.getTerms(id);
        return {
          licenseId: id,
          name: terms.name,
          extractedText: terms.note === '' ? terms.name : `${terms.name}. ${terms.note}`,
        };
      }),
      relationships: ids.map((id) => ({
        spdxElementId: 'SPDXRef-DOCUMENT',
        relationshipType: 'DESCRIBES',
        relatedSpdxElement: id,
      })),
    },
    null,
    2,
  )}\n`;
}

function describePackage({ accession, name, version, credits, sha256 }: SpdxPackage, id: string) {
  const [own] = credits;
  const declared = joinExpressions(credits.map(({ licenceId }) => licenceId));
  return {
    SPDXID: id,
    name: `${name} (${accession})`,
    versionInfo: String(version),
    downloadLocation: own.pageUrl === '' ? 'NOASSERTION' : own.pageUrl,
    filesAnalyzed: false,
    originator: own.author === '' ? 'NOASSERTION' : `Person: ${own.author}`,
    licenseConcluded: declared,
    licenseDeclared: declared,
    copyrightText: own.author === '' ? 'NOASSERTION' : own.author,
    attributionTexts: credits.map((credit) => composeCredit(credit)),
    ...(sha256 === null ? {} : { checksums: [{ algorithm: 'SHA256', checksumValue: sha256 }] }),
  };
}

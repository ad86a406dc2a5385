import { creativeCommonsId, gnuId } from './licence-ids';
import type { LicenceRule } from './licence-rule';

/** Addresses are exact; they go before phrases. */
export const ADDRESS_RULES: readonly LicenceRule[] = [
  {
    pattern:
      /creativecommons\.org\/(?:licen[sc]es|l)\/(by(?:-(?:nc|nd|sa))*)(?:\/(\d\.\d))?(?:\/(?!legalcode|deed|88x31|80x15)([a-z]{2,4})\b)?[^\s<>"')\]]*/i,
    confidence: 0.97,
    summary: 'the address of the licence',
    id: (match) => creativeCommonsId(match[1], match[2], match[3]),
  },
  {
    pattern: /licensebuttons\.net\/l\/(by(?:-(?:nc|nd|sa))*)(?:\/(\d\.\d))?(?:\/([a-z]{2})\/)?[^\s<>"')\]]*/i,
    confidence: 0.95,
    summary: 'the badge of the licence',
    id: (match) => creativeCommonsId(match[1], match[2], match[3]),
  },
  {
    pattern:
      /(?:creativecommons\.org\/publicdomain|licensebuttons\.net\/p|creativecommons\.org\/p)\/zero(?:\/1\.0)?[^\s<>"')\]]*/i,
    confidence: 0.97,
    summary: 'the address of the waiver',
    id: () => 'CC0-1.0',
  },
  {
    pattern:
      /(?:creativecommons\.org\/publicdomain|licensebuttons\.net\/p|creativecommons\.org\/p)\/mark(?:\/1\.0)?[^\s<>"')\]]*/i,
    confidence: 0.97,
    summary: 'the address of the mark',
    id: () => 'CC-PDM-1.0',
  },
  {
    // the address carries no version, so it says no more than the name does
    pattern: /artlibre\.org(?:\/licen[cs]e\/lal)?[^\s<>"')\]]*/i,
    confidence: 0.8,
    summary: 'the address of the licence',
    id: () => 'LicenseRef-Free-Art-unstated',
  },
  {
    pattern: /opensource\.org\/licen[sc]es?\/mit\b[^\s<>"')\]]*/i,
    confidence: 0.95,
    summary: 'the address of the licence',
    id: () => 'MIT',
  },
  {
    pattern: /opensource\.org\/licen[sc]es?\/bsd-([23])-clause\b[^\s<>"')\]]*/i,
    confidence: 0.95,
    summary: 'the address of the licence',
    id: (match) => `BSD-${match[1]}-Clause`,
  },
  {
    pattern: /apache\.org\/licen[sc]es\/LICENSE-2\.0[^\s<>"')\]]*/i,
    confidence: 0.95,
    summary: 'the address of the licence',
    id: () => 'Apache-2.0',
  },
  {
    pattern: /unlicense\.org\b[^\s<>"')\]]*/i,
    confidence: 0.95,
    summary: 'the address of the licence',
    id: () => 'Unlicense',
  },
  {
    pattern: /opendatacommons\.org\/licen[sc]es\/odbl\b[^\s<>"')\]]*/i,
    confidence: 0.95,
    summary: 'the address of the licence',
    id: () => 'ODbL-1.0',
  },
  {
    pattern: /(?:scripts\.sil\.org\/ofl|openfontlicense\.org)[^\s<>"')\]]*/i,
    confidence: 0.95,
    summary: 'the address of the licence',
    id: () => 'OFL-1.1',
  },
  {
    pattern: /gnu\.org\/licen[sc]es\/(?:old-licenses\/)?(a|l)?gpl-(\d\.\d)[^\s<>"')\]]*/i,
    confidence: 0.85,
    summary: 'the address of the licence; it does not say whether later versions count',
    id: (match) => gnuId(match[1] ?? '', match[2], undefined),
  },
];

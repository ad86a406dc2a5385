/** A pattern in a line and the licence it names. */
export interface LicenceRule {
  pattern: RegExp;
  confidence: number;
  /** Said as evidence. */
  words: string;
  /** `stated: false` where the version is our assumption. */
  id(match: RegExpExecArray): { id: string; stated?: boolean } | null;
}

const CC_KINDS = ['by', 'by-sa', 'by-nc', 'by-nc-sa', 'by-nc-nd', 'by-nd'];

function creativeCommonsId(kind: string, version: string | undefined): { id: string; stated?: boolean } | null {
  const ordered = kind === 'by-nd-nc' ? 'by-nc-nd' : kind === 'by-sa-nc' ? 'by-nc-sa' : kind;
  if (!CC_KINDS.includes(ordered)) return null;
  const id = (v: string): string => `CC-${ordered.toUpperCase()}-${v}`;
  if (!version) return { id: id('4.0'), stated: false };
  if (version.startsWith('4')) return { id: id('4.0') };
  if (version.startsWith('3')) return { id: id('3.0') };
  // older versions grant the same kinds of use; 3.0 stands in and says so
  return { id: id('3.0'), stated: false };
}

/** Addresses are exact; they go before phrases. */
export const ADDRESS_RULES: LicenceRule[] = [
  {
    pattern: /creativecommons\.org\/licen[sc]es\/(by(?:-(?:nc|nd|sa))*)\/?(\d\.\d)?/i,
    confidence: 0.97,
    words: 'the address of the licence',
    id: (match) => creativeCommonsId(match[1].toLowerCase(), match[2]),
  },
  {
    pattern: /creativecommons\.org\/publicdomain\/zero(\/1\.0)?/i,
    confidence: 0.97,
    words: 'the address of the licence',
    id: () => ({ id: 'CC0-1.0' }),
  },
  {
    pattern: /creativecommons\.org\/publicdomain\/mark(\/1\.0)?/i,
    confidence: 0.97,
    words: 'the address of the mark',
    id: () => ({ id: 'CC-PDM-1.0' }),
  },
  {
    pattern: /artlibre\.org\/\S*/i,
    confidence: 0.9,
    words: 'the address of the licence',
    id: () => ({ id: 'LAL-1.3' }),
  },
  {
    pattern: /opensource\.org\/licen[sc]es?\/mit\b/i,
    confidence: 0.95,
    words: 'the address of the licence',
    id: () => ({ id: 'MIT' }),
  },
];

const VERSION = String.raw`(?:[\s,]*(?:version|v\.?)?\s*(\d(?:\.\d)?))?`;

/** Phrases as people write them; longer ones first, for each takes its words away from the next. */
export const PHRASE_RULES: LicenceRule[] = [
  {
    pattern: new RegExp(
      String.raw`\bCC[\s_-]*(BY(?:[\s_-]*(?:NC|ND|SA))*)(?![a-z])${VERSION.replace('[\\s,]*', '[\\s,_-]*')}`,
      'i',
    ),
    confidence: 0.93,
    words: 'the short name of the licence',
    id: (match) =>
      creativeCommonsId(
        match[1]
          .toLowerCase()
          .replace(/[\s_]+/g, '-')
          .replace(/by(?=[ns])/, 'by-')
          .replace(/(nc|nd|sa)(?=[ns])/g, '$1-')
          .replace(/-+/g, '-'),
        match[2],
      ),
  },
  {
    pattern: new RegExp(
      String.raw`\bcreative\s+commons(?:\s*[-–:,]?\s*)attribution((?:\s*[-–,]?\s*(?:non[\s-]?commercial|no[\s-]?deriv(?:ative)?s?|share[\s-]?alike))*)(?:\s+(?:licen[sc]e|international|unported))*${VERSION}`,
      'i',
    ),
    confidence: 0.92,
    words: 'the name of the licence',
    id: (match) => creativeCommonsId(kindOfWords(match[1]), match[2]),
  },
  {
    pattern: new RegExp(
      String.raw`\battribution((?:\s*[-–,]?\s*(?:non[\s-]?commercial|no[\s-]?deriv(?:ative)?s?|share[\s-]?alike))+|(?=\s+\d\.\d))(?:\s+(?:licen[sc]e|international|unported))*${VERSION}`,
      'i',
    ),
    confidence: 0.85,
    words: 'the name of the licence',
    id: (match) => creativeCommonsId(kindOfWords(match[1]), match[2]),
  },
  {
    pattern: /\b(?:CC[\s-]?0|creative\s+commons\s+zero|CC\s+zero)\b(?:[\s-]*v?1\.0)?/i,
    confidence: 0.95,
    words: 'the name of the licence',
    id: () => ({ id: 'CC0-1.0' }),
  },
  { pattern: /\bpublic\s+domain\b/i, confidence: 0.75, words: 'says public domain', id: () => ({ id: 'CC-PDM-1.0' }) },
  {
    pattern: /\bfree\s+art\s+licen[sc]e\b|\blicence\s+art\s+libre\b|\bLAL[\s-]?1\.3\b/i,
    confidence: 0.92,
    words: 'the name of the licence',
    id: () => ({ id: 'LAL-1.3' }),
  },
  {
    pattern: /\bMIT\s+licen[sc]e\b|\blicen[sc]e\s*:\s*MIT\b|SPDX-License-Identifier:\s*MIT\b/i,
    confidence: 0.93,
    words: 'the name of the licence',
    id: () => ({ id: 'MIT' }),
  },
  {
    pattern: /\b(non[\s-]?commercial|personal)\s+(use|purposes?|projects?)\b|\bnot?\s+(?:for\s+)?commercial\s+use\b/i,
    confidence: 0.8,
    words: 'limits use to non-commercial or personal, without naming a licence',
    id: () => ({ id: 'LicenseRef-non-commercial' }),
  },
  {
    pattern: /\ball\s+rights\s+reserved\b|\btous\s+droits\s+réservés\b|\balle\s+rechte\s+vorbehalten\b/i,
    confidence: 0.9,
    words: 'reserves all rights',
    id: () => ({ id: 'LicenseRef-all-rights-reserved' }),
  },
];

function kindOfWords(words: string): string {
  let kind = 'by';
  if (/non[\s-]?commercial/i.test(words)) kind += '-nc';
  if (/no[\s-]?deriv/i.test(words)) kind += '-nd';
  else if (/share[\s-]?alike/i.test(words)) kind += '-sa';
  return kind;
}

/** Free of charge is a price, not a grant. */
export const NOT_GRANTS =
  /\b(free\s+(3d\s+)?(model|download|asset|for\s+all|to\s+use|of\s+charge)|royalty[\s-]free|freeware|gratis)\b/i;

const NAME = String.raw`([\p{L}\p{N}_@][^\n|;©]*)`;

/** Lines that name an author, most certain first. Common practice, no source. */
export const AUTHOR_RULES: { pattern: RegExp; confidence: number }[] = [
  {
    pattern: new RegExp(String.raw`^\W*(?:authors?|artist|creator|auteur|autor|designer)\s*[:=]\s*${NAME}`, 'iu'),
    confidence: 0.95,
  },
  {
    pattern: new RegExp(
      String.raw`(?:©|\(c\)|\bcopyright\b)\s*(?:©|\(c\))?\s*(?:\d{4}(?:\s*[-–]\s*\d{4})?)?,?\s*(?:by\s+)?${NAME}`,
      'iu',
    ),
    confidence: 0.9,
  },
  {
    pattern: new RegExp(String.raw`\b(?:created|made|modell?ed|designed|sculpted|built)\s+by\s*:?\s*${NAME}`, 'iu'),
    confidence: 0.9,
  },
  { pattern: new RegExp(String.raw`\b(?:please\s+)?credit(?:s)?\s*(?:to|:)?\s+${NAME}`, 'iu'), confidence: 0.8 },
  {
    pattern: new RegExp(String.raw`(?:^|[”"»\w])\s*\bby\s+(\p{Lu}[\p{L}.'’-]+(?:\s+\p{Lu}[\p{L}.'’-]+)*)`, 'u'),
    confidence: 0.7,
  },
];

export const TITLE_RULES: { pattern: RegExp }[] = [{ pattern: /^\W*(?:title|model|name)\s*[:=]\s*(.+)$/i }];

import { isExpression } from '../expression';
import { creativeCommonsId, gnuId } from './licence-ids';
import type { LicenceRule } from './licence-rule';

const BY_WORDS = String.raw`(?:attribution|namensnennung|reconocimiento|atribuci[oó]n|paternit[eé])`;
const NC_WORDS = String.raw`(?:non[\s-]?commercial(?:e)?|nicht[\s-]?kommerziell|keine\s+kommerzielle\s+nutzung|pas\s+d['’]utilisation\s+commerciale|no[\s-]?comercial)`;
const ND_WORDS = String.raw`(?:no[\s-]?deriv(?:ative)?(?:s|\s+works)?|keine[\s-]?bearbeitung(?:en)?|pas\s+de\s+modifications?|sin[\s-]?(?:obras?[\s-]?)?derivadas?)`;
const SA_WORDS = String.raw`(?:share[\s-]?alike|weitergabe\s+unter\s+gleichen\s+bedingungen|partage\s+(?:dans\s+les\s+m[eê]mes\s+conditions|[àa]\s+l['’]identique(?:\s+des\s+conditions\s+initiales)?)|compartir[\s-]?igual)`;
const SEPARATOR = String.raw`\s*[-–—,/+]?\s*(?:and\s+|und\s+|et\s+|y\s+)?`;
const ELEMENTS = String.raw`(?:${SEPARATOR}(?:${NC_WORDS}|${ND_WORDS}|${SA_WORDS}))`;
const FILLERS = String.raw`(?:[\s,(]*(?:licen[sc]e|licencia|lizenz|international|internacional|unported|generic|g[eé]n[eé]rique|version|v\.?))*`;
const VERSION = String.raw`(?:${FILLERS}[\s,(_-]*(\d(?:\.\d)?)(?![\d.]*\d))?`;

function kindOfWords(words: string): string {
  const has = (pattern: string): boolean => new RegExp(pattern, 'i').test(words);
  return `by${has(NC_WORDS) ? ' nc' : ''}${has(ND_WORDS) ? ' nd' : has(SA_WORDS) ? ' sa' : ''}`;
}

const REACH = String.raw`(\s*\+|[\s,;-]*or[\s-]+(?:\(?\s*at\s+your\s+option\s*\)?\s*)?(?:any\s+)?(?:later|newer)(?:\s+version)?|[\s-]*only|[\s,]*ou\s+(?:toute\s+version\s+)?ult[eé]rieure|[\s,]*oder\s+sp[aä]ter(?:e)?|[\s,]*o\s+posterior)?`;

/** Phrases as people write them; longer ones first, for each takes its words away from the next. */
export const PHRASE_RULES: readonly LicenceRule[] = [
  {
    pattern: /SPDX-License-Identifier:\s*([^\s*/][^\r\n*<>]*)/,
    confidence: 0.98,
    summary: 'an SPDX tag',
    id: (match) => (isExpression(match[1].trim()) ? match[1].trim() : null),
  },
  {
    // two to choose from
    pattern:
      /\bCC[\s-]*(BY(?:[\s-]*(?:NC|ND|SA))*)[\s-]*v?(\d\.\d)[\s,]*\bor\b[\s,]*(?:the\s+)?(?:GNU\s+)?(A|L)?GPL[\s-]*v?(\d(?:\.\d)?)?(\s*\+|\s*or\s+later)?/i,
    confidence: 0.93,
    summary: 'two licences to choose from',
    id: (match) => join('OR', creativeCommonsId(match[1], match[2]), gnuId(match[3] ?? '', match[4], match[5])),
  },
  {
    pattern:
      /\b(A|L)?GPL[\s-]*v?(\d(?:\.\d)?)(\s*\+|\s*or\s+later)?[\s,]*\bor\b[\s,]*CC[\s-]*(BY(?:[\s-]*(?:NC|ND|SA))*)[\s-]*v?(\d\.\d)/i,
    confidence: 0.93,
    summary: 'two licences to choose from',
    id: (match) => join('OR', gnuId(match[1] ?? '', match[2], match[3]), creativeCommonsId(match[4], match[5])),
  },
  {
    pattern: new RegExp(
      String.raw`\bC\.?C\.?[\s_-]*(BY(?:[\s_-]*(?:NC|ND|SA))*)(?![a-z])(?:[\s,_(-]*(?:version|v\.?)?\s*(\d(?:\.?\d)?)(?![\d.]*\d))?(?:[\s_-]+(DE|AT|US|AU|NL|IGO|UK|FR|JP)\b)?`,
      'i',
    ),
    confidence: 0.93,
    summary: 'the short name of the licence',
    id: (match) => creativeCommonsId(match[1], match[2], match[3]),
  },
  {
    pattern: new RegExp(
      String.raw`\bcreative\s+commons(?:[\s:,–—(-]|licen[sc]e|licencia|lizenz)*${BY_WORDS}(${ELEMENTS}*)${VERSION}`,
      'i',
    ),
    confidence: 0.92,
    summary: 'the name of the licence',
    id: (match) => creativeCommonsId(kindOfWords(match[1]), match[2]),
  },
  {
    pattern: new RegExp(String.raw`\b${BY_WORDS}(${ELEMENTS}+)${VERSION}`, 'i'),
    confidence: 0.88,
    summary: 'the name of the licence',
    id: (match) => creativeCommonsId(kindOfWords(match[1]), match[2]),
  },
  {
    pattern: new RegExp(String.raw`\b${BY_WORDS}${FILLERS}[\s(]*(\d\.\d)\b`, 'i'),
    confidence: 0.85,
    summary: 'the name of the licence',
    id: (match) => creativeCommonsId('by', match[1]),
  },
  {
    pattern:
      /\b(?:CC[\s_-]?0|creative\s+commons\s+zero|CC\s+zero)\b(?:[\s_-]*v?1\.0)?(?:\s+universal)?|has\s+waived\s+all\s+copyright\s+and\s+related\s+or\s+neighbou?ring\s+rights/i,
    confidence: 0.95,
    summary: 'the name of the waiver, or its words',
    id: () => 'CC0-1.0',
  },
  {
    pattern: /\bpublic\s+domain\s+mark\b(?:\s*1\.0)?/i,
    confidence: 0.93,
    summary: 'the name of the mark',
    id: () => 'CC-PDM-1.0',
  },
  {
    pattern:
      /(?<!\bnot\s(?:in\s)?(?:the\s)?)(?<!\bno\s)\b(?:public\s+domain|domaine\s+public|gemeinfrei|dominio\s+p[uú]blico)\b/i,
    confidence: 0.78,
    summary: 'says public domain',
    id: () => 'LicenseRef-public-domain',
  },
  {
    pattern:
      /\b(?:free\s+art\s+licen[sc]e|licen[cs]e\s+art\s+libre|lizenz\s+freie\s+kunst|licencia\s+arte\s+libre|LAL|FAL)\b[\s,(-]*(?:version\s*|v)?(1\.[23])?/i,
    confidence: 0.92,
    summary: 'the name of the licence',
    id: (match) => (match[1] ? `LAL-${match[1]}` : 'LicenseRef-Free-Art-unstated'),
  },
  {
    pattern: new RegExp(
      String.raw`\bGNU\s+(?:(Lesser|Library|Affero)\s+)?General\s+Public\s+Licen[sc]e(?:[^.]{0,90}?\bversion\s+(\d(?:\.\d)?)(?:\s+of\s+the\s+licen[sc]e)?${REACH})?`,
      'i',
    ),
    confidence: 0.92,
    summary: 'the name of the licence',
    id: (match) =>
      gnuId({ lesser: 'L', library: 'L', affero: 'A' }[match[1]?.toLowerCase() ?? ''] ?? '', match[2], match[3]),
  },
  {
    pattern: new RegExp(String.raw`\b(A|L)?GPL(?:[\s-]*(?:version\s*|v\.?\s*)?(\d(?:\.\d)?))?${REACH}(?![a-z])`, 'i'),
    confidence: 0.92,
    summary: 'the short name of the licence',
    id: (match) => gnuId(match[1] ?? '', match[2], match[3]),
  },
  {
    pattern:
      /\bMIT\s+licen[sc]e\b|\blicen[sc]e\s*:\s*MIT\b|\b(?:under|with)\s+(?:the\s+)?MIT\b|\bMIT[\s-]licen[sc]ed\b/i,
    confidence: 0.93,
    summary: 'the name of the licence',
    id: () => 'MIT',
  },
  {
    pattern: /\bApache(?:\s+software)?(?:\s+licen[sc]e)?[\s,-]*(?:version\s*|v)?2(?:\.0)?\b/i,
    confidence: 0.93,
    summary: 'the name of the licence',
    id: () => 'Apache-2.0',
  },
  {
    pattern: /\b(?:BSD[\s-]*([23])[\s-]*clause|([23])[\s-]*clause\s+BSD)\b/i,
    confidence: 0.93,
    summary: 'the name of the licence',
    id: (match) => `BSD-${match[1] ?? match[2]}-Clause`,
  },
  { pattern: /\bsimplified\s+BSD\b/i, confidence: 0.9, summary: 'the name of the licence', id: () => 'BSD-2-Clause' },
  {
    pattern: /\b(?:new|modified|revised)\s+BSD\b/i,
    confidence: 0.9,
    summary: 'the name of the licence',
    id: () => 'BSD-3-Clause',
  },
  {
    pattern: /\bzlib(?:\/libpng)?\s+licen[sc]e\b/i,
    confidence: 0.92,
    summary: 'the name of the licence',
    id: () => 'Zlib',
  },
  {
    pattern: /\bthe\s+unlicense\b|\blicen[sc]e\s*:\s*unlicense\b/i,
    confidence: 0.93,
    summary: 'the name of the licence',
    id: () => 'Unlicense',
  },
  {
    pattern: /\bODbL\b[\s,-]*v?(?:1\.0)?|\bopen\s+database\s+licen[sc]e\b/i,
    confidence: 0.93,
    summary: 'the name of the licence',
    id: () => 'ODbL-1.0',
  },
  {
    pattern: /\b(?:SIL\s+)?open\s+font\s+licen[sc]e\b[\s,-]*(?:version\s*|v)?(?:1\.1)?|\bOFL[\s-]*1\.1\b/i,
    confidence: 0.93,
    summary: 'the name of the licence',
    id: () => 'OFL-1.1',
  },
  {
    pattern: /\bMozilla\s+Public\s+Licen[sc]e\b[\s,-]*(?:version\s*|v\.?\s*)?(?:2\.0)|\bMPL[\s-]*2(?:\.0)?\b/i,
    confidence: 0.93,
    summary: 'the name of the licence',
    id: () => 'MPL-2.0',
  },
  {
    pattern: /\bWTFPL\b|\bdo\s+what\s+the\s+f\S+\s+you\s+want\s+to\s+public\s+licen[sc]e\b/i,
    confidence: 0.93,
    summary: 'the name of the licence',
    id: () => 'WTFPL',
  },
  {
    pattern: /\bOGA[\s-]*BY[\s-]*3\.0\b/i,
    confidence: 0.93,
    summary: 'the short name of the licence',
    id: () => 'LicenseRef-OGA-BY-3.0',
  },
  {
    pattern: /\bquayside\s+standard\b/i,
    confidence: 0.92,
    summary: 'terms of a site',
    id: () => 'LicenseRef-quayside-standard',
  },
  {
    pattern: /\btidewrack\s+editorial\b/i,
    confidence: 0.92,
    summary: 'terms of a site',
    id: () => 'LicenseRef-tidewrack-editorial',
  },
  {
    pattern: /\bsaltmarsh\s+open\s+shelf\b/i,
    confidence: 0.92,
    summary: 'terms of a site',
    id: () => 'LicenseRef-saltmarsh-open',
  },
  {
    pattern:
      /\beditorial\s+(?:use|purposes?)(?:\s+only)?\b|\busage\s+[eé]ditorial\b|\bredaktionelle\s+(?:nutzung|verwendung)\b|\buso\s+editorial\b/i,
    confidence: 0.85,
    summary: 'limits use to reports and comments',
    id: () => 'LicenseRef-editorial',
  },
  {
    pattern:
      /\b(?:for\s+)?(?:personal|private)\s+use\s+only\b|\bonly\s+for\s+(?:personal|private)\s+use\b|\busage\s+priv[eé]\s+uniquement\b|\b(?:nur\s+)?(?:für\s+)?private(?:n)?\s+(?:nutzung|gebrauch|zwecke)\b|\buso\s+(?:personal|privado)\b/i,
    confidence: 0.82,
    summary: 'limits use to private persons',
    id: () => 'LicenseRef-personal',
  },
  {
    pattern:
      /(?<!\bcommercial\s(?:and|or|&)\s)\bnon[\s-]?commercial\s+(?:use|purposes?|projects?|only)\b(?!\s+(?:and|or|as\s+well\s+as)\s+commercial)|\bno(?:t|n)?\s+(?:for\s+)?(?:any\s+)?commercial\s+(?:use|purposes?|projects?)\b|\bno\s+commercial\s+use\b|\butilisation\s+commerciale\s+(?:interdite|non\s+autoris[eé]e)|\b(?:usage|utilisation)\s+non[\s-]commerciale?\b|\bnicht[\s-]?kommerzielle\s+(?:nutzung|verwendung|zwecke)\b|\bkeine\s+kommerzielle\s+(?:nutzung|verwendung)\b|\buso\s+no[\s-]comercial\b/i,
    confidence: 0.8,
    summary: 'limits use to non-commercial, without naming a licence',
    id: () => 'LicenseRef-non-commercial',
  },
  {
    pattern:
      /\ball\s+rights\s+reserved\b|\btous\s+droits\s+r[eé]serv[eé]s\b|\balle\s+rechte\s+vorbehalten\b|\btodos\s+los\s+derechos\s+reservados\b/i,
    confidence: 0.9,
    summary: 'reserves all rights',
    id: () => 'LicenseRef-all-rights-reserved',
  },
];

const join = (word: string, a: string | null, b: string | null): string | null => (a && b ? `${a} ${word} ${b}` : null);

/** Free of charge is a price, not a grant. */
export const NOT_GRANTS =
  /\b(free\s+(3d\s+)?(model|download|asset|for\s+all|to\s+use|of\s+charge)|royalty[\s-]free|freeware|gratis|gratuit|kostenlos|do\s+(?:whatever|what)\s+you\s+want)\b/i;

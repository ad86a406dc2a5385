/** A line that names somebody, and what of the model they made. */
export interface AuthorRule {
  pattern: RegExp;
  confidence: number;
  part?: string;
}

const NAME = String.raw`@?([\p{L}\p{N}_][^\n|;©]*)`;
/** Two or more capitalised words, or one word that can only be a handle. */
const NAME_WORD = String.raw`\p{Lu}(?:\.|[\p{L}'’-]*\p{L})`;
const FULL_NAME = String.raw`(${NAME_WORD}(?:\s+(?:(?:van|von|de|der|da|del|di|du|la|le|af)\s+)?${NAME_WORD})+)`;
/** No name of a package: `@scope/package`. */
const HANDLE = String.raw`@?([\p{L}\p{N}]+(?:[_.]+[\p{L}\p{N}]+)+|@[\p{L}\p{N}]+)(?![\p{L}\p{N}_.-]*/)`;
/** One word as people sign with it. */
const SIGNATURE = String.raw`@?(\p{L}[\p{L}\p{N}_.-]{1,39})`;
const YEAR = String.raw`\d{4}(?:\s*[-–,]\s*(?:\d{4}|present|current|now|today))*`;
const YEARS = `(?:${YEAR})?`;

const label = (words: string): RegExp => new RegExp(String.raw`(?:^|[\s*#>(])(?:${words})\s*[:=]\s*${NAME}`, 'iu');

/** Most certain first; the first that fits a line is taken. Common practice, no source. */
export const AUTHOR_RULES: readonly AuthorRule[] = [
  {
    pattern: new RegExp(String.raw`SPDX-FileCopyrightText:\s*(?:©|\(c\)|copyright)?\s*${YEARS},?\s*${NAME}`, 'iu'),
    confidence: 0.97,
  },
  {
    pattern: label('textur(?:es?|ing)|maps?|materials?|texturen|materialien|materiales|texturas|mat[eé]riaux'),
    confidence: 0.88,
    part: 'textures',
  },
  { pattern: label('rig(?:ging)?|skinning'), confidence: 0.85, part: 'rig' },
  { pattern: label('animations?|motion'), confidence: 0.85, part: 'motion' },
  {
    pattern: label(
      '(?:original\\s+)?authors?|artists?|creators?|auteurs?|autrice|autor(?:in|a|es|as)?|urheber(?:in)?|designers?|modell?(?:er|ed|ing|ling|eur|iert)(?:\\s+by)?|model\\s+by|sellers?|vendors?|credits?|cr[eé]dits?|cr[eé]ditos?|namensnennung|attribution\\s+to|copyright\\s+holder|upstream-contact',
    ),
    confidence: 0.95,
  },
  // a sign, or a year: “copyright” alone stands in every sentence about licences, and “(c)” before the third point of a list
  {
    pattern: new RegExp(
      String.raw`(?:(?:©|\(c\))\s*copyrights?\b|\bcopyrights?\b\s*(?:©|\(c\))|©)\s*(?:by\s+)?${YEARS},?\s*(?:by\s+)?${NAME}`,
      'iu',
    ),
    confidence: 0.9,
  },
  {
    pattern: new RegExp(String.raw`(?:\bcopyrights?\b|\(c\))\s*(?:by\s+)?${YEAR},?\s*(?:by\s+)?${NAME}`, 'iu'),
    confidence: 0.9,
  },
  {
    pattern: new RegExp(
      String.raw`(?:^\W*(?:[Cc]opyrights?|COPYRIGHT)\b\s*:?\s*(?:by\s+)?|\([cC]\)\s*)(?:${FULL_NAME}|${HANDLE})`,
      'u',
    ),
    confidence: 0.88,
  },
  // after other words and at the end of its line it is no point of a list
  { pattern: /^(?!.*\b[bB]\)).*\S.*\([cC]\)\s*(\p{L}[\p{L}'’.-]+(?:\s+\p{L}[\p{L}'’.-]+){0,2})\W*$/u, confidence: 0.8 },
  {
    pattern: new RegExp(
      String.raw`\b(?:created|made|modell?ed|designed|sculpted|built|drawn|textured|provided)\s+by\s*:?\s*${NAME}`,
      'iu',
    ),
    confidence: 0.9,
  },
  { pattern: new RegExp(String.raw`\bmodel\s+by\s*:?\s*${NAME}`, 'iu'), confidence: 0.9 },
  {
    pattern: new RegExp(
      String.raw`\b(?:r[eé]alis[eé]e?|cr[eé][eé]e?|model[eé]e?|mod[eé]lis[eé]e?|offerte?|fait)\s+par\s*:?\s+(?:son\s+auteur,\s*)?${NAME}`,
      'iu',
    ),
    confidence: 0.9,
  },
  { pattern: new RegExp(String.raw`\bpar\s+son\s+auteur,?\s+${NAME}`, 'iu'), confidence: 0.9 },
  {
    pattern: new RegExp(
      String.raw`\b(?:erstellt|modelliert|gemacht|gestaltet|entworfen|gebaut)\s+von\s*:?\s+${NAME}`,
      'iu',
    ),
    confidence: 0.9,
  },
  {
    pattern: new RegExp(String.raw`\b(?:creado|hecho|modelado|realizado|dise[nñ]ado)a?\s+por\s*:?\s+${NAME}`, 'iu'),
    confidence: 0.9,
  },
  { pattern: new RegExp(String.raw`\b(?:please\s+)?credits?\s+(?:to\s+)?${NAME}`, 'iu'), confidence: 0.8 },
  {
    pattern: new RegExp(
      String.raw`\bthank(?:s|\s+you)\s+for\s+(?:downloading|using|buying|purchasing)\b[^\n]*?\bby\s+${SIGNATURE}`,
      'iu',
    ),
    confidence: 0.85,
  },
  { pattern: new RegExp(String.raw`^\W*by\s+${SIGNATURE}\W*$`, 'iu'), confidence: 0.8 },
  {
    pattern: new RegExp(String.raw`(?:^\W*|\bunder\s+law,\s+)${SIGNATURE}\s+has\s+waived\s+all\b`, 'iu'),
    confidence: 0.9,
  },
  {
    pattern: new RegExp(
      String.raw`${FULL_NAME}\s+(?:has\s+waived|a\s+renonc[eé]|hat\s+(?:auf\s+)?\S*\s*verzichtet|ha\s+renunciado)`,
      'u',
    ),
    confidence: 0.92,
  },
  {
    pattern: new RegExp(String.raw`\bI,\s+${FULL_NAME},\s+(?:hereby\s+)?(?:dedicate|release|waive|place)`, 'u'),
    confidence: 0.92,
  },
  { pattern: new RegExp(String.raw`[Aa]ll\s+rights\s+reserved[,.]?\s*(?:by\s+)?${FULL_NAME}`, 'u'), confidence: 0.85 },
  { pattern: new RegExp(String.raw`\bauthor\s+${FULL_NAME}`, 'u'), confidence: 0.85 },
  { pattern: new RegExp(String.raw`(?:^|[”"»)\w])[\s,]*\b[Bb]y\s+(?:${FULL_NAME}|${HANDLE})`, 'u'), confidence: 0.75 },
  { pattern: new RegExp(String.raw`\b(?:von|par|por)\s+${FULL_NAME}`, 'u'), confidence: 0.72 },
  { pattern: /(?:^|\s)@([\p{L}\p{N}_.-]{3,40})(?![\p{L}\p{N}_.-]*\/)/u, confidence: 0.7 },
];

export const TITLE_RULES: readonly RegExp[] = [
  /^\W*(?:title|titel|titre|t[ií]tulo|model(?:\s+name)?|name)\s*[:=]\s*(.+)$/i,
];

/** `based on “Old Lamp” by Henke Strandvik (CC BY 3.0)`, in four languages. */
export const BASED_ON = new RegExp(
  String.raw`\b(?:based\s+(?:up)?on|derived\s+from|remix(?:ed)?\s+(?:of|from)|adapted\s+from|basiert\s+auf|d'apr[eè]s|bas[eé]e?\s+sur|basado\s+en)\s+(?:(?:the\s+)?(?:model|work)\s+)?["“”«»']?([^"“”«»'\n]{1,80}?)["“”«»']?(?:\s+(?:by|von|par|de|por)\s+([^\n(,;]+?))?\s*(?:\(([^)\n]*)\)|(?=[.;,\n]|$))`,
  'iu',
);

/** A list is begun. */
export const SEVERAL = /\b(?:authors|artists|creators|auteurs|autoren|autores|urheber)\s*[:=]/i;

const NO_NAME =
  /^(please\b.*|(?:in|on|of|to|is|are|as|at|for|from|these|those|you|we|must|shall|may|licen[sc]e|laws?|interests?|claims?|protection|statement|information|holders?|years?|current|many|several)\b.*|and\s.*|(?:it|as|them|this|that|us|me)\s.*|or\s.*|notice.*|the|a|an|this|you|me|us|my|our|author|authors|hand|all|any|https?(?::.*)?|original|various|unknown|n\/?a|none|it|them|to|or|and|holder|owner|is|law|protected)$/i;

/** Stands where a name should: “please credit the author”, “Copyright (c) <year> <name of the copyright holder>”. */
const PLACEHOLDER =
  /^(?:(?:the|an?|its?|your|our|their|my|each|every|all|any|said)\s+)*(?:(?:original|respective|actual|real|above|named|rightful|individual|3d|model|content|asset|art)\s+)*(?:authors?|artists?|creators?|owners?|holders?|copyright\s+(?:holders?|owners?)|rights\s+holders?|makers?|modell?ers?|designers?|publishers?|licensors?|contributors?|developers?|sellers?|people|persons?|team|names?|full\s*name|user(?:\s*name)?|nick(?:name)?|company|organi[sz]ation|website|source|work|models?|yyyy|year)(?:['’]s?)?(?:\s+(?:names?|of|and|or|here|accordingly|above|below|who|when|where|if|in|names?)\b.*)?$/i;

/** After “by” these say how, not who. */
const NO_SIGNATURE =
  /^(?:hand|me|myself|default|design|us|you|mail|e-?mail|night|day|sea|land|air|accident|law|nature|using|the|following|clicking|downloading|step|side|far|chance|contract|agreement)$/i;

/** Fields nobody filled in: `<year>`, `[name of copyright owner]`, `{{ author }}`. */
export const UNFILLED =
  /<[^<>@/]{1,60}>|[[{]{1,2}[^\]}]*\b(?:year|yyyy|name|full\s?name|author|owners?|holders?|organi[sz]ation)\b[^\]}]*[\]}]{1,2}/gi;

/** A program signs its files too: `Exporter v0.97b - (c)2007 …`, `Creator: FBX SDK`. */
export const SAYS_PROGRAM =
  /\b(?:exporter|exported\s+(?:by|from|with)|obj\s+file|fbx\s+sdk|plug-?in|converter|generat(?:or|ed)|v\d+\.\d+\w?|sdk)\b/i;

/** Cuts what follows a name in a sentence; null where it is no name. */
export function cleanName(raw: string | undefined): string | null {
  if (!raw) return null;
  const name = raw
    .replace(/^(?:\(?(?:19|20)\d\d\)?(?:\s*[-–,/]\s*(?:(?:19|20)\d\d|present|now))*\s*[,:]?\s*)+(?:by\s+)?/i, '')
    .replace(/\s*<[^>]*@[^>]*>/g, '')
    .replace(
      /\s+(is|was|are|under|from|on|at|for|and\s+is|and\s+licensed|licensed|released|all\s+rights|please|with|using|has|utilisation|tous|alle\s+rechte|todos|lizenz\w*|licen[cs]\w*|est|et\s+est|ist|https?:).*$/i,
      '',
    )
    .replace(
      /[,.]\s*(?:CC\b|cc[-_ ]?by|licen[sc]e|public|all rights|MIT\b|GPL|have|merci|utilisation|please|thanks?).*$/i,
      '',
    )
    .replace(/(?<!\b\p{Lu})\.\s.*$/u, (rest) => (/^\.\s+\p{Lu}\p{L}+$/u.test(rest) ? rest : ''))
    .replace(/\s+(?:and|&)\s+\p{L}+ed\s+by\b.*$/iu, '')
    .replace(/[([{<].*$/, '')
    .replace(/,\s+(?:19|20)\d\d\b.*$/, '')
    .replace(/[\s,(–-]+(?:19|20)\d\d(?:\s*[-–,/]\s*(?:(?:19|20)?\d\d|present|now))*\)?\s*$/i, '')
    .replace(/[\s,;:.!–—-]+$/, '')
    .replace(/^["'“”«»\s@]+|["'“”«»\s]+$/g, '')
    .replace(/\s+/g, ' ')
    .trim();
  const bare = name.replace(/,.*$/, '').trim();
  const kept = /,/.test(name) && !/,\s*(?:Inc|Ltd|LLC|GmbH)\b/i.test(name) ? bare : name;
  if (kept.length < 2 || kept.length > 80 || NO_NAME.test(kept) || /^[\d\s.,-]+$/.test(kept)) return null;
  if (PLACEHOLDER.test(kept) || NO_SIGNATURE.test(kept)) return null;
  return kept;
}

const JOINED = /\s+(?:&|and|und|et|y)\s+/i;
const looksLikeName = (text: string): boolean =>
  /^\p{Lu}[\p{L}.'’-]+\s+\p{Lu}/u.test(text) || /^[\p{L}\p{N}]+[_\d][\p{L}\p{N}_]*$/u.test(text);

/** `Runa Vestermoor & Tor Aldersund` are two; `Oak and Brass Workshop` is one. */
export function splitNames(name: string): string[] {
  const parts = name.split(JOINED).map((part) => part.trim());
  return parts.length > 1 && parts.every(looksLikeName) ? parts : [name];
}

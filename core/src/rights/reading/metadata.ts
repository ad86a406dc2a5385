import { Parser } from 'htmlparser2';
import { cleanName, splitNames } from './author-names';
import { readText } from './read-text';
import { createStatements, type Statements } from './statement';

/** What a file says of itself in fields meant for it. */
export interface RightsMetadata {
  titles: string[];
  creators: string[];
  /** Copyright lines, usage terms, licence names. */
  rights: string[];
  /** Of a licence or of the work. */
  addresses: string[];
}

export const createMetadata = (): RightsMetadata => ({ titles: [], creators: [], rights: [], addresses: [] });
export const isEmptyMetadata = (metadata: RightsMetadata): boolean =>
  Object.values(metadata).every((list) => list.length === 0);

/** Turns fields into statements; a field called creator names one without more ado. */
export function readMetadata(metadata: RightsMetadata, file: string): Statements {
  const found = createStatements();
  const said = readText([...metadata.rights, ...metadata.addresses].join('\n\n'), { file, firstLine: 1 });
  for (const statement of [...said.licences, ...said.authors, ...said.sources, ...said.ownWords])
    delete statement.evidence.line;
  for (const licence of said.licences) licence.evidence.text = `said by the file itself: ${licence.evidence.text}`;
  found.licences = said.licences;
  found.sources = said.sources;
  found.notGrants = said.notGrants;
  found.ownWords = said.ownWords;
  for (const creator of metadata.creators) {
    const name = cleanName(creator);
    if (!name) continue;
    for (const one of splitNames(name))
      found.authors.push({
        name: one,
        confidence: 0.95,
        nearness: 'in-the-file',
        evidence: { text: 'named as creator by the file itself', file, passage: creator.slice(0, 240) },
      });
  }
  found.authors.push(...said.authors);
  for (const title of metadata.titles)
    found.titles.push({ title, evidence: { text: 'named by the file itself', file, passage: title.slice(0, 240) } });
  return found;
}

type Field = keyof RightsMetadata;

/** Properties by their names in XMP (Dublin Core, XMP Rights Management, Creative Commons REL, Photoshop, PLUS, IPTC). */
const XMP_FIELDS: Record<string, Field> = {
  'dc:title': 'titles',
  'dc:creator': 'creators',
  'cc:attributionName': 'creators',
  'photoshop:Credit': 'creators',
  'dc:rights': 'rights',
  'xmpRights:UsageTerms': 'rights',
  'xmprights:UsageTerms': 'rights',
  'dc:license': 'rights',
  'cc:license': 'addresses',
  'xmpRights:WebStatement': 'addresses',
  'cc:attributionURL': 'addresses',
  'dc:source': 'addresses',
};

const FIELD_OF = new Map(Object.entries(XMP_FIELDS).map(([name, field]) => [name.toLowerCase(), field]));

function addTo(metadata: RightsMetadata, field: Field, value: string): void {
  const clean = value.trim();
  if (clean !== '' && !metadata[field].includes(clean)) metadata[field].push(clean);
}

/** Reads an XMP packet (ISO 16684-1): properties as elements, as attributes, in bags and language alternatives. */
export function readXmpPacket(xml: string): RightsMetadata {
  const metadata = createMetadata();
  const open: (Field | null)[] = [];
  let words = '';
  const parser = new Parser(
    {
      onopentag(name, attributes) {
        open.push(FIELD_OF.get(name.toLowerCase()) ?? null);
        words = '';
        const field = open.findLast((each) => each !== null);
        for (const [key, value] of Object.entries(attributes)) {
          const own = FIELD_OF.get(key.toLowerCase());
          if (own) addTo(metadata, own, value);
          if (key.toLowerCase() === 'rdf:resource' && field) addTo(metadata, field, value);
        }
      },
      ontext(text) {
        words += text;
      },
      onclosetag() {
        const field = open.findLast((each) => each !== null);
        if (field) addTo(metadata, field, words);
        words = '';
        open.pop();
      },
    },
    { xmlMode: true, decodeEntities: true },
  );
  parser.end(xml);
  return metadata;
}

/** Reads a packet of glTF's KHR_xmp_json_ld: JSON-LD of the same properties. */
export function readXmpJson(packet: unknown): RightsMetadata {
  const metadata = createMetadata();
  if (!packet || typeof packet !== 'object') return metadata;
  for (const [key, value] of Object.entries(packet)) {
    const field = FIELD_OF.get(key.toLowerCase());
    if (field) for (const text of listStrings(value)) addTo(metadata, field, text);
  }
  return metadata;
}

/** Strings of a JSON-LD value: plain, `@value`, `@id`, lists, sets and RDF containers. */
function listStrings(value: unknown, depth = 0): string[] {
  if (typeof value === 'string') return [value];
  if (depth > 4 || !value || typeof value !== 'object') return [];
  if (Array.isArray(value)) return value.flatMap((each) => listStrings(each, depth + 1));
  return Object.entries(value).flatMap(([key, inner]) =>
    key === '@value' || key === '@id' || key === '@list' || key === '@set' || /^rdf:_\d+$/.test(key)
      ? listStrings(inner, depth + 1)
      : [],
  );
}

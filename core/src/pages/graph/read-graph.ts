import type { PageFact } from '@haveld/contract/page';
import type { PageThing } from './page-thing';

/** A subject, a property and a value, as the three parsers give them (RDF/JS). */
interface Quad {
  subject: { termType: string; value: string };
  predicate: { value: string };
  object: { termType: string; value: string };
}

interface QuadParser {
  on(event: 'data', listener: (quad: Quad) => void): QuadParser;
  on(event: 'error' | 'end', listener: (error?: Error) => void): QuadParser;
  write(text: string): unknown;
  end(): unknown;
}

/** Vocabularies whose words we know. Their terms do not clash in what is read here. Sources: their own documents, under these addresses. */
const VOCABULARIES = [
  'http://schema.org/',
  'https://schema.org/',
  'http://purl.org/dc/terms/',
  'http://purl.org/dc/elements/1.1/',
  'http://creativecommons.org/ns#',
  'https://creativecommons.org/ns#',
  'http://www.w3.org/1999/xhtml/vocab#',
  // HTML Living Standard, "Licensing works"
  'http://n.whatwg.org/',
];

const TYPE = 'http://www.w3.org/1999/02/22-rdf-syntax-ns#type';

/** A page of a model holds a few dozen statements; one that holds more is cut here. */
const MOST_QUADS = 20_000;

/** Longer blocks of linked data are no description of one thing. */
const LONGEST_BLOCK = 1024 * 1024;

/**
 * Reads what a page says to machines: JSON-LD 1.1, Microdata and RDFa 1.1. A block that is not well formed says what came before
 * its fault. Contexts are never fetched: every name without one is taken for schema.org's.
 * @param html the page
 * @param blocks its blocks of JSON-LD
 * @param address of the page, against which others are told; absolute
 * @returns every thing it speaks of, in the order of the page
 */
export async function readGraph(html: string, blocks: readonly string[], address: string): Promise<PageThing[]> {
  const things: PageThing[] = [];
  if (blocks.length > 0) {
    const { JsonLdParser } = await import('jsonld-streaming-parser');
    for (const block of blocks) {
      if (block.length > LONGEST_BLOCK) continue;
      const parser = new JsonLdParser({ baseIRI: address, context: SCHEMA_ORG, documentLoader: { load: loadContext } });
      things.push(...gatherThings(await collect(parser as unknown as QuadParser, block), 'json-ld'));
    }
  }
  if (/\bitemscope\b/i.test(html)) {
    const { MicrodataRdfParser } = await import('microdata-rdf-streaming-parser');
    const parser = new MicrodataRdfParser({ baseIRI: address });
    things.push(...gatherThings(await collect(parser as unknown as QuadParser, html), 'microdata'));
  }
  if (/\b(?:property|typeof|rel|about)\s*=/i.test(html)) {
    const { RdfaParser } = await import('rdfa-streaming-parser');
    const parser = new RdfaParser({ baseIRI: address, contentType: 'text/html' });
    things.push(...gatherThings(await collect(parser as unknown as QuadParser, html), 'rdfa'));
  }
  return things;
}

const SCHEMA_ORG = { '@vocab': 'http://schema.org/' };

/** Whatever context a page names, nothing is fetched for it. */
const loadContext = (): Promise<{ '@context': typeof SCHEMA_ORG }> => Promise.resolve({ '@context': SCHEMA_ORG });

function collect(parser: QuadParser, text: string): Promise<Quad[]> {
  return new Promise((resolve) => {
    const quads: Quad[] = [];
    // a fault ends the block; what it said before stands
    parser
      .on('data', (quad) => void (quads.length < MOST_QUADS && quads.push(quad)))
      .on('error', () => resolve(quads))
      .on('end', () => resolve(quads));
    parser.write(text);
    parser.end();
  });
}

function gatherThings(quads: readonly Quad[], by: PageFact['by']): PageThing[] {
  const things = new Map<string, PageThing>();
  for (const { subject } of quads)
    if (!things.has(subject.value))
      things.set(subject.value, { id: subject.value, by, types: [], properties: new Map() });
  for (const { subject, predicate, object } of quads) {
    const thing = things.get(subject.value)!;
    if (predicate.value === TYPE) {
      thing.types.push(nameOf(object.value));
      continue;
    }
    const name = nameOf(predicate.value);
    const values = thing.properties.get(name) ?? [];
    const known = object.termType === 'Literal' ? undefined : things.get(object.value);
    values.push(known ?? object.value);
    thing.properties.set(name, values);
  }
  return [...things.values()];
}

/** The last word of a name in a vocabulary we know; other names stay whole. */
function nameOf(address: string): string {
  const vocabulary = VOCABULARIES.find((each) => address.startsWith(each));
  return vocabulary ? address.slice(vocabulary.length) : address;
}

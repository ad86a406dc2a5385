import type { PageFact } from '@haveld/contract/page';
import { findSubject, plainAddress } from './graph/find-subject';
import { readGraph } from './graph/read-graph';
import { readSubject, resolveAddress } from './graph/read-subject';
import { listWords, type PageThing } from './graph/page-thing';
import { readMarkup, type PageMarkup } from './page-markup';
import { readLines } from './read-lines';
import { readMetas } from './read-metas';

/** A page as it was read: what it says, and the words people see on it. */
export interface Page {
  /** Its own, the surest first; empty where a saved page does not say. */
  addresses: string[];
  /** What it says of the one thing it is about; marks for machines before words for people. */
  facts: PageFact[];
  /** Readable words, a line a block. */
  words: string;
  /** Those of them that are about the thing it is about, not about others that it lists. */
  ownWords: string;
  /** Where its links lead, absolute, each once. */
  links: string[];
}

/** Stands where a saved page does not say its address; no host can have it (RFC 2606). */
const NOWHERE = 'http://page.invalid/';

/**
 * Reads a page of a model: JSON-LD, Microdata, RDFa, Open Graph and other `meta` elements, `rel=license`, and the lines people see.
 * A list of models, or a page about something else, says nothing of one by its marks.
 * @param html of any length and any quality; what is not well formed says what can be read of it
 * @param address it was fetched from, where that is known
 */
export async function readPage(html: string, address = ''): Promise<Page> {
  const markup = readMarkup(html, address);
  const metas = readMetas(markup.metas);
  const stated = metas.filter(({ field }) => field === 'address').map(({ value }) => value);
  const addresses = [...new Set([address, ...markup.addresses, ...stated])].filter((each) =>
    /^https?:\/\//i.test(each),
  );
  const base = addresses[0] ?? NOWHERE;
  const things = await readGraph(html, markup.blocks, base);
  const facts: PageFact[] = [];
  for (const by of ['json-ld', 'microdata', 'rdfa'] as const) {
    const subject = findSubject(
      things.filter((thing) => thing.by === by),
      addresses,
    );
    if (subject) facts.push(...readSubject(subject, base));
  }
  facts.push(...readLinkedRights(things, markup, base, facts));
  facts.push(...metas);
  const lines = readLines(markup.ownWords);
  facts.push(...lines.filter(({ field }) => field === 'gone' || !facts.some((fact) => fact.field === field)));
  const links = markup.links.map((link) => resolveAddress(link, base)).filter((link) => link !== null);
  return {
    addresses,
    facts: listDistinct(facts),
    words: markup.words,
    ownWords: markup.ownWords,
    links: [...new Set(links)],
  };
}

const MOST_LICENCES = 8;

/**
 * Author and licence of the page itself (HTML Living Standard, link type `license`; ccREL in RDFa). Where its thing has a licence of
 * its own, a link may be about the site, and one in a footer is; several that differ are told, each, and are for a person to tell apart.
 */
function readLinkedRights(
  things: readonly PageThing[],
  { licenceLinks, siteLicences }: PageMarkup,
  base: string,
  known: readonly PageFact[],
): PageFact[] {
  const own = things.filter((thing) => thing.by === 'rdfa' && plainAddress(thing.id) === plainAddress(base));
  const names = own.flatMap((thing) => listWords(thing, 'attributionName'));
  const resolve = (link: string): string => resolveAddress(link, base) ?? link;
  const links = licenceLinks.map(resolve);
  const ofSite = new Set(siteLicences.map(resolve).filter((link) => !links.includes(link)));
  const marked = own.flatMap((thing) => listWords(thing, 'license')).filter((link) => !ofSite.has(link));
  const licences = known.some(({ field }) => field === 'licence')
    ? []
    : [...new Set([...links, ...marked])].slice(0, MOST_LICENCES);
  return [
    ...names.map((name): PageFact => ({
      field: 'author',
      value: name,
      by: 'rdfa',
      passage: `attributionName: ${name}`,
    })),
    ...licences.map((link): PageFact => ({
      field: 'licence',
      value: link,
      address: link,
      by: 'rdfa',
      passage: `rel=license: ${link}`,
    })),
  ];
}

/** The same said twice in two syntaxes is said once. */
function listDistinct(facts: readonly PageFact[]): PageFact[] {
  const seen = new Set<string>();
  return facts.filter((fact) => {
    const key = `${fact.field} ${fact.value.toLowerCase()}`;
    return !seen.has(key) && seen.add(key);
  });
}

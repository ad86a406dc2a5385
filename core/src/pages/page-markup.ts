import { Parser } from 'htmlparser2';

const SKIPPED = new Set(['script', 'style', 'nav', 'footer', 'aside', 'noscript', 'svg', 'select', 'template']);
const BLOCKS = new Set(
  'p div li tr td th h1 h2 h3 h4 h5 h6 br section article header main ul ol table dl dt dd blockquote pre figure figcaption form'.split(
    ' ',
  ),
);
/** Elements that never close. */
const VOID = new Set('br img meta link input hr source'.split(' '));

/** A page that leads to more is no page of one thing. */
const MOST_LINKS = 2000;

/** A page taken apart, nothing of it understood yet. */
export interface PageMarkup {
  /** Readable words, a line a block; an address stands behind the words of its link. */
  words: string;
  /** Those of them that are not about other things of its kind: a card of a list that leads to a page beside this one is about that. */
  ownWords: string;
  title: string;
  /** First heading. */
  heading: string;
  /** Where `rel=license` leads, in its head or among what people read. */
  licenceLinks: string[];
  /** The same in its footer, navigation or margin: the licence of the site’s own words. */
  siteLicences: string[];
  /** `name` or `property` of each `meta` in small letters, and what it holds. */
  metas: [key: string, content: string][];
  /** The page's own, as the browser that saved it or its canonical link say. */
  addresses: string[];
  /** Where its links lead, as they are written. */
  links: string[];
  /** Blocks of JSON-LD. */
  blocks: string[];
}

export const isPage = (text: string): boolean =>
  /<(?:!doctype\s+html|html|head|body)\b/i.test(text.slice(0, 4000)) ||
  /<(?:p|div|a)\b[^>]*>/i.test(text.slice(0, 2000));

/** What one card of a list is written as. */
const CARDS = new Set(['li', 'article', 'figure', 'tr']);

/** A card says no more than this; the page's own text may be an `article` as well. */
const LONGEST_CARD = 600;

/** A card of the page: where its words stand, and where its links lead. */
interface Card {
  name: string;
  start: number;
  end: number;
  links: string[];
  /** The heading of the page stands in it: it is the page itself. */
  isPage: boolean;
}

/**
 * Takes a page apart into what people see and what its markup says; navigation, footers and what stands beside are none of it.
 * @param address it was fetched from, where that is known
 */
export function readMarkup(html: string, address = ''): PageMarkup {
  const page: PageMarkup = {
    words: '',
    ownWords: '',
    title: '',
    heading: '',
    licenceLinks: [],
    siteLicences: [],
    metas: [],
    addresses: [],
    links: [],
    blocks: [],
  };
  const saved = /<!--\s*saved from url=\(\d+\)(https?:\S+)/i.exec(html.slice(0, 2000));
  if (saved) page.addresses.push(saved[1]);
  let skipping = 0;
  let link: string | null = null;
  let inTitle = false;
  let inHeading = false;
  let block: string | null = null;
  const open: Card[] = [];
  const cards: Card[] = [];
  const parser = new Parser(
    {
      onopentag(name, attributes) {
        if (name === 'script' && /ld\+json/i.test(attributes.type ?? '')) block = '';
        if (SKIPPED.has(name)) skipping++;
        if (name === 'title') inTitle = true;
        if (/\blicen[sc]e\b/i.test(attributes.rel ?? '') && attributes.href)
          (skipping > 0 ? page.siteLicences : page.licenceLinks).push(attributes.href);
        if (name === 'link' && /\bcanonical\b/i.test(attributes.rel ?? '') && attributes.href)
          page.addresses.push(attributes.href);
        if (name === 'meta' && attributes.content)
          page.metas.push([(attributes.name ?? attributes.property ?? '').toLowerCase(), attributes.content]);
        if (name === 'a' && attributes.href && page.links.length < MOST_LINKS) page.links.push(attributes.href);
        if (skipping > 0) return;
        if (CARDS.has(name)) open.push({ name, start: page.words.length, end: 0, links: [], isPage: false });
        // a link is of the innermost card alone: the page around it leads nowhere by it
        if (name === 'a' && attributes.href) open.at(-1)?.links.push(attributes.href);
        if (name === 'h1' && page.heading === '') inHeading = true;
        if (name === 'h1') for (const card of open) card.isPage = true;
        if (BLOCKS.has(name) && name !== 'td' && name !== 'th' && name !== 'dd') page.words += '\n';
        if (name === 'a' && attributes.href) link = attributes.href;
        if (name === 'img' && /licensebuttons|creativecommons|\/l\/by/i.test(attributes.src ?? ''))
          page.words += ` ${attributes.alt ?? ''} ${attributes.src} `;
      },
      ontext(text) {
        if (block !== null) block += text;
        else if (inTitle) page.title += text;
        else if (skipping === 0) {
          page.words += text.replace(/\s+/g, ' ');
          if (inHeading) page.heading += text;
        }
      },
      onclosetag(name) {
        if (name === 'script' && block !== null) {
          page.blocks.push(block);
          block = null;
        }
        if (name === 'title') inTitle = false;
        if (name === 'h1') inHeading = false;
        if (SKIPPED.has(name)) skipping = Math.max(0, skipping - 1);
        if (skipping > 0) return;
        if (name === 'a' && link !== null) {
          if (/^https?:/i.test(link)) page.words += ` (${link})`;
          link = null;
        }
        // a head and its cell are one line: `Author : Ines Falkenrot`
        if (open.at(-1)?.name === name) cards.push({ ...open.pop()!, end: page.words.length });
        if (name === 'td' || name === 'th' || name === 'dt') page.words += ' : ';
        else if (BLOCKS.has(name) && !VOID.has(name)) page.words += '\n';
      },
    },
    { decodeEntities: true, lowerCaseTags: true },
  );
  parser.end(html);
  const ogUrl = page.metas.find(([key]) => key === 'og:url')?.[1] ?? '';
  const others = cards.filter(
    (card) =>
      !card.isPage && card.end - card.start <= LONGEST_CARD && leadsToMate(card, address || page.addresses[0] || ogUrl),
  );
  page.ownWords = tidy(leaveOut(page.words, others));
  page.words = tidy(page.words);
  page.title = page.title.replace(/\s+/g, ' ').trim();
  page.heading = page.heading.replace(/\s+/g, ' ').trim();
  return page;
}

const tidy = (words: string): string =>
  words
    .replace(/[ \t]+/g, ' ')
    .replace(/ ?\n ?/g, '\n')
    .replace(/\n{3,}/g, '\n\n');

/** Another of its kind stands in the same folder of the same host: `/models/bollard` beside `/models/bench`. Common practice, no source. */
function leadsToMate({ links }: Card, own: string): boolean {
  if (!URL.canParse(own)) return false;
  const here = new URL(own);
  const folder = (path: string): string => path.replace(/\/+$/, '').replace(/[^/]*$/, '');
  // everything of a site may stand in its root
  if (folder(here.pathname) === '/') return false;
  return links.some((link) => {
    if (!URL.canParse(link, own)) return false;
    const there = new URL(link, own);
    return (
      there.host === here.host &&
      there.pathname.replace(/\/+$/, '') !== here.pathname.replace(/\/+$/, '') &&
      folder(there.pathname) === folder(here.pathname)
    );
  });
}

function leaveOut(words: string, cards: readonly Card[]): string {
  let own = '';
  let at = 0;
  for (const { start, end } of [...cards].sort((a, b) => a.start - b.start)) {
    if (start < at) continue;
    own += words.slice(at, start);
    at = end;
  }
  return own + words.slice(at);
}

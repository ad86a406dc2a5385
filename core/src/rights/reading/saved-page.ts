import { Parser } from 'htmlparser2';
import { cleanName } from './author-names';
import { readText } from './read-text';
import { createStatements, type Statements } from './statement';

const SKIPPED = new Set(['script', 'style', 'nav', 'footer', 'aside', 'noscript', 'svg', 'select', 'template']);
const BLOCKS = new Set(
  'p div li tr td th h1 h2 h3 h4 h5 h6 br section article header main ul ol table dl dt dd blockquote pre figure figcaption form'.split(
    ' ',
  ),
);
/** Elements that never close. */
const VOID = new Set('br img meta link input hr source'.split(' '));

export interface PageContent {
  /** Readable words, a line a block; an address stands behind the words of its link. */
  words: string;
  /** Of this model's licence, as the page marks it. */
  licenceAddresses: string[];
  authors: string[];
  titles: string[];
  /** The page's own. */
  addresses: string[];
}

export const isPage = (text: string): boolean =>
  /<(?:!doctype\s+html|html|head|body)\b/i.test(text.slice(0, 4000)) ||
  /<(?:p|div|a)\b[^>]*>/i.test(text.slice(0, 2000));

/** Takes a saved web page apart: what is said to machines (rel=license, meta, JSON-LD) and what is said to people. */
export function readPage(html: string): PageContent {
  const page: PageContent = { words: '', licenceAddresses: [], authors: [], titles: [], addresses: [] };
  const saved = /<!--\s*saved from url=\(\d+\)(https?:\S+)/i.exec(html.slice(0, 2000));
  if (saved) page.addresses.push(saved[1]);
  let skipping = 0;
  let link: string | null = null;
  let inTitle = false;
  let json: string | null = null;
  const parser = new Parser(
    {
      onopentag(name, attributes) {
        if (name === 'script' && /ld\+json/i.test(attributes.type ?? '')) json = '';
        if (SKIPPED.has(name)) skipping++;
        if (name === 'title') inTitle = true;
        if (/\blicen[sc]e\b/i.test(attributes.rel ?? '') && attributes.href)
          page.licenceAddresses.push(attributes.href);
        if (name === 'link' && /\bcanonical\b/i.test(attributes.rel ?? '') && attributes.href)
          page.addresses.push(attributes.href);
        if (name === 'meta') readMeta(attributes, page);
        if (skipping > 0) return;
        if (BLOCKS.has(name) && name !== 'td' && name !== 'th' && name !== 'dd') page.words += '\n';
        if (name === 'a' && attributes.href) link = attributes.href;
        if (name === 'img' && /licensebuttons|creativecommons|\/l\/by/i.test(attributes.src ?? ''))
          page.words += ` ${attributes.alt ?? ''} ${attributes.src} `;
      },
      ontext(text) {
        if (json !== null) json += text;
        else if (inTitle) return;
        else if (skipping === 0) page.words += text.replace(/\s+/g, ' ');
      },
      onclosetag(name) {
        if (name === 'script' && json !== null) {
          readLinkedData(json, page);
          json = null;
        }
        if (name === 'title') inTitle = false;
        if (SKIPPED.has(name)) skipping = Math.max(0, skipping - 1);
        if (skipping > 0) return;
        if (name === 'a' && link !== null) {
          if (/^https?:/i.test(link)) page.words += ` (${link})`;
          link = null;
        }
        // a head and its cell are one line: `Author : Ines Falkenrot`
        if (name === 'td' || name === 'th' || name === 'dt') page.words += ' : ';
        else if (BLOCKS.has(name) && !VOID.has(name)) page.words += '\n';
      },
    },
    { decodeEntities: true, lowerCaseTags: true },
  );
  parser.end(html);
  page.words = page.words
    .replace(/[ \t]+/g, ' ')
    .replace(/ ?\n ?/g, '\n')
    .replace(/\n{3,}/g, '\n\n');
  return page;
}

function readMeta({ name, property, content = '' }: Record<string, string>, page: PageContent): void {
  const key = (name ?? property ?? '').toLowerCase();
  if (content === '') return;
  if (/^(author|dc\.creator|dcterms\.creator|article:author)$/.test(key) && !/^https?:/.test(content))
    page.authors.push(content);
  if (/^(dc\.rights|dcterms\.rights|dcterms\.license|dc\.license|copyright|rights)$/.test(key))
    page.licenceAddresses.push(content);
  if (/^(og:title|dc\.title|dcterms\.title)$/.test(key)) page.titles.push(content);
  if (key === 'og:url') page.addresses.push(content);
}

/** schema.org in JSON-LD: `license`, `author`, `creator`, `name`. */
function readLinkedData(text: string, page: PageContent): void {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    // a page may say anything in its scripts; what cannot be read says nothing
    return;
  }
  const visit = (value: unknown, depth: number): void => {
    if (depth > 4 || !value || typeof value !== 'object') return;
    if (Array.isArray(value)) return value.forEach((each) => visit(each, depth + 1));
    const node = value as Record<string, unknown>;
    const licence = node.license;
    if (typeof licence === 'string') page.licenceAddresses.push(licence);
    for (const who of [node.author, node.creator].flat()) {
      const said = typeof who === 'string' ? who : (who as { name?: unknown } | undefined)?.name;
      if (typeof said === 'string') page.authors.push(said);
    }
    if (typeof licence === 'string' && typeof node.name === 'string') page.titles.push(node.name);
    visit(node['@graph'], depth + 1);
  };
  visit(data, 0);
}

/** What a saved page says: its marks for machines first, its words for the rest. */
export function readSavedPage(html: string, file: string): Statements {
  const page = readPage(html);
  const found = createStatements();
  const evidence = (text: string, passage: string) => ({ text, file, passage: passage.slice(0, 240) });
  const marked = readText(page.licenceAddresses.join('\n\n'), { file, firstLine: 1 });
  for (const licence of marked.licences)
    found.licences.push({
      ...licence,
      confidence: Math.max(licence.confidence, 0.95),
      evidence: evidence('marked as the licence of the page', licence.evidence.passage ?? ''),
    });
  for (const author of page.authors) {
    const name = cleanName(author);
    if (name)
      found.authors.push({
        name,
        confidence: 0.9,
        nearness: 'beside-it',
        evidence: evidence('named as author by the page', author),
      });
  }
  for (const title of page.titles) found.titles.push({ title, evidence: evidence('title of the page', title) });
  for (const url of page.addresses)
    if (/^https?:\/\//.test(url)) found.sources.push({ url, evidence: evidence('address of the page', url) });
  const words = readText(page.words, { file, firstLine: 1 });
  // lines of a page are not lines of the file
  for (const statement of [...words.licences, ...words.authors, ...words.sources, ...words.titles, ...words.ownWords])
    delete statement.evidence.line;
  const isMarked = marked.licences.length > 0;
  found.licences.push(
    ...(isMarked ? words.licences.filter(({ id }) => !id.startsWith('LicenseRef-')) : words.licences),
  );
  if (page.authors.length === 0) found.authors.push(...words.authors);
  found.sources.push(...words.sources.filter(({ url }) => !found.sources.some((source) => source.url === url)));
  found.titles.push(...words.titles);
  found.basedOn.push(...words.basedOn);
  found.notGrants.push(...words.notGrants);
  found.ownWords.push(...words.ownWords);
  return found;
}

import type { PageFact, PageField } from '@haveld/contract/page';
import type { Evidence } from '@haveld/contract/finding';
import { isPage, readMarkup } from '../../pages/page-markup';
import { readPage, type Page } from '../../pages/read-page';
import { cleanName } from './author-names';
import { readText } from './read-text';
import { createStatements, type RightsText, type Statements } from './statement';

/** Reads the pages among texts, so that what they say to machines is heard. @returns the same texts, in their order */
export const openPages = <T extends RightsText>(texts: readonly T[]): Promise<T[]> =>
  Promise.all(
    texts.map(async (text) =>
      isPage(text.text) && !text.isMetadata ? { ...text, page: await readPage(text.text) } : text,
    ),
  );

/** What is read as rights, or leads to a picture; the rest is shown, searched by, or compared with what was measured. */
const NO_CLAIMS: ReadonlySet<PageField> = new Set<PageField>([
  'title',
  'author',
  'licence',
  'address',
  'based-on',
  'picture',
]);

/** A page that nobody opened says what people see on it. */
export function readUnopened(html: string): Page {
  const { words, ownWords } = readMarkup(html);
  return { addresses: [], facts: [], words, ownWords, links: [] };
}

/** What a page says of rights: its marks for machines first, its words for the rest. */
export function readSavedPage(page: Page, file: string): Statements {
  const found = createStatements();
  const factsOf = (field: PageField): PageFact[] => page.facts.filter((fact) => fact.field === field);
  const evidence = (text: string, passage: string): Evidence => ({ text, file, passage: passage.slice(0, 240) });
  const marked = readText(
    factsOf('licence')
      .map(({ value }) => value)
      .join('\n\n'),
    { file, firstLine: 1 },
  );
  for (const licence of marked.licences)
    found.licences.push({
      ...licence,
      confidence: Math.max(licence.confidence, 0.95),
      evidence: evidence('marked as the licence of the page', licence.evidence.passage ?? ''),
    });
  for (const author of factsOf('author')) {
    const name = cleanName(author.value);
    if (name)
      found.authors.push({
        name,
        // who wrote the page, as its head says it, may be who keeps the site
        confidence: author.by === 'meta' ? 0.7 : 0.9,
        nearness: 'beside-it',
        ...(author.address ? { url: author.address } : {}),
        evidence: evidence('named as author by the page', author.passage),
      });
  }
  for (const title of factsOf('title'))
    found.titles.push({ title: title.value, evidence: evidence('title of the page', title.passage) });
  for (const url of page.addresses) found.sources.push({ url, evidence: evidence('address of the page', url) });
  for (const { value, address, passage } of factsOf('based-on'))
    found.basedOn.push({
      title: value,
      author: '',
      licenceId: '',
      evidence: evidence('the page names what it is based on', address ? `${passage} (${address})` : passage),
    });
  for (const fact of page.facts) if (!NO_CLAIMS.has(fact.field)) found.claims.push({ ...fact, file });
  const words = readText(page.ownWords, { file, firstLine: 1 });
  // lines of a page are not lines of the file
  for (const statement of [...words.licences, ...words.authors, ...words.sources, ...words.titles, ...words.ownWords])
    delete statement.evidence.line;
  const isMarked = marked.licences.length > 0;
  found.licences.push(
    ...(isMarked ? words.licences.filter(({ id }) => !id.startsWith('LicenseRef-')) : words.licences),
  );
  if (factsOf('author').length === 0) found.authors.push(...words.authors);
  found.sources.push(...words.sources.filter(({ url }) => !found.sources.some((source) => source.url === url)));
  found.titles.push(...words.titles);
  found.basedOn.push(...words.basedOn);
  found.notGrants.push(...words.notGrants);
  found.ownWords.push(...words.ownWords);
  return found;
}

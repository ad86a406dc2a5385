import type { FurtherWork, Work } from '@haveld/contract/licence';
import { listLicenceIds } from './expression';
import { PART_WORDS } from './judge-use';
import { licenceWords, type LicenceBook } from './licence-book';
import { COMMISSIONED, OWN_WORK } from './licences/standings';

/** One work to be named: title, author, source, licence, changes (Creative Commons 4.0, section 3(a)(1)). */
export interface Credit {
  title: string;
  /** Empty where nobody knows. */
  author: string;
  authorUrl: string;
  source: string;
  pageUrl: string;
  licenceId: string;
  licence: string;
  licenceUrl: string;
  /** What was changed, in words; empty where it is as it came. */
  changes: readonly string[];
  /** What it is of the asset; empty where it is the asset itself. */
  part: string;
  /** Nothing asks for it. */
  courtesy: boolean;
}

export interface CreditedWorks {
  provenance: Work;
  further: readonly FurtherWork[];
  /** Name in the library; stands in for a title. */
  name: string;
}

/** The credits of one asset: the work itself, then others in it. Own and commissioned work is named by courtesy too. */
export function listCredits(
  book: LicenceBook,
  { provenance, further, name }: CreditedWorks,
  changes: readonly string[],
): Credit[] {
  return [
    describeWork(book, provenance, provenance.title || name, changes, ''),
    ...further.map((work) => describeWork(book, work, work.title || name, [], PART_WORDS[work.part])),
  ];
}

function describeWork(book: LicenceBook, work: Work, title: string, changes: readonly string[], part: string): Credit {
  const ids = listLicenceIds(work.licenceId);
  const asks = ids.some((id) => {
    const { attribution, notice } = book.getTerms(id);
    return attribution !== null || notice !== null;
  });
  return {
    title,
    author: work.author,
    authorUrl: work.authorUrl,
    source: work.source,
    pageUrl: work.pageUrl,
    licenceId: work.licenceId,
    licence: licenceWords(book, work.licenceId),
    licenceUrl: ids.length === 1 ? book.getTerms(ids[0]).url : '',
    changes,
    part,
    courtesy: !asks,
  };
}

const authorOf = (credit: Credit): string => credit.author || 'an unknown author';
const isOurs = (credit: Credit): boolean => credit.licenceId === OWN_WORK || credit.licenceId === COMMISSIONED;

/** `short`: who and under what, for a caption. `long`: everything a licence asks for. */
export function composeCredit(credit: Credit, form: 'short' | 'long' = 'long'): string {
  if (form === 'short')
    return `${credit.part === '' ? '' : `${credit.part}: `}“${credit.title}” by ${authorOf(credit)}, ${credit.licence}`;
  const from = [credit.source, credit.pageUrl].filter((part) => part !== '').join(', ');
  const licence = credit.licenceUrl === '' ? credit.licence : `${credit.licence} (${credit.licenceUrl})`;
  const part = credit.part === '' ? '' : `${credit.part[0].toUpperCase()}${credit.part.slice(1)}: `;
  return `${part}“${credit.title}” by ${authorOf(credit)}${from === '' ? '' : `, ${from}`}. ${licence}.${changeWords(credit)}`;
}

/** All credits of an asset in one text: a line each in full, or on one line as a caption. */
export const composeCredits = (credits: readonly Credit[], form: 'short' | 'long' = 'long'): string =>
  credits.map((credit) => composeCredit(credit, form)).join(form === 'short' ? '; ' : '\n');

function changeWords(credit: Credit): string {
  if (credit.part !== '') return '';
  return credit.changes.length > 0 ? ` Changed: ${credit.changes.join('; ')}.` : ' Unchanged.';
}

/** Every credit of several assets: each once, by author, what is asked before what is courtesy. */
export function gatherCredits(credits: readonly Credit[]): { author: string; credits: Credit[] }[] {
  const byAuthor = new Map<string, { author: string; credits: Credit[]; seen: Set<string> }>();
  for (const credit of credits) {
    const key = credit.author.toLowerCase();
    let group = byAuthor.get(key);
    if (!group) byAuthor.set(key, (group = { author: credit.author, credits: [], seen: new Set() }));
    const words = composeCredit(credit);
    if (group.seen.has(words)) continue;
    group.seen.add(words);
    group.credits.push(credit);
  }
  const groups = [...byAuthor.values()].map(({ author, credits: own }) => ({
    author,
    credits: own.sort((a, b) => Number(a.courtesy) - Number(b.courtesy) || a.title.localeCompare(b.title, 'en')),
  }));
  // nobody knows whom to put last, so it is the unknown
  return groups.sort(
    (a, b) => Number(a.author === '') - Number(b.author === '') || a.author.localeCompare(b.author, 'en'),
  );
}

export const CREDIT_FORMATS = ['text', 'markdown', 'html', 'csv', 'json'] as const;
export type CreditFormat = (typeof CREDIT_FORMATS)[number];

export const CREDIT_FILES: Record<CreditFormat, { extension: string; mediaType: string }> = {
  text: { extension: 'txt', mediaType: 'text/plain' },
  markdown: { extension: 'md', mediaType: 'text/markdown' },
  html: { extension: 'html', mediaType: 'text/html' },
  csv: { extension: 'csv', mediaType: 'text/csv' },
  json: { extension: 'json', mediaType: 'application/json' },
};

/** A credits file. @param heading what it is for, such as the project's name */
export function writeCredits(
  credits: readonly Credit[],
  format: CreditFormat,
  form: 'short' | 'long',
  heading: string,
): string {
  const groups = gatherCredits(credits.filter((credit) => form === 'long' || !isOurs(credit)));
  return WRITERS[format](groups, form, heading);
}

type Groups = ReturnType<typeof gatherCredits>;

const WRITERS: Record<CreditFormat, (groups: Groups, form: 'short' | 'long', heading: string) => string> = {
  text: (groups, form, heading) =>
    `${heading}\n\n${groups.map(({ author, credits }) => `${author || 'Author unknown'}\n${credits.map((credit) => `  ${composeCredit(credit, form)}`).join('\n')}`).join('\n\n')}\n`,
  markdown: (groups, form, heading) =>
    `# ${escapeMarkdown(heading)}\n\n${groups.map(({ author, credits }) => `## ${escapeMarkdown(author || 'Author unknown')}\n\n${credits.map((credit) => `- ${toMarkdown(credit, form)}`).join('\n')}`).join('\n\n')}\n`,
  html: (groups, form, heading) =>
    `<!doctype html>\n<html lang="en">\n<meta charset="utf-8">\n<title>${escapeHtml(heading)}</title>\n<h1>${escapeHtml(heading)}</h1>\n${groups.map(({ author, credits }) => `<h2>${escapeHtml(author || 'Author unknown')}</h2>\n<ul>\n${credits.map((credit) => `<li>${toHtml(credit, form)}</li>`).join('\n')}\n</ul>`).join('\n')}\n</html>\n`,
  csv: (groups) =>
    [CSV_COLUMNS, ...groups.flatMap(({ credits }) => credits.map(toCsvRow))]
      .map((row) => row.map(escapeCsv).join(','))
      .join('\r\n') + '\r\n',
  json: (groups, _form, heading) =>
    `${JSON.stringify({ heading, credits: groups.flatMap(({ credits }) => credits) }, null, 2)}\n`,
};

const CSV_COLUMNS = [
  'title',
  'author',
  'author page',
  'source',
  'page',
  'licence',
  'SPDX',
  'licence page',
  'changes',
  'part',
  'asked for',
];

const toCsvRow = (credit: Credit): string[] => [
  credit.title,
  credit.author,
  credit.authorUrl,
  credit.source,
  credit.pageUrl,
  credit.licence,
  credit.licenceId,
  credit.licenceUrl,
  credit.changes.join('; '),
  credit.part,
  credit.courtesy ? 'by courtesy' : 'yes',
];

/** RFC 4180; a leading sign is kept from being read as a formula (common practice, no source). */
const escapeCsv = (value: string): string => {
  const safe = /^[=+\-@\t\r]/.test(value) ? `'${value}` : value;
  return /[",\r\n]/.test(safe) ? `"${safe.replaceAll('"', '""')}"` : safe;
};

const escapeHtml = (text: string): string =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;');

const escapeMarkdown = (text: string): string => text.replace(/[\\`*_[\]<>#|]/g, '\\$&').replace(/\s+/g, ' ');

function toMarkdown(credit: Credit, form: 'short' | 'long'): string {
  const link = (words: string, url: string): string =>
    url === '' ? escapeMarkdown(words) : `[${escapeMarkdown(words)}](<${encodeURI(decodeSafely(url))}>)`;
  const part = credit.part === '' ? '' : `${credit.part}: `;
  const base = `${part}${link(credit.title, credit.pageUrl)} by ${link(authorOf(credit), credit.authorUrl)}, ${link(credit.licence, credit.licenceUrl)}.`;
  return form === 'short'
    ? base
    : `${base}${credit.source === '' ? '' : ` ${escapeMarkdown(credit.source)}.`}${escapeMarkdown(changeWords(credit))}`;
}

function decodeSafely(url: string): string {
  try {
    return decodeURI(url);
  } catch {
    return url;
  }
}

function toHtml(credit: Credit, form: 'short' | 'long'): string {
  const link = (words: string, url: string): string =>
    /^https?:\/\//.test(url) ? `<a href="${escapeHtml(url)}">${escapeHtml(words)}</a>` : escapeHtml(words);
  const part = credit.part === '' ? '' : `${escapeHtml(credit.part)}: `;
  const base = `${part}“${link(credit.title, credit.pageUrl)}” by ${link(authorOf(credit), credit.authorUrl)}, ${link(credit.licence, credit.licenceUrl)}.`;
  return form === 'short'
    ? base
    : `${base}${credit.source === '' ? '' : ` ${escapeHtml(credit.source)}.`}${escapeHtml(changeWords(credit))}`;
}

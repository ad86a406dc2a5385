import type { PageDifference, PageSaid } from '@haveld/contract/page-change';

/**
 * What a page says otherwise than it did. What it does not say any more was a slip of the page or of its reading, and is told for the
 * licence alone.
 */
export function compareSaid(before: PageSaid, now: PageSaid): PageDifference[] {
  const differences: PageDifference[] = [];
  if (!isSameLicence(before.licence, now.licence))
    differences.push({ what: 'licence', was: nameOf(before.licence), now: nameOf(now.licence) });
  if (before.author !== '' && now.author !== '' && plain(before.author) !== plain(now.author))
    differences.push({ what: 'author', was: before.author, now: now.author });
  const newer = listNewerEditions(before.editions, now.editions);
  if (newer.length > 0) differences.push({ what: 'newer', was: listNames(before.editions), now: listNames(newer) });
  return differences;
}

const nameOf = ({ id, words, address }: PageSaid['licence']): string => id || words || address;

/** Known ones by their identifier, others by their words: a page may write one licence in many ways. */
function isSameLicence(before: PageSaid['licence'], now: PageSaid['licence']): boolean {
  if (nameOf(before) === '') return true;
  if (before.id !== '' || now.id !== '') return before.id === now.id;
  return plain(nameOf(before)) === plain(nameOf(now));
}

const plain = (words: string): string => words.normalize('NFKC').toLowerCase().replace(/\s+/g, ' ').trim();

/**
 * Editions that were not there, or have other bytes: by checksum, else by length, else by name. A source that begins to tell a
 * length it did not tell before has not changed its file.
 */
export function listNewerEditions(before: PageSaid['editions'], now: PageSaid['editions']): PageSaid['editions'] {
  if (before.length === 0) return [];
  return now.filter((edition) => {
    const known = before.find(({ id }) => id === edition.id);
    if (!known) return !before.some((other) => isSameFile(other, edition));
    return !isSameFile(known, edition);
  });
}

function isSameFile(a: PageSaid['editions'][number], b: PageSaid['editions'][number]): boolean {
  if (a.sha256 !== null && b.sha256 !== null) return a.sha256 === b.sha256;
  if (a.sizeBytes !== null && b.sizeBytes !== null && a.sizeBytes !== b.sizeBytes) return false;
  return a.name === b.name;
}

const MOST_NAMED = 3;

function listNames(editions: PageSaid['editions']): string {
  const names = editions.slice(0, MOST_NAMED).map(({ name }) => name);
  const more = editions.length - names.length;
  return [...names, ...(more > 0 ? [`${more} more`] : [])].join(', ');
}

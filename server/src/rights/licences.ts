import type { Person } from '@haveld/contract/api/people';
import type { LicenceLine, LicencePage } from '@haveld/contract/api/rights';
import { DomainError } from '@haveld/contract/error';
import { TermsSchema, type Terms } from '@haveld/contract/terms';
import { listLicenceIds } from '@haveld/core/rights/expression';
import { BUILT_IN_BOOK } from '@haveld/core/rights/licence-book';
import { getLicenceTexts } from '@haveld/engine/licence-texts';
import { formatAccession } from '../assets/accession';
import { transact, type Executor } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { loadBook } from '../house/book';
import * as queries from './licence-queries';
import { takeEdit } from '../people/meanwhile';
import { reopenProjects } from './reopening-queries';
import { refreshRightsMarks } from './state';

/** Every licence with how many assets stand under it; those of an expression count for each in it. */
export async function listLicences(db: Executor): Promise<LicenceLine[]> {
  const { book, own } = await loadBook(db);
  const counts = new Map<string, number>();
  for (const { licenceId, count } of await queries.countHeld(db))
    for (const id of listLicenceIds(licenceId)) counts.set(id, (counts.get(id) ?? 0) + count);
  const ownIds = new Set(own.map(({ terms }) => terms.id));
  const listed = book.list().map((terms) => ({ terms, own: ownIds.has(terms.id), count: counts.get(terms.id) ?? 0 }));
  const unlisted = [...counts]
    .filter(([id]) => !book.isListed(id))
    .map(([id, count]) => ({ terms: book.getTerms(id), own: false, count }));
  return [...listed, ...unlisted];
}

const SHOWN_ASSETS = 100;

/** A licence with its text, its terms and who stands under it. @throws {DomainError} where there is none */
export async function getLicence(db: Executor, id: string): Promise<LicencePage> {
  const { book, own } = await loadBook(db);
  const mine = own.find(({ terms }) => terms.id === id);
  const published = getLicenceTexts()[id] ?? '';
  if (!mine && !book.isListed(id) && published === '') throw new DomainError('not-found', 'There is no such licence.');
  const holders = await queries.listHolders(db, id);
  const standing = [
    ...new Map(
      holders.filter((row) => listLicenceIds(row.licenceId).includes(id)).map((row) => [row.id, row]),
    ).values(),
  ];
  return {
    terms: book.getTerms(id),
    own: mine !== undefined,
    listed: book.isListed(id),
    text: mine?.text || published,
    count: standing.length,
    assets: standing
      .slice(0, SHOWN_ASSETS)
      .map(({ id: assetId, accession, name }) => ({ id: assetId, accession: formatAccession(accession), name })),
    changes: await describeChanges(db, id),
  };
}

async function describeChanges(db: Executor, id: string): Promise<LicencePage['changes']> {
  return (await queries.listLicenceChanges(db, id)).map(({ at, personName, why, before, after }) => ({
    at: at.toISOString(),
    personName,
    why,
    what: describeDifferences(before, after),
  }));
}

function describeDifferences(before: Terms | null, after: Terms): string[] {
  if (before === null) return ['written down'];
  return (Object.keys(after) as (keyof Terms)[])
    .filter((key) => JSON.stringify(before[key]) !== JSON.stringify(after[key]))
    .map((key) => `${key}: ${words(before[key])} → ${words(after[key])}`);
}

const listWords = (fields: string[]): string =>
  `“${[...new Set(fields.map((field) => field.split('.')[0]))].join('”, “')}”`;

const words = (value: unknown): string =>
  value === null || value === ''
    ? 'none'
    : typeof value === 'object'
      ? Object.values(value)
          .flat()
          .filter((part) => part !== '' && part !== false)
          .join(' ') || 'yes'
      : String(value);

/** Keeps a licence of the house. Where its terms change, every live project that holds something under it is opened again. */
export async function saveLicence(
  { pool }: Dependencies,
  { seen, ...wanted }: { terms: Terms; text: string; why: string; seen?: Terms },
  person: Person,
): Promise<LicencePage> {
  const { id } = wanted.terms;
  const isBuiltIn = BUILT_IN_BOOK.isListed(id);
  if (isBuiltIn)
    throw new DomainError(
      'bad-request',
      `${id} comes with Haveld. Under “House rules” you say how the house takes it; for other terms give it a name of its own, LicenseRef-….`,
    );
  if (!id.startsWith('LicenseRef-') && !(id in getLicenceTexts()))
    throw new DomainError(
      'bad-request',
      `“${id}” is not in the SPDX list. A licence of the house is called LicenseRef- and a name: letters, digits, dots and hyphens.`,
    );
  await transact(pool, async (tx) => {
    const known = await queries.lockLicence(tx, id);
    const terms = known
      ? takeEdit(known, { seen, wanted: wanted.terms, person }, await queries.findLastEditor(tx, id), listWords)
      : wanted.terms;
    const given = { ...wanted, terms };
    await queries.saveLicence(tx, given, known, person.id);
    if (!known || JSON.stringify(known) !== JSON.stringify(TermsSchema.parse(given.terms))) {
      const ids = (await queries.listHolders(tx, id)).map((row) => row.id);
      if (known) await reopenProjects(tx, ids, `The terms of ${given.terms.short} have changed.`);
      await refreshRightsMarks(tx, ids);
    }
    await bumpRevision(tx);
  });
  return getLicence(pool, id);
}

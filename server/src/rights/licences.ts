import { DomainError } from '@haveld/contract/error';
import type { Person } from '@haveld/contract/api/people';
import type { LicenceLine, LicencePage } from '@haveld/contract/api/rights';
import { TermsSchema, type Terms } from '@haveld/contract/terms';
import { listLicenceIds } from '@haveld/core/rights/expression';
import { BUILT_IN_BOOK } from '@haveld/core/rights/licence-book';
import { getLicenceTexts } from '@haveld/engine/licence-texts';
import { formatAccession } from '../accession';
import { bumpRevision, many, maybeOne, run, transact, type Executor } from '../database/pool';
import type { Dependencies } from '../dependencies';
import { loadBook } from './book';
import { reopenProjects } from './reopen-projects';
import { refreshRightsMarks } from './state';

/** Every licence with how many assets stand under it; those of an expression count for each in it. */
export async function listLicences(db: Executor): Promise<LicenceLine[]> {
  const { book, own } = await loadBook(db);
  const counts = new Map<string, number>();
  for (const { licenceId, count } of await many<{ licenceId: string; count: number }>(
    db,
    'SELECT licence_id AS licenceId, COUNT(*) AS count FROM (SELECT licence_id FROM provenance UNION ALL SELECT licence_id FROM further_work) AS held GROUP BY licence_id',
  ))
    for (const id of listLicenceIds(licenceId)) counts.set(id, (counts.get(id) ?? 0) + count);
  const ownIds = new Set(own.map(({ terms }) => terms.id));
  const listed = book.list().map((terms) => ({ terms, own: ownIds.has(terms.id), count: counts.get(terms.id) ?? 0 }));
  const unlisted = [...counts]
    .filter(([id]) => !book.isListed(id))
    .map(([id, count]) => ({ terms: book.getTerms(id), own: false, count }));
  return [...listed, ...unlisted];
}

const SHOWN_ASSETS = 100;

export async function getLicence(db: Executor, id: string): Promise<LicencePage> {
  const { book, own } = await loadBook(db);
  const mine = own.find(({ terms }) => terms.id === id);
  const published = getLicenceTexts()[id] ?? '';
  if (!mine && !book.isListed(id) && published === '') throw new DomainError('not-found', 'There is no such licence.');
  const holders = await many<{ id: string; accession: number; name: string; licenceId: string }>(
    db,
    `SELECT asset.id, asset.accession, asset.name, held.licence_id AS licenceId FROM (SELECT asset_id, licence_id FROM provenance WHERE licence_id LIKE ?
       UNION SELECT asset_id, licence_id FROM further_work WHERE licence_id LIKE ?) AS held JOIN asset ON asset.id = held.asset_id ORDER BY asset.accession`,
    [`%${id}%`, `%${id}%`],
  );
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
    changes: await listLicenceChanges(db, id),
  };
}

async function listLicenceChanges(db: Executor, id: string): Promise<LicencePage['changes']> {
  const rows = await many<{ at: Date; personName: string; why: string; before: string | null; after: string }>(
    db,
    `SELECT licence_change.at, person.name AS personName, why, before_terms AS \`before\`, after_terms AS \`after\` FROM licence_change
     JOIN person ON person.id = licence_change.person_id WHERE licence_id = ? ORDER BY licence_change.id DESC LIMIT 50`,
    [id],
  );
  return rows.map(({ at, personName, why, before, after }) => ({
    at: at.toISOString(),
    personName,
    why,
    what: describeDifferences(before === null ? null : (JSON.parse(before) as Terms), JSON.parse(after) as Terms),
  }));
}

function describeDifferences(before: Terms | null, after: Terms): string[] {
  if (before === null) return ['written down'];
  return (Object.keys(after) as (keyof Terms)[])
    .filter((key) => JSON.stringify(before[key]) !== JSON.stringify(after[key]))
    .map((key) => `${key}: ${words(before[key])} → ${words(after[key])}`);
}

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
  given: { terms: Terms; text: string; why: string },
  person: Person,
): Promise<LicencePage> {
  const { id } = given.terms;
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
    const known = await maybeOne<{ terms: string }>(tx, 'SELECT terms FROM licence WHERE id = ? FOR UPDATE', [id]);
    const after = JSON.stringify(given.terms);
    await run(tx, 'REPLACE INTO licence (id, terms, text, person_id) VALUES (?, ?, ?, ?)', [
      id,
      after,
      given.text,
      person.id,
    ]);
    await run(
      tx,
      'INSERT INTO licence_change (licence_id, before_terms, after_terms, why, person_id) VALUES (?, ?, ?, ?, ?)',
      [id, known?.terms ?? null, after, given.why, person.id],
    );
    const changed =
      !known ||
      JSON.stringify(TermsSchema.parse(JSON.parse(known.terms))) !== JSON.stringify(TermsSchema.parse(given.terms));
    if (changed) {
      const holders = await many<{ id: string }>(
        tx,
        'SELECT asset_id AS id FROM provenance WHERE licence_id LIKE ? UNION SELECT asset_id FROM further_work WHERE licence_id LIKE ?',
        [`%${id}%`, `%${id}%`],
      );
      const ids = holders.map((row) => row.id);
      if (known) await reopenProjects(tx, ids, `The terms of ${given.terms.short} have changed.`);
      await refreshRightsMarks(tx, ids);
    }
    await bumpRevision(tx);
  });
  return getLicence(pool, id);
}

import type { LenderAsset } from '@haveld/contract/api/bench';
import { DomainError } from '@haveld/contract/error';
import type { Step } from '@haveld/contract/step';
import { standingOf } from '@haveld/core/rights/licence-book';
import { listBorrowed } from '@haveld/core/rights/lent-works';
import { formatAccession } from '../assets/accession';
import type { Executor } from '../database/pool';
import { loadBook } from '../house/book';
import { listBorrowings, listBorrowingVersions, replaceBorrowings } from '../rights/borrowing-queries';
import { insertChanges } from '../rights/provenance-queries';
import { listWorks } from '../rights/works';
import { refreshRightsMarks } from '../rights/state';
import * as queries from './queries';
import { findLenders, findLentVersion } from './lender-queries';

/** @returns what an asset may borrow from, by words of names, numbers and authors */
export async function listLenders(db: Executor, id: string, words: string): Promise<LenderAsset[]> {
  const { book } = await loadBook(db);
  const found = await findLenders(db, id, words.split(/\s+/).filter(Boolean));
  const works = await listWorks(
    db,
    found.map((row) => row.id),
  );
  return found.map(({ accession, ...row }) => ({
    ...row,
    accession: formatAccession(accession),
    standing: standingOf(book, row.licenceId),
    others: works.get(row.id)!.map(({ part, title, author, licenceId }) => ({
      ...{ part, title, author, licenceId },
      standing: standingOf(book, licenceId),
    })),
  }));
}

/** @throws {DomainError} where a step borrows what no catalogued version is, or what was taken down */
export async function requireLenders(tx: Executor, steps: readonly Step[]): Promise<void> {
  for (const { from } of listBorrowed(steps)) {
    const version = await findLentVersion(tx, from.id, from.versionNumber);
    if (!version || version.modelSha256 !== from.sha256 || formatAccession(version.accession) !== from.accession)
      throw new DomainError(
        'not-found',
        `There is no version ${from.versionNumber} of ${from.accession} to borrow from.`,
      );
    if (version.takenDown !== null)
      throw new DomainError('not-allowed-by-licence', `${from.accession} was taken down: nothing is borrowed from it.`);
  }
}

/**
 * Writes down from whom an asset borrows, by its treatment and by every version it has: their rights are its own too from then on, and
 * leave it when nothing of it is borrowed any more.
 */
export async function noteBorrowing(tx: Executor, assetId: string, personId: string | null): Promise<void> {
  const [before, enabled, versions] = await Promise.all([
    listBorrowings(tx, assetId),
    queries.listEnabledSteps(tx, [assetId]),
    listBorrowingVersions(tx, assetId),
  ]);
  const steps = [
    ...(enabled.get(assetId) ?? []).map(({ step }) => step),
    ...versions.flatMap((kept) => JSON.parse(kept) as Step[]),
  ];
  const borrowed = listBorrowed(steps).filter(({ from }) => from.id !== assetId);
  const isSame = (part: string, lenderId: string) => (one: { part: string; lenderId: string }) =>
    one.part === part && one.lenderId === lenderId;
  const come = borrowed.filter(({ from, part }) => !before.some(isSame(part, from.id)));
  const gone = before.filter(
    ({ part, lenderId }) =>
      !borrowed.some(({ from, part: now }) => isSame(part, lenderId)({ part: now, lenderId: from.id })),
  );
  if (come.length + gone.length === 0) return;
  await replaceBorrowings(
    tx,
    assetId,
    borrowed.map(({ from, part }) => ({ lenderId: from.id, part })),
  );
  await insertChanges(tx, [
    ...come.map(({ from, part }) => ({
      assetId,
      field: 'borrowed',
      before: '',
      after: `${part}, ${from.accession} ${from.name}`,
      personId,
    })),
    ...gone.map(({ part, accession, name }) => ({
      assetId,
      field: 'borrowed',
      before: `${part}, ${formatAccession(accession)} ${name}`,
      after: '',
      personId,
    })),
  ]);
  await refreshRightsMarks(tx, [assetId]);
}

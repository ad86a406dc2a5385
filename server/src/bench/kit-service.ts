import type { KitBench } from '@haveld/contract/api/kits';
import type { Person } from '@haveld/contract/api/people';
import type { Category } from '@haveld/contract/category';
import { DomainError } from '@haveld/contract/error';
import type { Answer } from '@haveld/contract/finding';
import type { Provenance } from '@haveld/contract/licence';
import { groupFindings } from '@haveld/core/condition/group-findings';
import { measureKit } from '@haveld/core/condition/measure-kit';
import type { Executor } from '../database/pool';
import type { Dependencies } from '../dependencies';
import { getArrivalName } from '../finds/service';
import { findKit } from '../kits/service';
import { answerOne, takeSureOf } from './answering';
import { createKitSizes } from './kit-sizes';
import * as queries from './queries';
import { catalogueOne, changeProvenance, getSheet } from './service';

/** A kit on the bench: one job, however many pieces. */
export async function getKitBench({ pool }: Dependencies, kitId: string): Promise<KitBench> {
  const kit = await findKit(pool, kitId);
  const rows = await queries.listAssetsOfKit(pool, kitId);
  const [first] = rows;
  if (!first) throw new DomainError('out-of-step', `Nothing of “${kit.name}” lies on the bench yet.`);
  const kitSizes = createKitSizes(pool);
  const sheets = await Promise.all(rows.map(({ id }) => getSheet(pool, id, kitSizes)));
  const sizes = await kitSizes(kitId);
  const leading = rows.find((row) => !row.ownProvenance) ?? first;
  return {
    id: kit.id,
    name: kit.name,
    arrivalName: await getArrivalName(pool, kit.arrivalId),
    provenance: sheets[rows.indexOf(leading)].provenance,
    ownProvenance: rows.filter((row) => row.ownProvenance).length,
    assets: sheets.map((sheet, i) => ({
      id: sheet.id,
      accession: sheet.accession,
      name: sheet.name,
      state: sheet.state,
      thumbnailSha256: rows[i].thumbnailSha256,
      open: sheet.findings.filter(({ settled }) => !settled).length,
      sure: sheet.sureCount,
      missing: sheet.missing.length,
      busy: sheet.busy !== null,
    })),
    measures: measureKit(
      sheets.map(({ id, findings, steps, figures }) => ({
        assetId: id,
        findings,
        shares: sizes.get(id)?.own.shares ?? {},
        steps: steps.filter(({ enabled }) => enabled).map(({ step }) => step),
        box: figures.box,
      })),
    ),
    findings: groupFindings(sheets.map((sheet) => ({ assetId: sheet.id, findings: sheet.findings }))),
  };
}

/** @throws {DomainError} where one of the assets is not of this kit */
async function requirePieces(db: Executor, kitId: string, assetIds: readonly string[]): Promise<void> {
  const own = new Set((await queries.listAssetsOfKit(db, kitId)).map(({ id }) => id));
  if (assetIds.some((id) => !own.has(id)))
    throw new DomainError('bad-request', 'One of these is no piece of this kit.');
}

/** Answers a finding alike for many pieces. @returns for how many the answer was on offer */
export async function answerForPieces(
  dependencies: Dependencies,
  kitId: string,
  given: { key: string; choiceId: string | null; assetIds: readonly string[] },
  person: Person,
): Promise<number> {
  await requirePieces(dependencies.pool, kitId, given.assetIds);
  const kitSizes = createKitSizes(dependencies.pool);
  const answer: Answer | null = given.choiceId === null ? null : { kind: 'taken', choiceId: given.choiceId };
  let answered = 0;
  for (const id of given.assetIds)
    try {
      await answerOne(dependencies, id, { key: given.key, answer }, person, kitSizes);
      answered++;
    } catch (error) {
      // a piece that has no such finding or choice is not among those the answer was on offer for
      if (!(error instanceof DomainError) || !NOT_ON_OFFER.has(error.code)) throw error;
    }
  return answered;
}

const NOT_ON_OFFER = new Set(['not-found', 'bad-request']);

/** Takes every sure proposal of these pieces that nobody has answered. */
export async function takeSureForPieces(
  dependencies: Dependencies,
  kitId: string,
  assetIds: readonly string[],
  person: Person,
): Promise<void> {
  await requirePieces(dependencies.pool, kitId, assetIds);
  const kitSizes = createKitSizes(dependencies.pool);
  for (const id of assetIds) await takeSureOf(dependencies, id, person, { kitSizes });
}

/** Asks for a version of every piece that may be catalogued. @returns those that may not yet, with why */
export async function cataloguePieces(
  dependencies: Dependencies,
  kitId: string,
  { category, assetIds }: { category: Category | null; assetIds: readonly string[] },
  person: Person,
): Promise<{ begun: number; held: { name: string; why: string }[] }> {
  await requirePieces(dependencies.pool, kitId, assetIds);
  const kitSizes = createKitSizes(dependencies.pool);
  const held: { name: string; why: string }[] = [];
  for (const id of assetIds) {
    const { name, missing } = await catalogueOne(
      dependencies,
      id,
      { category: category ?? undefined },
      person,
      kitSizes,
    );
    if (missing.length > 0) held.push({ name, why: missing.join(' ') });
  }
  return { begun: assetIds.length - held.length, held };
}

/** Corrects whose the kit is; a piece with a line of its own keeps it. */
export async function changeKitProvenance(
  dependencies: Dependencies,
  kitId: string,
  change: Partial<Provenance>,
  person: Person,
): Promise<void> {
  const { title: _title, ...shared } = change;
  for (const { id, ownProvenance } of await queries.listAssetsOfKit(dependencies.pool, kitId))
    if (!ownProvenance) await changeProvenance(dependencies, id, { change: shared, why: 'as the kit' }, person, false);
}

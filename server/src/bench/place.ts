import type { Sheet, StandInAsset } from '@haveld/contract/api/bench';
import type { Person } from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import { FINDING_KINDS } from '@haveld/contract/finding-kinds';
import type { Step } from '@haveld/contract/step';
import { formatAccession } from '../assets/accession';
import * as answerQueries from '../assets/answer-queries';
import * as assetQueries from '../assets/asset-queries';
import { mustFind } from '../assets/service';
import { listStandIns } from '../assets/sized-assets';
import { transact, type Executor } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { applyAnswer } from './answering';
import { listFindings } from './findings';
import { getSheet } from './service';

/**
 * Takes the place of a catalogued asset, or gives it back: then the answers that came with it go, and no others.
 * @throws {DomainError} where that asset is not there, or is this one
 */
export async function takePlace(
  { pool }: Dependencies,
  id: string,
  { assetId, answers }: { assetId: string | null; answers: Partial<Record<'size' | 'front-axis' | 'pivot', Step[]>> },
  person: Person,
): Promise<Sheet> {
  await transact(pool, async (tx) => {
    const asset = await assetQueries.lockAsset(tx, id);
    if (!asset) throw new DomainError('not-found', 'There is no such asset.');
    if (assetId === id) throw new DomainError('bad-request', 'An asset cannot take its own place.');
    const other = assetId === null ? null : await assetQueries.findAsset(tx, assetId);
    if (assetId !== null && other?.state !== 'catalogued')
      throw new DomainError('not-found', 'The asset whose place it should take is not in the catalogue.');
    const { findings } = await listFindings(tx, asset);
    const known = await answerQueries.listAnswers(tx, id);
    for (const finding of findings.filter(({ kind }) => FINDING_KINDS[kind].comesWithPlace)) {
      const steps = answers[finding.kind as keyof typeof answers];
      const before = known.get(finding.key);
      const isOurs = before?.kind === 'own' && before.standsFor !== undefined;
      if (other && steps?.length)
        await applyAnswer(
          tx,
          asset,
          finding,
          {
            kind: 'own',
            steps,
            summary: `in the place of ${formatAccession(other.accession)}`,
            standsFor: other.id,
          },
          person,
        );
      else if (isOurs) await applyAnswer(tx, asset, finding, null, person);
    }
    await assetQueries.setStandsFor(tx, id, assetId);
    await bumpRevision(tx);
  });
  return getSheet(pool, id);
}

/** @returns what a person may stand an asset beside */
export async function listStandInsOf(db: Executor, id: string, words: string): Promise<StandInAsset[]> {
  return listStandIns(db, await mustFind(db, id), words);
}

import type { Pool } from 'mysql2/promise';
import { transact } from '../database/pool';
import { bumpRevision } from '../database/revision';
import { today } from '../house/today';
import { listHoldings } from '../projects/holdings';
import { reopenLapsed } from '../rights/reopen-projects';
import * as ledger from './ledger-queries';

/** Judges what every live project holds, opens those again whose grants have ended, and keeps what is refused for the strip and the list. */
export async function judgeUses(pool: Pool): Promise<void> {
  await reopenLapsed(pool, today());
  const refused = (await listHoldings(pool, { live: true })).flatMap((project) =>
    project.judged.flatMap(({ assetId, verdict }): ledger.RefusedUse[] =>
      verdict.verdict === 'not-allowed' || verdict.verdict === 'ask-first'
        ? [{ projectId: project.id, assetId, verdict: verdict.verdict, reason: verdict.reasons[0] }]
        : [],
    ),
  );
  await transact(pool, async (tx) => {
    await ledger.replaceRefused(tx, refused);
    await bumpRevision(tx);
  });
}

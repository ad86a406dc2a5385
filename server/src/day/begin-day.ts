import type { Pool } from 'mysql2/promise';
import type { Executor } from '../database/pool';
import { cancelUnsentGifts } from '../giving/queries';
import { loadRules } from '../house/rule-queries';
import { today } from '../house/today';
import { insertJob, purgeEnded, wasAskedFor } from '../jobs/job-queries';
import { listExpiring } from '../ledger/ledger-queries';
import { forgetOldChanges } from '../library/change-queries';
import { askForInsides } from '../library/handlers';
import { askForPages } from '../pages/ask-for-pages';
import { forgetEndedLinks } from '../people/link-queries';
import { forgetEndedSessions } from '../people/session-queries';
import { forgetEndedTokens } from '../people/token-queries';
import { forgetOldTries } from '../people/try-queries';
import { askForJudging } from '../rights/ask-for-judging';
import { refreshRightsMarks } from '../rights/state';

export const BEGIN_DAY = 'begin-day';

/** Asks once a day (UTC) for what the day alone changes. Called at the start and every minute; two servers that ask at once do it twice, and nothing is lost by it. */
export async function ensureDayBegun(db: Executor): Promise<void> {
  const day = today();
  if (!(await wasAskedFor(db, BEGIN_DAY, day)))
    await insertJob(db, { kind: BEGIN_DAY, subjectId: day, label: 'what a new day changes' });
}

/** Grants are told from so many days before they end. */
const LAPSES_SOON_DAYS = 60;
const PAGE = 500;

/** Tells grants that end soon or have ended, judges what projects hold by today, has pages asked again, gives up gifts that never came, and forgets old work. */
export async function beginDay(pool: Pool, signal: AbortSignal): Promise<void> {
  const soon = new Date(Date.now() + LAPSES_SOON_DAYS * 86_400_000).toISOString().slice(0, 10);
  for (let after = ''; ;) {
    signal.throwIfAborted();
    const ids = await listExpiring(pool, soon, after, PAGE);
    if (ids.length === 0) break;
    await refreshRightsMarks(pool, ids);
    after = ids[ids.length - 1];
  }
  await askForJudging(pool);
  await askForPages(pool);
  await askForInsides(pool);
  await purgeEnded(pool, (await loadRules(pool)).keepDoneWork);
  await cancelUnsentGifts(pool);
  for (const forget of [forgetOldTries, forgetEndedSessions, forgetEndedTokens, forgetEndedLinks, forgetOldChanges])
    await forget(pool);
}

import { randomUUID } from 'node:crypto';
import type { z } from 'zod';
import type { give, lookAtGift } from '@haveld/contract/api/giving';
import { DomainError } from '@haveld/contract/error';
import type { GiftSaid } from '@haveld/contract/giving';
import { composeStatement } from '@haveld/core/rights/giving/compose-statement';
import { judgeGivenFiles } from '@haveld/core/rights/giving/judge-given-files';
import { cancelArrival, announceArrival, noteStored } from '../arrivals/service';
import { listReceived } from '../arrivals/queries';
import { listAssetsOfArrivals } from '../assets/asset-queries';
import { setTakenDown } from '../assets/rights-mark-queries';
import { transact, type Executor } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { lockArrival, setArrivalState } from '../finds/arrival-queries';
import { listFinds, setFindState } from '../finds/find-queries';
import { loadBook } from '../house/book';
import { loadRules } from '../house/rule-queries';
import { today } from '../house/today';
import type { JobHandlers } from '../jobs/worker-loop';
import { createSecret, hashSecret } from '../people/secrets';
import { hashOf } from '../sources/context';
import { refreshRightsMarks } from '../rights/state';
import { giftStateOf, requireOpenLink, STATEMENT_NAME } from './links';
import * as queries from './queries';

/** What a giver agrees to, made of what they say. @throws {DomainError} where the link does not offer the licence */
async function writeStatement(db: Executor, link: queries.LinkRow, said: GiftSaid): Promise<string> {
  if (!link.licences.includes(said.licenceId))
    throw new DomainError('bad-request', 'This licence is none of those the link offers.');
  const { book, rules } = await loadBook(db);
  return composeStatement(said, book.getTerms(said.licenceId), { houseName: rules.houseName, day: today() });
}

/** The same for who holds a link, to be read before anything is sent. */
export async function readStatement(
  db: Executor,
  token: string,
  said: GiftSaid,
): Promise<{ statement: string; sha256: string }> {
  const statement = await writeStatement(db, await requireOpenLink(db, token), said);
  return { statement, sha256: hashOf(statement) };
}

/**
 * Announces a gift: an arrival like any other, under the name of who made the link, with the giver's statement beside its files.
 * @returns its secret, which stands nowhere else
 * @throws {DomainError} where the link takes nothing, or not this; where the giver has read other words than would be kept
 */
export async function takeGift(
  dependencies: Dependencies,
  { token, said, files, statementSha256 }: z.output<typeof give.body>,
  address: string,
): Promise<z.input<typeof give.response>> {
  const { pool, store } = dependencies;
  const link = await requireOpenLink(pool, token);
  const statement = await writeStatement(pool, link, said);
  if (hashOf(statement) !== statementSha256)
    throw new DomainError('out-of-step', 'The words have changed since you read them; read them again and agree anew.');
  const total = files.reduce((sum, { sizeBytes }) => sum + sizeBytes, 0);
  if (total > link.mostBytes)
    throw new DomainError(
      'too-large',
      `These files are ${toMb(total)} MB together; at most ${toMb(link.mostBytes)} MB are taken per contribution.`,
    );
  const notWanted = judgeGivenFiles(
    files.map(({ path }) => path),
    link.kinds,
  );
  const wanted = files.filter(({ path }) => !notWanted.has(path) && path !== STATEMENT_NAME);
  if (wanted.length === 0) throw new DomainError('bad-request', [...notWanted.values()][0] ?? 'No file was named.');
  const kept = await store.put(new TextEncoder().encode(statement));
  const [id, secret] = [randomUUID(), createSecret()];
  const { received, refused } = await announceArrival(
    dependencies,
    { id: link.personId },
    {
      id,
      name: nameGift(wanted.map(({ path }) => path)),
      files: [...wanted, { path: STATEMENT_NAME, sizeBytes: kept.sizeBytes }],
    },
  );
  const sent = received.filter(({ path }) => path !== STATEMENT_NAME);
  const own = received.find(({ path }) => path === STATEMENT_NAME);
  if (sent.length === 0) {
    await setArrivalState(pool, id, 'cancelled');
    throw new DomainError('bad-request', refused[0]);
  }
  await transact(pool, async (tx) => {
    // two gifts at once must not both be the last one
    await requireOpenLink(tx, token, true);
    await queries.insertGift(tx, {
      id,
      linkId: link.id,
      secretHash: hashSecret(secret),
      giver: said.giver,
      said,
      statementSha256: kept.sha256,
      address,
    });
    await bumpRevision(tx);
  }).catch(async (error: unknown) => {
    await setArrivalState(pool, id, 'cancelled');
    throw error;
  });
  if (own) await noteStored(dependencies, own.id, kept.sha256);
  return {
    secret,
    received: sent,
    refused: [...notWanted.values(), ...refused],
  };
}

const toMb = (bytes: number): number => Math.ceil(bytes / 1_000_000);

function nameGift(paths: readonly string[]): string {
  const [first] = paths;
  const top = first.includes('/') ? first.slice(0, first.indexOf('/')) : first;
  const name = paths.length === 1 || first.includes('/') ? top : `${top} and ${paths.length - 1} more`;
  return name.slice(0, LONGEST_NAME);
}

/** Of an arrival. */
const LONGEST_NAME = 250;

/** @throws {DomainError} where no gift has this secret */
async function requireGift(db: Executor, secret: string): Promise<queries.GiftRow> {
  const gift = await queries.findGift(db, hashSecret(secret));
  if (!gift)
    throw new DomainError('not-found', 'No contribution has this receipt. Its address ends in a long word after a #.');
  return gift;
}

/** @throws {DomainError} where a file is none of this gift, or the gift was withdrawn */
export async function requireOfGift(db: Executor, secret: string, arrivalId: string | undefined): Promise<void> {
  const gift = await requireGift(db, secret);
  if (gift.id !== arrivalId) throw new DomainError('not-found', 'This file does not belong to this contribution.');
  if (gift.withdrawnAt) throw new DomainError('out-of-step', 'This contribution was withdrawn.');
}

/** A gift for whoever gave it. Nothing of the library is said: of doubles only those among the giver's own. */
export async function lookAt(
  { pool, store }: Dependencies,
  secret: string,
  others: readonly string[],
): Promise<z.input<typeof lookAtGift.response>> {
  const gift = await requireGift(pool, secret);
  const [rules, received, statement, before, held] = await Promise.all([
    loadRules(pool),
    listReceived(pool, [gift.id]),
    store.get(gift.statementSha256),
    queries.listGivenBefore(pool, gift.id, others.map(hashSecret)),
    queries.isHeld(pool, await queries.listArrivalsOf(pool, gift.id)),
  ]);
  return {
    houseName: rules.houseName,
    linkName: gift.linkName,
    said: gift.said,
    givenAt: gift.givenAt.toISOString(),
    statement: new TextDecoder().decode(statement),
    statementSha256: gift.statementSha256,
    files: received
      .filter(({ path }) => path !== STATEMENT_NAME)
      .map(({ id, path, sizeBytes, sha256, uploadId }) => ({
        id,
        path,
        sizeBytes,
        isHere: sha256 !== null || uploadId !== null,
        sha256,
        alreadyGiven: sha256 !== null && before.has(sha256),
      })),
    state: giftStateOf(gift),
    stays: held ? STAYS : null,
  };
}

const STAYS = 'It stands in the catalogue by now. Write to the house if it should not.';
const WITHDRAWN = 'Withdrawn by its contributor.';

/**
 * Takes a gift back: what is still read is stopped, its finds are set aside, what lies on the bench is marked as taken down. Its
 * bytes stay as evidence of what was given and withdrawn.
 * @throws {DomainError} where something of it is held
 */
export async function withdraw(dependencies: Dependencies, handlers: JobHandlers, secret: string): Promise<void> {
  const { pool } = dependencies;
  const gift = await requireGift(pool, secret);
  if (gift.withdrawnAt) return;
  await transact(pool, async (tx) => {
    await lockArrival(tx, gift.id);
    const arrivals = await queries.listArrivalsOf(tx, gift.id);
    if (await queries.isHeld(tx, arrivals)) throw new DomainError('out-of-step', STAYS);
    await queries.setWithdrawn(tx, gift.id);
    const ids = (await listAssetsOfArrivals(tx, arrivals)).map((asset) => asset.id);
    for (const id of ids) await setTakenDown(tx, id, WITHDRAWN);
    await refreshRightsMarks(tx, ids);
    for (const find of await listFinds(tx, arrivals))
      if (find.state !== 'on-bench') await setFindState(tx, find.id, 'set-aside', WITHDRAWN);
    await bumpRevision(tx);
  });
  if (gift.arrivalState !== 'ready')
    await cancelArrival(dependencies, handlers, gift.id, { id: gift.personId, role: 'curator' }).catch(
      (error: unknown) => {
        // it came to its end just now: its finds are set aside
        if (!(error instanceof DomainError)) throw error;
      },
    );
}

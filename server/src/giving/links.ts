import { randomUUID } from 'node:crypto';
import type { z } from 'zod';
import type { Gift, GivingLink, GivingLinkGiven, lookAtGiving, OfferedLicence } from '@haveld/contract/api/giving';
import type { Person } from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import { describeGrant } from '@haveld/core/rights/giving/describe-grant';
import type { LicenceBook } from '@haveld/core/rights/licence-book';
import type { Executor } from '../database/pool';
import { bumpRevision } from '../database/revision';
import { loadBook } from '../house/book';
import { today } from '../house/today';
import { createSecret, hashSecret } from '../people/secrets';
import * as queries from './queries';

/** Lies beside the files of a gift and is read like every text that comes with a model. */
export const STATEMENT_NAME = 'statement of the giver.txt';

/** Links of the house, with what came by each. */
export async function listLinks(db: Executor): Promise<GivingLink[]> {
  return (await queries.listLinks(db)).map(({ personId: _personId, endedAt, isOver, createdAt, ...link }) => ({
    ...link,
    createdAt: createdAt.toISOString(),
    state: stateOf({ endedAt, isOver, gifts: link.gifts, mostGifts: link.mostGifts }),
  }));
}

const stateOf = ({
  endedAt,
  isOver,
  gifts,
  mostGifts,
}: Pick<queries.LinkRow, 'endedAt' | 'isOver' | 'gifts' | 'mostGifts'>): GivingLink['state'] =>
  endedAt ? 'ended' : isOver ? 'over' : gifts >= mostGifts ? 'full' : 'open';

/** Makes one. @returns its token, which stands nowhere else. @throws {DomainError} for a day that is past, or a licence without a term sheet */
export async function makeLink(
  db: Executor,
  given: GivingLinkGiven,
  person: Person,
): Promise<{ id: string; token: string }> {
  if (given.endsOn < today()) throw new DomainError('bad-request', 'The day it ends is past already.');
  const { book } = await loadBook(db);
  const unlisted = given.licences.find((id) => !book.isListed(id));
  if (unlisted !== undefined)
    throw new DomainError(
      'bad-request',
      `“${unlisted}” has no term sheet, so that no giver could know what they grant.`,
    );
  const [id, token] = [randomUUID(), createSecret()];
  await queries.insertLink(db, { ...given, id, tokenHash: hashSecret(token), personId: person.id });
  await bumpRevision(db);
  return { id, token };
}

/** No more gifts come by it. */
export async function endLink(db: Executor, id: string): Promise<void> {
  if (!(await queries.endLink(db, id))) throw new DomainError('not-found', 'There is no such link, or it has ended.');
  await bumpRevision(db);
}

/** What was given by a link. */
export async function listGifts(db: Executor, linkId: string): Promise<Gift[]> {
  return (await queries.listGifts(db, linkId, STATEMENT_NAME)).map((gift) => ({
    id: gift.id,
    giver: gift.giver,
    isOwnWork: gift.said.isOwnWork,
    licenceId: gift.said.licenceId,
    givenAt: gift.givenAt.toISOString(),
    address: gift.address,
    statementSha256: gift.statementSha256,
    files: gift.files,
    sizeBytes: gift.sizeBytes,
    state: giftStateOf(gift),
  }));
}

/** Where a gift stands, for the house and for its giver alike. */
export const giftStateOf = ({
  withdrawnAt,
  arrivalState,
}: Pick<queries.GiftRow, 'withdrawnAt' | 'arrivalState'>): Gift['state'] =>
  withdrawnAt
    ? 'withdrawn'
    : arrivalState === 'receiving'
      ? 'coming'
      : arrivalState === 'cancelled'
        ? 'given-up'
        : 'here';

const WHY_CLOSED = {
  ended: 'This link takes no more: the house has ended it.',
  over: 'This link takes no more: its day is past.',
  full: 'This link takes no more: it has all the contributions it was made for.',
} as const;

/** @throws {DomainError} where it takes nothing, with why */
export async function requireOpenLink(db: Executor, token: string, lock = false): Promise<queries.LinkRow> {
  const link = await queries.findLinkByToken(db, hashSecret(token), lock);
  if (!link) throw new DomainError('not-found', 'This link opens nothing. Ask whoever gave it to you for a new one.');
  const state = stateOf(link);
  if (state !== 'open') throw new DomainError('out-of-step', WHY_CLOSED[state]);
  return link;
}

/** What a link asks for, to whoever holds it. */
export async function lookAtLink(db: Executor, token: string): Promise<z.input<typeof lookAtGiving.response>> {
  const link = await requireOpenLink(db, token);
  const { book, rules } = await loadBook(db);
  return {
    houseName: rules.houseName,
    name: link.name,
    words: link.words,
    endsOn: link.endsOn,
    giftsLeft: link.mostGifts - link.gifts,
    mostBytes: link.mostBytes,
    kinds: link.kinds,
    licences: offerLicences(book, link.licences),
  };
}

const offerLicences = (book: LicenceBook, ids: readonly string[]): OfferedLicence[] =>
  ids
    .filter((id) => book.isListed(id))
    .map((id) => {
      const terms = book.getTerms(id);
      return { id, name: terms.name, short: terms.short, url: terms.url, consequences: describeGrant(terms) };
    });

import type { GivingLinkGiven } from '@haveld/contract/api/giving';
import type { GiftSaid, GivenKind } from '@haveld/contract/giving';
import type { Executor } from '../database/pool';
import { many, maybeOne, one, placesFor, run } from '../database/statements';

export interface LinkRow extends GivingLinkGiven {
  id: string;
  personId: string;
  personName: string;
  createdAt: Date;
  endedAt: Date | null;
  /** What was given and not withdrawn; what never came whole is forgotten after a day. */
  gifts: number;
  isOver: boolean;
}

type StoredLink = Omit<LinkRow, 'kinds' | 'licences' | 'isOver'> & { kinds: string; licences: string; isOver: number };

const LINK = `SELECT giving_link.id, giving_link.name, words, DATE_FORMAT(ends_on, '%Y-%m-%d') AS endsOn, most_gifts AS mostGifts, most_bytes AS mostBytes,
  kinds, licences, giving_link.person_id AS personId, person.name AS personName, giving_link.created_at AS createdAt, ended_at AS endedAt,
  ends_on < UTC_DATE() AS isOver,
  (SELECT COUNT(*) FROM gift JOIN arrival ON arrival.id = gift.id WHERE gift.link_id = giving_link.id AND withdrawn_at IS NULL
     AND (arrival.state <> 'receiving' OR gift.given_at > UTC_TIMESTAMP(3) - INTERVAL 1 DAY)) AS gifts
  FROM giving_link JOIN person ON person.id = giving_link.person_id`;

const parseLink = (row: StoredLink): LinkRow => ({
  ...row,
  kinds: JSON.parse(row.kinds) as GivenKind[],
  licences: JSON.parse(row.licences) as string[],
  isOver: row.isOver === 1,
});

/** The latest first. */
export const listLinks = async (db: Executor): Promise<LinkRow[]> =>
  (await many<StoredLink>(db, `${LINK} ORDER BY giving_link.created_at DESC, giving_link.id LIMIT 500`)).map(parseLink);

/** @returns null where no link has this token. @param lock until the transaction ends */
export async function findLinkByToken(db: Executor, tokenHash: string, lock = false): Promise<LinkRow | null> {
  const row = await maybeOne<StoredLink>(db, `${LINK} WHERE token_hash = ?${lock ? ' FOR UPDATE' : ''}`, [tokenHash]);
  return row && parseLink(row);
}

/** Writes a link down. */
export const insertLink = (
  db: Executor,
  { id, tokenHash, personId, ...link }: GivingLinkGiven & { id: string; tokenHash: string; personId: string },
): Promise<unknown> =>
  run(
    db,
    'INSERT INTO giving_link (id, token_hash, name, words, ends_on, most_gifts, most_bytes, kinds, licences, person_id) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)',
    [
      id,
      tokenHash,
      link.name,
      link.words,
      link.endsOn,
      link.mostGifts,
      link.mostBytes,
      JSON.stringify(link.kinds),
      JSON.stringify(link.licences),
      personId,
    ],
  );

/** @returns false where there is no such link, or it has ended */
export const endLink = async (db: Executor, id: string): Promise<boolean> =>
  (await run(db, 'UPDATE giving_link SET ended_at = UTC_TIMESTAMP(3) WHERE id = ? AND ended_at IS NULL', [id]))
    .affected === 1;

export interface GiftRow {
  /** Of its arrival too. */
  id: string;
  linkId: string;
  linkName: string;
  /** Who made the link: gifts come in under their name. */
  personId: string;
  giver: string;
  said: GiftSaid;
  statementSha256: string;
  address: string;
  givenAt: Date;
  withdrawnAt: Date | null;
  arrivalState: string;
}

const GIFT = `SELECT gift.id, link_id AS linkId, giving_link.name AS linkName, giving_link.person_id AS personId, giver, said, statement_sha256 AS statementSha256,
  address, given_at AS givenAt, withdrawn_at AS withdrawnAt, arrival.state AS arrivalState
  FROM gift JOIN giving_link ON giving_link.id = link_id JOIN arrival ON arrival.id = gift.id`;
type StoredGift = Omit<GiftRow, 'said'> & { said: string };
const parseGift = (row: StoredGift): GiftRow => ({ ...row, said: JSON.parse(row.said) as GiftSaid });

/** Gifts of a link with what came of each besides its statement, the latest first. */
export async function listGifts(
  db: Executor,
  linkId: string,
  statementName: string,
): Promise<(GiftRow & { files: number; sizeBytes: number })[]> {
  const rows = await many<StoredGift & { files: number; sizeBytes: number }>(
    db,
    `SELECT listed.*, (SELECT COUNT(*) FROM received WHERE received.arrival_id = listed.id AND path <> ?) AS files,
       (SELECT COALESCE(SUM(size_bytes), 0) FROM received WHERE received.arrival_id = listed.id AND path <> ?) AS sizeBytes
     FROM (${GIFT} WHERE link_id = ?) AS listed ORDER BY givenAt DESC, id LIMIT 1000`,
    [statementName, statementName, linkId],
  );
  return rows.map((row) => ({ ...parseGift(row), files: row.files, sizeBytes: Number(row.sizeBytes) }));
}

/** @returns null where no gift has this secret */
export async function findGift(db: Executor, secretHash: string): Promise<GiftRow | null> {
  const row = await maybeOne<StoredGift>(db, `${GIFT} WHERE secret_hash = ?`, [secretHash]);
  return row && parseGift(row);
}

/** Writes a gift down. */
export const insertGift = (
  tx: Executor,
  gift: Pick<GiftRow, 'id' | 'linkId' | 'giver' | 'said' | 'statementSha256' | 'address'> & { secretHash: string },
): Promise<unknown> =>
  run(
    tx,
    'INSERT INTO gift (id, link_id, secret_hash, giver, said, statement_sha256, address) VALUES (?, ?, ?, ?, ?, ?, ?)',
    [gift.id, gift.linkId, gift.secretHash, gift.giver, JSON.stringify(gift.said), gift.statementSha256, gift.address],
  );

/** What was announced and not sent for a week is given up; its uploads are swept by then. */
export const cancelUnsentGifts = (db: Executor): Promise<unknown> =>
  run(
    db,
    `UPDATE arrival JOIN gift ON gift.id = arrival.id SET arrival.state = 'cancelled'
     WHERE arrival.state = 'receiving' AND gift.given_at < UTC_TIMESTAMP(3) - INTERVAL 7 DAY`,
  );

/** Its giver took it back. */
export const setWithdrawn = (tx: Executor, id: string): Promise<unknown> =>
  run(tx, 'UPDATE gift SET withdrawn_at = UTC_TIMESTAMP(3) WHERE id = ?', [id]);

/** Which of these bytes came with other gifts. */
export async function listGivenBefore(
  db: Executor,
  giftId: string,
  secretHashes: readonly string[],
): Promise<Set<string>> {
  if (secretHashes.length === 0) return new Set();
  const rows = await many<{ sha256: string }>(
    db,
    `SELECT DISTINCT received.sha256 FROM received JOIN gift ON gift.id = received.arrival_id
     WHERE gift.secret_hash IN (${secretHashes.map(() => '?').join(', ')}) AND gift.id <> ? AND gift.withdrawn_at IS NULL AND received.sha256 IS NOT NULL`,
    [...secretHashes, giftId],
  );
  return new Set(rows.map(({ sha256 }) => sha256));
}

/** The arrival of a gift, and those it was joined into: what it is now lies in the last. */
export const listArrivalsOf = async (db: Executor, giftId: string): Promise<string[]> =>
  (
    await many<{ id: string }>(
      db,
      `WITH RECURSIVE way AS (SELECT id, joined_into FROM arrival WHERE id = ?
         UNION ALL SELECT arrival.id, arrival.joined_into FROM arrival JOIN way ON arrival.id = way.joined_into)
       SELECT id FROM way`,
      [giftId],
    )
  ).map(({ id }) => id);

/** @returns whether anything of these arrivals stands in the catalogue, or was handed to a project */
export const isHeld = async (db: Executor, arrivalIds: readonly string[]): Promise<boolean> =>
  (
    await one<{ held: number }>(
      db,
      `SELECT EXISTS (SELECT 1 FROM find JOIN asset ON asset.find_id = find.id WHERE find.arrival_id IN (${placesFor(arrivalIds)})
         AND (asset.state = 'catalogued' OR EXISTS (SELECT 1 FROM hand_over WHERE hand_over.asset_id = asset.id))) AS held`,
      [...arrivalIds],
    )
  ).held === 1;

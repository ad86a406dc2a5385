import { AboutSchema, type About, type Colleague, type Notice } from '@haveld/contract/api/remarks';
import type { Executor } from '../database/pool';
import { insertMany, many, manyIn, maybeOne, one, placesFor, run } from '../database/statements';

export interface RemarkRow {
  id: string;
  about: About;
  text: string;
  personName: string;
  at: Date;
  resolvedBy: string | null;
  resolvedAt: Date | null;
}

/** Remarks on an asset, open ones first, then the latest. */
export const listRemarks = async (db: Executor, assetId: string): Promise<RemarkRow[]> =>
  (
    await many<RemarkRow & { about: string }>(
      db,
      `SELECT remark.id, remark.about, remark.text, person.name AS personName, remark.at, resolver.name AS resolvedBy, remark.resolved_at AS resolvedAt
       FROM remark JOIN person ON person.id = remark.person_id LEFT JOIN person AS resolver ON resolver.id = remark.resolved_by
       WHERE remark.asset_id = ? ORDER BY remark.resolved_at IS NOT NULL, remark.at DESC, remark.id`,
      [assetId],
    )
  ).map((row) => ({ ...row, about: AboutSchema.parse(JSON.parse(row.about)) }));

export interface AnswerRow {
  id: string;
  remarkId: string;
  text: string;
  personName: string;
  at: Date;
}

/** Answers to these remarks, in their order. */
export const listAnswers = (db: Executor, remarkIds: readonly string[]): Promise<AnswerRow[]> =>
  manyIn(
    db,
    remarkIds,
    (
      places,
    ) => `SELECT remark_answer.id, remark_answer.remark_id AS remarkId, remark_answer.text, person.name AS personName, remark_answer.at
     FROM remark_answer JOIN person ON person.id = remark_answer.person_id WHERE remark_answer.remark_id IN (${places}) ORDER BY remark_answer.at, remark_answer.id`,
  );

/** Locks a remark until the transaction ends. @returns the asset it is on, or null */
export const lockRemark = (tx: Executor, id: string): Promise<{ assetId: string; personId: string } | null> =>
  maybeOne(tx, 'SELECT asset_id AS assetId, person_id AS personId FROM remark WHERE id = ? FOR UPDATE', [id]);

export const insertRemark = (
  tx: Executor,
  remark: { id: string; assetId: string; about: About; text: string; personId: string },
): Promise<unknown> =>
  run(tx, 'INSERT INTO remark (id, asset_id, about, text, person_id) VALUES (?, ?, ?, ?, ?)', [
    remark.id,
    remark.assetId,
    JSON.stringify(remark.about),
    remark.text,
    remark.personId,
  ]);

export const insertAnswer = (
  tx: Executor,
  answer: { id: string; remarkId: string; text: string; personId: string },
): Promise<unknown> =>
  run(tx, 'INSERT INTO remark_answer (id, remark_id, text, person_id) VALUES (?, ?, ?, ?)', [
    answer.id,
    answer.remarkId,
    answer.text,
    answer.personId,
  ]);

/** Resolves a remark, or opens it again; whoever resolved it first stays written down. */
export const setResolved = (tx: Executor, id: string, personId: string | null): Promise<unknown> =>
  personId === null
    ? run(tx, 'UPDATE remark SET resolved_by = NULL, resolved_at = NULL WHERE id = ?', [id])
    : run(
        tx,
        'UPDATE remark SET resolved_by = ?, resolved_at = UTC_TIMESTAMP(3) WHERE id = ? AND resolved_at IS NULL',
        [personId, id],
      );

/** Who brought an asset in. */
export const findBringer = async (db: Executor, assetId: string): Promise<string | null> =>
  (
    await maybeOne<{ personId: string }>(
      db,
      'SELECT arrival.person_id AS personId FROM asset JOIN find ON find.id = asset.find_id JOIN arrival ON arrival.id = find.arrival_id WHERE asset.id = ?',
      [assetId],
    )
  )?.personId ?? null;

/** Who said something in a remark: whoever wrote it, and whoever answered. */
export const listTakingPart = async (db: Executor, remarkId: string): Promise<string[]> =>
  (
    await many<{ personId: string }>(
      db,
      'SELECT person_id AS personId FROM remark WHERE id = ? UNION SELECT person_id FROM remark_answer WHERE remark_id = ?',
      [remarkId, remarkId],
    )
  ).map(({ personId }) => personId);

/** Everybody who works here and can sign in; guests are told of no remarks. */
export const listColleagues = (db: Executor): Promise<Colleague[]> =>
  many(db, "SELECT id, name, sign_in AS signIn FROM person WHERE role <> 'guest' AND removed_at IS NULL ORDER BY name");

export interface NewNotice {
  id: string;
  personId: string;
  remarkId: string;
  answerId: string | null;
  reason: Notice['reason'];
}

export const insertNotices = (tx: Executor, notices: readonly NewNotice[]): Promise<void> =>
  insertMany(
    tx,
    'notice',
    ['id', 'person_id', 'remark_id', 'answer_id', 'reason'],
    notices.map(({ id, personId, remarkId, answerId, reason }) => [id, personId, remarkId, answerId, reason]),
  );

export interface NoticeRow {
  id: string;
  reason: Notice['reason'];
  assetId: string;
  accession: number;
  assetName: string;
  assetState: string;
  personName: string;
  text: string;
  at: Date;
  readAt: Date | null;
}

const NOTICE = `SELECT notice.id, notice.reason, asset.id AS assetId, asset.accession, asset.name AS assetName, asset.state AS assetState,
  person.name AS personName, COALESCE(remark_answer.text, remark.text) AS text, notice.at, notice.read_at AS readAt
  FROM notice JOIN remark ON remark.id = notice.remark_id LEFT JOIN remark_answer ON remark_answer.id = notice.answer_id
  JOIN asset ON asset.id = remark.asset_id JOIN person ON person.id = COALESCE(remark_answer.person_id, remark.person_id)`;

/** What somebody was told, the latest first. */
export const listNotices = (db: Executor, personId: string, most: number): Promise<NoticeRow[]> =>
  many(db, `${NOTICE} WHERE notice.person_id = ? ORDER BY notice.at DESC, notice.id LIMIT ?`, [personId, most]);

/** A notice with who it is for, or null. */
export const findNotice = (db: Executor, id: string): Promise<(NoticeRow & { signIn: string; name: string }) | null> =>
  maybeOne(
    db,
    `SELECT told.sign_in AS signIn, told.name, one.* FROM (${NOTICE} WHERE notice.id = ?) AS one
     JOIN notice ON notice.id = one.id JOIN person AS told ON told.id = notice.person_id`,
    [id],
  );

export const setRead = (db: Executor, personId: string, ids: readonly string[]): Promise<unknown> =>
  run(
    db,
    `UPDATE notice SET read_at = UTC_TIMESTAMP(3) WHERE read_at IS NULL AND person_id = ? AND id IN (${placesFor(ids)})`,
    [personId, ...ids],
  );

/** How much somebody was told that they have not read. */
export const countUnread = async (db: Executor, personId: string): Promise<number> =>
  (await one<{ n: number }>(db, 'SELECT COUNT(*) AS n FROM notice WHERE person_id = ? AND read_at IS NULL', [personId]))
    .n;

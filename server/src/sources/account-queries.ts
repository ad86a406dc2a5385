import type { Executor } from '../database/pool';
import { many, run } from '../database/statements';

export interface AccountRow {
  kind: string;
  tokenSealed: string | null;
  tokenBy: string | null;
  tokenAt: Date | null;
  termsSha256: string | null;
  termsBy: string | null;
  termsAt: Date | null;
}

/** What the house has at each source. */
export const listAccounts = (db: Executor): Promise<AccountRow[]> =>
  many(
    db,
    `SELECT kind, token_sealed AS tokenSealed, keeper.name AS tokenBy, token_at AS tokenAt,
       terms_sha256 AS termsSha256, accepter.name AS termsBy, terms_at AS termsAt
     FROM source_account LEFT JOIN person AS keeper ON keeper.id = token_by
     LEFT JOIN person AS accepter ON accepter.id = terms_by`,
  );

/** @param sealed null forgets it */
export const storeToken = (db: Executor, kind: string, sealed: string | null, personId: string): Promise<unknown> =>
  run(
    db,
    `INSERT INTO source_account (kind, token_sealed, token_by, token_at) VALUES (?, ?, ?, UTC_TIMESTAMP(3))
     ON DUPLICATE KEY UPDATE token_sealed = VALUES(token_sealed), token_by = VALUES(token_by), token_at = VALUES(token_at)`,
    [kind, sealed, personId],
  );

/** Notes which terms were accepted, by whom. */
export const storeTerms = (db: Executor, kind: string, sha256: string, personId: string): Promise<unknown> =>
  run(
    db,
    `INSERT INTO source_account (kind, terms_sha256, terms_by, terms_at) VALUES (?, ?, ?, UTC_TIMESTAMP(3))
     ON DUPLICATE KEY UPDATE terms_sha256 = VALUES(terms_sha256), terms_by = VALUES(terms_by), terms_at = VALUES(terms_at)`,
    [kind, sha256, personId],
  );

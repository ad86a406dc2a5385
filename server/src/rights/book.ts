import { RightsRulesSchema, type RightsRules } from '@haveld/contract/api/rights';
import { TermsSchema, type Terms } from '@haveld/contract/terms';
import { createLicenceBook, type LicenceBook } from '@haveld/core/rights/licence-book';
import { many, maybeOne, run, type Executor } from '../database/pool';

/** The house rules of rights, as they stand. */
export async function loadRules(db: Executor): Promise<RightsRules> {
  const row = await maybeOne<{ value: string }>(db, "SELECT value FROM house_rule WHERE name = 'rights'");
  return RightsRulesSchema.parse(row ? JSON.parse(row.value) : {});
}

export async function storeRules(tx: Executor, rules: RightsRules, personId: string): Promise<void> {
  await run(tx, "REPLACE INTO house_rule (name, value, person_id) VALUES ('rights', ?, ?)", [
    JSON.stringify(rules),
    personId,
  ]);
}

export interface OwnLicence {
  terms: Terms;
  text: string;
}

const listOwnLicences = async (db: Executor): Promise<OwnLicence[]> =>
  (await many<{ terms: string; text: string }>(db, 'SELECT terms, text FROM licence ORDER BY id')).map(
    ({ terms, text }) => ({
      terms: TermsSchema.parse(JSON.parse(terms)),
      text,
    }),
  );

/** Licences and rules as the house has them today. */
export interface HouseBook {
  book: LicenceBook;
  rules: RightsRules;
  own: OwnLicence[];
}

export async function loadBook(db: Executor): Promise<HouseBook> {
  const [rules, own] = await Promise.all([loadRules(db), listOwnLicences(db)]);
  return {
    book: createLicenceBook(
      own.map(({ terms }) => terms),
      rules.standings,
    ),
    rules,
    own,
  };
}

/** `2026-11-26`, in UTC. */
export const today = (): string => new Date().toISOString().slice(0, 10);

import { HouseRulesSchema, type HouseRules } from '@haveld/contract/house-rules';
import type { Executor } from '../database/pool';
import { maybeOne, run } from '../database/statements';

/** The house rules as they stand. */
export async function loadRules(db: Executor): Promise<HouseRules> {
  const row = await maybeOne<{ value: string }>(db, "SELECT value FROM house_rule WHERE name = 'rules'");
  return HouseRulesSchema.parse(row ? JSON.parse(row.value) : {});
}

/** Locks the rules until the transaction ends. @returns who changed them last; null for nobody */
export const lockRules = (tx: Executor): Promise<{ id: string; name: string } | null> =>
  maybeOne(
    tx,
    "SELECT person.id, person.name FROM house_rule JOIN person ON person.id = house_rule.person_id WHERE house_rule.name = 'rules' FOR UPDATE",
  );

/** Keeps the rules, and who changed them last. */
export const storeRules = (tx: Executor, rules: HouseRules, personId: string): Promise<unknown> =>
  run(tx, "REPLACE INTO house_rule (name, value, person_id) VALUES ('rules', ?, ?)", [JSON.stringify(rules), personId]);

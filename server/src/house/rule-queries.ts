import { HouseRulesSchema, type HouseRules } from '@haveld/contract/house-rules';
import type { Executor } from '../database/pool';
import { maybeOne, run } from '../database/statements';

/** The house rules as they stand. */
export async function loadRules(db: Executor): Promise<HouseRules> {
  const row = await maybeOne<{ value: string }>(db, "SELECT value FROM house_rule WHERE name = 'rules'");
  return HouseRulesSchema.parse(row ? JSON.parse(row.value) : {});
}

/** Keeps the rules, and who changed them last. */
export const storeRules = (tx: Executor, rules: HouseRules, personId: string): Promise<unknown> =>
  run(tx, "REPLACE INTO house_rule (name, value, person_id) VALUES ('rules', ?, ?)", [JSON.stringify(rules), personId]);

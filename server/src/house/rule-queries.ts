import { type RightsRules, RightsRulesSchema } from '@haveld/contract/api/rights';
import type { Executor } from '../database/pool';
import { maybeOne, run } from '../database/statements';

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

import type { RightsRules } from '@haveld/contract/api/rights';
import type { RightsFinding, Provenance } from '@haveld/contract/licence';
import { proposeProvenance } from '@haveld/core/rights/propose-provenance';

/** What is proposed of a find: by its evidence, else by what the house says of its source. */
export function proposeByRules(rules: RightsRules, found: RightsFinding, name: string): Provenance {
  const proposed = proposeProvenance(found, name);
  const usual =
    found.licences.length === 0
      ? rules.sourceDefaults.find(({ source }) => source.toLowerCase() === proposed.source.toLowerCase())
      : undefined;
  return usual ? { ...proposed, licenceId: usual.licenceId, statedGrant: usual.statedGrant } : proposed;
}

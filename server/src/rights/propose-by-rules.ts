import type { HouseRules } from '@haveld/contract/house-rules';
import type { RightsFinding, Provenance } from '@haveld/contract/licence';

/** What is proposed of a reading: by its evidence, else by what the house says of its source. */
export function proposeByRules(
  rules: HouseRules,
  { rights: found, proposed }: { rights: RightsFinding; proposed: Provenance },
): Provenance {
  const usual =
    found.licences.length === 0
      ? rules.sourceDefaults.find(({ source }) => source.toLowerCase() === proposed.source.toLowerCase())
      : undefined;
  return usual ? { ...proposed, licenceId: usual.licenceId, statedGrant: usual.statedGrant } : proposed;
}

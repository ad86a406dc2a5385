import { useQuery } from '@tanstack/react-query';
import { HOUSE_RULES, type HouseRules } from '@haveld/contract/house-rules';
import { houseRulesQuery } from '../api/queries';

/** The house rules; those that ship until they are there. */
export const useHouseRules = (): HouseRules => useQuery(houseRulesQuery).data ?? HOUSE_RULES;

import { HouseRulesSchema } from '../house-rules';
import { endpoint } from './endpoint';

export const getHouseRules = endpoint({
  method: 'get',
  path: '/api/house/rules',
  summary: 'The house rules as they stand',
  response: HouseRulesSchema,
});

export const saveHouseRules = endpoint({
  method: 'put',
  path: '/api/house/rules',
  summary: 'Changes the house rules; how all rights stand is worked out anew',
  body: HouseRulesSchema,
  response: HouseRulesSchema,
});

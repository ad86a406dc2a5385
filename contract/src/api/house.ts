import { HouseRulesSchema } from '../house-rules';
import { endpoint } from './endpoint';

export const getHouseRules = endpoint({
  method: 'get',
  path: '/api/house/rules',
  may: 'guest',
  summary: 'The house rules as they stand',
  response: HouseRulesSchema,
});

export const saveHouseRules = endpoint({
  method: 'put',
  path: '/api/house/rules',
  may: 'curator',
  summary: 'Changes the house rules; how all rights stand is worked out anew',
  body: HouseRulesSchema.extend({
    /** As it was when the person looked: where somebody else changed the same meanwhile, they are told and nothing is changed. Left out, it is replaced. */
    seen: HouseRulesSchema.optional(),
  }),
  response: HouseRulesSchema,
});

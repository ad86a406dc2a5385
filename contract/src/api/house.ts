import { z } from 'zod';
import { HouseRulesSchema } from '../house-rules';
import { endpoint } from './endpoint';

const Nothing = z.object({});

export const getHouseRules = endpoint({
  method: 'get',
  path: '/api/house/rules',
  summary: 'The house rules as they stand',
  params: Nothing,
  query: Nothing,
  body: Nothing,
  response: HouseRulesSchema,
});

export const saveHouseRules = endpoint({
  method: 'put',
  path: '/api/house/rules',
  summary: 'Changes the house rules; how all rights stand is worked out anew',
  params: Nothing,
  query: Nothing,
  body: HouseRulesSchema,
  response: HouseRulesSchema,
});

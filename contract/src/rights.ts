import { z } from 'zod';
import { AssetStateSchema } from './asset-state';
import { endpoint } from './endpoint';
import { ProvenanceSchema, RightsFindingSchema, VerdictSchema } from './licence';
import { Nothing } from './people';

export const RightsRowSchema = z.object({
  id: z.string(),
  accession: z.string(),
  name: z.string(),
  state: AssetStateSchema,
  mark: z.enum(['look', 'blocks', 'holds']),
  title: z.string(),
  detail: z.string(),
  provenance: ProvenanceSchema,
  rights: RightsFindingSchema,
  projects: z.array(z.object({ id: z.string(), name: z.string(), verdict: VerdictSchema })),
  changes: z.array(
    z.object({ at: z.string(), personName: z.string(), field: z.string(), before: z.string(), after: z.string() }),
  ),
});
export type RightsRow = z.infer<typeof RightsRowSchema>;

export const RightsSchema = z.object({
  toSettle: z.array(RightsRowSchema),
  byLicence: z.array(z.object({ licenceId: z.string(), count: z.number() })),
  total: z.number(),
});
export type Rights = z.infer<typeof RightsSchema>;

export const getRights = endpoint({
  method: 'get',
  path: '/api/rights',
  summary: 'Rights to settle, and the library by licence',
  params: Nothing,
  query: Nothing,
  body: Nothing,
  response: RightsSchema,
});

import { z } from 'zod';
import { EvidenceSchema } from './finding';

/** What a project does with an asset, as the licence sees it. */
export const UseSchema = z.object({ commercial: z.boolean(), changed: z.boolean() });
export type IntendedUse = z.infer<typeof UseSchema>;

export const VERDICTS = ['allowed', 'allowed-with-duties', 'ask-first', 'not-allowed'] as const;
export const VerdictSchema = z.object({
  verdict: z.enum(VERDICTS),
  /** One sentence a reason, with the clause where there is one. */
  reasons: z.array(z.string()),
  duties: z.array(z.string()),
});
export type Verdict = z.infer<typeof VerdictSchema>;

/** What was found about whose a model is; each value with the passage it was read from. */
export const RightsFindingSchema = z.object({
  licences: z.array(z.object({ id: z.string(), confidence: z.number(), evidence: EvidenceSchema })),
  authors: z.array(z.object({ name: z.string(), confidence: z.number(), evidence: EvidenceSchema })),
  sources: z.array(z.object({ url: z.string(), evidence: EvidenceSchema })),
  titles: z.array(z.object({ title: z.string(), evidence: EvidenceSchema })),
  /** Words that look like a grant and are none, such as "free". */
  notGrants: z.array(EvidenceSchema),
});
export type RightsFinding = z.infer<typeof RightsFindingSchema>;

/** What the library holds to be true; `authorUnknown` is said on purpose, an empty author is not. */
export const ProvenanceSchema = z.object({
  title: z.string(),
  author: z.string(),
  authorUnknown: z.boolean(),
  licenceId: z.string(),
  source: z.string(),
  pageUrl: z.union([z.literal(''), z.url({ protocol: /^https?$/ })]),
  /** Words of the source's page, kept as evidence. */
  pageText: z.string(),
});
export type Provenance = z.infer<typeof ProvenanceSchema>;

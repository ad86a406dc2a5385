import { z } from 'zod';
import { AssetStateSchema } from '../asset-state';
import { FindingMarkSchema } from '../finding';
import {
  FurtherWorkSchema,
  ProvenanceSchema,
  RightsFindingSchema,
  VerdictSchema,
  WorkPartSchema,
  WorkSchema,
} from '../licence';
import { TermsSchema } from '../terms';
import { endpoint } from './endpoint';

const Id = z.object({ id: z.string() });

/** Evidence of 20 MiB, in base64, with what is said of it. */
const EVIDENCE_BYTES = 40 * 1024 * 1024;

const Why = z.string().max(1000).default('');

/** One line of what has to be settled. */
export const RightsRowSchema = z.object({
  id: z.string(),
  accession: z.string(),
  name: z.string(),
  state: AssetStateSchema,
  mark: FindingMarkSchema,
  title: z.string(),
  detail: z.string(),
  licenceId: z.string(),
  author: z.string(),
  source: z.string(),
  /** Live projects that hold it. */
  projects: z.array(z.object({ id: z.string(), name: z.string() })),
});
export type RightsRow = z.infer<typeof RightsRowSchema>;

export const RightsSchema = z.object({
  /** Worst first; those in live projects before the others. */
  toSettle: z.array(RightsRowSchema),
  toSettleCount: z.number(),
  byLicence: z.array(z.object({ licenceId: z.string(), count: z.number() })),
  total: z.number(),
  sameAuthors: z.array(z.object({ a: z.string(), b: z.string(), reason: z.string() })),
});
export type Rights = z.infer<typeof RightsSchema>;

export const getRights = endpoint({
  method: 'get',
  path: '/api/rights',
  may: 'artist',
  summary: 'Rights to settle, and the library by licence',
  response: RightsSchema,
});

export const LedgerQuestionSchema = z.object({
  words: z.string().max(200).default(''),
  by: z.enum(['licence', 'source', 'author']).default('licence'),
  /** One group of what it is ordered by; empty: all. */
  group: z.string().max(300).default(''),
  page: z.coerce.number().int().nonnegative().default(0),
});
export type LedgerQuestion = z.infer<typeof LedgerQuestionSchema>;

export const LEDGER_PAGE = 200;

export const LedgerSchema = z.object({
  /** Counts of the question without its group, most first; at most 200. */
  groups: z.array(z.object({ value: z.string(), count: z.number() })),
  total: z.number(),
  rows: z.array(RightsRowSchema.omit({ projects: true, detail: true }).extend({ title: z.string() })),
});
export type Ledger = z.infer<typeof LedgerSchema>;

export const getLedger = endpoint({
  method: 'get',
  path: '/api/rights/ledger',
  may: 'artist',
  summary: 'Every asset with its rights, by licence, source or author',
  query: LedgerQuestionSchema,
  response: LedgerSchema,
});

export const getLicenceMix = endpoint({
  method: 'get',
  path: '/api/rights/mix',
  may: 'artist',
  summary: 'How many assets stood under which licence, month by month',
  response: z.array(z.object({ month: z.string(), licenceId: z.string(), count: z.number() })),
});

export const EVIDENCE_KINDS = ['text', 'page', 'mail', 'receipt', 'agreement', 'note'] as const;

/** Evidence as it comes in: words, or a file's bytes in base64. */
export const NewEvidenceSchema = z.object({
  kind: z.enum(EVIDENCE_KINDS),
  name: z.string().min(1).max(300),
  note: z.string().max(2000).default(''),
  text: z.string().max(2_000_000).default(''),
  base64: z.string().max(28_000_000).default(''),
});
export type NewEvidence = z.infer<typeof NewEvidenceSchema>;

export const KeptEvidenceSchema = z.object({
  id: z.string(),
  kind: z.enum(EVIDENCE_KINDS),
  name: z.string(),
  note: z.string(),
  sha256: z.string(),
  sizeBytes: z.number(),
  personName: z.string(),
  at: z.string(),
});
export type KeptEvidence = z.infer<typeof KeptEvidenceSchema>;

export const ProvenanceChangeSchema = z.object({
  at: z.string(),
  personName: z.string(),
  field: z.string(),
  before: z.string(),
  after: z.string(),
  why: z.string(),
});

/** Everything about whose one asset is. */
export const AssetRightsSchema = z.object({
  id: z.string(),
  accession: z.string(),
  name: z.string(),
  state: AssetStateSchema,
  mark: FindingMarkSchema,
  title: z.string(),
  detail: z.string(),
  /** What is open, worst first; `look` can be settled by somebody's word. */
  open: z.array(z.object({ key: z.string(), mark: FindingMarkSchema, title: z.string(), detail: z.string() })),
  provenance: ProvenanceSchema,
  further: z.array(FurtherWorkSchema),
  rights: RightsFindingSchema,
  evidence: z.array(KeptEvidenceSchema),
  changes: z.array(ProvenanceChangeSchema),
  takenDown: z.string().nullable(),
  /** Live and ended ones that hold it, with what its licence says of each today. */
  projects: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      live: z.boolean(),
      versionNumbers: z.array(z.number()),
      verdict: VerdictSchema,
    }),
  ),
  credit: z.string(),
  shortCredit: z.string(),
});
export type AssetRights = z.infer<typeof AssetRightsSchema>;

export const getAssetRights = endpoint({
  method: 'get',
  path: '/api/rights/assets/:id',
  may: 'artist',
  summary: 'Whose an asset is: works, evidence, verdicts, every change',
  params: Id,
  response: AssetRightsSchema,
});

export const settleRights = endpoint({
  method: 'post',
  path: '/api/rights/settle',
  may: 'artist',
  maxBodyBytes: EVIDENCE_BYTES,
  summary: 'Corrects the provenance of one or many assets alike, with a reason and one evidence',
  body: z.object({
    assetIds: z.array(z.string()).min(1).max(2000),
    change: ProvenanceSchema.partial(),
    /** As it was when the person looked: where somebody else changed the same meanwhile, they are told and nothing is changed. Left out, it is replaced. */
    seen: ProvenanceSchema.partial().optional(),
    why: Why,
    evidence: NewEvidenceSchema.nullable().default(null),
  }),
  response: z.object({ settled: z.number() }),
});

export const addEvidence = endpoint({
  method: 'post',
  path: '/api/rights/assets/:id/evidence',
  may: 'artist',
  maxBodyBytes: EVIDENCE_BYTES,
  summary: 'Keeps evidence with an asset; evidence is never overwritten',
  params: Id,
  body: NewEvidenceSchema,
  response: AssetRightsSchema,
});

export const saveFurtherWork = endpoint({
  method: 'put',
  path: '/api/rights/assets/:id/works',
  may: 'artist',
  summary: 'Adds or corrects another work an asset rests on',
  params: Id,
  body: z.object({ workId: z.string().nullable(), work: WorkSchema.extend({ part: WorkPartSchema }), why: Why }),
  response: AssetRightsSchema,
});

export const removeFurtherWork = endpoint({
  method: 'delete',
  path: '/api/rights/assets/:id/works/:workId',
  may: 'artist',
  summary: 'Takes a work off an asset; that it stood there is kept',
  params: z.object({ id: z.string(), workId: z.string() }),
  body: z.object({ why: Why }),
  response: AssetRightsSchema,
});

export const takeDown = endpoint({
  method: 'put',
  path: '/api/rights/assets/:id/take-down',
  may: 'curator',
  summary: 'Marks an asset as taken down at its owner’s wish, or takes that back',
  params: Id,
  body: z.object({ reason: z.string().max(1000).nullable() }),
  response: AssetRightsSchema,
});

export const writeLetter = endpoint({
  method: 'get',
  path: '/api/rights/assets/:id/letter',
  may: 'artist',
  summary: 'A letter to its author, ready to send',
  params: Id,
  query: z.object({ project: z.string().default('') }),
  response: z.object({ subject: z.string(), body: z.string() }),
});

export const LicenceLineSchema = z.object({ terms: TermsSchema, own: z.boolean(), count: z.number() });
export type LicenceLine = z.infer<typeof LicenceLineSchema>;

export const listLicences = endpoint({
  method: 'get',
  path: '/api/rights/licences',
  may: 'guest',
  summary: 'Every licence with its terms, and how many assets stand under it',
  response: z.array(LicenceLineSchema),
});

export const LicencePageSchema = z.object({
  terms: TermsSchema,
  own: z.boolean(),
  listed: z.boolean(),
  text: z.string(),
  count: z.number(),
  assets: z.array(z.object({ id: z.string(), accession: z.string(), name: z.string() })),
  changes: z.array(z.object({ at: z.string(), personName: z.string(), why: z.string(), what: z.array(z.string()) })),
});
export type LicencePage = z.infer<typeof LicencePageSchema>;

export const getLicence = endpoint({
  method: 'get',
  path: '/api/rights/licences/:id',
  may: 'artist',
  summary: 'A licence: its text, its terms, who stands under it',
  params: Id,
  response: LicencePageSchema,
});

export const saveLicence = endpoint({
  method: 'put',
  path: '/api/rights/licences',
  may: 'curator',
  summary: 'Keeps a licence of the house with its text and term sheet; projects it touches are opened again',
  body: z.object({
    terms: TermsSchema,
    text: z.string().max(500_000),
    /** As it was when the person looked: where somebody else changed the same meanwhile, they are told and nothing is changed. Left out, it is replaced. */
    seen: TermsSchema.optional(),
    why: Why,
  }),
  response: LicencePageSchema,
});

export const joinAuthors = endpoint({
  method: 'post',
  path: '/api/rights/authors/join',
  may: 'curator',
  summary: 'Says that two spellings are one author; both stay findable',
  body: z.object({ keep: z.string().min(1).max(300), join: z.string().min(1).max(300) }),
  response: z.object({ changed: z.number() }),
});

import { z } from 'zod';
import { EvidenceSchema } from './evidence';
import { PageFactSchema } from './page';

/** What a production does with a model. */
export const USES = ['internal', 'rendered', 'build', 'file', 'sale', 'print'] as const;
export const UseSchema = z.enum(USES);
export type Use = z.infer<typeof UseSchema>;

/** `merged`: the works become one new work. `side-by-side`: each stays itself, as in a collection. */
export const ArrangementSchema = z.enum(['side-by-side', 'merged', 'unsaid']);
export type Arrangement = z.infer<typeof ArrangementSchema>;

const DayOrNone = z.union([z.literal(''), z.iso.date()]);

/** What a project does with its assets, as a licence sees it. */
export const IntendedUseSchema = z.object({
  uses: z.array(UseSchema).min(1),
  commercial: z.boolean(),
  /** SPDX expression of the project's own release; empty where it reserves its rights. */
  releaseLicence: z.string().max(200).default(''),
  arrangement: ArrangementSchema.default('unsaid'),
  /** A build whose files are locked against taking out. */
  locks: z.boolean().default(false),
  /** Where it goes; empty: everywhere. */
  territory: z.string().max(200).default(''),
  /** People who work with the file; null where nobody counted. */
  seats: z.number().int().positive().nullable().default(null),
  /** Day it stops, `2027-03-31`; empty: no end. */
  until: DayOrNone.default(''),
});
export type IntendedUse = z.infer<typeof IntendedUseSchema>;

export const VERDICTS = ['allowed', 'allowed-with-duties', 'ask-first', 'not-allowed'] as const;
export const VerdictNameSchema = z.enum(VERDICTS);
export type VerdictName = z.infer<typeof VerdictNameSchema>;

export const DUTY_KINDS = [
  'attribution',
  'state-changes',
  'share-alike',
  'notice',
  'no-locks',
  'no-endorsement',
  'other',
] as const;
export const DutySchema = z.object({ kind: z.enum(DUTY_KINDS), text: z.string() });
export type Duty = z.infer<typeof DutySchema>;

export const VerdictSchema = z.object({
  verdict: VerdictNameSchema,
  /** One sentence a reason, with the clause where there is one. */
  reasons: z.array(z.string()),
  duties: z.array(DutySchema),
  /** What the owner has to be asked; null where nobody need be. */
  question: z.string().nullable().default(null),
  /** Of a choice of licences, the one the verdict rests on; empty where there was none. */
  chosen: z.string().default(''),
});
export type Verdict = z.infer<typeof VerdictSchema>;

/** How near to the model a statement stands; the nearer goes before the wider. */
export const NEARNESS = ['in-the-file', 'named-for-it', 'beside-it', 'for-the-folder', 'for-all'] as const;
export const NearnessSchema = z.enum(NEARNESS);
export type Nearness = z.infer<typeof NearnessSchema>;

const NearEvidence = z.object({ evidence: EvidenceSchema, nearness: NearnessSchema.default('beside-it') });

/** A sentence in which somebody grants or forbids something in words of their own. */
export const OwnWordsSchema = z.object({
  term: z.enum(['commercial', 'passOn', 'adapt', 'attribution', 'learning']),
  grant: z.enum(['yes', 'no', 'asked']),
  evidence: EvidenceSchema,
});

/** What was found about whose a model is; each value with the passage it was read from. */
export const RightsFindingSchema = z.object({
  /** `id`: an SPDX expression. */
  licences: z.array(
    NearEvidence.extend({
      id: z.string(),
      confidence: z.number(),
      /** What of the model it is said of, such as `textures`; left out where of all. */
      part: z.string().optional(),
    }),
  ),
  authors: z.array(
    NearEvidence.extend({
      name: z.string(),
      confidence: z.number(),
      /** What of it they made, such as `textures`; left out where all of it. */
      part: z.string().optional(),
      url: z.string().optional(),
    }),
  ),
  sources: z.array(z.object({ url: z.string(), evidence: EvidenceSchema })),
  titles: z.array(z.object({ title: z.string(), evidence: EvidenceSchema })),
  /** Works this one is based on, or parts of it by somebody else. */
  basedOn: z
    .array(z.object({ title: z.string(), author: z.string(), licenceId: z.string(), evidence: EvidenceSchema }))
    .default([]),
  /** Words that look like a grant and are none, such as "free". */
  notGrants: z.array(EvidenceSchema),
  ownWords: z.array(OwnWordsSchema).default([]),
  /** What pages beside it say that is no right: price, tags, sides, figures, days, and that it was taken down. */
  claims: z.array(PageFactSchema.extend({ file: z.string() })).default([]),
});
export type RightsFinding = z.infer<typeof RightsFindingSchema>;

const PageUrl = z.union([z.literal(''), z.url({ protocol: /^https?$/ }).max(1000)]);

/** One work an asset rests on, with the grant it came under. */
export const WorkSchema = z.object({
  title: z.string().max(300),
  author: z.string().max(300),
  /** Said on purpose; an empty author is not. */
  authorUnknown: z.boolean(),
  /** Their page. */
  authorUrl: PageUrl,
  /** An SPDX expression. */
  licenceId: z.string().max(200),
  source: z.string().max(300),
  pageUrl: PageUrl,
});
export type Work = z.infer<typeof WorkSchema>;

/** What the library holds to be true of the work an asset is in the first place. */
export const ProvenanceSchema = WorkSchema.extend({
  /** Words of the source's page, kept as evidence. */
  pageText: z.string(),
  /** The grant as the page stated it that day, in its own words. */
  statedGrant: z.string().max(1000),
  acquiredOn: DayOrNone,
  acquiredBy: z.string().max(200),
  /** As on the receipt: `12.00 EUR`; "free" is a price too. */
  price: z.string().max(60),
  receipt: z.string().max(200),
  /** What else the page says of it: `height 78 cm; 4 200 triangles`. */
  claims: z.string().max(2000),
  client: z.string().max(200),
  agreement: z.string().max(300),
  /** Day the grant ends; empty: it does not. */
  expiresOn: DayOrNone,
  seats: z.number().int().positive().nullable(),
  territory: z.string().max(200),
});
export type Provenance = z.infer<typeof ProvenanceSchema>;

/** What a further work is of an asset. */
export const WORK_PARTS = ['maps', 'part', 'based-on', 'motion', 'other'] as const;
export const WorkPartSchema = z.enum(WORK_PARTS);
export type WorkPart = z.infer<typeof WorkPartSchema>;

/** The asset a work was lent by. Its rights are looked after there, and whoever borrows follows them. */
const LentBySchema = z.object({
  id: z.string(),
  /** Of whom it is borrowed directly, where that one borrows in turn; else the lender itself. */
  throughId: z.string(),
  accession: z.string(),
  name: z.string(),
  takenDown: z.string().nullable(),
  /** Of the grant; null where the work is another one in its lender. */
  limits: ProvenanceSchema.pick({ acquiredOn: true, expiresOn: true, seats: true, territory: true }).nullable(),
});

/** Another work an asset rests on: its maps, a part that was borrowed, what it is based on. */
export const FurtherWorkSchema = WorkSchema.extend({
  id: z.string(),
  part: WorkPartSchema,
  /** Given where it is there because something was borrowed; then nobody corrects it here. */
  lender: LentBySchema.optional(),
});
export type FurtherWork = z.infer<typeof FurtherWorkSchema>;

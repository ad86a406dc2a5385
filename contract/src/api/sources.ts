import { z } from 'zod';
import { CategorySchema } from '../category';
import { VerdictNameSchema } from '../licence';
import { AllowanceSchema, SourceAbilitySchema, SourceItemSchema } from '../source';
import { SourceTroubleSchema } from '../source-fault';
import { HashSchema } from '../step';
import { endpoint, Nothing } from './endpoint';

const Kind = z.object({ kind: z.string().max(40) });
const Address = z.string().trim().min(1).max(1000);

/** A source as the house has it. */
export const SourceSchema = z.object({
  kind: z.string(),
  name: z.string(),
  host: z.string(),
  ability: SourceAbilitySchema,
  hasToken: z.boolean(),
  /** When somebody last accepted its terms, whichever they were; null where nobody did. */
  termsAcceptedAt: z.string().nullable(),
  /** Editions that wait or come in now. */
  queued: z.number(),
});
export type Source = z.infer<typeof SourceSchema>;

/** A source with what it says of itself now. */
export const SourcePageSchema = SourceSchema.extend({
  terms: z
    .object({
      text: z.string(),
      sha256: HashSchema,
      /** Somebody accepted just these. */
      isAccepted: z.boolean(),
      acceptedBy: z.string().nullable(),
      acceptedAt: z.string().nullable(),
    })
    .nullable(),
  allowance: AllowanceSchema.nullable(),
  tokenBy: z.string().nullable(),
  tokenAt: z.string().nullable(),
  /** Why it does not say more. */
  trouble: SourceTroubleSchema.nullable(),
});
export type SourcePage = z.infer<typeof SourcePageSchema>;

/** Where a model of a source is already. */
export const HereAlreadySchema = z.object({
  /** `page`: from the same page. `bytes`: the same file lies in the store. `name`: a file of this name and length came before. */
  by: z.enum(['page', 'bytes', 'name']),
  asset: z.object({ id: z.string(), accession: z.string(), name: z.string() }).nullable(),
  editionId: z.string().nullable(),
});

/** A model that a source offers, as it stands for the house and a project. */
export const SourceRowSchema = SourceItemSchema.extend({
  kind: z.string(),
  sourceName: z.string(),
  /** For the project asked about; null where the licence is none we know, or nobody asked. */
  verdict: VerdictNameSchema.nullable(),
  verdictReason: z.string(),
  /** The edition Haveld would take, and why. */
  best: z.string().nullable(),
  bestReason: z.string(),
  here: HereAlreadySchema.nullable(),
});
export type SourceRow = z.infer<typeof SourceRowSchema>;

export const listSources = endpoint({
  method: 'get',
  path: '/api/sources',
  may: 'artist',
  summary: 'Sources that can be asked for models',
  response: z.array(SourceSchema),
});

export const getSource = endpoint({
  method: 'get',
  path: '/api/sources/:kind',
  may: 'artist',
  summary: 'A source: its terms, and what is left of its allowance',
  params: Kind,
  response: SourcePageSchema,
});

export const setSourceToken = endpoint({
  method: 'put',
  path: '/api/sources/:kind/token',
  may: 'curator',
  inPerson: true,
  summary: 'Keeps the token that lets the house in at a source, sealed; null forgets it. It is never shown again',
  params: Kind,
  body: z.object({ token: z.string().trim().min(1).max(2000).nullable() }),
  response: Nothing,
});

export const acceptSourceTerms = endpoint({
  method: 'post',
  path: '/api/sources/:kind/terms',
  may: 'curator',
  inPerson: true,
  summary: 'Accepts the terms of a source for the house, those that were read and no others',
  params: Kind,
  body: z.object({ sha256: HashSchema }),
  response: Nothing,
});

export const SEARCH_PRICES = ['any', 'free', 'paid'] as const;

const SearchQuerySchema = z.object({
  words: z.string().trim().max(200).default(''),
  /** An SPDX expression; empty for any. */
  licence: z.string().max(200).default(''),
  price: z.enum(SEARCH_PRICES).default('any'),
  format: z.string().max(20).default(''),
  /** What it is, by the words of its source; empty for any. */
  category: z.union([z.literal(''), CategorySchema]).default(''),
  /** Largest edition's weight is no matter: one at most this heavy has to be there. Bytes; 0 for any. */
  atMost: z.coerce.number().int().nonnegative().default(0),
  /** For which project verdicts are given. */
  project: z.string().max(36).default(''),
  /** Only what its use may have. */
  allowed: z.enum(['', 'yes']).default(''),
  /** What the last answer gave to go on; empty for the beginning. */
  from: z.string().max(4000).default(''),
});
export type SourceQuery = z.input<typeof SearchQuerySchema>;

export const searchSources = endpoint({
  method: 'get',
  path: '/api/sources/search',
  may: 'artist',
  summary: 'Asks every source at once, and says which did not answer',
  query: SearchQuerySchema,
  response: z.object({
    rows: z.array(SourceRowSchema),
    /** Sources that were asked, with how many they say they have. */
    asked: z.array(z.object({ kind: z.string(), name: z.string(), total: z.number().nullable() })),
    silent: z.array(z.object({ kind: z.string(), name: z.string(), trouble: SourceTroubleSchema })),
    next: z.string().nullable(),
  }),
});

export const lookAtAddress = endpoint({
  method: 'post',
  path: '/api/sources/look',
  may: 'artist',
  summary: 'Reads a page or file of the web that the house allows: what it says, and which editions it leads to',
  body: z.object({ address: Address, project: z.string().max(36).default('') }),
  response: SourceRowSchema,
});

/** `waiting`: comes by itself, at once or at `retryAt`. `trouble`: somebody has to do something. */
export const FETCHING_STATES = ['waiting', 'fetching', 'paused', 'trouble', 'arrived', 'ended'] as const;

/** An edition on its way in. */
export const FetchingSchema = z.object({
  id: z.string(),
  kind: z.string(),
  sourceName: z.string(),
  title: z.string(),
  pageAddress: z.string(),
  /** File name of the edition. */
  edition: z.string(),
  state: z.enum(FETCHING_STATES),
  doneBytes: z.number(),
  totalBytes: z.number().nullable(),
  trouble: SourceTroubleSchema.nullable(),
  personName: z.string(),
  askedAt: z.string(),
  /** Its arrival, once it is here. */
  arrivalId: z.string().nullable(),
});
export type Fetching = z.infer<typeof FetchingSchema>;

export const listFetchings = endpoint({
  method: 'get',
  path: '/api/fetchings',
  may: 'artist',
  summary: 'What comes in from sources, in its order, and what came last',
  response: z.array(FetchingSchema),
});

export const takeEdition = endpoint({
  method: 'post',
  path: '/api/fetchings',
  may: 'artist',
  summary: 'Puts an edition on the list of what comes in; it arrives like any other download, with its page',
  body: z.object({ pageAddress: Address, editionId: z.string().min(1).max(2000) }),
  response: z.object({ id: z.string() }),
});

export const changeFetching = endpoint({
  method: 'post',
  path: '/api/fetchings/:id',
  may: 'artist',
  summary: 'Pauses an edition that comes in, lets it go on, puts it first, or ends it',
  params: z.object({ id: z.string() }),
  body: z.object({ do: z.enum(['pause', 'go-on', 'first', 'end']) }),
  response: Nothing,
});

import { z } from 'zod';
import { GiftSaidSchema, GivenKindSchema } from '../giving';
import { HashSchema } from '../step';
import { bytesEndpoint, endpoint, Nothing } from './endpoint';

const Id = z.object({ id: z.string() });
const Secret = z.string().min(1).max(200);
const SMALL_BYTES = 64 * 1024;

/** What a house asks for by a link. */
export const GivingLinkGivenSchema = z.object({
  /** What it is for, as givers read it. */
  name: z.string().trim().min(1).max(120),
  /** The house's word to them. */
  words: z.string().trim().max(2000).default(''),
  /** The day it ends, `2026-12-24`. */
  endsOn: z.iso.date(),
  mostGifts: z.number().int().min(1).max(10_000),
  /** Of one gift. */
  mostBytes: z.number().int().min(1_000_000),
  kinds: z.array(GivenKindSchema).min(1),
  /** Licences a giver may choose among, those the house wishes for first. */
  licences: z.array(z.string().min(1).max(200)).min(1).max(12),
});
export type GivingLinkGiven = z.infer<typeof GivingLinkGivenSchema>;

export const GivingLinkSchema = GivingLinkGivenSchema.extend({
  id: z.string(),
  personName: z.string(),
  createdAt: z.string(),
  /** `open`: it takes gifts. `full`: as many came as it takes. `over`: its day is past. `ended`: by the house. */
  state: z.enum(['open', 'full', 'over', 'ended']),
  gifts: z.number(),
});
export type GivingLink = z.infer<typeof GivingLinkSchema>;

/** A gift as the house sees it. */
export const GiftSchema = z.object({
  id: z.string(),
  giver: z.string(),
  isOwnWork: z.boolean(),
  licenceId: z.string(),
  givenAt: z.string(),
  /** Where it was given from. */
  address: z.string(),
  statementSha256: HashSchema,
  files: z.number(),
  sizeBytes: z.number(),
  /** `coming`: not all of it is here. `given-up`: it never came whole, or the house stopped it. */
  state: z.enum(['coming', 'here', 'given-up', 'withdrawn']),
});
export type Gift = z.infer<typeof GiftSchema>;

export const listGivingLinks = endpoint({
  method: 'get',
  path: '/api/giving/links',
  may: 'curator',
  summary: 'Links by which people give models, and how many gifts came by each',
  response: z.array(GivingLinkSchema),
});

export const makeGivingLink = endpoint({
  method: 'post',
  path: '/api/giving/links',
  may: 'curator',
  inPerson: true,
  summary: 'Makes a link by which people without an account give models; its token is shown this once',
  body: GivingLinkGivenSchema,
  response: z.object({ id: z.string(), token: z.string() }),
});

export const endGivingLink = endpoint({
  method: 'post',
  path: '/api/giving/links/:id/end',
  may: 'curator',
  inPerson: true,
  summary: 'Ends a link: no more gifts come by it; receipts stay good',
  params: Id,
  response: Nothing,
});

export const listGifts = endpoint({
  method: 'get',
  path: '/api/giving/links/:id/gifts',
  may: 'curator',
  summary: 'What was given by a link, with what each giver said',
  params: Id,
  response: z.array(GiftSchema),
});

/** A licence as it is offered to a giver. */
export const OfferedLicenceSchema = z.object({
  id: z.string(),
  name: z.string(),
  short: z.string(),
  url: z.string(),
  /** What follows from granting it, in plain sentences. */
  consequences: z.array(z.string()),
});
export type OfferedLicence = z.infer<typeof OfferedLicenceSchema>;

export const lookAtGiving = endpoint({
  method: 'post',
  path: '/api/giving/look',
  may: 'anybody',
  maxBodyBytes: SMALL_BYTES,
  summary: 'What a link asks for; nothing of the library',
  body: z.object({ token: Secret }),
  response: z.object({
    houseName: z.string(),
    name: z.string(),
    words: z.string(),
    endsOn: z.string(),
    giftsLeft: z.number(),
    mostBytes: z.number(),
    kinds: z.array(GivenKindSchema),
    licences: z.array(OfferedLicenceSchema),
  }),
});

export const readStatement = endpoint({
  method: 'post',
  path: '/api/giving/statement',
  may: 'anybody',
  maxBodyBytes: SMALL_BYTES,
  summary: 'The words a giver agrees to, made of what they say',
  body: z.object({ token: Secret, said: GiftSaidSchema }),
  response: z.object({ statement: z.string(), sha256: HashSchema }),
});

const GIFT_FILES = 500;

export const give = endpoint({
  method: 'post',
  path: '/api/giving/gifts',
  may: 'anybody',
  maxBodyBytes: 512 * 1024,
  summary: 'Announces a gift with what its giver says and agrees to; its bytes follow as resumable uploads (tus 1.0)',
  body: z.object({
    token: Secret,
    said: GiftSaidSchema,
    files: z
      .array(z.object({ path: z.string().min(1).max(1024), sizeBytes: z.number().int().nonnegative() }))
      .min(1)
      .max(GIFT_FILES),
    /** Of the words the giver read and agreed to. */
    statementSha256: HashSchema,
  }),
  response: z.object({
    /** Opens the receipt, sends the files, and withdraws; shown this once. */
    secret: z.string(),
    received: z.array(z.object({ id: z.string(), path: z.string() })),
    refused: z.array(z.string()),
  }),
});

export const lookAtGift = endpoint({
  method: 'post',
  path: '/api/giving/receipt',
  may: 'anybody',
  maxBodyBytes: SMALL_BYTES,
  summary: 'A gift for whoever gave it: what they said, what came, and whether it can be withdrawn',
  body: z.object({
    secret: Secret,
    /** Secrets of other gifts of the same person, as their browser keeps them. */
    others: z.array(Secret).max(50).default([]),
  }),
  response: z.object({
    houseName: z.string(),
    linkName: z.string(),
    said: GiftSaidSchema,
    givenAt: z.string(),
    statement: z.string(),
    statementSha256: HashSchema,
    files: z.array(
      z.object({
        id: z.string(),
        path: z.string(),
        sizeBytes: z.number(),
        isHere: z.boolean(),
        sha256: z.string().nullable(),
        /** The same bytes are in another gift of theirs. */
        alreadyGiven: z.boolean(),
      }),
    ),
    state: GiftSchema.shape.state,
    /** Why it cannot be withdrawn; null where it can, or is. */
    stays: z.string().nullable(),
  }),
});

export const withdrawGift = endpoint({
  method: 'post',
  path: '/api/giving/withdraw',
  may: 'anybody',
  maxBodyBytes: SMALL_BYTES,
  summary: 'Takes a gift back while nothing of it stands in the catalogue',
  body: z.object({ secret: Secret }),
  response: Nothing,
});

const UploadParams = z.object({ id: z.string() });

/** Says which gift an upload is of. */
export const GIFT_HEADER = 'x-haveld-gift';

export const createGiftUpload = bytesEndpoint({
  method: 'post',
  path: '/api/giving/uploads',
  summary: 'Begins the upload of a file of a gift (tus 1.0); the gift’s secret in X-Haveld-Gift',
  may: 'anybody',
  takes: 'application/offset+octet-stream',
});

export const askGiftUpload = bytesEndpoint({
  method: 'head',
  path: '/api/giving/uploads/:id',
  summary: 'How far a file of a gift has come (tus 1.0)',
  may: 'anybody',
  params: UploadParams,
});

export const sendGiftUpload = bytesEndpoint({
  method: 'patch',
  path: '/api/giving/uploads/:id',
  summary: 'Goes on with a file of a gift (tus 1.0)',
  may: 'anybody',
  params: UploadParams,
  takes: 'application/offset+octet-stream',
});

export const endGiftUpload = bytesEndpoint({
  method: 'delete',
  path: '/api/giving/uploads/:id',
  summary: 'Gives the upload of a file of a gift up (tus 1.0)',
  may: 'anybody',
  params: UploadParams,
});

import { z } from 'zod';
import { endpoint, Nothing } from './endpoint';

const Id = z.object({ id: z.string() });
const TextSchema = z.string().trim().min(1, 'A remark says something.').max(4000);

/** What a remark is pinned to: the asset as a whole, a finding of its condition, or a place on the model. */
export const AboutSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('asset') }),
  z.object({ kind: z.literal('finding'), key: z.string().min(1).max(190), title: z.string().max(300) }),
  z.object({
    kind: z.literal('place'),
    /** Metres, in the model as that version has it. */
    at: z.tuple([z.number(), z.number(), z.number()]),
    /** The version it was seen on; null on the bench. */
    versionNumber: z.number().int().positive().nullable(),
  }),
]);
export type About = z.infer<typeof AboutSchema>;

export const RemarkAnswerSchema = z.object({
  id: z.string(),
  text: z.string(),
  personName: z.string(),
  at: z.string(),
});

export const RemarkSchema = z.object({
  id: z.string(),
  about: AboutSchema,
  text: z.string(),
  personName: z.string(),
  at: z.string(),
  answers: z.array(RemarkAnswerSchema),
  /** Who resolved it; null while it is open. */
  resolved: z.object({ personName: z.string(), at: z.string() }).nullable(),
});
export type Remark = z.infer<typeof RemarkSchema>;

export const listRemarks = endpoint({
  method: 'get',
  path: '/api/assets/:id/remarks',
  may: 'artist',
  summary: 'Remarks on an asset with their answers, open ones first',
  params: Id,
  response: z.array(RemarkSchema),
});

export const addRemark = endpoint({
  method: 'post',
  path: '/api/assets/:id/remarks',
  may: 'artist',
  summary: 'Pins a remark to an asset, a finding or a place; whoever is mentioned is told',
  params: Id,
  body: z.object({ about: AboutSchema, text: TextSchema }),
  response: z.array(RemarkSchema),
});

export const answerRemark = endpoint({
  method: 'post',
  path: '/api/remarks/:id/answers',
  may: 'artist',
  summary: 'Answers a remark; whoever took part in it is told',
  params: Id,
  body: z.object({ text: TextSchema }),
  response: z.array(RemarkSchema),
});

export const resolveRemark = endpoint({
  method: 'post',
  path: '/api/remarks/:id/resolve',
  may: 'artist',
  summary: 'Resolves a remark, or opens it again',
  params: Id,
  body: z.object({ isResolved: z.boolean() }),
  response: z.array(RemarkSchema),
});

/** Somebody to mention. */
export const ColleagueSchema = z.object({ id: z.string(), name: z.string(), signIn: z.string() });
export type Colleague = z.infer<typeof ColleagueSchema>;

export const listColleagues = endpoint({
  method: 'get',
  path: '/api/colleagues',
  may: 'artist',
  summary: 'Everybody who works here, to be mentioned',
  response: z.array(ColleagueSchema),
});

/** Why somebody is told: they were mentioned, a remark they take part in was answered, or it is on what they brought. */
export const NOTICE_REASONS = ['mentioned', 'answered', 'on-own'] as const;

export const NoticeSchema = z.object({
  id: z.string(),
  reason: z.enum(NOTICE_REASONS),
  assetId: z.string(),
  accession: z.string(),
  assetName: z.string(),
  /** Where the asset is looked at. */
  isCatalogued: z.boolean(),
  personName: z.string(),
  text: z.string(),
  at: z.string(),
  isRead: z.boolean(),
});
export type Notice = z.infer<typeof NoticeSchema>;

export const getInbox = endpoint({
  method: 'get',
  path: '/api/inbox',
  may: 'artist',
  summary: 'What one was told, the latest first',
  response: z.array(NoticeSchema),
});

export const readInbox = endpoint({
  method: 'post',
  path: '/api/inbox/read',
  may: 'artist',
  summary: 'Marks what one was told as read',
  body: z.object({ ids: z.array(z.string()).min(1).max(500) }),
  response: Nothing,
});

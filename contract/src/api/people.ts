import { z } from 'zod';
import { RoleSchema } from '../role';
import { endpoint, Nothing } from './endpoint';

const Id = z.object({ id: z.string() });

export const PersonSchema = z.object({
  id: z.string(),
  signIn: z.string(),
  name: z.string(),
  role: RoleSchema,
  /** True while the password is the one that was printed. */
  mustChange: z.boolean(),
});
export type Person = z.infer<typeof PersonSchema>;

/** The least of a password; whether it is among those tried first the server says. */
export const NewPasswordSchema = z.string().min(10, 'at least 10 characters').max(500);
const NameSchema = z.string().trim().min(1).max(190);
const SignInNameSchema = z
  .string()
  .trim()
  .toLowerCase()
  .regex(/^[\p{L}\p{N}][\p{L}\p{N}._@-]{0,99}$/u, 'is letters, digits, dots and dashes');

// At the door

export const signIn = endpoint({
  method: 'post',
  path: '/api/sign-in',
  may: 'anybody',
  maxBodyBytes: 16 * 1024,
  summary: 'Opens a session; one that was open in this browser ends',
  body: z.object({ signIn: z.string().min(1).max(190), password: z.string().min(1).max(500) }),
  response: PersonSchema,
});

export const signOut = endpoint({
  method: 'post',
  path: '/api/sign-out',
  may: 'guest',
  inPerson: true,
  summary: 'Closes the session',
  response: Nothing,
});

const LinkToken = z.string().min(1).max(200);

export const lookAtLink = endpoint({
  method: 'post',
  path: '/api/links/look',
  may: 'anybody',
  maxBodyBytes: 16 * 1024,
  summary: 'Whose a link is, before it is used: an invitation, or a way back in',
  body: z.object({ token: LinkToken }),
  response: z.object({
    kind: z.enum(['invitation', 'reset']),
    name: z.string(),
    signIn: z.string(),
    role: RoleSchema,
    by: z.string(),
    expiresAt: z.string(),
  }),
});

export const enterByLink = endpoint({
  method: 'post',
  path: '/api/links/use',
  may: 'anybody',
  maxBodyBytes: 16 * 1024,
  summary: 'Sets a password by a link and opens a session; the link is used up, other sessions end',
  body: z.object({ token: LinkToken, password: NewPasswordSchema }),
  response: PersonSchema,
});

// Oneself

export const getMe = endpoint({
  method: 'get',
  path: '/api/me',
  may: 'guest',
  summary: 'Who is signed in',
  response: PersonSchema,
});

export const changeMe = endpoint({
  method: 'put',
  path: '/api/me',
  may: 'guest',
  inPerson: true,
  summary: 'Changes the name others see',
  body: z.object({ name: NameSchema }),
  response: PersonSchema,
});

export const changePassword = endpoint({
  method: 'put',
  path: '/api/me/password',
  may: 'guest',
  inPerson: true,
  summary: 'Changes the own password; other sessions end',
  body: z.object({ before: z.string().min(1), after: NewPasswordSchema }),
  response: PersonSchema,
});

export const SessionSchema = z.object({
  id: z.number(),
  startedAt: z.string(),
  /** To within five minutes. */
  lastSeenAt: z.string(),
  address: z.string(),
  /** `Firefox on Linux`; empty where the browser says nothing. */
  browser: z.string(),
  /** The one that asks. */
  isThis: z.boolean(),
});
export type Session = z.infer<typeof SessionSchema>;

export const listSessions = endpoint({
  method: 'get',
  path: '/api/me/sessions',
  may: 'guest',
  inPerson: true,
  summary: 'Where one is signed in',
  response: z.array(SessionSchema),
});

export const endSession = endpoint({
  method: 'delete',
  path: '/api/me/sessions/:id',
  may: 'guest',
  inPerson: true,
  summary: 'Ends one of the own sessions',
  params: z.object({ id: z.coerce.number().int() }),
  response: Nothing,
});

export const ProgramTokenSchema = z.object({
  id: z.string(),
  /** What it is for, in the person's words. */
  name: z.string(),
  role: RoleSchema,
  createdAt: z.string(),
  lastUsedAt: z.string().nullable(),
  expiresAt: z.string(),
});
export type ProgramToken = z.infer<typeof ProgramTokenSchema>;

export const listTokens = endpoint({
  method: 'get',
  path: '/api/me/tokens',
  may: 'guest',
  inPerson: true,
  summary: 'Own tokens for programs',
  response: z.array(ProgramTokenSchema),
});

/** A year at most. */
export const TOKEN_DAYS = [30, 90, 365] as const;

export const createToken = endpoint({
  method: 'post',
  path: '/api/me/tokens',
  may: 'guest',
  inPerson: true,
  summary: 'Makes a token for a program, sent as `Authorization: Bearer …`; shown once',
  body: z.object({
    name: z.string().trim().min(1).max(120),
    /** At most the own; should the own become less, so does the token's. */
    role: RoleSchema,
    days: z.union(TOKEN_DAYS.map((days) => z.literal(days))),
  }),
  response: ProgramTokenSchema.extend({ token: z.string() }),
});

export const deleteToken = endpoint({
  method: 'delete',
  path: '/api/me/tokens/:id',
  may: 'guest',
  inPerson: true,
  summary: 'Ends one of the own tokens',
  params: Id,
  response: Nothing,
});

// People of the house

export const MemberSchema = PersonSchema.omit({ mustChange: true }).extend({
  /** `invited`: has a link and no password yet. */
  state: z.enum(['here', 'invited', 'removed']),
  lastSeenAt: z.string().nullable(),
  /** Until when a link that was given out opens; null where there is none. */
  linkExpiresAt: z.string().nullable(),
  tokens: z.number(),
});
export type Member = z.infer<typeof MemberSchema>;

export const listPeople = endpoint({
  method: 'get',
  path: '/api/people',
  may: 'owner',
  inPerson: true,
  summary: 'Everybody who may or might come in, and who was removed',
  response: z.array(MemberSchema),
});

/** A link that opens once; its token stands nowhere else. */
const LinkSchema = z.object({ token: z.string(), expiresAt: z.string() });

export const invitePerson = endpoint({
  method: 'post',
  path: '/api/people',
  may: 'owner',
  inPerson: true,
  summary: 'Invites somebody: a link by which they choose a password',
  body: z.object({ name: NameSchema, signIn: SignInNameSchema, role: RoleSchema }),
  response: LinkSchema.extend({ id: z.string() }),
});

export const createLink = endpoint({
  method: 'post',
  path: '/api/people/:id/link',
  may: 'owner',
  inPerson: true,
  summary:
    'A new link for somebody who was invited, forgot the password or comes back; the last one opens nothing more',
  params: Id,
  response: LinkSchema,
});

export const changeRole = endpoint({
  method: 'put',
  path: '/api/people/:id/role',
  may: 'owner',
  inPerson: true,
  summary: 'Changes what somebody may, from their next request on; one owner stays',
  params: Id,
  body: z.object({
    role: RoleSchema,
    /** The role that was seen; where it is another by now, nothing is changed. */
    seen: RoleSchema,
  }),
  response: Nothing,
});

export const removePerson = endpoint({
  method: 'delete',
  path: '/api/people/:id',
  may: 'owner',
  inPerson: true,
  summary: 'Lets somebody in no more: sessions, tokens and links end; what they did keeps their name',
  params: Id,
  response: Nothing,
});

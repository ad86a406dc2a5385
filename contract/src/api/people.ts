import { z } from 'zod';
import { endpoint, Nothing } from './endpoint';

/** Roles keep a place; today everyone may do everything. */
export const RoleSchema = z.enum(['owner', 'member']);

export const PersonSchema = z.object({
  id: z.string(),
  signIn: z.string(),
  name: z.string(),
  role: RoleSchema,
  /** True while the password is the one that was printed. */
  mustChange: z.boolean(),
});
export type Person = z.infer<typeof PersonSchema>;

export const signIn = endpoint({
  method: 'post',
  path: '/api/sign-in',
  maxBodyBytes: 16 * 1024,
  summary: 'Opens a session',
  open: true,
  body: z.object({ signIn: z.string().min(1).max(190), password: z.string().min(1).max(500) }),
  response: PersonSchema,
});

export const signOut = endpoint({
  method: 'post',
  path: '/api/sign-out',
  summary: 'Closes the session',
  response: Nothing,
});

export const getMe = endpoint({
  method: 'get',
  path: '/api/me',
  summary: 'Who is signed in',
  response: PersonSchema,
});

export const changePassword = endpoint({
  method: 'put',
  path: '/api/me/password',
  summary: 'Changes the own password',
  body: z.object({ before: z.string().min(1), after: z.string().min(10, 'at least 10 characters').max(500) }),
  response: PersonSchema,
});

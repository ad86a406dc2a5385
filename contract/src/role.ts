import { z } from 'zod';

/** What somebody may, each all that those before it may: look and take away, work on models, keep the house in order, let people in. */
export const RoleSchema = z.enum(['guest', 'artist', 'curator', 'owner']);
export type Role = z.infer<typeof RoleSchema>;

export const ROLES = RoleSchema.options;

/** @returns whether somebody of this role may what is open from another on */
export const mayAs = (role: Role, least: Role): boolean => ROLES.indexOf(role) >= ROLES.indexOf(least);

/** @returns the lesser of two */
export const lesserRole = (a: Role, b: Role): Role => (mayAs(a, b) ? b : a);

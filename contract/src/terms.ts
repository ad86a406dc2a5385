import { z } from 'zod';

/**
 * One thing a licence may grant. `unshared`: only as long as the result is not shared. `ask`: needs the owner's word.
 * `silent`: the text does not speak of it.
 */
export const TermSchema = z.object({
  grant: z.enum(['yes', 'no', 'ask', 'unshared', 'silent']),
  /** As in `section 2(a)(1)`; empty where the text has no such place. */
  clause: z.string().max(200),
});
export type Term = z.infer<typeof TermSchema>;

export const DutyTermSchema = z.object({ clause: z.string().max(200) });
export type DutyTerm = z.infer<typeof DutyTermSchema>;

/** How the house takes a licence. `closed`: no grant at all. */
export const HOUSE_STANDINGS = ['taken', 'look', 'never', 'closed'] as const;
export const HouseStandingSchema = z.enum(HOUSE_STANDINGS);
export type HouseStanding = z.infer<typeof HouseStandingSchema>;

/** What a licence grants and asks. Every term names the clause that says so, where the licence has clauses. */
export const TermsSchema = z.object({
  /** SPDX identifier, or `LicenseRef-` where SPDX has none. */
  id: z.string().regex(/^[A-Za-z0-9.+-]{1,100}$/, 'letters, digits, dots and hyphens'),
  name: z.string().min(1).max(200),
  /** As it stands in a credit and on a card. */
  short: z.string().min(1).max(80),
  url: z.union([z.literal(''), z.url({ protocol: /^https?$/ }).max(500)]),
  house: HouseStandingSchema,
  /** Where the term sheet comes from, where that is not the text itself. */
  note: z.string().max(500).default(''),
  commercial: TermSchema,
  /** Making a changed version. */
  adapt: TermSchema,
  /** Sharing it. */
  shareAdapted: TermSchema,
  /** Handing the file itself on. */
  passOn: TermSchema,
  /** Using it inside a larger work that is shared: a film, a build, a picture. */
  largerWork: TermSchema,
  /** Training a machine on it. */
  learning: TermSchema,
  attribution: DutyTermSchema.nullable(),
  stateChanges: DutyTermSchema.nullable(),
  /** `with`: the licences a changed version may go out under; empty: only the same. */
  shareAlike: DutyTermSchema.extend({ with: z.array(z.string()), wholeWork: z.boolean().default(false) }).nullable(),
  notice: DutyTermSchema.nullable(),
  noLocks: DutyTermSchema.nullable(),
  noEndorsement: DutyTermSchema.nullable(),
  editorialOnly: DutyTermSchema.nullable(),
  personalOnly: DutyTermSchema.nullable(),
  /** People who may work with it; null: no limit. */
  seats: z.number().int().positive().nullable(),
  /** Months the grant lasts; null: no end. */
  months: z.number().int().positive().nullable(),
  /** Where it may be used; empty: everywhere. */
  territory: z.string().max(200),
  fee: z.enum(['none', 'paid', 'asked']),
});
export type Terms = z.infer<typeof TermsSchema>;

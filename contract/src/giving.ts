import { z } from 'zod';

/** File types a link may ask for, by their endings. */
export const GIVEN_KINDS = ['models', 'archives', 'pictures', 'texts'] as const;
export const GivenKindSchema = z.enum(GIVEN_KINDS);
export type GivenKind = z.infer<typeof GivenKindSchema>;

export const GIVEN_KIND_WORDS: Record<GivenKind, string> = {
  models: 'models',
  archives: 'archives',
  pictures: 'pictures and maps',
  texts: 'texts',
};

/** One line: a second would stand in the statement as if Haveld had written it. */
const ONE_LINE = /^\P{Cc}*$/u;
const Name = z.string().trim().min(1).max(200).regex(ONE_LINE, 'A name is one line.');
const Line = z.string().trim().max(300).regex(ONE_LINE, 'This is one line.').default('');

/** What a giver says of their gift, besides its files. */
export const GiftSaidSchema = z
  .object({
    /** As they are to be credited. */
    giver: Name,
    isOwnWork: z.boolean(),
    /** Who made it where they did not, and where they have it from. */
    author: Line,
    source: Line,
    /** What else is in it, and from whom. */
    others: z.string().trim().max(2000).default(''),
    licenceId: z.string().min(1).max(200),
  })
  .refine(({ isOwnWork, author }) => isOwnWork || author !== '', {
    message: 'Say who made it, where you did not.',
    path: ['author'],
  });
export type GiftSaid = z.infer<typeof GiftSaidSchema>;

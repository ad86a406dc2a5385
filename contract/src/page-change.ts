import { z } from 'zod';
import { SourceItemSchema } from './source';

/** Every way in which a page can say another thing than it did, and what a person may do about it beside leaving it. */
export const PAGE_CHANGES = {
  licence: { title: 'Another licence', take: 'Hold it so from now on', isAboutRights: true },
  author: { title: 'Another name for its author', take: 'Name them so', isAboutRights: true },
  newer: { title: 'A newer version', take: 'Fetch it beside this one', isAboutRights: false },
  moved: { title: 'Another address', take: 'Note the new address', isAboutRights: false },
  gone: { title: 'The page is gone', take: null, isAboutRights: true },
  'taken-down': { title: 'Taken down at its source', take: null, isAboutRights: true },
} as const satisfies Record<string, { title: string; take: string | null; isAboutRights: boolean }>;
export type PageChangeKind = keyof typeof PAGE_CHANGES;

export const PageChangeKindSchema = z.enum(Object.keys(PAGE_CHANGES) as [PageChangeKind, ...PageChangeKind[]]);

/** One thing that a page says otherwise than it did. */
export const PageDifferenceSchema = z.object({
  what: PageChangeKindSchema,
  /** In its own words; empty where it said nothing. */
  was: z.string(),
  now: z.string(),
});
export type PageDifference = z.infer<typeof PageDifferenceSchema>;

/** What is kept of a page to tell what changes on it. */
export const PageSaidSchema = SourceItemSchema.pick({ title: true, author: true, licence: true, editions: true });
export type PageSaid = z.infer<typeof PageSaidSchema>;

/** The house's word on a change: things stay as they were taken in, or follow the page. */
export const PAGE_CHANGE_WORDS = ['left', 'taken'] as const;

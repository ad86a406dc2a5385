import { z } from 'zod';

/** Most tags of an asset. */
export const MOST_TAGS = 30;

/** A word or two an asset is found by, beside its name. */
export const TagSchema = z
  .string()
  .transform((text) => text.trim().replace(/\s+/g, ' ').toLowerCase())
  .pipe(z.string().min(1, 'A tag says nothing.').max(40, 'A tag is a word or two, at most 40 letters.'));

/** Each once, in the order they were said. */
export const TagsSchema = z
  .array(TagSchema)
  .transform((tags) => [...new Set(tags)])
  .pipe(z.array(z.string()).max(MOST_TAGS, `At most ${MOST_TAGS} tags.`));

/** @returns tags as they are typed: parted by commas */
export const splitTags = (text: string): string[] => text.split(/[,;]/).filter((tag) => tag.trim() !== '');

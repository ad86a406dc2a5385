import { z } from 'zod';

/** The five headings of a condition sheet, in the order they are shown. */
export const HEADINGS = ['rights', 'textures', 'size-and-orientation', 'structure', 'geometry'] as const;
export const HeadingSchema = z.enum(HEADINGS);
export type Heading = z.infer<typeof HeadingSchema>;

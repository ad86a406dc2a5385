import { z } from 'zod';

/** One thing that was seen and speaks for or against a judgement, in words a person can check. */
export const EvidenceSchema = z.object({
  /** What was seen. */
  text: z.string(),
  /** A figure to stand at the line's end. */
  figure: z.string().optional(),
  /** Where it was seen. */
  file: z.string().optional(),
  /** 1-based. */
  line: z.number().int().optional(),
  /** The words themselves. */
  passage: z.string().optional(),
});
export type Evidence = z.infer<typeof EvidenceSchema>;

import { z } from 'zod';
import { CategorySchema } from '../category';
import { TagsSchema } from '../tag';
import { QuestionSchema } from './catalogue';
import { endpoint } from './endpoint';

/** So many assets are changed at once. */
export const MOST_AT_ONCE = 2000;

/** Assets by their ids, or all that fit a question. */
export const ChosenSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('assets'), ids: z.array(z.string()).min(1).max(MOST_AT_ONCE) }),
  z.object({ kind: z.literal('question'), question: QuestionSchema }),
]);
export type Chosen = z.input<typeof ChosenSchema>;

/** What several assets are given alike; what is left out stays as it is. */
export const SharedChangeSchema = z.object({
  category: CategorySchema.optional(),
  addTags: TagsSchema.default([]),
  removeTags: TagsSchema.default([]),
  author: z.string().trim().min(1).max(300).optional(),
  licenceId: z.string().min(1).max(200).optional(),
  /** Why author or licence are others; it stands in the history of each. */
  why: z.string().trim().max(1000).default(''),
});
export type SharedChange = z.output<typeof SharedChangeSchema>;

/** An asset that a change, or its taking back, left as it is. */
export const LeftSchema = z.object({ id: z.string(), name: z.string(), why: z.string() });
export type Left = z.infer<typeof LeftSchema>;

export const changeMany = endpoint({
  method: 'post',
  path: '/api/changes',
  may: 'artist',
  summary: 'Gives several assets the same category, tags, author or licence at once',
  body: z.object({ chosen: ChosenSchema, change: SharedChangeSchema }),
  response: z.object({
    /** It is undone by; null where every asset was so already. */
    id: z.string().nullable(),
    changed: z.number(),
    left: z.array(LeftSchema),
  }),
});

/** Something somebody did to several assets at once. */
export const ActSchema = z.object({
  id: z.string(),
  at: z.string(),
  personName: z.string(),
  /** `category, 2 tags of 12 assets`. */
  what: z.string(),
  isUndone: z.boolean(),
  /** By whoever asks. */
  mayUndo: z.boolean(),
});
export type Act = z.infer<typeof ActSchema>;

export const listActs = endpoint({
  method: 'get',
  path: '/api/changes',
  may: 'artist',
  summary: 'What was done to several assets at once, the latest first',
  response: z.array(ActSchema),
});

export const undoChange = endpoint({
  method: 'post',
  path: '/api/changes/:id/undo',
  may: 'artist',
  summary: 'Undoes what was done to several assets at once; what somebody changed since stays',
  params: z.object({ id: z.string() }),
  response: z.object({ changed: z.number(), left: z.array(LeftSchema) }),
});

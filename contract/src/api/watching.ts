import { z } from 'zod';
import { endpoint, Nothing } from './endpoint';

/** What becomes of files that were taken: they stay, are moved into `taken`, or get a file beside them that says so. */
export const AFTERWARDS = ['stay', 'move', 'mark'] as const;

export const WatchedFolderGivenSchema = z.object({
  /** On the server, below one of its roots. */
  path: z.string().trim().min(1).max(500),
  /** Every file arrives by itself, or all below one sub-folder together. */
  together: z.enum(['each', 'folders']).default('each'),
  afterwards: z.enum(AFTERWARDS).default('stay'),
  /** Who made what lies there, and where it is from; said beside what says nothing else. */
  author: z.string().trim().max(300).default(''),
  source: z.string().trim().max(300).default(''),
});

export const WatchedFolderSchema = WatchedFolderGivenSchema.extend({
  id: z.string(),
  personName: z.string(),
  /** Files taken so far, and when the last was. */
  taken: z.number(),
  lastTakenAt: z.string().nullable(),
  /** What stands in the way now. */
  trouble: z.string().nullable(),
});
export type WatchedFolder = z.infer<typeof WatchedFolderSchema>;

export const listWatchedFolders = endpoint({
  method: 'get',
  path: '/api/watched-folders',
  may: 'artist',
  summary: 'Folders of the server whose files arrive by themselves',
  response: z.object({ roots: z.array(z.string()), folders: z.array(WatchedFolderSchema) }),
});

export const watchFolder = endpoint({
  method: 'post',
  path: '/api/watched-folders',
  may: 'curator',
  inPerson: true,
  summary: 'Watches a folder of the server, below one of the roots it was started with',
  body: WatchedFolderGivenSchema,
  response: z.object({ id: z.string() }),
});

export const unwatchFolder = endpoint({
  method: 'delete',
  path: '/api/watched-folders/:id',
  may: 'curator',
  inPerson: true,
  summary: 'Watches a folder no more; what was taken stays',
  params: z.object({ id: z.string() }),
  response: Nothing,
});

import { z } from 'zod';
import { endpoint, Nothing } from './endpoint';

export const RunningSchema = z.object({
  id: z.number(),
  /** `reading “Bell buoy”`. */
  label: z.string(),
  done: z.number(),
  total: z.number(),
  state: z.enum(['waiting', 'running']),
});

export const ProgressSchema = z.object({
  /** What waits under each heading of the strip. */
  counts: z.object({
    arrivals: z.number(),
    bench: z.number(),
    catalogue: z.number(),
    projects: z.number(),
    rights: z.number(),
    health: z.number(),
  }),
  running: z.array(RunningSchema),
  /** What one was told and has not read. */
  unread: z.number(),
  /** Changes whenever something a screen shows has changed. */
  revision: z.string(),
});
export type Progress = z.infer<typeof ProgressSchema>;

export const getProgress = endpoint({
  method: 'get',
  path: '/api/progress',
  may: 'guest',
  summary: 'What runs and what waits',
  response: ProgressSchema,
});

const JobParams = z.object({ id: z.coerce.number().int() });

export const cancelJob = endpoint({
  method: 'post',
  path: '/api/jobs/:id/cancel',
  may: 'artist',
  summary: 'Stops a job',
  params: JobParams,
  response: Nothing,
});

export const retryJob = endpoint({
  method: 'post',
  path: '/api/jobs/:id/retry',
  may: 'artist',
  summary: 'Tries a failed job again',
  params: JobParams,
  response: Nothing,
});

export const HealthSchema = z.object({
  failed: z.array(
    z.object({ id: z.number(), label: z.string(), message: z.string(), at: z.string(), attempts: z.number() }),
  ),
  storeBytes: z.number(),
  storeFiles: z.number(),
  done: z.number(),
  /** Hashes a row names and the store does not hold. */
  missing: z.array(z.string()),
  /** How far processes that open files from outside are shut in, on the machine that answers. */
  confinement: z.enum(['shut-in', 'limits']),
});
export type Health = z.infer<typeof HealthSchema>;

export const getHealth = endpoint({
  method: 'get',
  path: '/api/health',
  may: 'artist',
  summary: 'Failed work, missing bytes, size of the store',
  response: HealthSchema,
});

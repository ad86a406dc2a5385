import { z } from 'zod';
import { MapFileSchema, HandOverFormatSchema, takesMapFile } from '../hand-over-shape';
import { DutySchema, IntendedUseSchema, VerdictSchema } from '../licence';
import { CheckLineSchema } from '../report';
import { CardSchema, AssetUseSchema } from './catalogue';
import { endpoint } from './endpoint';

const Id = z.object({ id: z.string() });

export const ProjectRowSchema = z.object({
  id: z.string(),
  name: z.string(),
  purpose: z.string(),
  use: IntendedUseSchema,
  /** Assets it holds. */
  uses: z.number(),
  /** False once it has ended. */
  live: z.boolean(),
  /** Rights that have changed since, and that nobody has looked at. */
  reopenings: z.number(),
  /** Assets of which there is a later version that is neither taken nor left. */
  newer: z.number(),
  createdAt: z.string(),
});
export type ProjectRow = z.infer<typeof ProjectRowSchema>;

export const ProjectUseSchema = AssetUseSchema.extend({
  assetId: z.string(),
  accession: z.string(),
  assetName: z.string(),
  thumbnailSha256: z.string().nullable(),
  credit: z.string(),
  message: z.string().nullable(),
  checks: z.array(CheckLineSchema),
  maps: MapFileSchema,
  /** Number of a later version in the catalogue that the project has not taken; on the last use of an asset alone. */
  newer: z.number().nullable(),
  /** Number of a later version that somebody decided not to take here; on the last use of an asset alone. */
  leftNewer: z.number().nullable(),
});
export type ProjectUse = z.infer<typeof ProjectUseSchema>;

export const ProjectSchema = ProjectRowSchema.extend({ handOvers: z.array(ProjectUseSchema) });
export type Project = z.infer<typeof ProjectSchema>;

export const NewProjectSchema = z.object({
  name: z.string().min(1).max(200),
  purpose: z.string().max(500),
  use: IntendedUseSchema,
});
export type NewProject = z.infer<typeof NewProjectSchema>;

export const listProjects = endpoint({
  method: 'get',
  path: '/api/projects',
  may: 'guest',
  summary: 'The productions',
  response: z.array(ProjectRowSchema),
});

export const createProject = endpoint({
  method: 'post',
  path: '/api/projects',
  may: 'artist',
  summary: 'Opens a project with its intended use',
  body: NewProjectSchema,
  response: ProjectRowSchema,
});

export const getProject = endpoint({
  method: 'get',
  path: '/api/projects/:id',
  may: 'guest',
  summary: 'A project with what it uses',
  params: Id,
  response: ProjectSchema,
});

export const judgeForProject = endpoint({
  method: 'post',
  path: '/api/projects/:id/verdicts',
  may: 'artist',
  summary: 'May these be used there? Asked before anything is handed over',
  params: Id,
  body: z.object({ assetIds: z.array(z.string()).min(1).max(200) }),
  response: z.array(z.object({ card: CardSchema, verdict: VerdictSchema, credit: z.string() })),
});

export const handOver = endpoint({
  method: 'post',
  path: '/api/projects/:id/hand-overs',
  may: 'artist',
  summary: 'Packs assets for the project and writes the use down',
  params: Id,
  body: z
    .object({
      assetIds: z.array(z.string()).min(1).max(200),
      format: HandOverFormatSchema,
      maps: MapFileSchema.default('as-they-are'),
    })
    .refine(({ format, maps }) => takesMapFile(format, maps), {
      path: ['maps'],
      message: 'OBJ takes its maps as PNG or JPEG: WebP and KTX2 are extensions of glTF.',
    }),
  response: ProjectSchema,
});

export const changeProject = endpoint({
  method: 'put',
  path: '/api/projects/:id',
  may: 'artist',
  summary: 'Changes what a project is for; every verdict follows',
  params: Id,
  body: NewProjectSchema.extend({
    live: z.boolean(),
    /** As it was when the person looked: where somebody else changed the same meanwhile, they are told and nothing is changed. Left out, it is replaced. */
    seen: NewProjectSchema.extend({ live: z.boolean() }).optional(),
  }),
  response: ProjectRowSchema,
});

/** One asset in a project, with its verdict. */
export const ProjectVerdictSchema = z.object({
  assetId: z.string(),
  accession: z.string(),
  name: z.string(),
  versionNumber: z.number(),
  licenceId: z.string(),
  author: z.string(),
  verdict: VerdictSchema,
});
export type ProjectVerdict = z.infer<typeof ProjectVerdictSchema>;

export const ProjectRightsSchema = ProjectRowSchema.extend({
  counts: z.record(z.string(), z.number()),
  /** Worst first; at most 500 of those with duties or none, all of those that need a decision. */
  verdicts: z.array(ProjectVerdictSchema),
  /** Licences that cannot become one new work together, with the assets under each. */
  conflicts: z.array(z.object({ a: z.string(), b: z.string(), ofA: z.array(z.string()), ofB: z.array(z.string()) })),
  /** What the licences ask in return, by kind; each asset once a kind. */
  duties: z.array(
    z.object({
      kind: DutySchema.shape.kind,
      text: z.string(),
      assets: z.array(
        z.object({
          assetId: z.string(),
          name: z.string(),
          tickedBy: z.string().nullable(),
          tickedAt: z.string().nullable(),
        }),
      ),
    }),
  ),
  reopened: z.array(
    z.object({ id: z.number(), assetId: z.string(), name: z.string(), why: z.string(), at: z.string() }),
  ),
  creditsCount: z.number(),
});
export type ProjectRights = z.infer<typeof ProjectRightsSchema>;

export const leaveNewer = endpoint({
  method: 'post',
  path: '/api/projects/:id/assets/:assetId/leave',
  may: 'artist',
  summary: 'Stays with the version a project has, until there is a later one than this',
  params: z.object({ id: z.string(), assetId: z.string() }),
  /** The version that is left. */
  body: z.object({ number: z.number().int().positive() }),
  response: ProjectSchema,
});

export const getProjectRights = endpoint({
  method: 'get',
  path: '/api/projects/:id/rights',
  may: 'guest',
  summary: 'What a project may not hold, what it owes, and what has changed',
  params: Id,
  response: ProjectRightsSchema,
});

export const tickDuties = endpoint({
  method: 'put',
  path: '/api/projects/:id/duties',
  may: 'artist',
  summary: 'Says that a duty is done, or takes that back; who said so is kept',
  params: Id,
  body: z.object({ kind: DutySchema.shape.kind, assetIds: z.array(z.string()).min(1).max(10_000), done: z.boolean() }),
  response: ProjectRightsSchema,
});

export const settleReopening = endpoint({
  method: 'put',
  path: '/api/projects/:id/reopenings/:reopeningId',
  may: 'curator',
  summary: 'Says that a change of rights was looked at',
  params: z.object({ id: z.string(), reopeningId: z.coerce.number().int() }),
  body: z.object({ note: z.string().min(1).max(1000) }),
  response: ProjectRightsSchema,
});

export const CREDITS_FORMATS = ['text', 'markdown', 'html', 'csv', 'json', 'spdx'] as const;

export const getProjectCredits = endpoint({
  method: 'get',
  path: '/api/projects/:id/credits',
  may: 'guest',
  summary: 'The credits of a project as a file; `spdx`: an SPDX 2.3 document',
  params: Id,
  query: z.object({
    format: z.enum(CREDITS_FORMATS).default('text'),
    form: z.enum(['short', 'long']).default('long'),
  }),
  response: z.object({ name: z.string(), mediaType: z.string(), text: z.string() }),
});

import { z } from 'zod';
import { CardSchema, AssetUseSchema } from './catalogue';
import { endpoint } from './endpoint';
import { VerdictSchema } from './licence';
import { Nothing } from './people';
import { CheckLineSchema } from './report';

const Id = z.object({ id: z.string() });

export const ProjectRowSchema = z.object({
  id: z.string(),
  name: z.string(),
  purpose: z.string(),
  commercial: z.boolean(),
  uses: z.number(),
  createdAt: z.string(),
});
export type ProjectRow = z.infer<typeof ProjectRowSchema>;

export const ProjectUseSchema = AssetUseSchema.extend({
  assetId: z.string(),
  accession: z.string(),
  assetName: z.string(),
  portraitSha256: z.string().nullable(),
  credit: z.string(),
  verdict: VerdictSchema,
  message: z.string().nullable(),
  checks: z.array(CheckLineSchema),
});
export type ProjectUse = z.infer<typeof ProjectUseSchema>;

export const ProjectSchema = ProjectRowSchema.extend({ handOvers: z.array(ProjectUseSchema), credits: z.string() });
export type Project = z.infer<typeof ProjectSchema>;

export const listProjects = endpoint({
  method: 'get',
  path: '/api/projects',
  summary: 'The productions',
  params: Nothing,
  query: Nothing,
  body: Nothing,
  response: z.array(ProjectRowSchema),
});

export const createProject = endpoint({
  method: 'post',
  path: '/api/projects',
  summary: 'Opens a project with its intended use',
  params: Nothing,
  query: Nothing,
  body: z.object({ name: z.string().min(1).max(200), purpose: z.string().max(500), commercial: z.boolean() }),
  response: ProjectRowSchema,
});

export const getProject = endpoint({
  method: 'get',
  path: '/api/projects/:id',
  summary: 'A project with what it uses',
  params: Id,
  query: Nothing,
  body: Nothing,
  response: ProjectSchema,
});

export const judgeForProject = endpoint({
  method: 'post',
  path: '/api/projects/:id/verdicts',
  summary: 'May these be used there? Asked before anything is handed over',
  params: Id,
  query: Nothing,
  body: z.object({ assetIds: z.array(z.string()).min(1).max(200) }),
  response: z.array(z.object({ card: CardSchema, verdict: VerdictSchema, credit: z.string() })),
});

export const handOver = endpoint({
  method: 'post',
  path: '/api/projects/:id/hand-overs',
  summary: 'Packs assets for the project and writes the use down',
  params: Id,
  query: Nothing,
  body: z.object({ assetIds: z.array(z.string()).min(1).max(200), format: z.enum(['glb', 'obj']) }),
  response: ProjectSchema,
});

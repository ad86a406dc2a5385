import { z } from 'zod';
import {
  CATEGORY_TREE,
  CategoryNodeSchema,
  CategorySchema,
  findTreeFault,
  MOST_CATEGORIES,
  TRIANGLE_BUDGETS,
} from './category';
import { HouseStandingSchema } from './terms';

export const SourceDefaultSchema = z.object({
  source: z.string().min(1).max(300),
  licenceId: z.string().min(1).max(200),
  statedGrant: z.string().max(1000).default(''),
});

/** Names of RFC 1123, with a dot in them: neither `localhost` nor a number. */
const HOST =
  /^(?:\*\.)?(?=.{4,253}$)[a-z0-9](?:[a-z0-9-]*[a-z0-9])?(?:\.[a-z0-9](?:[a-z0-9-]*[a-z0-9])?)*\.[a-z][a-z0-9-]*[a-z0-9]$/;

const Budget = z.number().int().min(100).max(100_000_000);

/** What the house asks of its models and their rights. What ships is ours, no outside source; every rule is editable. */
export const HouseRulesSchema = z.object({
  houseName: z.string().max(200).default(''),
  /** A proposal is sure from here on, with two independent evidences. */
  sureFrom: z.number().min(0.5).max(1).default(0.9),
  /** A guess from here on is set in pencil; below it is a question. */
  pencilFrom: z.number().min(0.1).max(1).default(0.5),
  /** What is sure is taken as soon as a model is on the bench. */
  takesSure: z.boolean().default(true),
  measures: z.enum(['metric', 'imperial']).default('metric'),
  /** Names of assets as they are proposed. */
  assetName: z
    .string()
    .max(200)
    .regex(/\{(name|thing)\}/, 'A name of assets holds {name} or {thing}')
    .default('{name}'),
  /** Longest side of a map that is handed over, texels. */
  handedOverMapSide: z.number().int().min(256).max(16_384).default(2048),
  /** Names of maps that are handed over; joined as the house writes names. */
  mapName: z
    .string()
    .max(200)
    .regex(/\{(asset|material|role)\}/, 'A name of maps holds {asset}, {material} or {role}')
    .default('{asset} {material} {role}'),
  /** Of an asset's maps on the graphics card, mip levels included, bytes. */
  mapMemoryBytes: z
    .number()
    .int()
    .min(1024 * 1024)
    .default(96 * 1024 * 1024),
  /** What things are, as the house sorts them. */
  categories: z
    .array(CategoryNodeSchema)
    .max(MOST_CATEGORIES)
    .superRefine((nodes, context) => {
      const fault = findTreeFault(nodes);
      if (fault !== null) context.addIssue({ code: 'custom', message: fault });
    })
    .default([...CATEGORY_TREE]),
  /** Triangles an asset of a category may have; one that is not named has what the wider one has. */
  triangles: z.record(CategorySchema, Budget).default({ ...TRIANGLE_BUDGETS }),
  /** How a licence is taken, where it differs from what ships. */
  standings: z.record(z.string(), HouseStandingSchema).default({}),
  evidenceRequired: z.boolean().default(false),
  secondPerson: z.boolean().default(false),
  /** Proposed for what comes from a source and names no licence. */
  sourceDefaults: z.array(SourceDefaultSchema).max(200).default([]),
  /** Nothing from outside is opened where processes cannot be shut in. */
  opensOnlyShutIn: z.boolean().default(false),
  /** Hosts whose pages and files may be fetched; `*.` before one stands for all below it. Sources that ship are reached anyway. */
  fetchHosts: z
    .array(z.string().trim().toLowerCase().regex(HOST, 'a host, such as models.example or *.models.example'))
    .max(200)
    .default([]),
  /** Largest file that is fetched. */
  fetchBytes: z
    .number()
    .int()
    .min(1024 * 1024)
    .default(4 * 1024 ** 3),
  /** Days after which the pages of models are asked again; 0 for never. */
  askPagesEvery: z.number().int().min(0).max(365).default(7),
  /** Days for which Health still counts work that is done. */
  keepDoneWork: z.number().int().min(1).max(3650).default(30),
});
export type HouseRules = z.infer<typeof HouseRulesSchema>;
export type HouseRule = keyof HouseRules;

/** The rules as they ship. */
export const HOUSE_RULES: HouseRules = HouseRulesSchema.parse({});

/** What a rule is called, and what changes when it does. */
export const HOUSE_RULE_FACTS: Record<HouseRule, { label: string; effect: string }> = {
  houseName: { label: 'The house’s name', effect: 'Stands under letters, and as holder of the house’s own work.' },
  sureFrom: {
    label: 'A proposal is sure from',
    effect: 'Applies to what is read from now on; “Re-analyse” applies it to an asset on the bench.',
  },
  takesSure: {
    label: 'Haveld takes what it is sure of',
    effect:
      'As steps marked “by Haveld”, each of which can be switched off. Otherwise every sure proposal waits for a person.',
  },
  pencilFrom: {
    label: 'A guess is set in pencil from',
    effect: 'Below that it is a question, on the line-up and on the bench.',
  },
  measures: { label: 'Measures shown in', effect: 'For everybody who has not chosen for themselves.' },
  assetName: {
    label: 'Names of assets',
    effect: 'Proposed for what comes to the bench from now on; a name somebody gave stays.',
  },
  handedOverMapSide: {
    label: 'Longest side of a map handed over',
    effect: 'Applies to the next hand-overs; what is in the library stays as received.',
  },
  mapName: { label: 'Names of maps handed over', effect: 'Applies to the next hand-overs.' },
  mapMemoryBytes: {
    label: 'Texture memory of an asset',
    effect: 'Applies to what is read from now on; “Re-analyse” applies it to an asset on the bench.',
  },
  categories: {
    label: 'Categories',
    effect: 'Assets of a category that is removed move to the wider one; what is proposed follows at once.',
  },
  triangles: {
    label: 'Triangles of an asset',
    effect: 'Shown beside every model at once; the finding follows when it is looked at again.',
  },
  standings: {
    label: 'Licences the house takes',
    effect: 'How every asset and every live project stands is worked out anew.',
  },
  evidenceRequired: {
    label: 'Every licence needs evidence: a text, a page, a mail, an agreement',
    effect: 'Assets without evidence stop the catalogue until they have some.',
  },
  secondPerson: {
    label: 'A licence allowed after review is reviewed by two people',
    effect: 'What one person has looked at waits for the second.',
  },
  sourceDefaults: {
    label: 'Usual for a source',
    effect: 'Proposed for what comes from there and names no licence; it is still shown as nothing more than that.',
  },
  opensOnlyShutIn: {
    label: 'Files from outside',
    effect:
      'Where the system has none, arrivals wait as failed work, with the reason; otherwise they are opened under limits of memory and time.',
  },
  fetchHosts: {
    label: 'Hosts that pages and files may be fetched from',
    effect: 'Applies at once. Nothing else is ever asked by the server, whoever names its address.',
  },
  fetchBytes: {
    label: 'Largest file that is fetched',
    effect: 'A larger one is told and left; it can still be dropped by hand.',
  },
  askPagesEvery: {
    label: 'Source pages are checked every',
    effect:
      'Days; 0 for never. A changed licence, another author, a newer version or a page that is gone is told on the asset.',
  },
  keepDoneWork: {
    label: 'Work that is done is kept for',
    effect: 'Health counts what was done within these days; older lines go once a day. Models and their history stay.',
  },
};

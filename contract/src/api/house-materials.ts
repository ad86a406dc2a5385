import { z } from 'zod';
import { HashSchema, MaterialFactorsSchema, TextureSlotSchema } from '../step';
import { endpoint } from './endpoint';

/** A material of the studio's own: factors, and maps where it has some. It stands in for a delivered one. */
export const HouseMaterialSchema = z.object({
  id: z.string(),
  name: z.string(),
  factors: MaterialFactorsSchema,
  maps: z.array(z.object({ slot: TextureSlotSchema, sha256: HashSchema, path: z.string() })),
  personName: z.string(),
});
export type HouseMaterial = z.infer<typeof HouseMaterialSchema>;

export const listHouseMaterials = endpoint({
  method: 'get',
  path: '/api/house-materials',
  may: 'artist',
  summary: 'The studio’s own materials',
  response: z.array(HouseMaterialSchema),
});

export const saveHouseMaterial = endpoint({
  method: 'post',
  path: '/api/house-materials',
  may: 'artist',
  summary: 'Keeps a material as one of the studio’s own; one of the same name is replaced',
  body: HouseMaterialSchema.omit({ id: true, personName: true }).extend({ name: z.string().trim().min(1).max(120) }),
  response: z.array(HouseMaterialSchema),
});

export const deleteHouseMaterial = endpoint({
  method: 'delete',
  path: '/api/house-materials/:id',
  may: 'artist',
  summary: 'Takes a material out of the studio’s own; what it was used for stays as it is',
  params: z.object({ id: z.string() }),
  response: z.array(HouseMaterialSchema),
});

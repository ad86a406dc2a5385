import { randomUUID } from 'node:crypto';
import { DomainError } from '@haveld/contract/error';
import type { HouseMaterial } from '@haveld/contract/api/house-materials';
import type { Person } from '@haveld/contract/api/people';
import { type Executor } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import * as queries from './queries';

/** Materials the house keeps, by name. */
export const listHouseMaterials = (db: Executor): Promise<HouseMaterial[]> => queries.listHouseMaterials(db);

/** Keeps a material under its name; one of that name is replaced, what it was used for is not. */
export async function saveHouseMaterial(
  { pool }: Dependencies,
  material: Omit<HouseMaterial, 'id' | 'personName'>,
  person: Person,
): Promise<HouseMaterial[]> {
  await queries.upsertHouseMaterial(pool, { id: randomUUID(), ...material }, person.id);
  await bumpRevision(pool);
  return queries.listHouseMaterials(pool);
}

/** Takes a house material away; what was made of it stays. @returns the others */
export async function deleteHouseMaterial({ pool }: Dependencies, id: string): Promise<HouseMaterial[]> {
  if (!(await queries.deleteHouseMaterial(pool, id)))
    throw new DomainError('not-found', 'There is no such house material any more.');
  await bumpRevision(pool);
  return queries.listHouseMaterials(pool);
}

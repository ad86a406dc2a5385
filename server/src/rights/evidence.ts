import { randomUUID } from 'node:crypto';
import type { Person } from '@haveld/contract/api/people';
import type { NewEvidence } from '@haveld/contract/api/rights';
import { DomainError } from '@haveld/contract/error';
import { type Executor } from '../database/pool';
import type { Dependencies } from '../dependencies';
import * as queries from './evidence-queries';
import { insertChanges } from './provenance-queries';

const SHOWN_CHARACTERS = 400;

/** Bytes of evidence, in the store by their hash: what was once kept is never overwritten. */
export interface StoredEvidence {
  id: string;
  given: NewEvidence;
  sha256: string;
  sizeBytes: number;
}

/** Puts evidence into the store. @throws {DomainError} where there is nothing in it */
export async function storeEvidence({ store }: Dependencies, given: NewEvidence): Promise<StoredEvidence> {
  const bytes =
    given.base64 === '' ? Buffer.from(given.text || given.note, 'utf8') : Buffer.from(given.base64, 'base64');
  if (bytes.length === 0)
    throw new DomainError('bad-request', 'There is nothing in this evidence: no words and no file.');
  const { sha256, sizeBytes } = await store.put(bytes);
  // words are shown beside the decision, their beginning at least; the whole of them is in the store
  const note = given.note || given.text.trim().slice(0, SHOWN_CHARACTERS);
  return { id: randomUUID(), given: { ...given, note }, sha256, sizeBytes };
}

/** Keeps one evidence with one or many assets, and says so in what was said when. */
export async function attachEvidence(
  tx: Executor,
  evidence: StoredEvidence,
  assetIds: readonly string[],
  person: Person,
): Promise<void> {
  const { id, given } = evidence;
  await queries.insertEvidence(tx, evidence, assetIds, person.id);
  await insertChanges(
    tx,
    assetIds.map((assetId) => ({
      assetId,
      field: 'evidence',
      before: '',
      after: `${given.kind}: ${given.name}`,
      personId: person.id,
      why: '',
      evidenceId: id,
    })),
  );
}

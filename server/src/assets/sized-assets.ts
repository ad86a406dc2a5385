import type { StandInAsset } from '@haveld/contract/api/bench';
import { sayByAuthor } from '@haveld/core/placement/kit/author-say';
import { listUnitShares } from '@haveld/core/placement/kit/kit-say';
import { isSimilar } from '@haveld/core/placement/size/is-similar';
import type { AuthorSay, SimilarSize } from '@haveld/core/placement/size/judge-size';
import { boxSize } from '@haveld/core/scene/measures/bounds';
import { type Executor } from '../database/pool';
import { formatAccession } from './accession';
import { listSized, listSizesByAuthor, listSizesInArrival } from './sized-queries';

/** What an asset may be stood beside, things of its kind first. @param words of their names or numbers; empty for all */
export async function listStandIns(
  db: Executor,
  own: { id: string; name: string },
  words: string,
): Promise<StandInAsset[]> {
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean);
  return (await listSized(db))
    .filter(({ id }) => id !== own.id)
    .map((one) => ({
      id: one.id,
      accession: formatAccession(one.accession),
      name: one.name,
      modelSha256: one.modelSha256,
      box: one.box,
      isSimilar: isSimilar(own.name, one.name),
    }))
    .filter(({ name, accession }) => wanted.every((word) => `${accession} ${name}`.toLowerCase().includes(word)))
    .sort((a, b) => Number(b.isSimilar) - Number(a.isSimilar))
    .slice(0, MOST);
}

const MOST = 20;

/** Likes that are looked at for one size. */
const MOST_SIMILAR = 12;

/** Sizes of catalogued things of the same kind. @param ownId the asset itself, which says nothing of its own size */
export async function listSimilarSizes(db: Executor, name: string, ownId: string | null): Promise<SimilarSize[]> {
  return (await listSized(db))
    .filter((one) => one.id !== ownId && isSimilar(name, one.name))
    .slice(0, MOST_SIMILAR)
    .map((one) => ({ label: `${formatAccession(one.accession)} “${one.name}”`, size: boxSize(one.box) }));
}

/** A find, or the asset it became. */
interface OwnModel {
  findId: string;
  assetId: string | null;
  arrivalId: string;
  /** A piece of a kit: the rest of it says more than other models do. */
  isPiece: boolean;
}

/** What other models by the same author say of the unit of one; null where nothing is known of any. */
export async function loadAuthorSay(db: Executor, author: string, own: OwnModel): Promise<AuthorSay | null> {
  if (author === '' || own.isPiece) return null;
  const judged = [
    ...(await listSizesByAuthor(db, author, own.assetId)),
    ...(await listSizesInArrival(db, own.arrivalId, author, own.findId)),
  ];
  return sayByAuthor(
    author,
    judged.map(({ question, answer }) => listUnitShares(question, answer)),
  );
}

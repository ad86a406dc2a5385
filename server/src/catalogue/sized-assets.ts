import type { StandInAsset } from '@haveld/contract/api/bench';
import type { Box, Figures } from '@haveld/contract/report';
import { isAlike } from '@haveld/core/placement/size/is-alike';
import type { SimilarSize } from '@haveld/core/placement/size/judge-size';
import { boxSize } from '@haveld/core/scene/measures/bounds';
import { formatAccession } from '../accession';
import { many, type Executor } from '../database/pool';

interface Row {
  id: string;
  accession: number;
  name: string;
  modelSha256: string;
  after: string;
}

interface Sized extends Omit<Row, 'after'> {
  box: Box;
}

/** Every catalogued asset with a real size and its box, the newest first. */
async function listSized(db: Executor): Promise<Sized[]> {
  const rows = await many<Row>(
    db,
    `SELECT asset.id, asset.accession, asset.name, version.model_sha256 AS modelSha256, version.figures_after AS after
     FROM asset JOIN version ON version.id = asset.current_version_id
     WHERE asset.state = 'catalogued' AND version.has_size = 1 AND version.state = 'made' ORDER BY asset.accession DESC LIMIT 2000`,
  );
  return rows.flatMap(({ after, ...row }) => {
    const { box } = JSON.parse(after) as Figures;
    return box ? [{ ...row, box }] : [];
  });
}

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
      isAlike: isAlike(own.name, one.name),
    }))
    .filter(({ name, accession }) => wanted.every((word) => `${accession} ${name}`.toLowerCase().includes(word)))
    .sort((a, b) => Number(b.isAlike) - Number(a.isAlike))
    .slice(0, MOST);
}

const MOST = 20;

/** Likes that are looked at for one size. */
const MOST_LIKES = 12;

/** Sizes of catalogued things of the same kind. @param ownId the asset itself, which says nothing of its own size */
export async function listSimilarSizes(db: Executor, name: string, ownId: string | null): Promise<SimilarSize[]> {
  return (await listSized(db))
    .filter((one) => one.id !== ownId && isAlike(name, one.name))
    .slice(0, MOST_LIKES)
    .map((one) => ({ words: `${formatAccession(one.accession)} “${one.name}”`, size: boxSize(one.box) }));
}

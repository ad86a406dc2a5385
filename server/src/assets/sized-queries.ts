import type { Box, Figures } from '@haveld/contract/report';
import type { Executor } from '../database/pool';
import { many } from '../database/statements';

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
export async function listSized(db: Executor): Promise<Sized[]> {
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

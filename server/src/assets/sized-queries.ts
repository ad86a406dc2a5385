import type { Box, Figures } from '@haveld/contract/report';
import type { Answer } from '@haveld/contract/finding';
import type { Provenance } from '@haveld/contract/licence';
import type { SizeQuestion } from '@haveld/core/placement/size/judge-size';
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

/** What the size of a model was judged by, and what a person answered of it. */
export interface JudgedSize {
  question: SizeQuestion | null;
  answer: Answer | null;
}

/** So many of an author's last models say what all of them would. */
const LAST = 24;

/** Models by an author on the bench and in the catalogue, the newest first. @param ownId the asset itself, or null */
export async function listSizesByAuthor(db: Executor, author: string, ownId: string | null): Promise<JudgedSize[]> {
  const rows = await many<{ question: string | null; answer: string | null }>(
    db,
    `SELECT asset.size_question AS question, answer.answer
     FROM provenance JOIN asset ON asset.id = provenance.asset_id
     LEFT JOIN answer ON answer.asset_id = asset.id AND answer.finding_key = 'size'
     WHERE provenance.author = ? AND asset.id <> ? AND (asset.size_question IS NOT NULL OR answer.answer IS NOT NULL)
     ORDER BY asset.accession DESC LIMIT ${LAST}`,
    [author, ownId ?? ''],
  );
  return rows.map(({ question, answer }) => ({
    question: question === null ? null : (JSON.parse(question) as SizeQuestion | null),
    answer: answer === null ? null : (JSON.parse(answer) as Answer),
  }));
}

/** Models by an author that came in the same arrival and are not on the bench yet. @param ownFindId the find itself */
export async function listSizesInArrival(
  db: Executor,
  arrivalId: string,
  author: string,
  ownFindId: string,
): Promise<JudgedSize[]> {
  const rows = await many<{ question: string | null; proposed: string }>(
    db,
    `SELECT reading.size_question AS question, reading.proposed FROM find JOIN reading ON reading.find_id = find.id
     LEFT JOIN asset ON asset.find_id = find.id
     WHERE find.arrival_id = ? AND find.id <> ? AND find.kit_id IS NULL AND asset.id IS NULL LIMIT ${LAST}`,
    [arrivalId, ownFindId],
  );
  return rows
    .filter(({ proposed }) => (JSON.parse(proposed) as Provenance).author === author)
    .map(({ question }) => ({
      question: question === null ? null : (JSON.parse(question) as SizeQuestion | null),
      answer: null,
    }));
}

import type { Question, Card } from '@haveld/contract/api/catalogue';
import type { IntendedUse } from '@haveld/contract/licence';
import { judgeUse } from '@haveld/core/rights/judge-use';
import type { LicenceBook } from '@haveld/core/rights/licence-book';
import { PLAIN_USE } from '@haveld/core/rights/plain-use';
import { formatAccession } from './accession';
import type * as queries from './card-queries';

/** What a card is judged for: a production that is shown; the project it goes to is judged in full. */
export const SHOWN: Record<Question['use'], IntendedUse> = {
  commercial: { ...PLAIN_USE, commercial: true },
  'non-commercial': PLAIN_USE,
  '': PLAIN_USE,
};

/** A row as the catalogue shows it. @param use what it is judged for; empty for any use */
export function toCard(book: LicenceBook, row: queries.CardRow, use: Question['use'] = ''): Card {
  const { verdict } =
    row.takenDown === null ? judgeUse(book, row.licenceId, SHOWN[use]) : { verdict: 'not-allowed' as const };
  const hasSize = row.hasSize === 1;
  return {
    id: row.id,
    accession: formatAccession(row.accession),
    name: row.name,
    category: row.category,
    state: row.state,
    licenceId: row.licenceId,
    author: row.author,
    triangles: Number(row.triangles ?? 0),
    mapSide: Number(row.mapSide ?? 0),
    widthM: hasSize ? row.widthM : null,
    heightM: hasSize ? row.heightM : null,
    thumbnailSha256: row.thumbnailSha256,
    orthographicSha256: row.orthographicSha256,
    uses: row.uses,
    verdict,
    takenDown: row.takenDown !== null,
  };
}

import { licenceWords } from '@haveld/core/rights/licence-book';
import { formatAccession } from '../accession';
import { many, placesFor, run, type Executor } from '../database/pool';
import { loadBook } from '../rights/book';

interface Row {
  id: string;
  accession: number;
  name: string;
  category: string | null;
  title: string;
  author: string;
  source: string;
  licenceId: string;
  findName: string;
}

/** Gathers the words assets are found by. Authors known under another spelling are found by both. */
export async function refreshSearchTexts(tx: Executor, ids: readonly string[]): Promise<void> {
  if (ids.length === 0) return;
  const { book } = await loadBook(tx);
  const rows = await many<Row>(
    tx,
    `SELECT asset.id, asset.accession, asset.name, asset.category, provenance.title, provenance.author, provenance.source, provenance.licence_id AS licenceId, find.name AS findName
     FROM asset JOIN provenance ON provenance.asset_id = asset.id JOIN find ON find.id = asset.find_id WHERE asset.id IN (${placesFor(ids)})`,
    [...ids],
  );
  const authors = [...new Set(rows.map(({ author }) => author).filter((author) => author !== ''))];
  const aliases =
    authors.length === 0
      ? []
      : await many<{ alias: string; name: string }>(
          tx,
          `SELECT alias, name FROM author_alias WHERE name IN (${placesFor(authors)})`,
          authors,
        );
  for (const row of rows) {
    const spellings = aliases.filter(({ name }) => name === row.author).map(({ alias }) => alias);
    const words = [
      row.name,
      row.title,
      row.author,
      ...spellings,
      row.source,
      row.category ?? '',
      formatAccession(row.accession),
      licenceWords(book, row.licenceId),
      row.findName,
    ];
    await run(tx, 'UPDATE asset SET search_text = ? WHERE id = ?', [
      words.filter((word) => word !== '').join(' '),
      row.id,
    ]);
  }
}

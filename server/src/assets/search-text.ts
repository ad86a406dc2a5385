import { listSearchWords } from '@haveld/core/placement/size/search-words';
import { licenceWords } from '@haveld/core/rights/licence-book';
import { type Executor } from '../database/pool';
import { loadBook } from '../house/book';
import { formatAccession } from './accession';
import * as queries from './search-queries';
import { listTags } from './tag-queries';

/** Gathers the words assets are found by. Authors known under another spelling are found by both. */
export async function refreshSearchTexts(tx: Executor, ids: readonly string[]): Promise<void> {
  if (ids.length === 0) return;
  const { book } = await loadBook(tx);
  const rows = await queries.listSearchRows(tx, ids);
  const tags = await listTags(tx, ids);
  const authors = [...new Set(rows.map(({ author }) => author).filter((author) => author !== ''))];
  const aliases = await queries.listAliasesOf(tx, authors);
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
      ...(tags.get(row.id) ?? []),
      ...listSearchWords(`${row.name} ${row.title} ${row.findName}`),
    ];
    await queries.setSearchText(tx, row.id, words.filter((word) => word !== '').join(' '));
  }
}

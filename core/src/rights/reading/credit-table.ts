import { tokensOf } from '../../finds/names/parse-path';
import { readText } from './read-text';
import { cleanName, splitNames } from './author-names';
import { createStatements, type RightsSubject, type Statements } from './statement';

type Column = 'name' | 'author' | 'licence' | 'source' | 'part';

/** Heads of columns people write, in four languages. Common practice, no source. */
const COLUMN_WORDS: [Column, RegExp][] = [
  [
    'name',
    /^(?:file(?:name)?s?|model|asset|name|title|object|piece|item|datei|modell|fichier|mod[eè]le|archivo|modelo|titre|titel|nom)$/i,
  ],
  ['author', /^(?:author|artist|creator|by|credit|credits|made by|auteur|autor|urheber|ersteller|autora)$/i],
  ['licence', /^(?:licen[sc]e|licencia|lizenz|rights|terms|licence type)$/i],
  ['source', /^(?:source|url|link|page|address|quelle|adresse|fuente|origin|website)$/i],
  ['part', /^(?:part|type|kind|what)$/i],
];

export interface CreditRow {
  name: string;
  author: string;
  licence: string;
  source: string;
  /** 1-based. */
  line: number;
  text: string;
}

/** A table of credits: comma, semicolon, tab or bar between columns, heads in its first line. @returns null where it is none */
export function parseCreditTable(text: string): CreditRow[] | null {
  const lines = text.split(/\r\n|\n|\r/);
  for (let at = 0; at < Math.min(lines.length, 40); at++) {
    for (const mark of ['\t', '|', ';', ',']) {
      const heads = splitRow(lines[at], mark).map(
        (head) => COLUMN_WORDS.find(([, words]) => words.test(head.trim()))?.[0] ?? null,
      );
      if (!heads.includes('name') || !(heads.includes('author') || heads.includes('licence'))) continue;
      const rows = readRows(lines, at + 1, mark, heads);
      if (rows.length > 0) return rows;
    }
  }
  return null;
}

function readRows(
  lines: readonly string[],
  from: number,
  mark: string,
  heads: readonly (Column | null)[],
): CreditRow[] {
  const rows: CreditRow[] = [];
  for (let at = from; at < lines.length; at++) {
    const line = lines[at];
    if (line.trim() === '') {
      if (rows.length > 0) break;
      continue;
    }
    if (/^[\s|:+-]+$/.test(line)) continue;
    const cells = splitRow(line, mark);
    const cell = (column: Column): string => cells[heads.indexOf(column)]?.trim() ?? '';
    if (cells.length < 2 || cell('name') === '') continue;
    rows.push({
      name: cell('name'),
      author: cell('author'),
      licence: cell('licence'),
      source: cell('source'),
      line: at + 1,
      text: line.trim(),
    });
  }
  return rows;
}

/** Cells of a row; quotes keep the mark inside one (RFC 4180). */
function splitRow(line: string, mark: string): string[] {
  const bare = mark === '|' ? line.trim().replace(/^\||\|$/g, '') : line;
  const cells: string[] = [];
  let cell = '';
  let isQuoted = false;
  for (let i = 0; i < bare.length; i++) {
    const c = bare[i];
    if (c === '"' && mark !== '|') {
      if (isQuoted && bare[i + 1] === '"') cell += bare[++i];
      else isQuoted = !isQuoted;
    } else if (c === mark && !isQuoted) {
      cells.push(cell);
      cell = '';
    } else cell += c;
  }
  return [...cells, cell];
}

/** No row of a list is longer. */
const LONGEST_ROW = 1000;

/** `bench.obj: Ines Falkenrot, CC BY 4.0`, several of them. */
const LIST_LINE = /^\s*(?:[-*•]\s*|\d+[.)]\s*)?["“`]?([^:"”`=]{2,60}?)["”`]?\s*(?::|=|\s[–—-]\s)\s*(\S.*)$/;

/** A list that says of each model in turn whose it is. @returns null where fewer than two lines do */
export function parseCreditList(text: string): CreditRow[] | null {
  const rows = text.split(/\r\n|\n|\r/).flatMap((line, i): CreditRow[] => {
    if (line.length > LONGEST_ROW) return [];
    const match = LIST_LINE.exec(line);
    if (
      !match ||
      /^(?:https?|licen[sc]e|lizenz|licence|author|auteur|autor|source|title|credits?|copyright|textures?|maps?|model|modelling|by|note)s?$/i.test(
        match[1].trim(),
      )
    )
      return [];
    const said = readText(match[2], { file: '', firstLine: 1 });
    if (said.licences.length === 0) return [];
    return [{ name: match[1].trim(), author: '', licence: match[2], source: '', line: i + 1, text: line.trim() }];
  });
  return rows.length >= 2 ? rows : null;
}

/**
 * What rows about many models say of one.
 * @returns statements of the rows that name it; empty ones where the others are named and this is not
 */
export function readCreditRows(rows: readonly CreditRow[], file: string, subject: RightsSubject): Statements {
  const found = createStatements();
  const own = rows.filter((row) => namesSubject(row.name, subject.model));
  for (const row of own) addRow(found, row, file);
  for (const row of rows) {
    if (own.includes(row)) continue;
    if (subject.files.some((path) => path !== subject.model && namesFile(row.name, path)))
      addRow(found, row, file, 'textures');
  }
  return found;
}

const stem = (path: string): string => path.slice(path.lastIndexOf('/') + 1).replace(/\.[^.]+$/, '');
const key = (text: string): string => tokensOf(text).join(' ');

function namesFile(name: string, path: string): boolean {
  const clean = name.replaceAll('\\', '/').toLowerCase();
  return path.toLowerCase() === clean || path.toLowerCase().endsWith(`/${clean}`);
}

const namesSubject = (name: string, model: string): boolean =>
  namesFile(name, model) || key(/\.[a-z0-9]{2,5}$/i.test(name) ? stem(name) : name) === key(stem(model));

function addRow(found: Statements, row: CreditRow, file: string, part?: string): void {
  const evidence = { text: 'a table names it', file, line: row.line, passage: row.text.slice(0, 240) };
  const of = part ? { part } : {};
  const said = readText(`${row.licence}\n\n${row.source}`, { file, firstLine: row.line });
  for (const licence of said.licences)
    found.licences.push({
      ...licence,
      confidence: Math.max(0.94, licence.confidence),
      nearness: 'named-for-it',
      evidence,
      ...of,
    });
  const names = row.author === '' ? firstNameOf(row.licence, said.authors) : splitNames(cleanName(row.author) ?? '');
  for (const name of names)
    if (name !== '') found.authors.push({ name, confidence: 0.94, nearness: 'named-for-it', evidence, ...of });
  for (const source of said.sources) found.sources.push({ ...source, evidence });
}

/** In a list the author often stands first and bare: `bench.obj: Ines Falkenrot, CC BY 4.0`. */
function firstNameOf(words: string, said: Statements['authors']): string[] {
  if (said.length > 0) return said.map(({ name }) => name);
  const bare = /^(?:by\s+)?@?([\p{L}][\p{L}\p{N}_.'’ -]{1,60}?)\s*[,(;]/u.exec(words)?.[1]?.trim();
  const name = bare && /^\p{Lu}|_/u.test(bare) ? cleanName(bare) : null;
  return name && !/^(?:CC|GPL|MIT|public|creative)\b/i.test(name) ? splitNames(name) : [];
}

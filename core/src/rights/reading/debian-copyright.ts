import { isExpression } from '../expression';
import { cleanName, splitNames } from './author-names';
import { fitsGlob } from './glob';
import { readText } from './read-text';
import { createStatements, type RightsSubject, type Statements } from './statement';

/** One paragraph: fields with their lines, and where it began. */
interface Paragraph {
  fields: Map<string, string>;
  line: number;
}

export interface CopyrightParagraph {
  files: string[];
  copyright: string[];
  /** Short name as written: `GPL-2+`. */
  licence: string;
  /** As an SPDX expression; null where the short name means nothing outside this file. */
  licenceId: string | null;
  line: number;
}

export interface DebianCopyright {
  source: string;
  upstreamName: string;
  upstreamContact: string;
  paragraphs: CopyrightParagraph[];
}

/** Machine-readable copyright files, format 1.0 of the Debian project; also `.reuse/dep5`. @returns null where it is none */
export function parseDebianCopyright(text: string): DebianCopyright | null {
  if (
    !/^Format(?:-Specification)?:\s*\S*(?:dep\.debian\.net|debian\.org\/doc\/packaging-manuals\/copyright-format|dep5|copyright-format)/im.test(
      text.slice(0, 4000),
    )
  )
    return null;
  const paragraphs = listParagraphs(text);
  const [head] = paragraphs;
  if (!head) return null;
  const texts = new Map(
    paragraphs.flatMap(({ fields }) =>
      fields.has('license') && !fields.has('files')
        ? [[shortName(fields.get('license')!), fields.get('license')!] as const]
        : [],
    ),
  );
  return {
    source: head.fields.get('source')?.trim() ?? '',
    upstreamName: head.fields.get('upstream-name')?.trim() ?? '',
    upstreamContact: head.fields.get('upstream-contact')?.trim() ?? '',
    paragraphs: paragraphs
      .filter(({ fields }) => fields.has('files'))
      .map(({ fields, line }) => {
        const licence = fields.get('license') ?? '';
        const short = shortName(licence);
        return {
          files: fields
            .get('files')!
            .split(/\s+/)
            .filter((pattern) => pattern !== ''),
          copyright: listHolders(fields.get('copyright') ?? ''),
          licence: short,
          licenceId: toSpdx(short, licence.includes('\n') ? licence : (texts.get(short) ?? '')),
          line,
        };
      }),
  };
}

const shortName = (field: string): string => field.split('\n')[0].trim();

function listParagraphs(text: string): Paragraph[] {
  const paragraphs: Paragraph[] = [];
  let now: Paragraph | null = null;
  let field = '';
  text.split(/\r\n|\n|\r/).forEach((line, i) => {
    if (line.trim() === '') {
      now = null;
      return;
    }
    if (line.startsWith('#')) return;
    if (!now) paragraphs.push((now = { fields: new Map(), line: i + 1 }));
    const start = /^([A-Za-z][A-Za-z-]*):\s?(.*)$/.exec(line);
    if (start) {
      field = start[1].toLowerCase();
      now.fields.set(field, start[2]);
    } else if (/^\s/.test(line) && field !== '') {
      now.fields.set(field, `${now.fields.get(field) ?? ''}\n${line.trim() === '.' ? '' : line.slice(1)}`);
    }
  });
  return paragraphs;
}

/** `1998-2003, Tor Aldersund <tor@…>` → `Tor Aldersund`. */
function listHolders(field: string): string[] {
  const holders = field
    .split('\n')
    .map((line) =>
      line
        .trim()
        .replace(/^(?:©|\(c\)|copyright)\s*/i, '')
        .replace(/^(?:©|\(c\))\s*/i, '')
        .replace(/^(?:\d{2,4}|present|and\b|\s|[-–,;:])+(?=\D|$)/i, '')
        .replace(/^by\s+/i, '')
        .trim(),
    )
    .map((line) =>
      line
        .replace(/\s*<[^>]*>.*$/, '')
        .replace(/\s*\((?:[^)]*@|https?:)[^)]*\)/, '')
        .trim(),
    )
    .filter((line) => line.length > 1 && !/^\d+$/.test(line));
  return [...new Set(holders)];
}

const VERSIONED = /^((?:A|L)?GPL|GFDL|CC-BY(?:-(?:NC|ND|SA))*|CC0|Apache|MPL|Artistic|ZPL|EFL)-?(\d+(?:\.\d+)?)(\+)?$/i;
/** Short names of the format that SPDX calls otherwise ("License specification" of the format; the last three common practice). */
const OTHER_NAMES: Record<string, string> = {
  expat: 'MIT',
  'public-domain': 'LicenseRef-public-domain',
  'bsd-2-clause': 'BSD-2-Clause',
  'bsd-3-clause': 'BSD-3-Clause',
  zlib: 'Zlib',
  isc: 'ISC',
  cc0: 'CC0-1.0',
  artistic: 'Artistic-1.0',
  'ofl-1.1': 'OFL-1.1',
  'gpl-1+': 'GPL-1.0-or-later',
};

/** @returns an SPDX expression, or null where the name is the file's own and its text says nothing more */
function toSpdx(short: string, text: string): string | null {
  const parts = short.split(/\s*,?\s+(and|or)\s+/i);
  const words = parts.map((part, i) => (i % 2 === 1 ? part.toUpperCase() : toSpdxName(part.replace(/,$/, '').trim())));
  if (words.every((word) => word !== null)) {
    const expression = words.join(' ');
    if (isExpression(expression)) return expression;
  }
  if (text === '') return null;
  const said = readText(text.slice(0, 2000), { file: '', firstLine: 1 }).licences;
  const ids = [...new Set(said.map(({ id }) => id))];
  return ids.length === 1 ? ids[0] : null;
}

function toSpdxName(name: string): string | null {
  const other = OTHER_NAMES[name.toLowerCase()];
  if (other) return other;
  const versioned = VERSIONED.exec(name);
  if (versioned) {
    const family =
      versioned[1].toUpperCase() === 'APACHE'
        ? 'Apache'
        : versioned[1].toUpperCase() === 'ARTISTIC'
          ? 'Artistic'
          : versioned[1].toUpperCase();
    const version = versioned[2].includes('.') ? versioned[2] : `${versioned[2]}.0`;
    const gnu = /GPL$|^GFDL$/.test(family);
    const id = `${family}-${version}${gnu ? (versioned[3] ? '-or-later' : '-only') : ''}`;
    if (isExpression(id)) return id;
  }
  return isExpression(name) ? name : null;
}

/** What such a file says of one model: its last paragraph that fits the model's file counts, and those of its maps. */
export function readDebianCopyright(text: string, file: string, subject: RightsSubject): Statements | null {
  const parsed = parseDebianCopyright(text);
  if (!parsed) return null;
  const found = createStatements();
  const own = lastThatFits(parsed, subject.model);
  if (own) addParagraph(found, own, file);
  const parts = new Set(
    subject.files.filter((path) => path !== subject.model).map((path) => lastThatFits(parsed, path)),
  );
  for (const paragraph of parts) if (paragraph && paragraph !== own) addParagraph(found, paragraph, file, 'textures');
  if (parsed.source !== '') found.sources.push(...readText(parsed.source, { file, firstLine: 1 }).sources);
  return found;
}

const lastThatFits = ({ paragraphs }: DebianCopyright, path: string): CopyrightParagraph | undefined =>
  paragraphs.findLast(({ files }) => files.some((pattern) => fitsGlob(path, pattern)));

function addParagraph(found: Statements, paragraph: CopyrightParagraph, file: string, part?: string): void {
  const evidence = {
    text: `a copyright file names it by “${paragraph.files.slice(0, 3).join(' ')}”`,
    file,
    line: paragraph.line,
    passage: `${paragraph.copyright.join('; ')} — ${paragraph.licence}`.slice(0, 240),
  };
  if (paragraph.licenceId)
    found.licences.push({
      id: paragraph.licenceId,
      confidence: 0.96,
      nearness: 'named-for-it',
      evidence,
      ...(part ? { part } : {}),
    });
  for (const holder of paragraph.copyright) {
    const name = cleanName(holder);
    if (!name) continue;
    for (const one of splitNames(name))
      found.authors.push({
        name: one,
        confidence: 0.94,
        nearness: 'named-for-it',
        evidence,
        ...(part ? { part } : {}),
      });
  }
}

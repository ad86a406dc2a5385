import type { Nearness, RightsFinding } from '@haveld/contract/licence';
import { NEARNESS } from '@haveld/contract/licence';
import { parseCreditList, parseCreditTable, readCreditRows } from './reading/credit-table';
import { readDebianCopyright } from './reading/debian-copyright';
import { readDeed } from './reading/deed';
import type { LicenceTextIndex, TextMatch } from './reading/licence-text-index';
import { ADDRESS_RULES } from './reading/licence-addresses';
import { PHRASE_RULES } from './reading/licence-names';
import { readMetadata, readXmpPacket, type RightsMetadata } from './reading/metadata';
import { readText } from './reading/read-text';
import { readReuse, sidecarOf, type ReuseAnnotation } from './reading/reuse-file';
import { isPage } from '../pages/page-markup';
import { readShortcut } from '../pages/shortcut';
import { readSavedPage, readUnopened } from './reading/saved-page';
import { listShortLines } from './reading/short-lines';
import {
  addStatements,
  createStatements,
  placeStatements,
  type RightsSubject,
  type RightsText,
  type Statements,
} from './reading/statement';
import { weighAuthors, weighLicences } from './reading/weigh-statements';

/** Fields a file carries about itself. */
export interface MetadataSource {
  file: string;
  metadata: RightsMetadata;
  /** Said by a picture: of the maps, not of the model. */
  isPicture?: boolean;
}

/** Everything that may say whose a model is. */
export interface RightsSources {
  texts: readonly RightsText[];
  metadata?: readonly MetadataSource[];
  reuse?: readonly { file: string; annotations: readonly ReuseAnnotation[] }[];
}

/**
 * Reads licence, author, source and title of one model out of what came with it.
 * @param subject the model; a text about several is read for this one alone
 * @param index full licence texts to compare with
 * @returns every statement found, the nearest first and of equally near ones the most certain; empty lists where nothing is said
 */
export function detectRights(sources: RightsSources, subject: RightsSubject, index: LicenceTextIndex): RightsFinding {
  const found = createStatements();
  for (const text of sources.texts) addStatements(found, readOne(text, subject, index));
  for (const { file, metadata, isPicture } of sources.metadata ?? [])
    addStatements(
      found,
      placeStatements(readMetadata(metadata, file), 'in-the-file', isPicture ? 'textures' : undefined),
    );
  for (const { file, annotations } of sources.reuse ?? []) addStatements(found, readReuse(annotations, file, subject));
  const byNearness = <T extends { nearness: Nearness }>(list: readonly T[]): T[] =>
    [...list].sort((a, b) => NEARNESS.indexOf(a.nearness) - NEARNESS.indexOf(b.nearness));
  const licences = weighLicences(found.licences);
  return {
    licences,
    authors: byNearness(weighAuthors(found.authors)),
    sources: found.sources,
    titles: found.titles,
    basedOn: found.basedOn,
    // a price beside a grant says nothing
    notGrants: licences.length > 0 ? [] : found.notGrants,
    ownWords: found.ownWords,
    claims: found.claims,
  };
}

function readOne(text: RightsText, subject: RightsSubject, index: LicenceTextIndex): Statements {
  const { file } = text;
  const sidecar = sidecarOf(file);
  if (sidecar !== null) {
    if (!subject.files.includes(sidecar) && sidecar !== subject.model) return createStatements();
    return placeStatements(readWords(text, index), 'named-for-it', sidecar === subject.model ? undefined : 'textures');
  }
  const copyright = readDebianCopyright(text.text, file, subject);
  if (copyright) return copyright;
  const nearness = text.isMetadata ? 'in-the-file' : nearnessOf(file, subject.model);
  if (/<x:xmpmeta|<rdf:RDF/i.test(text.text.slice(0, 4000)))
    return placeStatements(readMetadata(readXmpPacket(text.text), file), nearness);
  const shortcut = readShortcut(text.text, file);
  if (shortcut) {
    const found = createStatements();
    found.sources.push({ url: shortcut, evidence: { text: 'a shortcut to its page', file, passage: shortcut } });
    return placeStatements(found, nearness);
  }
  const page = text.page ?? (isPage(text.text) ? readUnopened(text.text) : null);
  if (page) return placeStatements(readSavedPage(page, file), nearness);
  const rows = text.isMetadata ? null : (parseCreditTable(text.text) ?? parseCreditList(text.text));
  if (rows) {
    const said = readCreditRows(rows, file, subject);
    // what stands outside the rows is said of all
    const taken = new Set(rows.map((row) => row.line));
    const rest = text.text
      .split(/\r\n|\n|\r/)
      .map((line, i) => (taken.has(i + 1) ? '' : line))
      .join('\n');
    addStatements(said, placeStatements(readWords({ ...text, text: rest }, index), nearness));
    return said;
  }
  return placeStatements(readWords(text, index), nearness);
}

/** How near a text stands to a model by where it lies and what it is called. */
export function nearnessOf(file: string, model: string): Nearness {
  const folder = (path: string): string => path.slice(0, path.lastIndexOf('/') + 1);
  const stem = (path: string): string =>
    path
      .slice(path.lastIndexOf('/') + 1)
      .replace(/\.[^.]+$/, '')
      .toLowerCase();
  if (stem(file) === stem(model)) return 'named-for-it';
  if (folder(file) === folder(model)) return 'beside-it';
  return folder(model).startsWith(folder(file)) && folder(file).split('/').length > 2 ? 'for-the-folder' : 'for-all';
}

/** Licence texts in full first; what stands around them is read as words. */
function readWords(text: RightsText, index: LicenceTextIndex): Statements {
  const found = createStatements();
  const matches = index.find(text.text);
  let rest = text.text;
  for (const match of matches) {
    addMatch(found, match, text);
    found.authors.push(...readHolders(text, match));
    rest = blank(rest, match.start, match.end);
  }
  const deed = matches.length === 0 ? readDeed(text.text) : null;
  if (deed)
    found.licences.push({
      id: deed.id,
      confidence: 0.9,
      nearness: 'beside-it',
      evidence: {
        text: 'the summary of a licence',
        file: text.file,
        line: lineAt(text, deed.at),
        passage: 'You are free to …',
      },
    });
  const document = matches.length === 0 && !deed ? readLicenceDocument(text) : null;
  if (document) {
    found.licences.push(document);
    return found;
  }
  addStatements(found, readText(rest, text));
  if (matches.length > 0 || deed) dropOwnTitles(found);
  return found;
}

/** Keeps line ends, so that lines keep their numbers. */
const blank = (text: string, from: number, to: number): string =>
  text.slice(0, from) + text.slice(from, to).replace(/[^\n\r]/g, ' ') + text.slice(to);

const lineAt = (text: RightsText, at: number): number =>
  text.firstLine + (text.text.slice(0, at).match(/\r\n|\n|\r/g)?.length ?? 0);

/** From here on a published text stands here whole. */
const WHOLE_SHARE = 0.9;

function addMatch(found: Statements, match: TextMatch, text: RightsText): void {
  const percent = Math.floor(match.share * 100);
  const limits = match.added.filter((words) =>
    /\b(?:not?|only|non[\s-]?commercial|commercial|prohibited|except|without)\b/i.test(words),
  );
  const isWhole = match.share >= WHOLE_SHARE;
  const like = isWhole ? `the published text of ${match.id}` : `like the published text of ${match.id}`;
  found.licences.push({
    id: match.id,
    confidence: limits.length > 0 ? 0.5 : isWhole ? Math.min(0.99, match.share) : match.share * 0.8,
    nearness: 'beside-it',
    evidence: {
      text:
        limits.length > 0
          ? `${like}, with words it does not have: “${limits[0].slice(0, 120)}”`
          : `${like}, ${percent} % of it`,
      figure: match.runnerUp ? `next: ${match.runnerUp.id}, ${Math.floor(match.runnerUp.share * 100)} %` : undefined,
      file: text.file,
      line: lineAt(text, match.start),
      passage: text.text.slice(match.start, match.start + 160).split(/[\r\n]/)[0],
    },
  });
}

/** Who wrote a licence is no author of what it is given for. */
const STEWARDS =
  /free software foundation|creative commons|apache software foundation|mozilla|software freedom|copyleft attitude/i;

/** The line of a licence text that is filled in: `Copyright (c) 2019 Tor Aldersund`. */
function readHolders({ text, file, firstLine }: RightsText, { start, end }: TextMatch): Statements['authors'] {
  const before = text.slice(0, start).lastIndexOf('\n') + 1;
  const skipped = text.slice(0, before).match(/\n/g)?.length ?? 0;
  return listShortLines(text.slice(before, end)).flatMap(({ text: line, number }) =>
    /^\W*(?:copyright|©|\(c\))/i.test(line)
      ? readText(line, { file, firstLine: firstLine + skipped + number - 1 }).authors.filter(
          ({ name }) => !STEWARDS.test(name),
        )
      : [],
  );
}

/** A text as long as a licence that begins with one's name is that licence, and its sentences say nothing of this model. */
const DOCUMENT_WORDS = 400;
const DOCUMENT_HEAD_LINES = 15;
/** Looser phrases, such as "public domain", are no title. */
const TITLE_FROM = 0.9;

/** Translations and editions SPDX does not list, such as the English of Free Art 1.3. */
function readLicenceDocument(text: RightsText): Statements['licences'][number] | null {
  if (text.text.split(/\s+/).length < DOCUMENT_WORDS) return null;
  const head = text.text
    .split(/\r\n|\n|\r/)
    .map((line, i) => ({ line: line.trim(), i }))
    .filter(({ line }) => line !== '')
    .slice(0, DOCUMENT_HEAD_LINES);
  for (const { line, i } of head) {
    for (const rule of [...PHRASE_RULES, ...ADDRESS_RULES]) {
      const match = rule.confidence >= TITLE_FROM ? rule.pattern.exec(line) : null;
      const id = match && rule.id(match);
      // a sentence that mentions a licence is not the head of one
      if (!id || match[0].length < line.length / 3) continue;
      return {
        id,
        confidence: 0.95,
        nearness: 'beside-it',
        evidence: {
          text: 'a licence in full, by the name at its head',
          file: text.file,
          line: text.firstLine + i,
          passage: line.slice(0, 240),
        },
      };
    }
  }
  return null;
}

/** The head of a licence text names itself; it says no more than the text. */
function dropOwnTitles(found: Statements): void {
  const whole = found.licences
    .filter(({ evidence }) => /published text|summary of/.test(evidence.text))
    .map(({ id }) => id);
  const kind = (id: string): string => id.replace(/^LicenseRef-/, '').replace(/-(?:only|or-later|unstated)$/, '');
  found.licences = found.licences.filter(
    (licence) =>
      whole.includes(licence.id) || !whole.some((id) => kind(licence.id) === kind(id).replace(/-\d+(\.\d+)*$/, '')),
  );
  found.sources = found.sources.filter(({ url }) => !/fsf\.org|gnu\.org|opensource/.test(url));
}

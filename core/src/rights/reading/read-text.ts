import type { Evidence } from '@haveld/contract/finding';
import {
  AUTHOR_RULES,
  BASED_ON,
  cleanName,
  SAYS_PROGRAM,
  SEVERAL,
  splitNames,
  TITLE_RULES,
  UNFILLED,
} from './author-names';
import { ADDRESS_RULES } from './licence-addresses';
import { creativeCommonsId } from './licence-ids';
import { NOT_GRANTS, PHRASE_RULES } from './licence-names';
import type { LicenceRule } from './licence-rule';
import { OWN_WORDS_RULES } from './own-words';
import { listShortLines, type ShortLine } from './short-lines';
import { createStatements, type LicenceStatement, type Statements } from './statement';
import { weighLicences } from './weigh-statements';

/** Whose licence name it is has to be said near it; an address of the standard itself says nothing. */
const NO_SOURCE =
  /creativecommons\.org|licensebuttons\.net|spdx\.org|w3\.org|ns\.adobe\.com|purl\.org|gnu\.org|opensource\.org|apache\.org|artlibre\.org|fsf\.org|shields\.io|\bbadges?\b|localhost|127\.0\.0\.1/i;

/** A picture, a page about licences or marks, and the home of a program that wrote the file: none of them is the page of a model. */
const NO_PAGE =
  /\.(?:png|jpe?g|gif|svg|webp|ico|css|js|zip)(?:[?#]|$)|\/(?:licen[sc]es?|trademarks?|terms(?:-of-\w+)?|legal|privacy|eula|tos|copyright|faq)(?:[/?#.]|$)|(?:blender|gimp|inkscape|freecad|openscad|meshlab|assimp)\.(?:org|net)|(?:autodesk|sketchup|maxon|sidefx|foundry|rhino3d|zbrush|substance3d|unity3?d?|unrealengine|cinema4d)\.(?:com|net)|khronos\.org/i;

export interface TextPlace {
  file: string;
  /** Line of the text's first line in its file, 1-based. */
  firstLine: number;
}

/**
 * Reads statements out of words as people write them. Names of licences are read across line ends, for a name broken in two
 * would lose its second half; names of people are read line by line.
 */
export function readText(text: string, place: TextPlace): Statements {
  const found = createStatements();
  const lines = listShortLines(text);
  for (const paragraph of listParagraphs(lines)) readLicences(paragraph, place, found);
  for (const line of lines) readLine(line.text, { file: place.file, line: place.firstLine + line.number - 1 }, found);
  const version = VERSION_FIELD.exec(text)?.[1];
  if (version) for (const licence of found.licences) licence.id = withVersion(licence.id, version);
  return found;
}

/** A field of its own for the version: `license_version = 4.0`. */
const VERSION_FIELD = /\blicen[sc]e[_\s-]*version\s*[:=]\s*["']?(\d\.\d)/i;

function withVersion(id: string, version: string): string {
  const kind = /^LicenseRef-CC-(.+)-unstated$/.exec(id)?.[1];
  return kind ? (creativeCommonsId(kind, version) ?? id) : id;
}

/** Lines without an empty one between them, joined; `starts` says where each begins in the joined words. */
interface Paragraph {
  words: string;
  starts: number[];
  lines: ShortLine[];
}

/** A paragraph that goes on for longer is read in several. */
const LONGEST_PARAGRAPH = 4000;

function listParagraphs(lines: readonly ShortLine[]): Paragraph[] {
  const paragraphs: Paragraph[] = [];
  let now: Paragraph | null = null;
  for (const line of lines) {
    // comment marks of programs and lists stand in the way of a name that goes on
    const bare = line.text.replace(/^[\s>#*;%|/-]+/, '').trimEnd();
    if (bare === '') {
      now = null;
      continue;
    }
    if (!now || now.words.length > LONGEST_PARAGRAPH) paragraphs.push((now = { words: '', starts: [], lines: [] }));
    if (now.words !== '') now.words += ' ';
    now.starts.push(now.words.length);
    now.words += bare;
    now.lines.push(line);
  }
  return paragraphs;
}

function readLicences(paragraph: Paragraph, place: TextPlace, found: Statements): void {
  let rest = paragraph.words;
  const evidenceAt = (at: number, words: string): Evidence => {
    const line = paragraph.lines[paragraph.starts.findLastIndex((start) => start <= at)];
    return {
      text: words,
      file: place.file,
      line: place.firstLine + line.number - 1,
      passage: line.text.trim().slice(0, 240),
    };
  };
  const take = (from: number, length: number): void => {
    rest = rest.slice(0, from) + ' '.repeat(length) + rest.slice(from + length);
  };
  const based = BASED_ON.exec(rest);
  const author = cleanName(based?.[2]);
  if (based && author) {
    const licence = based[3] ? readFirstLicence(based[3]) : null;
    found.basedOn.push({
      title: based[1].trim(),
      author,
      licenceId: licence ?? '',
      evidence: evidenceAt(based.index, 'names what it is based on'),
    });
    take(based.index, based[0].length);
  }
  const said: { at: number; licence: LicenceStatement }[] = [];
  for (const rule of [...ADDRESS_RULES, ...PHRASE_RULES]) {
    for (;;) {
      const match = rule.pattern.exec(rest);
      if (!match) break;
      const licence = describe(rule, match, evidenceAt(match.index, rule.summary));
      if (licence) {
        const doubted = isDoubted(paragraph.words, match.index, match[0].length);
        said.push({
          at: match.index,
          licence: { ...(doubted ? doubt(licence) : licence), ...partBefore(paragraph, match.index) },
        });
      }
      // what one rule has read no looser rule reads again
      take(match.index, match[0].length);
    }
  }
  const inOrder = said.sort((a, b) => a.at - b.at);
  const { from, to } = findChoice(paragraph.words);
  const isOffered = ({ at }: { at: number }): boolean => at >= from && at < to;
  const offered = joinChoice(inOrder.filter(isOffered).map(({ licence }) => licence));
  for (const licence of [...offered, ...inOrder.filter((one) => !isOffered(one)).map((one) => one.licence)])
    addLicence(found, licence);
}

/** A text that says the same a thousand times says it as well the first few times. */
const TIMES_KEPT = 4;

/** A text that names more than this does not speak of one model. */
const MOST_NAMED = 100;

function addLicence(found: Statements, licence: LicenceStatement): void {
  const same = found.licences.filter(({ id, part }) => id === licence.id && part === licence.part);
  if (same.length < TIMES_KEPT && found.licences.length < MOST_NAMED) found.licences.push(licence);
}

/** Words that take back what a sentence seems to say: asked, not sure, no longer so. In four languages; common practice, no source. */
const DOUBT =
  /\?|\b(?:not\s+(?:quite\s+)?sure|unsure|i\s+think|maybe|perhaps|probably|used\s+to\s+be|formerly|previously|no\s+longer|not\s+decided|vielleicht|nicht\s+sicher|fr[uü]her|peut-[eê]tre|anciennement|quiz[aá]s|antes)\b/i;

/** The clause a name stands in, up to the marks that end it; a bracket is one of its own. */
function isDoubted(words: string, at: number, length: number): boolean {
  const before = words.slice(0, at);
  const from = Math.max(...['. ', '; ', '! ', '? ', '('].map((mark) => before.lastIndexOf(mark)), -1) + 1;
  const rest = words.slice(at + length);
  const end = rest.search(/[.;!](?:\s|$)|\?|\)|\s\(/);
  const clause = words.slice(from, end < 0 ? words.length : at + length + end + (rest[end] === '?' ? 1 : 0));
  return DOUBT.test(clause.replace(/https?:\/\/\S+/g, ' '));
}

const doubt = (licence: LicenceStatement): LicenceStatement => ({
  ...licence,
  confidence: 0.4,
  evidence: { ...licence.evidence, text: `${licence.evidence.text}, in doubt or no longer so` },
});

/** The receiver chooses: said of licences, not of later versions of one. */
const CHOICE =
  /\bat\s+your\s+(?:choice|option)\b(?!\s*\)?\s*any\s+later)|\bwhichever\s+(?:suits|you)|\bdual[\s-]?licen[sc]|\bau\s+choix\b|\bnach\s+wahl\b|\ba\s+su\s+elecci[oó]n\b/i;

/** The sentence that offers a choice; licences of the sentences round it are none of it. */
function findChoice(words: string): { from: number; to: number } {
  const at = CHOICE.exec(words)?.index;
  if (at === undefined) return { from: 0, to: 0 };
  let [from, to] = [0, words.length];
  for (const { index, 0: end } of words.matchAll(/[.!;]\s+(?=\p{Lu})/gu)) {
    if (index < at) from = index + end.length;
    else {
      to = index;
      break;
    }
  }
  return { from, to };
}

/** Several licences of one sentence to choose from are one statement. */
function joinChoice(said: readonly LicenceStatement[]): LicenceStatement[] {
  const order = [...new Set(said.map(({ id }) => id))];
  const distinct = weighLicences(said).sort((a, b) => order.indexOf(a.id) - order.indexOf(b.id));
  if (distinct.length < 2 || distinct.some(({ id }) => id.includes(' '))) return [...said];
  const confidence = Math.min(0.93, ...distinct.map((licence) => licence.confidence));
  return [
    {
      ...distinct[0],
      id: distinct.map(({ id }) => id).join(' OR '),
      confidence,
      evidence: { ...distinct[0].evidence, text: 'several licences, at the receiver’s choice' },
    },
  ];
}

/** `Textures: CC0` is said of the maps. */
const PART_LABEL =
  /(?:^|[\s,;.])(textures?|maps?|materials?|sounds?|fonts?|motion|animations?|code|scripts?)\s*:\s*[^:.;]{0,40}$/i;

function partBefore({ words, starts }: Paragraph, at: number): { part?: string } {
  const lineStart = starts[starts.findLastIndex((start) => start <= at)];
  const match = PART_LABEL.exec(words.slice(lineStart, at));
  if (!match || /map\s+data/i.test(match[0])) return {};
  const part = match[1].toLowerCase();
  return {
    part: /^(texture|map|material)/.test(part) ? 'textures' : /^(motion|animation)/.test(part) ? 'motion' : part,
  };
}

function describe(rule: LicenceRule, match: RegExpExecArray, evidence: Evidence): LicenceStatement | null {
  const id = rule.id(match);
  if (!id) return null;
  const unstated = id.endsWith('-unstated') ? '; its version is not stated' : '';
  return {
    id,
    confidence: rule.confidence,
    nearness: 'beside-it',
    evidence: { ...evidence, text: `${evidence.text}${unstated}` },
  };
}

function readFirstLicence(words: string): string | null {
  for (const rule of [...ADDRESS_RULES, ...PHRASE_RULES]) {
    const match = rule.pattern.exec(words);
    const id = match && rule.id(match);
    if (id) return id;
  }
  return null;
}

function readLine(line: string, place: { file: string; line: number }, found: Statements): void {
  const passage = line.trim().slice(0, 240);
  if (passage === '') return;
  const evidence = (text: string): Evidence => ({ text, ...place, passage });
  const words = line
    .replace(BASED_ON, (whole, ...groups: (string | undefined)[]) => (groups[1] ? ' '.repeat(whole.length) : whole))
    .replace(/\(?https?:\/\/[^\s)]+\)?/g, ' ')
    .replace(UNFILLED, ' ');
  if (!SAYS_PROGRAM.test(words))
    for (const notice of splitNotices(words)) readAuthors(notice, SEVERAL.test(words), evidence, found);
  for (const pattern of TITLE_RULES) {
    const title = pattern.exec(words)?.[1]?.trim();
    if (title && found.titles.length < MOST_NAMED && !isLicenceWords(title) && title.length <= 200)
      found.titles.push({ title, evidence: evidence('names the model') });
  }
  for (const [url] of line.matchAll(/https?:\/\/[^\s<>()"'\]]+/g)) {
    const trimmed = url.replace(/[.,;:!?]+$/, '');
    if (found.sources.length >= MOST_NAMED) break;
    if (NO_SOURCE.test(trimmed) || NO_PAGE.test(trimmed) || SAYS_PROGRAM.test(line)) continue;
    if (found.sources.some((source) => source.url === trimmed)) continue;
    found.sources.push({ url: trimmed, evidence: evidence('an address') });
  }
  if (found.notGrants.length < MOST_NAMED && NOT_GRANTS.test(line))
    found.notGrants.push(evidence('free of charge is not a grant'));
  for (const { term, grant, pattern } of OWN_WORDS_RULES)
    if (found.ownWords.length < MOST_NAMED && pattern.test(line))
      found.ownWords.push({ term, grant, evidence: evidence('in words of their own') });
}

/** `© 2002 X, © 2005 Y`: each sign begins a notice of its own. */
const splitNotices = (words: string): string[] => {
  const signs = [...words.matchAll(/(?:\bcopyrights?\b\s*)?©\s*(?=(?:by\s+)?\d{4}|\p{L})/giu)].map(
    ({ index }) => index,
  );
  return signs.length < 2
    ? [words]
    : signs.map((at, i) => (i === 0 ? words.slice(0, signs[1]) : words.slice(at, signs[i + 1])));
};

/** What somebody did of it, in brackets behind their name: `(textures)`. */
const ROLE = /^\s*\((?:[^)]*\s)?(textur\w*|maps?|materials?|rig(?:ging)?|animations?|motion)(?:\s[^)]*)?\)/i;

const PART_OF_ROLE: readonly (readonly [role: RegExp, part: string])[] = [
  [/^(?:textur|map|material)/i, 'textures'],
  [/^rig/i, 'rig'],
  [/^(?:anim|motion)/i, 'motion'],
];

function readAuthors(words: string, isList: boolean, evidence: (text: string) => Evidence, found: Statements): void {
  for (const { pattern, confidence, part: ofRule } of AUTHOR_RULES) {
    const match = pattern.exec(words);
    const raw = match?.slice(1).find((group) => group !== undefined);
    const isNotice = /©|\(c\)|copyright/i.test(match?.[0] ?? '');
    const together = raw !== undefined && isNotice && isListOfNames(raw);
    const names = listNames(together ? raw.replace(/[(<].*$/, '') : raw, isList || together);
    if (names.length === 0) continue;
    const role = ROLE.exec(words.slice(words.indexOf(names.at(-1)!) + names.at(-1)!.length))?.[1];
    const part = ofRule ?? PART_OF_ROLE.find(([word]) => role !== undefined && word.test(role))?.[1];
    for (const one of found.authors.length < MOST_NAMED ? names : [])
      found.authors.push({
        name: one,
        confidence,
        nearness: 'beside-it',
        evidence: evidence(part ? `names who made its ${part}` : 'names the author'),
        ...(part ? { part } : {}),
      });
    return;
  }
}

/** `Torben Wellenbrink, Ines Falkenrot`: full names throughout, and no company with its form. */
const isListOfNames = (raw: string): boolean => {
  const parts = raw
    .replace(/[.;(<].*$/, '')
    .split(',')
    .map((part) => part.trim());
  return (
    parts.length > 1 &&
    parts.every((part) => /^\p{Lu}[\p{L}.'’-]*(?:\s+(?:\p{Ll}+\s+)?\p{Lu}[\p{L}.'’-]*)+$/u.test(part))
  );
};

/** Names in what a rule has caught; none where it is no name. @param isList commas part names */
function listNames(raw: string | undefined, isList: boolean): string[] {
  if (!raw) return [];
  const parts = isList ? raw.replace(/[.;].*$/, '').split(',') : [raw];
  return parts.flatMap((part) => {
    const name = cleanName(part);
    return name && !isLicenceWords(name) ? splitNames(name) : [];
  });
}

/** `Textures: CC BY 4.0` names no textures' maker. */
const isLicenceWords = (words: string): boolean => words.length < 60 && readFirstLicence(words) !== null;

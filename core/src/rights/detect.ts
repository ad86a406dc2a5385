import type { Evidence } from '@haveld/contract/finding';
import type { RightsFinding } from '@haveld/contract/licence';
import {
  ADDRESS_RULES,
  AUTHOR_RULES,
  NOT_GRANTS,
  PHRASE_RULES,
  TITLE_RULES,
  type LicenceRule,
} from './detection-rules';
import { computeTextSimilarity, type LicenceTexts } from './licence-text-similarity';

/** A text that may say whose a model is: a file, or lines taken from one. */
export interface RightsText {
  file: string;
  text: string;
  /** Line of the text's first line in its file, 1-based. */
  firstLine: number;
  /** Said by the model file itself, such as glTF's `asset.copyright`. */
  isMetadata?: boolean;
}

/** Confidence of a licence whose version is our assumption. */
const GUESSED = 0.6;

type Licence = RightsFinding['licences'][number];

/**
 * Reads licence, author, source and title from texts.
 * @param texts nearest to the model first
 * @param licenceTexts full texts to compare long files with, by SPDX identifier
 * @returns every statement found, most certain first; empty lists where nothing is said
 */
export function detectRights(texts: readonly RightsText[], licenceTexts: LicenceTexts): RightsFinding {
  const found: RightsFinding = { licences: [], authors: [], sources: [], titles: [], notGrants: [] };
  for (const text of texts) readText(text, licenceTexts, found);
  found.licences = mergeLicences(found.licences);
  found.authors = found.authors.filter(
    (author, i) => found.authors.findIndex((other) => sameName(other.name, author.name)) === i,
  );
  found.authors.sort((a, b) => b.confidence - a.confidence);
  if (found.licences.length > 0) found.notGrants = [];
  return found;
}

const sameName = (a: string, b: string): boolean => a.toLowerCase() === b.toLowerCase();

function readText(text: RightsText, licenceTexts: LicenceTexts, found: RightsFinding): void {
  const whole = computeTextSimilarity(text.text, licenceTexts);
  if (whole && whole.similarity > 0.6) {
    const percent = Math.round(whole.similarity * 100);
    found.licences.push({
      id: whole.id,
      confidence: Math.min(0.99, whole.similarity),
      evidence: {
        text: `The text is ${percent} % that of ${whole.id}`,
        figure: whole.runnerUp
          ? `next: ${whole.runnerUp.id}, ${Math.round(whole.runnerUp.similarity * 100)} %`
          : undefined,
        file: text.file,
        line: text.firstLine,
        passage: text.text.trim().split('\n')[0].slice(0, 160),
      },
    });
    return;
  }
  const lines = text.text.split(/\r\n|\n|\r/);
  const document = readLicenceDocument(lines, text);
  if (document) found.licences.push(document);
  else lines.forEach((line, i) => readLine(line, { file: text.file, line: text.firstLine + i }, found));
}

/** A text as long as a licence that begins with one's name is that licence, and its sentences say nothing of this model. */
const DOCUMENT_WORDS = 400;
const DOCUMENT_HEAD_LINES = 15;

function readLicenceDocument(lines: readonly string[], { file, firstLine, text }: RightsText): Licence | null {
  if (text.split(/\s+/).length < DOCUMENT_WORDS) return null;
  const head = lines
    .map((line, i) => ({ line: line.trim(), i }))
    .filter(({ line }) => line !== '')
    .slice(0, DOCUMENT_HEAD_LINES);
  for (const { line, i } of head) {
    for (const rule of [...ADDRESS_RULES, ...PHRASE_RULES]) {
      const match = rule.pattern.exec(line);
      if (!match || rule.confidence < TITLE_FROM) continue;
      const evidence: Evidence = {
        text: 'a licence in full, by the name at its head',
        file,
        line: firstLine + i,
        passage: line.slice(0, 240),
      };
      return describe({ ...rule, confidence: 0.95 }, match, evidence);
    }
  }
  return null;
}

/** Looser phrases, such as "public domain", are no title. */
const TITLE_FROM = 0.9;

function readLine(line: string, place: { file: string; line: number }, found: RightsFinding): void {
  const evidence = (text: string, passage: string): Evidence => ({
    text,
    ...place,
    passage: passage.trim().slice(0, 240),
  });
  let rest = line;
  for (const rules of [ADDRESS_RULES, PHRASE_RULES]) {
    for (const rule of rules) {
      const match = rule.pattern.exec(rest);
      if (!match) continue;
      const licence = describe(rule, match, evidence(rule.words, line));
      if (licence) found.licences.push(licence);
      // what one rule has read no looser rule reads again
      rest = rest.slice(0, match.index) + ' '.repeat(match[0].length) + rest.slice(match.index + match[0].length);
    }
  }
  const authorSource = rest.replace(/https?:\/\/\S+/g, ' ');
  for (const { pattern, confidence } of AUTHOR_RULES) {
    const name = cleanName(pattern.exec(authorSource)?.[1]);
    if (!name) continue;
    found.authors.push({ name, confidence, evidence: evidence('names the author', line) });
    break;
  }
  for (const { pattern } of TITLE_RULES) {
    const title = pattern.exec(authorSource)?.[1]?.trim();
    if (title) found.titles.push({ title, evidence: evidence('names the model', line) });
  }
  for (const [url] of line.matchAll(/https?:\/\/[^\s<>()"'\]]+/g)) {
    if (ADDRESS_RULES.some((rule) => rule.pattern.test(url)) || /spdx\.org|w3\.org|creativecommons\.org/.test(url))
      continue;
    const trimmed = url.replace(/[.,;:!?]+$/, '');
    if (!found.sources.some((source) => source.url === trimmed)) {
      found.sources.push({ url: trimmed, evidence: evidence('an address', line) });
    }
  }
  if (NOT_GRANTS.test(line)) found.notGrants.push(evidence('free of charge is not a grant', line));
}

function describe(rule: LicenceRule, match: RegExpExecArray, evidence: Evidence): Licence | null {
  const id = rule.id(match);
  if (!id) return null;
  return {
    id: id.id,
    confidence: id.stated === false ? GUESSED : rule.confidence,
    evidence: id.stated === false ? { ...evidence, text: `${evidence.text}; the version is not stated` } : evidence,
  };
}

/** The same licence said several times is one statement, a little surer each time. */
function mergeLicences(licences: Licence[]): Licence[] {
  const merged = new Map<string, Licence>();
  for (const licence of licences) {
    const before = merged.get(licence.id);
    if (!before) merged.set(licence.id, { ...licence });
    else {
      const stronger = licence.confidence > before.confidence ? licence : before;
      const weaker = stronger === licence ? before : licence;
      // a version that was guessed does not become surer by being guessed twice
      const isStated = weaker.confidence > GUESSED;
      const confidence = isStated ? 1 - (1 - before.confidence) * (1 - licence.confidence) : stronger.confidence;
      merged.set(licence.id, { ...stronger, confidence });
    }
  }
  // "Attribution 4.0" beside a stated "Attribution-NonCommercial 3.0" stays; a version nobody stated yields to a stated one
  const all = [...merged.values()];
  return all
    .filter(
      (licence) =>
        licence.confidence > GUESSED ||
        !all.some(
          (other) => other !== licence && other.confidence > GUESSED && family(other.id) === family(licence.id),
        ),
    )
    .sort((a, b) => b.confidence - a.confidence);
}

const family = (id: string): string => id.replace(/-\d+(\.\d+)*$/, '');

/** Cuts what follows a name in a sentence; null where it is no name. */
function cleanName(raw: string | undefined): string | null {
  if (!raw) return null;
  const name = raw
    .replace(/\s+(is|was|under|from|on|at|for|and is|licensed|released|all rights|please|with|using|https?:).*$/i, '')
    .replace(/[([{<].*$/, '')
    .replace(/[\s,;:.!–—-]+$/, '')
    .replace(/^["'“”\s]+|["'“”\s]+$/g, '')
    .trim();
  if (
    name.length < 2 ||
    name.length > 80 ||
    /^(the|a|an|this|you|me|us|author|hand|all|any|https?)$/i.test(name) ||
    /^\d+$/.test(name)
  )
    return null;
  return name;
}

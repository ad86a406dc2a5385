import type { PageFact, PageField } from '@haveld/contract/page';
import { describePrice } from './graph/read-subject';
import { findFormatByExtension } from '../formats/model-formats';

const COUNT = String.raw`(\d{1,3}(?:[ ,.'’\u00a0\u202f]\d{3})+|\d+(?:[.,]\d+)?)\s*(k|m|million|thousand)?`;

/** What a page says to people on a line of its own, in English. Common practice, no source. */
const FIGURES: readonly (readonly [field: PageField, words: string])[] = [
  ['triangles', 'tri(?:angle)?s?'],
  ['polygons', '(?:poly(?:gon)?s?|faces)'],
  ['vertices', 'vert(?:ices|exes|s)?'],
];

/** A thing that cannot be had any more, said of the page's own. */
const GONE =
  /\b(?:this|the)\s+(?:model|asset|item|work|file|download|page)\s+(?:has\s+been|was|is)\s+(?:removed|deleted|taken\s+down|withdrawn|unpublished|no\s+longer\s+available)\b|\bno\s+longer\s+available\s+(?:for\s+download|on\s+this\s+site)\b|\btaken\s+down\s+(?:at\s+the\s+request|by\s+(?:its|the)\s+author|following)\b/i;

const PRICE =
  /\bprice\s*[:=]?\s*(?:([A-Z]{3}|[€$£¥])\s*(\d+(?:[.,]\d{1,2})?)|(\d+(?:[.,]\d{1,2})?)\s*([A-Z]{3}|[€$£¥]|[a-z]{3,12})\b|(free)\b)/i;

const FORMATS = /\b(?:file\s+)?formats?\s*[:=]\s*(.{2,200})$/i;

const PUBLISHED = /\b(?:published|uploaded|released|added)\s*(?:on|at)?\s*[:=]?\s*(\d{4}-\d{2}-\d{2})/i;

const LONGEST_LINE = 300;

/** @returns what the lines of a page say, the first time each is said */
export function readLines(words: string): PageFact[] {
  const facts: PageFact[] = [];
  const say = (field: PageField, value: string, line: string, more: Partial<PageFact> = {}): void => {
    if (facts.some((fact) => fact.field === field && (field !== 'format' || fact.value === value))) return;
    facts.push({ field, value: value.trim(), by: 'words', passage: line.trim().slice(0, LONGEST_LINE), ...more });
  };
  for (const line of words.split('\n')) {
    if (line.trim() === '' || line.length > LONGEST_LINE * 4) continue;
    for (const [field, name] of FIGURES) {
      const match =
        new RegExp(String.raw`\b${name}(?:\s*count)?\s*[:=]\s*${COUNT}(?![\d.])`, 'i').exec(line) ??
        new RegExp(String.raw`(?<![\d.,])${COUNT}\s*${name}\b`, 'i').exec(line);
      const amount = match && readCount(match[1], match[2]);
      if (match && amount) say(field, match[0], line, { amount });
    }
    const price = PRICE.exec(line);
    if (price) {
      const amount = price[5] ? 0 : Number((price[2] ?? price[3]).replace(',', '.'));
      const currency = price[5] ? '' : (price[1] ?? price[4]);
      say('price', describePrice(amount, currency), line, { amount, currency });
    }
    for (const format of (FORMATS.exec(line)?.[1] ?? '').matchAll(/[a-z0-9]{2,6}/gi))
      if (findFormatByExtension(format[0].toLowerCase())) say('format', format[0].toUpperCase(), line);
    const published = PUBLISHED.exec(line)?.[1];
    if (published) say('published', published, line);
    if (GONE.test(line)) say('gone', line, line);
  }
  return facts;
}

/** `12.4k`, `1,234`, `4 200`. */
function readCount(digits: string, factor: string | undefined): number | null {
  const isGrouped = /^\d{1,3}(?:[ ,.'’\u00a0\u202f]\d{3})+$/.test(digits) && !(factor && /^\d+[.,]\d{3}$/.test(digits));
  const value = Number(isGrouped ? digits.replace(/\D/g, '') : digits.replace(',', '.'));
  const times = /^m/i.test(factor ?? '') ? 1e6 : factor ? 1e3 : 1;
  const count = Math.round(value * times);
  return count > 0 && Number.isFinite(count) ? count : null;
}

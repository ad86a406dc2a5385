import { creativeCommonsId } from './licence-ids';

/** Sentences of the human-readable summary of a Creative Commons licence, which states no version in its body. */
const DEED = /You\s+are\s+free\s+to:?[\s\S]{0,600}?Attribution\s*[—–-]+\s*You\s+must\s+give\s+appropriate\s+credit/i;
const ELEMENTS: [string, RegExp][] = [
  ['nc', /Non-?Commercial\s*[—–-]+\s*You\s+may\s+not\s+use/i],
  ['nd', /No-?Derivatives\s*[—–-]+\s*If\s+you\s+remix/i],
  ['sa', /Share-?Alike\s*[—–-]+\s*If\s+you\s+remix/i],
];

/** @returns the licence a deed sums up, its version only where its head says so, and where it begins; null where it is none */
export function readDeed(text: string): { id: string; at: number } | null {
  const match = DEED.exec(text);
  if (!match) return null;
  const elements = ELEMENTS.flatMap(([element, pattern]) => (pattern.test(text) ? [element] : []));
  const version = /\b(?:Attribution[\w\s-]*|CC\s+BY[\w\s-]*)(\d\.\d)\b/i.exec(text)?.[1];
  const id = creativeCommonsId(['by', ...elements].join('-'), version);
  return id ? { id, at: match.index } : null;
}

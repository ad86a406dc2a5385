/** Full licence texts by SPDX identifier. */
export type LicenceTexts = Readonly<Record<string, string>>;

export interface TextSimilarity {
  id: string;
  /** 0 to 1. */
  similarity: number;
  runnerUp: { id: string; similarity: number } | null;
}

const shingleCache = new WeakMap<LicenceTexts, Map<string, Set<string>>>();

/**
 * Compares a long text with full licence texts by their runs of three words (Broder 1997, "On the resemblance and
 * containment of documents").
 * @returns the closest, or null where the text is too short to be a licence
 */
export function computeTextSimilarity(text: string, licenceTexts: LicenceTexts): TextSimilarity | null {
  const words = listWords(text);
  if (words.length < 80) return null;
  const shingles = createShingles(words);
  const scores = [...shinglesOf(licenceTexts)].map(([id, known]) => ({
    id,
    similarity: computeResemblance(shingles, known),
  }));
  scores.sort((a, b) => b.similarity - a.similarity);
  if (scores.length === 0) return null;
  return { ...scores[0], runnerUp: scores[1] ?? null };
}

function shinglesOf(licenceTexts: LicenceTexts): Map<string, Set<string>> {
  let shingles = shingleCache.get(licenceTexts);
  if (!shingles) {
    shingles = new Map(Object.entries(licenceTexts).map(([id, text]) => [id, createShingles(listWords(text))]));
    shingleCache.set(licenceTexts, shingles);
  }
  return shingles;
}

const listWords = (text: string): string[] =>
  text
    .toLowerCase()
    .replaceAll('licence', 'license')
    .match(/[\p{L}\p{N}]+/gu) ?? [];

function createShingles(words: string[]): Set<string> {
  const shingles = new Set<string>();
  for (let i = 0; i + 2 < words.length; i++) shingles.add(`${words[i]} ${words[i + 1]} ${words[i + 2]}`);
  return shingles;
}

function computeResemblance(a: Set<string>, b: Set<string>): number {
  let shared = 0;
  for (const shingle of a) if (b.has(shingle)) shared++;
  return shared / (a.size + b.size - shared);
}

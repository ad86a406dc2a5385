/** Full licence texts by SPDX identifier. */
export type LicenceTexts = Readonly<Record<string, string>>;

/** A licence found in full inside a text. */
export interface TextMatch {
  id: string;
  /** Share of the published text that stands here, 0 to 1. */
  share: number;
  /** The next best by share and words too many; null where nothing else comes near. */
  runnerUp: { id: string; share: number } | null;
  /** Words between its first and its last that the published text does not have. */
  added: string[];
  /** Place in the given text, in UTF-16 units. */
  start: number;
  end: number;
}

/** Finds licence texts in others by their runs of three words (Broder 1997, "On the resemblance and containment of documents"). */
export interface LicenceTextIndex {
  /** @returns every licence that stands in the text, in the order of their place; none in a text of fewer than 40 words */
  find(text: string): TextMatch[];
}

interface Known {
  id: string;
  size: number;
}

/** Fewer runs of words are no licence. */
const SHORTEST = 30;
/** From here on it is named at all; below `SURE_SHARE` it is only like it. */
const NAMED_SHARE = 0.55;
/** What is missing of a published text weighs as much as two runs that are there: the longer of two near texts has to earn it. */
const MISSING_WEIGHT = 2;
const MOST_MATCHES = 4;

/** @param texts those that read the same stand under the name that grants least: `-only` before `-or-later` */
export function createLicenceTextIndex(texts: LicenceTexts): LicenceTextIndex {
  const vocabulary = new Map<string, number>();
  const known: Known[] = [];
  const owners = new Map<number, number[]>();
  const seen = new Map<string, number>();
  for (const id of Object.keys(texts)
    .filter((name) => !isRetired(name))
    .sort(byLeastGrant)) {
    const { ids } = readWords(texts[id], vocabulary, true);
    const runs = new Set(hashRuns(ids));
    if (runs.size < SHORTEST) continue;
    const print = fingerprint(runs);
    if (seen.has(print)) continue;
    seen.set(print, known.length);
    for (const run of runs) {
      const list = owners.get(run);
      if (list) list.push(known.length);
      else owners.set(run, [known.length]);
    }
    known.push({ id, size: runs.size });
  }
  return { find: (text) => findMatches(text, vocabulary, owners, known) };
}

/** Names SPDX has replaced by others for the same text. */
const isRetired = (id: string): boolean => /^(A|L)?GPL-\d\.\d\+?$|^GFDL-\d\.\d$|\+$/.test(id);
const grantRank = (id: string): number => (id.endsWith('-or-later') ? 1 : 0);
const byLeastGrant = (a: string, b: string): number =>
  grantRank(a) - grantRank(b) || a.length - b.length || a.localeCompare(b);

function fingerprint(runs: ReadonlySet<number>): string {
  let sum = 0;
  let mix = 0;
  for (const run of runs) {
    sum = (sum + run) | 0;
    mix ^= Math.imul(run, 0x9e3779b1);
  }
  return `${runs.size}:${sum}:${mix}`;
}

/** Matching guidelines of SPDX 2.3, annex B: case, punctuation, bullets and a few spellings do not count. */
function readWords(
  text: string,
  vocabulary: Map<string, number>,
  isKnown: boolean,
): { ids: number[]; starts: number[]; ends: number[] } {
  const ids: number[] = [];
  const starts: number[] = [];
  const ends: number[] = [];
  for (const match of text.matchAll(/[\p{L}\p{N}]+/gu)) {
    const word = match[0]
      .toLowerCase()
      .replace('licence', 'license')
      .replace(/isation$/, 'ization');
    let id = vocabulary.get(word);
    if (id === undefined) {
      // a word no licence has is like no other, and need not be kept
      id = isKnown ? vocabulary.size + 1 : 0;
      if (isKnown) vocabulary.set(word, id);
    }
    ids.push(id);
    starts.push(match.index);
    ends.push(match.index + match[0].length);
  }
  return { ids, starts, ends };
}

/** One number for each run of three words. */
function hashRuns(ids: readonly number[]): number[] {
  const runs: number[] = [];
  for (let i = 0; i + 2 < ids.length; i++)
    runs.push(
      (Math.imul(ids[i], 0x85ebca6b) ^
        Math.imul(ids[i + 1] + 0x7f4a7c15, 0xc2b2ae35) ^
        Math.imul(ids[i + 2] + 0x165667b1, 0x27d4eb2f)) |
        0,
    );
  return runs;
}

function findMatches(
  text: string,
  vocabulary: Map<string, number>,
  owners: Map<number, number[]>,
  known: readonly Known[],
): TextMatch[] {
  const { ids, starts, ends } = readWords(text, vocabulary, false);
  if (ids.length < 40) return [];
  const runs = hashRuns(ids);
  const free = runs.map((run) => owners.has(run));
  const matches: TextMatch[] = [];
  while (matches.length < MOST_MATCHES) {
    const hits = new Int32Array(known.length);
    const counted = new Set<number>();
    runs.forEach((run, i) => {
      if (!free[i] || counted.has(run)) return;
      counted.add(run);
      for (const owner of owners.get(run)!) hits[owner]++;
    });
    const ranked = known
      .map(({ id, size }, i) => ({ i, id, share: hits[i] / size, score: hits[i] - MISSING_WEIGHT * (size - hits[i]) }))
      .filter(({ share }) => share >= NAMED_SHARE)
      .sort((a, b) => b.score - a.score);
    const [best, next] = ranked;
    if (!best) break;
    const mine = runs.map((run, i) => free[i] && owners.get(run)!.includes(best.i));
    const [first, last] = densestSpan(mine, known[best.i].size);
    const match: TextMatch = {
      id: best.id,
      share: best.share,
      runnerUp: next ? { id: next.id, share: next.share } : null,
      added: listAdded(mine, first, last, text, starts, ends),
      start: starts[first],
      end: ends[last + 2],
    };
    matches.push(match);
    for (let i = first; i <= last; i++) free[i] = false;
  }
  return matches.sort((a, b) => a.start - b.start);
}

/** Where the licence stands: stray runs far from the others are chance. */
function densestSpan(mine: readonly boolean[], size: number): [first: number, last: number] {
  const places = mine.flatMap((isMine, i) => (isMine ? [i] : []));
  const gap = Math.max(60, size / 8);
  let best: [number, number] = [places[0], places[0]];
  let bestCount = 0;
  let from = 0;
  for (let k = 1; k <= places.length; k++) {
    if (k < places.length && places[k] - places[k - 1] <= gap) continue;
    if (k - from > bestCount) {
      bestCount = k - from;
      best = [places[from], places[k - 1]];
    }
    from = k;
  }
  return best;
}

/** Words inside a licence that are not its own; names, years and addresses belong there. */
function listAdded(
  mine: readonly boolean[],
  first: number,
  last: number,
  text: string,
  starts: readonly number[],
  ends: readonly number[],
): string[] {
  const added: string[] = [];
  let from = -1;
  for (let i = first; i <= last + 1; i++) {
    const isCovered = i <= last && mine[i];
    if (!isCovered && from < 0 && i <= last) from = i;
    if (isCovered && from >= 0) {
      // a run of three that is not known, with two words of the known before and after it
      const words = text.slice(starts[from + 2] ?? starts[from], ends[i - 1] ?? ends[i]).trim();
      if (i - from >= 3) added.push(words.replace(/\s+/g, ' ').slice(0, 200));
      from = -1;
    }
  }
  return added;
}

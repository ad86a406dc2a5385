import { execFileSync } from 'node:child_process';
import { join } from 'node:path';
import { KIND_BY_WORD, type TypicalSize } from '@haveld/core/placement/size/kind-rows';
import { findTypicalSize } from '@haveld/core/placement/size/typical-sizes';
import { singularsOf } from '@haveld/core/text/singulars';
import { fetchMaterialSet } from './parts/fetch-material-set';

// What names in five languages are taken for, against the dictionaries of FreeDict (Debian's packages), from which no word was taken: of
// every word of them that is translated by the word of a kind, whether it is known, and whether it is taken for that kind.
const LANGUAGES = { German: 'deu', French: 'fra', Spanish: 'spa', Italian: 'ita', Portuguese: 'por' };
const details = process.argv.includes('details');

for (const [language, code] of Object.entries(LANGUAGES)) {
  const name = `dict-freedict-${code}-eng`;
  const folder = await fetchMaterialSet({ name, from: { registry: 'debian', package: name } }, process.cwd());
  const text = execFileSync('zcat', [join(folder, `usr/share/dictd/freedict-${code}-eng.dict.dz`)], {
    encoding: 'utf8',
    maxBuffer: 1 << 30,
  });
  const tally = { right: 0, unknown: 0, near: 0, other: [] as string[] };
  let own = 0;
  for (const [word, kinds] of readTranslations(text)) {
    const taken = findTypicalSize(word);
    if (KIND_BY_WORD.has(word)) own++;
    if (taken === null) tally.unknown++;
    else if (kinds.has(taken)) tally.right++;
    else if ([...kinds].some((kind) => isOfSize(taken, kind))) tally.near++;
    else tally.other.push(`${word}: ${taken.plural}, not ${[...kinds].map(({ plural }) => plural).join(', ')}`);
  }
  const all = tally.right + tally.unknown + tally.near + tally.other.length;
  const share = (count: number): string => `${((100 * count) / all).toFixed(1)} %`;
  console.log(
    `${language.padEnd(10)} ${all} words, ${own} of them written down: ${share(tally.right)} taken for what they are, ${share(tally.unknown)} not known, ${share(tally.near)} for something else of about its size, ${share(tally.other.length)} of another`,
  );
  if (details) console.log(tally.other.map((line) => `  ${line}`).join('\n'));
}

/** True within a factor of three, as a whole: what is taken for it then says the same unit. */
function isOfSize(one: TypicalSize, other: TypicalSize): boolean {
  const size = ({ middle }: TypicalSize): number => Math.cbrt(middle[0] * middle[1] * middle[2]);
  const ratio = size(one) / size(other);
  return ratio < 3 && ratio > 1 / 3;
}

/** @returns words in lower case with the kinds their translations are words of; those without any are left out */
function readTranslations(text: string): Map<string, Set<TypicalSize>> {
  const found = new Map<string, Set<TypicalSize>>();
  let word: string | null = null;
  for (const line of text.split('\n')) {
    const head = /^(\p{L}+) \/[^/]*\/(.*)$/u.exec(line);
    if (head) {
      // in German alone the part of speech is given, and nouns alone begin with a capital
      word = /<(?:v|adj|adv|prep)/.test(head[2]) ? null : head[1].toLowerCase();
      continue;
    }
    if (word === null || line.trim() === '' || /^\s*(?:"|see:|Synonym|Note|\d*\. ?$)|^ {3}/.test(line)) continue;
    for (const part of line.replace(/<[^>]*>|\[[^\]]*\]|\([^)]*\)|^\s*\d+\.\s*/g, '').split(/[,;]/)) {
      const plain = part
        .trim()
        .toLowerCase()
        .replaceAll(/[\s-]+/g, '');
      const kind = singularsOf(plain)
        .map((form) => KIND_BY_WORD.get(form))
        .find(Boolean);
      // a word that is the same in English proves nothing
      if (!kind || plain === word) continue;
      const kinds = found.get(word) ?? new Set<TypicalSize>();
      found.set(word, kinds.add(kind));
    }
  }
  return found;
}

/** A licence as somebody may look for it. */
export interface NamedLicence {
  id: string;
  name: string;
}

const wordsOf = (text: string): string[] => text.toLowerCase().match(/[\p{L}\p{N}]+(?:\.\p{N}+)*/gu) ?? [];

/**
 * Licences that what is typed may mean: each word begins one of the licence's number or name. Those it names whole come first
 * (`by 3.0 us` is that of the United States, then nothing of Australia), among them the plainest.
 */
export function matchLicences<L extends NamedLicence>(licences: readonly L[], typed: string): L[] {
  const wanted = wordsOf(typed);
  const matches: { licence: L; whole: number; length: number }[] = [];
  for (const licence of licences) {
    const words = wordsOf(`${licence.id} ${licence.name}`);
    if (!wanted.every((word) => words.some((own) => own.startsWith(word)))) continue;
    const whole = wanted.filter((word) => words.includes(word)).length;
    matches.push({ licence, whole, length: new Set(words).size });
  }
  return matches.sort((a, b) => b.whole - a.whole || a.length - b.length).map(({ licence }) => licence);
}

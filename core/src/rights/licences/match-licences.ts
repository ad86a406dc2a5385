/** A licence as somebody may look for it. */
export interface NamedLicence {
  id: string;
  name: string;
}

const wordsOf = (text: string): string[] => text.toLowerCase().match(/[\p{L}\p{N}]+(?:\.\p{N}+)*/gu) ?? [];

/**
 * Licences that what is typed may mean: each word begins one of the licence's number or name. One it is called by comes
 * first, then those it names whole (`by 3.0 us` is that of the United States and nothing of Australia), among them the plainest.
 */
export function matchLicences<L extends NamedLicence>(licences: readonly L[], typed: string): L[] {
  const wanted = wordsOf(typed);
  const matches: { licence: L; isCalledSo: boolean; whole: number; length: number }[] = [];
  for (const licence of licences) {
    const words = wordsOf(`${licence.id} ${licence.name}`);
    if (!wanted.every((word) => words.some((own) => own.startsWith(word)))) continue;
    const whole = wanted.filter((word) => words.includes(word)).length;
    const isCalledSo = [licence.id.replace(/^LicenseRef-/, ''), licence.name].some(
      (name) => name.toLowerCase() === typed.trim().toLowerCase(),
    );
    matches.push({ licence, isCalledSo, whole, length: new Set(words).size });
  }
  return matches
    .sort((a, b) => Number(b.isCalledSo) - Number(a.isCalledSo) || b.whole - a.whole || a.length - b.length)
    .map(({ licence }) => licence);
}

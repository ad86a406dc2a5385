/**
 * True where two different words are one step apart: a letter left out, put in or exchanged, or two neighbours swapped (the distance of Damerau,
 * Communications of the ACM 7(3), 1964, is 1).
 */
export function isNear(one: string, other: string): boolean {
  const [short, long] = one.length <= other.length ? [one, other] : [other, one];
  if (long.length - short.length > 1 || short === long) return false;
  let at = 0;
  while (at < short.length && short[at] === long[at]) at++;
  if (short.length < long.length) return short.slice(at) === long.slice(at + 1);
  if (short.slice(at + 1) === long.slice(at + 1)) return true;
  return short[at] === long[at + 1] && short[at + 1] === long[at] && short.slice(at + 2) === long.slice(at + 2);
}

/**
 * Makes names unlike one another and unlike those that are taken: the second of a name is numbered.
 * @param taken names that stay
 */
export function makeUnique(wanted: readonly string[], taken: Iterable<string> = []): string[] {
  const used = new Set(taken);
  return wanted.map((name) => {
    let given = name;
    for (let n = 2; used.has(given); n++) given = `${name}_${n}`;
    used.add(given);
    return given;
  });
}

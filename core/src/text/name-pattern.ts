/**
 * @param words `*` for anything, `?` for one sign; without either, a part of the name. Capitals do not count.
 * @returns whether a name fits
 */
export function toNamePattern(words: string): (name: string) => boolean {
  const wanted = words.trim().toLowerCase();
  if (!/[*?]/.test(wanted)) return (name) => name.toLowerCase().includes(wanted);
  const pattern = new RegExp(
    `^${wanted
      .replace(/[.+^${}()|[\]\\]/g, '\\$&')
      .replace(/\*/g, '.*')
      .replace(/\?/g, '.')}$`,
  );
  return (name) => pattern.test(name.toLowerCase());
}

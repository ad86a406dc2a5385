/** @returns a name as the house writes it: lower case, words joined by `_` */
export function houseName(name: string): string {
  const plain = name
    .normalize('NFKD')
    .replace(/\p{M}+/gu, '')
    .toLowerCase();
  return plain.replace(/[^\p{L}\p{N}]+/gu, '_').replace(/^_+|_+$/g, '') || 'asset';
}

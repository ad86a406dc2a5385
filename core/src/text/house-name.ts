/** @returns a name as the house writes it: lower case, words joined by `_` */
export function houseName(name: string): string {
  const plain = name
    .toLowerCase()
    .normalize('NFKD')
    .replace(/\p{M}+/gu, '');
  return plain.replace(/[^\p{L}\p{N}]+/gu, '_').replace(/^_+|_+$/g, '') || 'asset';
}

import type { VrmlNode } from './parse-vrml';

/** @returns the numbers of a field, null where it has none */
export function numbersOf(node: VrmlNode | null, field: string): Float64Array | null {
  const value = node?.fields.get(field);
  return value && 'numbers' in value ? value.numbers : null;
}

export const numberOf = (node: VrmlNode | null, field: string): number | null => numbersOf(node, field)?.[0] ?? null;

/** @returns so many numbers of a field, or what stands for them where it has fewer */
export function vectorOf(node: VrmlNode | null, field: string, otherwise: readonly number[]): number[] {
  const numbers = numbersOf(node, field);
  return numbers && numbers.length >= otherwise.length
    ? Array.from(numbers.subarray(0, otherwise.length))
    : [...otherwise];
}

export function boolOf(node: VrmlNode | null, field: string): boolean | null {
  const value = node?.fields.get(field);
  return value && 'is' in value ? value.is : null;
}

export function stringsOf(node: VrmlNode | null, field: string): string[] {
  const value = node?.fields.get(field);
  return value && 'strings' in value ? value.strings : [];
}

export function nodesOf(node: VrmlNode | null, field: string): VrmlNode[] {
  const value = node?.fields.get(field);
  return value && 'nodes' in value ? value.nodes : [];
}

export const nodeOf = (node: VrmlNode | null, field: string): VrmlNode | null => nodesOf(node, field)[0] ?? null;

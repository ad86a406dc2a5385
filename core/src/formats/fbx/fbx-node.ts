export type FbxArray = Float64Array | Float32Array | Int32Array | BigInt64Array;
export type FbxValue = number | string | boolean | Uint8Array | FbxArray;

/** A record of an FBX file, binary or ASCII alike: a name, values and records within. */
export interface FbxNode {
  name: string;
  values: FbxValue[];
  children: FbxNode[];
}

/** What could be read of a file, and where it broke if it did. */
export interface ParsedFbx {
  /** 7400 for 7.4; 0 where the file does not say. */
  version: number;
  kind: 'binary' | 'ASCII';
  root: FbxNode;
  /** A sentence each, with the place. */
  damages: { text: string; line?: number }[];
}

export const findChild = (node: FbxNode | undefined, name: string): FbxNode | undefined =>
  node?.children.find((child) => child.name === name);

export const listChildren = (node: FbxNode | undefined, name: string): FbxNode[] =>
  node?.children.filter((child) => child.name === name) ?? [];

/** @returns the first value of a record as text, or null where it has none */
export function textOf(node: FbxNode | undefined): string | null {
  const value = node?.values[0];
  return typeof value === 'string' ? value : typeof value === 'number' ? String(value) : null;
}

/** @returns the first value of a record as a number, or null */
export function numberOf(node: FbxNode | undefined): number | null {
  const value = node?.values[0];
  return typeof value === 'number' ? value : typeof value === 'boolean' ? Number(value) : null;
}

/** @returns every number of a record, whether written as an array or one by one; empty where there is none */
export function numbersOf(node: FbxNode | undefined): Float64Array | Float32Array | Int32Array {
  const first = node?.values[0];
  if (first instanceof Float64Array || first instanceof Float32Array || first instanceof Int32Array) return first;
  if (first instanceof BigInt64Array) return Float64Array.from(first, Number);
  return Float64Array.from((node?.values ?? []).filter((value) => typeof value === 'number'));
}

/** @returns the same as whole numbers */
export function integersOf(node: FbxNode | undefined): Int32Array {
  const numbers = numbersOf(node);
  return numbers instanceof Int32Array ? numbers : Int32Array.from(numbers);
}

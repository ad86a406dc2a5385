import { listChildren, findChild, type FbxNode, type FbxValue } from './fbx-node';

/** One property of an object: `P: name, type, label, flags, values…` (`Property` without the label in version 6). */
export interface FbxProperty {
  type: string;
  flags: string;
  values: FbxValue[];
}

/** The properties of one object; what it does not state stands in the template of its kind. */
export class FbxProperties {
  readonly own: Map<string, FbxProperty>;
  readonly #template: Map<string, FbxProperty>;

  constructor(own: Map<string, FbxProperty>, template: Map<string, FbxProperty> = new Map()) {
    this.own = own;
    this.#template = template;
  }

  find(name: string): FbxProperty | undefined {
    return this.own.get(name) ?? this.#template.get(name);
  }

  number(name: string): number | null;
  number(name: string, fallback: number): number;
  number(name: string, fallback: number | null = null): number | null {
    const value = this.find(name)?.values[0];
    if (typeof value === 'boolean') return Number(value);
    return typeof value === 'number' && Number.isFinite(value) ? value : fallback;
  }

  text(name: string): string | null {
    const value = this.find(name)?.values[0];
    return typeof value === 'string' ? value : null;
  }

  vector(name: string): [number, number, number] | null;
  vector(name: string, fallback: readonly [number, number, number]): [number, number, number];
  vector(name: string, fallback: readonly [number, number, number] | null = null): [number, number, number] | null {
    const values = this.find(name)?.values ?? [];
    const [x, y, z] = values;
    if (typeof x === 'number' && typeof y === 'number' && typeof z === 'number' && Number.isFinite(x + y + z))
      return [x, y, z];
    return fallback && [...fallback];
  }
}

/** @returns the properties an object, a template or the global settings state themselves */
export function readProperties(node: FbxNode | undefined): Map<string, FbxProperty> {
  const found = new Map<string, FbxProperty>();
  for (const { values } of listChildren(findChild(node, 'Properties70'), 'P'))
    found.set(String(values[0]), { type: String(values[1]), flags: String(values[3]), values: values.slice(4) });
  for (const { values } of listChildren(findChild(node, 'Properties60'), 'Property'))
    found.set(String(values[0]), { type: String(values[1]), flags: String(values[2]), values: values.slice(3) });
  return found;
}

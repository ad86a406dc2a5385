import type { z } from 'zod';

interface Def {
  type: string;
  shape?: Record<string, { _zod: { def: Def } }>;
  innerType?: { _zod: { def: Def } };
  options?: { _zod: { def: Def } }[];
  entries?: Record<string, string>;
  values?: unknown[];
  items?: { _zod: { def: Def } }[];
  in?: { _zod: { def: Def } };
  element?: { _zod: { def: Def } };
  keyType?: { _zod: { def: Def } };
  valueType?: { _zod: { def: Def } };
  checks?: { _zod: { def: { check: string; minimum?: number; pattern?: RegExp } } }[];
}

/** What a test says of a thing; the rest is filled up. */
export type Partly<T> = T extends readonly (infer E)[]
  ? readonly Partly<E>[]
  : T extends object
    ? { [K in keyof T]?: Partly<T[K]> }
    : T;

/**
 * The plainest value a schema of the contract takes, with what a test is about put over it; items of lists are filled up likewise.
 * @throws {ZodError} where the test says something the contract does not hold
 */
export function exampleOf<S extends z.ZodType>(schema: S, about: Partly<z.output<S>> = {} as never): z.output<S> {
  return schema.parse(fill((schema as unknown as { _zod: { def: Def } })._zod.def, about)) as z.output<S>;
}

function fill(def: Def, given: unknown): unknown {
  switch (def.type) {
    case 'object': {
      const known = (given ?? {}) as Record<string, unknown>;
      const filled = Object.entries(def.shape!).map(([key, { _zod }]) => [key, fill(_zod.def, known[key])]);
      return { ...known, ...Object.fromEntries(filled.filter(([, value]) => value !== undefined)) };
    }
    case 'record': {
      const known = (given ?? {}) as Record<string, unknown>;
      // every key of a list of them, and what is said besides
      const keys = new Set([...Object.values(def.keyType!._zod.def.entries ?? {}), ...Object.keys(known)]);
      return Object.fromEntries([...keys].map((key) => [key, fill(def.valueType!._zod.def, known[key])]));
    }
    case 'array':
      return ((given as unknown[] | undefined) ?? listFewest(def)).map((item) => fill(def.element!._zod.def, item));
    case 'nullable':
      return given === undefined || given === null ? null : fill(def.innerType!._zod.def, given);
    case 'optional':
    case 'default':
    case 'prefault':
      return given === undefined ? undefined : fill(def.innerType!._zod.def, given);
    case 'pipe':
      return fill(def.in!._zod.def, given);
    case 'tuple':
      return given ?? def.items!.map(({ _zod }) => fill(_zod.def, undefined));
    case 'union':
      return given ?? fill(def.options![0]._zod.def, undefined);
    default:
      return given ?? PLAIN[def.type]?.(def);
  }
}

/** As many items as there have to be. */
const listFewest = ({ checks = [] }: Def): undefined[] =>
  Array.from({
    length: Math.max(0, ...checks.map(({ _zod }) => (_zod.def.check === 'min_length' ? (_zod.def.minimum ?? 0) : 0))),
  });

const PLAIN: Record<string, (def: Def) => unknown> = {
  // the shortest that has the form it has to have
  string: ({ checks = [] }) => (checks.some(({ _zod }) => _zod.def.pattern?.test('') === false) ? 'a' : ''),
  number: () => 0,
  boolean: () => false,
  enum: ({ entries }) => Object.values(entries!)[0],
  literal: ({ values }) => values![0],
  null: () => null,
};

import isSame from 'fast-deep-equal';

/** What became of an edit that somebody made while another may have made theirs. */
export interface MergedEdit<T> {
  /** What stands now, with what the person changed; where both changed one thing differently, as it stands. */
  merged: T;
  /** Fields both changed, each to something else; within a field that has fields, `use.commercial`. */
  conflicts: string[];
}

/**
 * Merges an edit into what stands now, field by field: what a person left alone stays as it is now.
 * @param seen as it was when the person began
 * @param wanted as the person wants it; fields it does not have are left alone
 */
export function mergeEdit<T extends object>(now: T, seen: Partial<T>, wanted: Partial<T>): MergedEdit<T> {
  const merged = { ...now };
  const conflicts: string[] = [];
  for (const key of Object.keys(wanted) as (keyof T & string)[]) {
    if (isSame(wanted[key], seen[key])) continue;
    if (isSame(now[key], seen[key]) || isSame(now[key], wanted[key])) merged[key] = wanted[key]!;
    else if (isPlain(now[key]) && isPlain(wanted[key])) {
      const inner = mergeEdit(now[key], isPlain(seen[key]) ? seen[key] : {}, wanted[key]);
      merged[key] = inner.merged as T[keyof T & string];
      conflicts.push(...inner.conflicts.map((name) => `${key}.${name}`));
    } else conflicts.push(key);
  }
  return { merged, conflicts };
}

/** An edit as it would be on what stands now: a person who was told of others' changes keeps these, and their own where both changed one thing. */
export function rebaseEdit<T extends object>(now: T, seen: Partial<T>, wanted: T): T {
  const rebased = { ...now };
  for (const key of Object.keys(wanted) as (keyof T & string)[]) {
    if (isSame(wanted[key], seen[key])) continue;
    rebased[key] =
      isPlain(now[key]) && isPlain(wanted[key])
        ? (rebaseEdit(now[key], isPlain(seen[key]) ? seen[key] : {}, wanted[key]) as T[keyof T & string])
        : wanted[key];
  }
  return rebased;
}

const isPlain = (value: unknown): value is object =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

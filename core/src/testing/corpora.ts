import { readFileSync } from 'node:fs';
import { join } from 'node:path';

/**
 * A download as it lies on the disk, and how a careful person sorts it. Written down before the rules, and not changed to
 * suit them. All names are made up; the shapes are those of real downloads.
 */
export interface Layout {
  /** What is particular about it. */
  name: string;
  /**
   * A line a file: `path`, then `@2048` for a picture's longer side where it matters, `= a` where files hold the same bytes,
   * and `> a, b` for what it names inside (maps, material file, buffers).
   */
  files: string[];
  /**
   * A line a find: `role pattern, pattern | role pattern`. `*` stands for anything within a folder, `**` for anything below.
   * Files named nowhere are excluded.
   */
  finds: string[];
  /** Its finds belong together. */
  isKit?: true;
  /** A careful person would not decide this alone. */
  asks?: true;
}

/** What a careful person reads out of a notice. */
export interface ReadNotice {
  name: string;
  text: string;
  /** SPDX identifiers, `LicenseRef-…` where SPDX has none; empty where no grant is made; two where they contradict. */
  licences: string[];
  authors: string[];
}

const load = <T>(path: string): T[] =>
  JSON.parse(readFileSync(join(import.meta.dirname, 'testdata', `${path}.json`), 'utf8')) as T[];

/** Every layout the grouping is measured on. */
export const LAYOUTS = ['plain', 'formats', 'resolutions', 'variants', 'kits'].flatMap((name) =>
  load<Layout>(`layouts/${name}`),
);

/** Written after the rules and measured once before any rule was changed for them; the score of that first run stands in docs/sorting.md. */
export const HELD_OUT_LAYOUTS = load<Layout>('layouts/held-out');

/**
 * Forty invented notices in the manner people write them. Written down before the rules that read them were, and
 * not changed to suit them: the score of their first run is the honest one (docs/rights.md).
 */
export const HELD_OUT_NOTICES = load<ReadNotice>('notices/held-out');

/** Thirty more, written after the rules. Their first run is the honest guess for notices nobody thought of (docs/rights.md). */
export const LATER_NOTICES = load<ReadNotice>('notices/later');

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
  files: string;
  /**
   * A line a find: `role pattern, pattern | role pattern`. `*` stands for anything within a folder, `**` for anything below.
   * Files named nowhere are kept aside.
   */
  finds: string;
  /** Its finds belong together. */
  isKit?: true;
  /** A careful person would not decide this alone. */
  asks?: true;
}

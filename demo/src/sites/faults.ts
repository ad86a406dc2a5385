/** Every way a made-up site can be told to misbehave. */
export const FAULTS = [
  'busy',
  'slow',
  'cut-off',
  'wrong-length',
  'changed',
  'wrong-bytes',
  'gone',
  'moved',
  'licence-changed',
  'author-renamed',
  'newer-version',
  'taken-down',
  'page-for-file',
  'odd-name',
  'silent',
] as const;
export type Fault = (typeof FAULTS)[number];

interface Told {
  host: string;
  slug: string;
  fault: Fault;
  left: number;
}

/** What was told to go wrong: for one model of a site, or all of it (`*`), so many times. */
export class FaultBook {
  readonly #rows: Told[] = [];

  tell(host: string, slug: string, fault: Fault, times: number): void {
    this.#rows.push({ host, slug, fault, left: times });
  }

  forget(): void {
    this.#rows.length = 0;
  }

  /** What goes wrong with it now, without counting it. */
  look(host: string, slug: string): Fault | null {
    return this.#find(host, slug)?.fault ?? null;
  }

  /** What goes wrong with it now; one time less is left. */
  take(host: string, slug: string): Fault | null {
    const row = this.#find(host, slug);
    if (!row) return null;
    row.left--;
    return row.fault;
  }

  #find(host: string, slug: string): Told | undefined {
    return this.#rows.find((row) => row.host === host && (row.slug === slug || row.slug === '*') && row.left > 0);
  }
}

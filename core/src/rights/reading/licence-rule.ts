/** A pattern in a text and the licence it names. */
export interface LicenceRule {
  pattern: RegExp;
  confidence: number;
  /** Said as evidence. */
  summary: string;
  /** @returns an SPDX expression, or null where the words name none */
  id(match: RegExpExecArray): string | null;
}

/** A row that must be there is not. */
export class MissingRow extends Error {
  override readonly name = 'MissingRow';
}

/** A row that may be there once is there already: somebody else wrote it first. */
export class DuplicateRow extends Error {
  override readonly name = 'DuplicateRow';
}

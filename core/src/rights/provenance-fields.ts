const FIELDS: Record<string, string> = {
  licenceId: 'licence',
  authorUnknown: 'author unknown',
  authorUrl: 'author’s page',
  pageUrl: 'page',
  pageText: 'words of the page',
  statedGrant: 'grant as stated',
  acquiredOn: 'acquired on',
  acquiredBy: 'acquired by',
  expiresOn: 'grant ends on',
  claims: 'what the page says',
  seats: 'people',
  territory: 'place',
};

/** A field of provenance as a person calls it. */
export const fieldWords = (field: string): string => FIELDS[field] ?? field;

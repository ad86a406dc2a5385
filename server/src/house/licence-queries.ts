import { type Terms, TermsSchema } from '@haveld/contract/terms';
import type { Executor } from '../database/pool';
import { many } from '../database/statements';

export interface OwnLicence {
  terms: Terms;
  text: string;
}

/** Licences the house wrote down itself. */
export const listOwnLicences = async (db: Executor): Promise<OwnLicence[]> =>
  (await many<{ terms: string; text: string }>(db, 'SELECT terms, text FROM licence ORDER BY id')).map(
    ({ terms, text }) => ({
      terms: TermsSchema.parse(JSON.parse(terms)),
      text,
    }),
  );

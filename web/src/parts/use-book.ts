import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { BUILT_IN_BOOK, createLicenceBook, type LicenceBook } from '@haveld/core/rights/licence-book';
import { licencesQuery } from '../api/queries';

/** The house's licences with its own among them; what ships until they are here. */
export function useBook(): LicenceBook {
  const { data } = useQuery(licencesQuery);
  return useMemo(() => (data ? createLicenceBook(data.map(({ terms }) => terms)) : BUILT_IN_BOOK), [data]);
}

/** An asset's permanent public number: `HV-000123`. */
export const formatAccession = (accession: number): string => `HV-${String(accession).padStart(6, '0')}`;

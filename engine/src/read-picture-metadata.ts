import exifr from 'exifr';
import { createMetadata, type RightsMetadata } from '@haveld/core/rights/reading/metadata';

/** EXIF, IPTC and XMP fields by where they belong; names as the reader gives them (EXIF 2.3, IPTC-IIM 4.2, XMP). */
const FIELDS: [keyof RightsMetadata, string[]][] = [
  ['titles', ['title', 'ObjectName']],
  ['creators', ['creator', 'Artist', 'Byline', 'attributionName', 'Creator']],
  [
    'rights',
    ['rights', 'Copyright', 'CopyrightNotice', 'UsageTerms', 'license', 'License', 'Credit', 'SpecialInstructions'],
  ],
  ['addresses', ['WebStatement', 'attributionURL', 'source', 'LicensorURL']],
];

/** What a picture says of itself. @returns null where it says nothing, or its format holds no such fields */
export async function readPictureMetadata(bytes: Uint8Array): Promise<RightsMetadata | null> {
  let said: Record<string, unknown> | undefined;
  try {
    said = (await exifr.parse(Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength), {
      xmp: true,
      iptc: true,
      tiff: true,
      exif: true,
      icc: false,
      jfif: false,
      ihdr: true,
    })) as Record<string, unknown> | undefined;
  } catch {
    // a format it does not know, or fields that are broken: the picture says nothing we can read
    return null;
  }
  if (!said) return null;
  const metadata = createMetadata();
  for (const [field, names] of FIELDS)
    for (const name of names)
      for (const value of listWords(said[name])) if (!metadata[field].includes(value)) metadata[field].push(value);
  return metadata;
}

/** A field may be words, a list, or words by language. */
function listWords(value: unknown): string[] {
  if (typeof value === 'string') return value.trim() === '' ? [] : [value.trim()];
  if (Array.isArray(value)) return value.flatMap(listWords);
  if (value && typeof value === 'object' && 'value' in value) return listWords((value as { value: unknown }).value);
  return [];
}

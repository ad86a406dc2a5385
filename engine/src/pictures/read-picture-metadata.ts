import exifr from 'exifr';
import sharp, { type Metadata } from 'sharp';
import { createMetadata, readXmpPacket, type RightsMetadata } from '@haveld/core/rights/reading/metadata';

/** EXIF and IPTC fields by where they belong, as the reader names them (EXIF 2.3, IPTC-IIM 4.2). */
const FIELDS: Record<string, keyof RightsMetadata> = {
  ObjectName: 'titles',
  Artist: 'creators',
  Byline: 'creators',
  Copyright: 'rights',
  CopyrightNotice: 'rights',
  Credit: 'rights',
  SpecialInstructions: 'rights',
};

/** Keywords of PNG text chunks (PNG specification, "Textual information"). */
const PNG_KEYWORDS: Record<string, keyof RightsMetadata> = {
  Title: 'titles',
  Author: 'creators',
  Copyright: 'rights',
  Disclaimer: 'rights',
  Source: 'addresses',
};

const EXIF_MARK = 'Exif\0\0';

/** What a picture says of itself: EXIF, IPTC, XMP, PNG texts. @returns null where it is none that can be read */
export async function readPictureMetadata(bytes: Uint8Array): Promise<RightsMetadata | null> {
  const head = await readHead(bytes);
  if (!head) return null;
  const said = head.xmp ? readXmpPacket(head.xmp.toString('utf8').replace(/^\uFEFF/, '')) : createMetadata();
  const add = (field: keyof RightsMetadata, value: unknown): void => {
    const words = typeof value === 'string' ? value.replaceAll('\0', '').trim() : '';
    if (words !== '' && !said[field].includes(words)) said[field].push(words);
  };
  for (const { keyword, text } of head.comments ?? []) if (PNG_KEYWORDS[keyword]) add(PNG_KEYWORDS[keyword], text);
  for (const block of [await readExif(head.exif), head.format === 'jpeg' ? await readIptc(bytes) : null])
    for (const [name, field] of Object.entries(FIELDS)) for (const value of [block?.[name]].flat()) add(field, value);
  return said;
}

type Head = Metadata;

/** A picture whose format holds no such fields, or that is broken, says nothing; what it looks like is another's business. */
async function readHead(bytes: Uint8Array): Promise<Head | null> {
  try {
    return await sharp(bytes).metadata();
  } catch {
    return null;
  }
}

type Fields = Record<string, unknown> | null;

/** The block is a TIFF of its own, behind a mark in some formats. */
async function readExif(block: Buffer | undefined): Promise<Fields> {
  if (!block) return null;
  const tiff = block.subarray(block.toString('latin1', 0, EXIF_MARK.length) === EXIF_MARK ? EXIF_MARK.length : 0);
  return parse(Buffer.from(tiff), { tiff: true, exif: true });
}

const readIptc = (bytes: Uint8Array): Promise<Fields> => parse(Buffer.from(bytes), { iptc: true, tiff: false });

async function parse(bytes: Buffer, options: object): Promise<Fields> {
  try {
    return ((await exifr.parse(bytes, options)) as Record<string, unknown> | undefined) ?? null;
  } catch {
    // fields that are broken say nothing we can read
    return null;
  }
}

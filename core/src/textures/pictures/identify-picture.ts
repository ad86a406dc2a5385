export type PictureKind =
  'png' | 'jpeg' | 'webp' | 'gif' | 'bmp' | 'tiff' | 'tga' | 'psd' | 'exr' | 'hdr' | 'dds' | 'ktx2' | 'avif';

/** First bytes of each format, from its specification; TGA has no mark at its head and is told by its fields. */
const MARKS: { kind: PictureKind; at: number; bytes: number[] }[] = [
  { kind: 'png', at: 0, bytes: [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a] },
  { kind: 'jpeg', at: 0, bytes: [0xff, 0xd8, 0xff] },
  { kind: 'webp', at: 8, bytes: [0x57, 0x45, 0x42, 0x50] },
  { kind: 'gif', at: 0, bytes: [0x47, 0x49, 0x46, 0x38] },
  { kind: 'bmp', at: 0, bytes: [0x42, 0x4d] },
  { kind: 'tiff', at: 0, bytes: [0x49, 0x49, 0x2a, 0x00] },
  { kind: 'tiff', at: 0, bytes: [0x4d, 0x4d, 0x00, 0x2a] },
  { kind: 'psd', at: 0, bytes: [0x38, 0x42, 0x50, 0x53] },
  { kind: 'exr', at: 0, bytes: [0x76, 0x2f, 0x31, 0x01] },
  { kind: 'hdr', at: 0, bytes: [0x23, 0x3f, 0x52, 0x41, 0x44] },
  { kind: 'dds', at: 0, bytes: [0x44, 0x44, 0x53, 0x20] },
  { kind: 'ktx2', at: 0, bytes: [0xab, 0x4b, 0x54, 0x58, 0x20, 0x32, 0x30, 0xbb] },
  { kind: 'avif', at: 4, bytes: [0x66, 0x74, 0x79, 0x70, 0x61, 0x76, 0x69, 0x66] },
];

/** @returns what picture these bytes are, by their content; null where they are none we know */
export function identifyPicture(bytes: Uint8Array): PictureKind | null {
  const mark = MARKS.find(({ at, bytes: wanted }) => wanted.every((value, i) => bytes[at + i] === value));
  if (mark) return mark.kind;
  return isTga(bytes) ? 'tga' : null;
}

/** TGA 2.0: colour map type 0 or 1, a known image type, a known depth, a size above zero. */
function isTga(bytes: Uint8Array): boolean {
  if (bytes.length < 18) return false;
  const width = bytes[12] | (bytes[13] << 8);
  const height = bytes[14] | (bytes[15] << 8);
  return (
    bytes[1] <= 1 &&
    [1, 2, 3, 9, 10, 11].includes(bytes[2]) &&
    [8, 15, 16, 24, 32].includes(bytes[16]) &&
    (bytes[1] === 1 || (bytes[3] | bytes[4] | bytes[5] | bytes[6]) === 0) &&
    width > 0 &&
    height > 0
  );
}

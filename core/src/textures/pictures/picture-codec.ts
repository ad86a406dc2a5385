/** Decoded pixels: RGBA, 8 bits a channel, rows from the top. */
export interface Picture {
  width: number;
  height: number;
  data: Uint8Array;
  /** True where the file holds light (EXR, HDR) rather than what a screen shows. */
  isLinear?: boolean;
}

/** How pictures are made smaller. `colour`: averaged as light. `normal`: averaged as vectors and made unit length again. `data`: averaged as they are. */
export type ReduceAs = 'colour' | 'normal' | 'data';

/** One channel at 16 bits, rows from the top. */
export interface DeepChannel {
  width: number;
  height: number;
  data: Uint16Array;
}

/** Reads and writes picture files; handed in by whoever runs `core` (sharp in Node, the browser's own in a web worker). */
export interface PictureCodec {
  /** @throws {DomainError} `bad-file` where the bytes are no picture it can read */
  decode(bytes: Uint8Array): Promise<Picture>;
  /** The first channel, as deep as the file has it and this codec reads it. */
  decodeDeep(bytes: Uint8Array): Promise<DeepChannel>;
  encodePng(picture: Picture): Promise<Uint8Array>;
  /** Without alpha. @param quality 1 to 100 */
  encodeJpeg(picture: Picture, quality: number): Promise<Uint8Array>;
}

/** Writes what only hand-overs need. */
export interface MapFileCodec extends PictureCodec {
  /** @param quality 1 to 100; null writes without loss */
  encodeWebp(picture: Picture, quality: number | null): Promise<Uint8Array>;
  /**
   * Basis Universal (UASTC, Zstandard) with its smaller copies, in the colour space of what it is.
   * @param picture width and height multiples of 4
   */
  encodeKtx2(picture: Picture, as: ReduceAs): Promise<Uint8Array>;
}

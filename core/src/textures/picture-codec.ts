/** Decoded pixels: RGBA, 8 bits a channel, rows from the top. */
export interface Picture {
  width: number;
  height: number;
  data: Uint8Array;
}

/** Reads and writes picture files; handed in by whoever runs `core` (sharp in Node, the browser's own in a web worker). */
export interface PictureCodec {
  /** @throws {DomainError} `bad-file` where the bytes are no picture it can read */
  decode(bytes: Uint8Array): Promise<Picture>;
  encodePng(picture: Picture): Promise<Uint8Array>;
}

/** A chunk of a 3DS file: a number, and bytes that may hold chunks in turn. */
export interface Chunk {
  id: number;
  /** Place in the file. */
  from: number;
  to: number;
}

const HEAD_BYTES = 6;

/** Reads little-endian values of a 3DS file in order. */
export class ChunkReader {
  at: number;
  readonly #view: DataView;
  readonly #end: number;

  constructor(view: DataView, from: number, to: number) {
    this.#view = view;
    this.at = from;
    this.#end = Math.min(to, view.byteLength);
  }

  /** Bytes left in this chunk. */
  left(): number {
    return this.#end - this.at;
  }

  uint16(): number {
    this.at += 2;
    return this.at <= this.#end ? this.#view.getUint16(this.at - 2, true) : 0;
  }

  uint32(): number {
    this.at += 4;
    return this.at <= this.#end ? this.#view.getUint32(this.at - 4, true) : 0;
  }

  byte(): number {
    this.at += 1;
    return this.at <= this.#end ? this.#view.getUint8(this.at - 1) : 0;
  }

  float(): number {
    this.at += 4;
    const value = this.at <= this.#end ? this.#view.getFloat32(this.at - 4, true) : 0;
    return Math.abs(value) < 3e38 ? value : 0;
  }

  /** @returns bytes up to a zero, in the code page of old systems */
  text(): string {
    let text = '';
    for (let byte = this.byte(); byte !== 0; byte = this.byte()) text += String.fromCharCode(byte);
    return text;
  }

  /** @returns the chunks from here to the end of this one */
  *chunks(): Generator<Chunk> {
    while (this.left() >= HEAD_BYTES) {
      const start = this.at;
      const id = this.uint16();
      const length = this.uint32();
      if (length < HEAD_BYTES) return;
      yield { id, from: start + HEAD_BYTES, to: Math.min(start + length, this.#end) };
      this.at = start + length;
    }
  }

  /** @returns a reader of a chunk's own bytes */
  open({ from, to }: Chunk): ChunkReader {
    return new ChunkReader(this.#view, from, to);
  }
}

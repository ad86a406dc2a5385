interface Ktx2File {
  isValid(): boolean;
  getWidth(): number;
  getHeight(): number;
  startTranscoding(): number;
  getImageTranscodedSizeInBytes(level: number, layer: number, face: number, format: number): number;
  transcodeImage(
    dst: Uint8Array,
    level: number,
    layer: number,
    face: number,
    format: number,
    ...rest: number[]
  ): number;
  close(): void;
  delete(): void;
}

interface BasisEncoder {
  setStatusOutput(value: boolean): void;
  setCreateKTX2File(value: boolean): void;
  setUASTC(value: boolean): void;
  /** 0, fast, to 4. */
  setPackUASTCFlags(effort: number): void;
  /** Zstandard over the blocks. */
  setKTX2UASTCSupercompression(value: boolean): void;
  /** Weighs errors as eyes do, averages smaller copies as light, and declares the colours sRGB; otherwise all three linear. */
  setSRGBOptions(value: boolean): void;
  setNormalMapPreset(): void;
  setMipGen(value: boolean): void;
  setSliceSourceImage(slice: number, rgba: Uint8Array, width: number, height: number, type: number): boolean;
  /** @returns length of what was written; 0 where it failed */
  encode(dst: Uint8Array): number;
  delete(): void;
}

interface BasisModule {
  KTX2File: new (bytes: Uint8Array) => Ktx2File;
  BasisEncoder: new () => BasisEncoder;
}

/** What the package exports in Node; its types are those of a browser. */
interface Ktx2Encoder {
  NodeBasisEncoder: new () => { init(): Promise<BasisModule> };
}

let opened: Promise<BasisModule> | null = null;

/** The WebAssembly module that reads and writes KTX2; the package types neither, and its own call prints what it does. */
export function openBasis(): Promise<BasisModule> {
  return (opened ??= loadBasis());
}

async function loadBasis(): Promise<BasisModule> {
  const { NodeBasisEncoder } = (await import('ktx2-encoder')) as unknown as Ktx2Encoder;
  return new NodeBasisEncoder().init();
}

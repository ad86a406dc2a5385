import * as encoder from 'ktx2-encoder';

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

interface BasisModule {
  KTX2File: new (bytes: Uint8Array) => Ktx2File;
}

/** What the package exports in Node; its types are those of a browser. */
const { NodeBasisEncoder } = encoder as unknown as { NodeBasisEncoder: new () => { init(): Promise<BasisModule> } };

let opened: Promise<BasisModule> | null = null;

/** The WebAssembly module that reads KTX2: the one that writes it, of which the package types the writing alone. */
export function openBasis(): Promise<BasisModule> {
  return (opened ??= new NodeBasisEncoder().init());
}

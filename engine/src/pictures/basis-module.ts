import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { pathToFileURL } from 'node:url';

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
  initializeBasis(): void;
  KTX2File: new (bytes: Uint8Array) => Ktx2File;
}

let opened: Promise<BasisModule> | null = null;

/** The WebAssembly module that reads KTX2; it lies in the package that writes it. */
export function openBasis(): Promise<BasisModule> {
  return (opened ??= load());
}

async function load(): Promise<BasisModule> {
  const entry = createRequire(import.meta.url).resolve('ktx2-encoder/gltf-transform');
  const path = join(dirname(dirname(entry)), 'basis/basis_encoder.js');
  const { default: create } = (await import(pathToFileURL(path).href)) as { default: () => Promise<BasisModule> };
  const basis = await create();
  basis.initializeBasis();
  return basis;
}

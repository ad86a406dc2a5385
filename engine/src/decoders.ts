import draco3d from 'draco3dgltf';
import { MeshoptDecoder } from 'meshoptimizer';
import type { Decoders } from '@haveld/core/scene/document-io';

/** @returns decoders of compressed glTF geometry: Draco and meshopt */
export async function createDecoders(): Promise<Decoders> {
  await MeshoptDecoder.ready;
  return { 'meshopt.decoder': MeshoptDecoder, 'draco3d.decoder': await draco3d.createDecoderModule() };
}

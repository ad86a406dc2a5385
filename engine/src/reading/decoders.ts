import type { Decoders } from '@haveld/core/scene/document/document-io';

/** @returns decoders of compressed glTF geometry: Draco and meshopt */
export async function loadDecoders(): Promise<Decoders> {
  const [{ MeshoptDecoder }, { default: draco3d }] = await Promise.all([
    import('meshoptimizer'),
    import('draco3dgltf'),
  ]);
  await MeshoptDecoder.ready;
  return { 'meshopt.decoder': MeshoptDecoder, 'draco3d.decoder': await draco3d.createDecoderModule() };
}

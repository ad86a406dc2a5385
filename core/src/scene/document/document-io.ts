import { Document, Format, ImageUtils, Logger, WebIO, type JSONDocument, type GLTF } from '@gltf-transform/core';
import { ALL_EXTENSIONS } from '@gltf-transform/extensions';
import { packGlb } from './pack-glb';
import { HaveldPolygons } from './polygon-data';
import { LevelsOfDetail } from './detail-levels';
import { ImplicitShapes, RigidBodies } from './rigid-bodies';
import { TightLayout } from './tight-layout';

/** What a library notes on the way says nothing to a person; errors are thrown. */
const QUIET = new Logger(Logger.Verbosity.ERROR);

export const GENERATOR = 'Haveld';

/** Decoders of compressed geometry, handed in by whoever runs `core`; keys as glTF Transform names them. */
export type Decoders = Record<string, unknown>;

function createIo(decoders: Decoders): WebIO {
  return new WebIO()
    .setLogger(QUIET)
    .registerExtensions([...ALL_EXTENSIONS, HaveldPolygons, TightLayout, ImplicitShapes, RigidBodies, LevelsOfDetail])
    .registerDependencies(decoders);
}

/** @returns an empty canonical document: metres, Y up, right-handed, +Z front, one scene */
export function createDocument(): Document {
  const document = new Document().setLogger(QUIET);
  document.createExtension(HaveldPolygons);
  document.getRoot().setDefaultScene(document.createScene('scene'));
  return document;
}

/** Same document, same bytes. */
export async function writeGlb(document: Document): Promise<Uint8Array<ArrayBuffer>> {
  document.getRoot().getAsset().generator = GENERATOR;
  const layout = document.createExtension(TightLayout);
  try {
    const { json, resources } = await createIo({}).writeJSON(document, { format: Format.GLB });
    json.extensionsUsed = json.extensionsUsed?.filter((name) => name !== TightLayout.EXTENSION_NAME);
    if (json.extensionsUsed?.length === 0) delete json.extensionsUsed;
    return packGlb(json, Object.values(resources).at(0) ?? null);
  } finally {
    layout.dispose();
  }
}

/** Writes glTF with its numbers and maps as files of their own: `maps/` by the names the textures have. The model is first. */
export async function writeGltf(
  document: Document,
  name: string,
): Promise<{ path: string; bytes: Uint8Array<ArrayBuffer> }[]> {
  const root = document.getRoot();
  root.getAsset().generator = GENERATOR;
  for (const buffer of root.listBuffers()) buffer.setURI(`${name}.bin`);
  for (const texture of root.listTextures())
    texture.setURI(`maps/${texture.getName()}.${ImageUtils.mimeTypeToExtension(texture.getMimeType())}`);
  const { json, resources } = await createIo({}).writeJSON(document, { format: Format.GLTF });
  return [
    { path: `${name}.gltf`, bytes: new TextEncoder().encode(JSON.stringify(json)) },
    ...Object.entries(resources).map(([path, bytes]) => ({ path, bytes })),
  ];
}

/** Reads a GLB that Haveld wrote itself; foreign files go through formats/. */
export async function readGlb(bytes: Uint8Array): Promise<Document> {
  return createIo({}).readBinary(bytes);
}

/** Reads glTF JSON with all its resources at hand. */
export async function readGltfJson(
  json: GLTF.IGLTF,
  resources: JSONDocument['resources'],
  decoders: Decoders,
): Promise<Document> {
  return createIo(decoders).readJSON({ json, resources });
}

import { Document, Logger, WebIO, type JSONDocument, type GLTF } from '@gltf-transform/core';
import { ALL_EXTENSIONS } from '@gltf-transform/extensions';
import { HaveldPolygons } from './polygon-data';

/** What a library notes on the way says nothing to a person; errors are thrown. */
const QUIET = new Logger(Logger.Verbosity.ERROR);

export const GENERATOR = 'Haveld';

/** Decoders of compressed geometry, handed in by whoever runs `core`; keys as glTF Transform names them. */
export type Decoders = Record<string, unknown>;

function createIo(decoders: Decoders): WebIO {
  return new WebIO()
    .setLogger(QUIET)
    .registerExtensions([...ALL_EXTENSIONS, HaveldPolygons])
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
export async function writeGlb(document: Document): Promise<Uint8Array> {
  document.getRoot().getAsset().generator = GENERATOR;
  return createIo({}).writeBinary(document);
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

import type { Document, GLTF } from '@gltf-transform/core';
import { ALL_EXTENSIONS } from '@gltf-transform/extensions';
import { DomainError } from '@haveld/contract/error';
import type { LogEntry } from '@haveld/contract/report';
import { readGltfJson } from '../../scene/document/document-io';
import { setDocumentSource } from '../../scene/document/source-data';
import { locateReference } from '../../textures/locate';
import { PACKINGS } from '../packings';
import type { Reading, ReadingContext } from '../reading';
import { dataUriBytes } from './data-uri';
import { collectImages, dropBrokenPictures, keepReferences } from './images';
import { parseGlb } from './parse-glb';

const KNOWN_EXTENSIONS = new Set(ALL_EXTENSIONS.map((extension) => extension.EXTENSION_NAME));
const EMBEDDED_BUFFER = 'haveld-embedded.bin';

/**
 * Reads glTF 2.0, as JSON with files beside it or as GLB.
 * @throws {DomainError} `bad-file` where it is not glTF 2, a buffer is missing, or it requires an extension that is not known
 */
export async function readGltf(path: string, context: ReadingContext): Promise<Reading> {
  const bytes = await context.files.read(path);
  const { json, binary } = parseGlb(bytes, path);
  checkVersion(json, path);
  const log: LogEntry[] = [];
  const resources: Record<string, Uint8Array<ArrayBuffer>> = {};
  await collectBuffers(json, binary, path, context, resources);
  const kept = await collectImages(json, path, context, resources, log);
  const source = {
    format: binary ? 'GLB' : 'glTF',
    version: json.asset.version,
    exporter: json.asset.generator,
    copyright: json.asset.copyright,
    extras: { ...(json.extras as object | undefined), ...(json.asset.extras as object | undefined) },
    xmp: (json.extensions?.KHR_xmp_json_ld as { packets?: unknown[] } | undefined)?.packets,
    declaredUnit: 'm',
    declaredMetres: 1,
    declaredUp: 'y' as const,
  };
  const document = await parseDocument(json, resources, path, context);
  keepReferences(document, kept);
  dropBrokenPictures(document, path, log);
  await normaliseModes(document, log);
  setDocumentSource(document, source);
  const root = document.getRoot();
  if (!root.getDefaultScene() && root.listScenes().length === 0) {
    throw new DomainError('bad-file', `“${path}” has no scene: it is a library of parts and shows nothing.`, {
      file: path,
    });
  }
  root.setDefaultScene(root.getDefaultScene() ?? root.listScenes()[0]);
  return { document, log };
}

function checkVersion(json: GLTF.IGLTF, path: string): void {
  const version = json.asset?.version;
  if (typeof version !== 'string' || !version.startsWith('2.')) {
    throw new DomainError(
      'bad-file',
      `“${path}” is glTF ${version ?? 'without a version'}; Haveld reads version 2. Ask the source for a glTF 2.0 file.`,
      { file: path },
    );
  }
  const unknown = (json.extensionsRequired ?? []).filter((name) => !KNOWN_EXTENSIONS.has(name));
  if (unknown.length > 0) {
    throw new DomainError('bad-file', `“${path}” requires ${unknown.join(', ')}, which is not known here.`, {
      file: path,
    });
  }
}

async function parseDocument(
  json: GLTF.IGLTF,
  resources: Record<string, Uint8Array<ArrayBuffer>>,
  path: string,
  { loadDecoders }: ReadingContext,
): Promise<Document> {
  try {
    const isPacked = json.extensionsUsed?.some((name) => PACKINGS.includes(name)) ?? false;
    return await readGltfJson(json, resources, isPacked ? await loadDecoders() : {});
  } catch (error) {
    throw new DomainError('bad-file', `“${path}” is damaged: ${(error as Error).message}`, {
      file: path,
      cause: error,
    });
  }
}

async function collectBuffers(
  json: GLTF.IGLTF,
  binary: Uint8Array | null,
  path: string,
  { files }: ReadingContext,
  resources: Record<string, Uint8Array<ArrayBuffer>>,
): Promise<void> {
  for (const [i, buffer] of (json.buffers ?? []).entries()) {
    if (buffer.uri === undefined) {
      if (i === 0 && binary) {
        buffer.uri = EMBEDDED_BUFFER;
        resources[EMBEDDED_BUFFER] = binary as Uint8Array<ArrayBuffer>;
      }
      continue;
    }
    const embedded = dataUriBytes(buffer.uri);
    const name = `haveld-buffer-${i}.bin`;
    if (embedded) resources[name] = embedded;
    else {
      const [location] = locateReference(buffer.uri, path, files.paths);
      if (!location) {
        throw new DomainError('bad-file', `“${path}” keeps its geometry in “${buffer.uri}”, which did not arrive.`, {
          file: path,
          place: buffer.uri,
        });
      }
      resources[name] = (await files.read(location.path)) as Uint8Array<ArrayBuffer>;
    }
    if (resources[name].byteLength < buffer.byteLength) {
      throw new DomainError(
        'bad-file',
        `“${buffer.uri.slice(0, 80)}” holds ${resources[name].byteLength} of ${buffer.byteLength} bytes: it was cut short.`,
        { file: path },
      );
    }
    buffer.uri = name;
  }
}

/** Strips and fans become triangles, as everything behind the readers expects (glTF 2.0, 3.7.2.1, modes 5 and 6). */
async function normaliseModes(document: Document, log: LogEntry[]): Promise<void> {
  const strips = document
    .getRoot()
    .listMeshes()
    .flatMap((mesh) => mesh.listPrimitives())
    .filter((primitive) => primitive.getMode() >= 5);
  if (strips.length === 0) return;
  const { convertPrimitiveToTriangles } = await import('@gltf-transform/functions');
  for (const primitive of strips) convertPrimitiveToTriangles(primitive);
  log.push({ level: 'note', text: `${strips.length} strips or fans were converted to triangles.` });
}

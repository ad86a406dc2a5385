import type { Document, GLTF } from '@gltf-transform/core';
import { ALL_EXTENSIONS } from '@gltf-transform/extensions';
import { convertPrimitiveToTriangles } from '@gltf-transform/functions';
import { DomainError } from '@haveld/contract/error';
import type { LogEntry } from '@haveld/contract/report';
import type { TextureSlot } from '@haveld/contract/step';
import { readGltfJson } from '../../scene/document-io';
import { setDocumentSource, setMaterialSource, type MapReference } from '../../scene/source-data';
import { identifyPicture } from '../../textures/identify-picture';
import { locateReference } from '../../textures/locate';
import type { Reading, ReadingContext } from '../reading';
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
    declaredUnit: 'm',
    declaredUp: 'y' as const,
  };
  const document = await parseDocument(json, resources, path, context);
  keepReferences(document, kept);
  normaliseModes(document, log);
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
  { decoders }: ReadingContext,
): Promise<Document> {
  try {
    return await readGltfJson(json, resources, decoders);
  } catch (error) {
    throw new DomainError('bad-file', `“${path}” is damaged: ${(error as Error).message}`, {
      file: path,
      cause: error,
    });
  }
}

function dataUriBytes(uri: string): Uint8Array<ArrayBuffer> | null {
  const match = /^data:[^,]*?(;base64)?,/.exec(uri);
  if (!match) return null;
  const body = uri.slice(match[0].length);
  return match[1]
    ? Uint8Array.from(atob(body), (c) => c.charCodeAt(0))
    : new TextEncoder().encode(decodeURIComponent(body));
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

type KeptImage = Pick<MapReference, 'reference' | 'status' | 'path' | 'sha256'>;

interface KeptMaterials {
  /** Per material of the file. */
  maps: MapReference[][];
}

type TextureInfo = { index: number } | undefined;

function listTextureInfos(material: GLTF.IMaterial): { slot: TextureSlot; info: TextureInfo; remove: () => void }[] {
  const pbr = material.pbrMetallicRoughness ?? {};
  return [
    { slot: 'baseColour', info: pbr.baseColorTexture, remove: () => delete pbr.baseColorTexture },
    {
      slot: 'metallicRoughness',
      info: pbr.metallicRoughnessTexture,
      remove: () => delete pbr.metallicRoughnessTexture,
    },
    { slot: 'normal', info: material.normalTexture, remove: () => delete material.normalTexture },
    { slot: 'occlusion', info: material.occlusionTexture, remove: () => delete material.occlusionTexture },
    { slot: 'emissive', info: material.emissiveTexture, remove: () => delete material.emissiveTexture },
  ];
}

/** Finds every image, and takes the reference out of a material where the image did not arrive. */
async function collectImages(
  json: GLTF.IGLTF,
  path: string,
  { files }: ReadingContext,
  resources: Record<string, Uint8Array<ArrayBuffer>>,
  log: LogEntry[],
): Promise<KeptMaterials> {
  const images: KeptImage[] = [];
  for (const [i, image] of (json.images ?? []).entries())
    images.push(await collectImage(json, image, i, path, files, resources, log));
  const maps = (json.materials ?? []).map((material) => {
    const kept: MapReference[] = [];
    for (const { slot, info, remove } of listTextureInfos(material)) {
      const texture = info && json.textures?.[info.index];
      if (!texture) continue;
      const image = images[findImageIndex(texture) ?? -1];
      if (!image) continue;
      kept.push({ slot, ...image });
      if (image.status === 'missing' || image.status === 'elsewhere') remove();
    }
    return kept;
  });
  stubUnbound(json, images, resources);
  return { maps };
}

function findImageIndex(texture: GLTF.ITexture): number | undefined {
  const sources = Object.values(texture.extensions ?? {}) as { source?: number }[];
  return sources.find((extension) => typeof extension?.source === 'number')?.source ?? texture.source;
}

async function collectImage(
  json: GLTF.IGLTF,
  image: GLTF.IImage,
  i: number,
  path: string,
  files: ReadingContext['files'],
  resources: Record<string, Uint8Array<ArrayBuffer>>,
  log: LogEntry[],
): Promise<KeptImage> {
  const name = `haveld-image-${i}`;
  if (image.uri === undefined) {
    const view = json.bufferViews?.[image.bufferView ?? -1];
    return { reference: image.name ?? `image ${i}`, status: view ? 'embedded' : 'missing', path: null, sha256: null };
  }
  const reference = image.uri.startsWith('data:') ? (image.name ?? `image ${i}`) : image.uri;
  const embedded = dataUriBytes(image.uri);
  const [location] = embedded ? [] : locateReference(image.uri, path, files.paths);
  const kept: KeptImage = {
    reference,
    status: 'missing',
    path: location?.path ?? null,
    sha256: location ? files.hash(location.path) : null,
  };
  if (location?.where === 'elsewhere') kept.status = 'elsewhere';
  const bytes = embedded ?? (location?.where === 'here' ? await files.read(location.path) : null);
  if (bytes) {
    kept.status = embedded ? 'embedded' : 'found';
    const kind = identifyPicture(bytes);
    if (kind === null || !['png', 'jpeg', 'webp', 'avif', 'ktx2'].includes(kind)) {
      log.push({
        level: 'look',
        file: path,
        text: `“${reference}” is not a picture glTF may hold.`,
        consequence: 'It is not shown.',
      });
      kept.status = 'missing';
    } else {
      image.uri = `${name}.${kind === 'jpeg' ? 'jpg' : kind}`;
      image.mimeType = `image/${kind}`;
      image.name ??= reference;
      resources[image.uri] = bytes as Uint8Array<ArrayBuffer>;
    }
  }
  if (kept.status === 'missing' || kept.status === 'elsewhere') image.uri = `${name}.missing`;
  return kept;
}

/** The smallest PNG: stands in for an image that did not arrive and is bound nowhere. */
const ONE_TEXEL = Uint8Array.from(
  atob('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mP8z8BQDwAEhQGAhKmMIQAAAABJRU5ErkJggg=='),
  (c) => c.charCodeAt(0),
);

function stubUnbound(json: GLTF.IGLTF, images: KeptImage[], resources: Record<string, Uint8Array<ArrayBuffer>>): void {
  images.forEach((kept, i) => {
    const image = json.images![i];
    if (kept.status !== 'missing' && kept.status !== 'elsewhere') return;
    image.uri = `haveld-image-${i}.png`;
    delete image.bufferView;
    resources[image.uri] = ONE_TEXEL;
  });
}

function keepReferences(document: Document, { maps }: KeptMaterials): void {
  document
    .getRoot()
    .listMaterials()
    .forEach((material, i) => {
      if (maps[i]?.length) setMaterialSource(material, { maps: maps[i] });
    });
  for (const texture of document.getRoot().listTextures()) {
    if (texture.listParents().every((parent) => parent === document.getRoot())) texture.dispose();
  }
}

/** Strips and fans become triangles, as everything behind the readers expects (glTF 2.0, 3.7.2.1, modes 5 and 6). */
function normaliseModes(document: Document, log: LogEntry[]): void {
  let converted = 0;
  for (const mesh of document.getRoot().listMeshes()) {
    for (const primitive of mesh.listPrimitives()) {
      if (primitive.getMode() < 5) continue;
      convertPrimitiveToTriangles(primitive);
      converted++;
    }
  }
  if (converted > 0) log.push({ level: 'note', text: `${converted} strips or fans were taken apart into triangles.` });
}

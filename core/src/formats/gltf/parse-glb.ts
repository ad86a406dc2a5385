import type { GLTF } from '@gltf-transform/core';
import { DomainError } from '@haveld/contract/error';
import { GLB } from '../../scene/document/pack-glb';

/**
 * Takes a GLB apart, or reads glTF JSON as it is (glTF 2.0, section 4.4).
 * @throws {DomainError} `bad-file` where a chunk is cut short or the JSON is none
 */
export function parseGlb(bytes: Uint8Array, path: string): { json: GLTF.IGLTF; binary: Uint8Array | null } {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  if (bytes.length < 12 || view.getUint32(0, true) !== GLB.magic) return { json: parseJson(bytes, path), binary: null };
  const version = view.getUint32(4, true);
  if (version !== 2) {
    throw new DomainError(
      'bad-file',
      `“${path}” is GLB version ${version}; Haveld reads version 2. Ask the source for a glTF 2.0 file.`,
      { file: path },
    );
  }
  let json: GLTF.IGLTF | null = null;
  let binary: Uint8Array | null = null;
  for (let at = 12; at + 8 <= bytes.length;) {
    const length = view.getUint32(at, true);
    const type = view.getUint32(at + 4, true);
    const start = at + 8;
    if (start + length > bytes.length) {
      throw new DomainError(
        'bad-file',
        `“${path}” ends after ${bytes.length} bytes and announces ${start + length}: it was cut short.`,
        { file: path, place: `byte ${at}` },
      );
    }
    const chunk = bytes.slice(start, start + length);
    if (type === GLB.json && !json) json = parseJson(chunk, path);
    else if (type === GLB.binary && !binary) binary = chunk;
    at = start + length + ((4 - (length % 4)) % 4);
  }
  if (!json) throw new DomainError('bad-file', `“${path}” has no JSON chunk: it is not a whole GLB.`, { file: path });
  return { json, binary };
}

function parseJson(bytes: Uint8Array, path: string): GLTF.IGLTF {
  try {
    const parsed = JSON.parse(new TextDecoder().decode(bytes)) as GLTF.IGLTF;
    if (typeof parsed !== 'object' || parsed === null || typeof parsed.asset !== 'object') {
      throw new DomainError('bad-file', `“${path}” is JSON and no glTF: it has no “asset”.`, { file: path });
    }
    return parsed;
  } catch (error) {
    if (error instanceof DomainError) throw error;
    throw new DomainError('bad-file', `“${path}” is not readable as JSON: ${(error as Error).message}.`, {
      file: path,
      cause: error,
    });
  }
}

import { PropertyType } from '@gltf-transform/core';
import { dedup, prune } from '@gltf-transform/functions';
import { DomainError } from '@haveld/contract/error';
import { setNodeSource } from '../scene/source-data';
import { listShownNodes } from '../scene/traverse';
import { read3ds } from './3ds/read';
import { readCollada } from './collada/read';
import { readFbx } from './fbx/read';
import { readGltf } from './gltf/read';
import { readObj } from './obj/read';
import { readPly } from './ply/read';
import type { Reading, ReadingContext } from './reading';
import { readStl } from './stl/read';
import { readUsd } from './usd/read';

type Reader = (path: string, context: ReadingContext) => Promise<Reading>;

const READERS: Record<string, Reader> = {
  gltf: readGltf,
  glb: readGltf,
  obj: readObj,
  fbx: readFbx,
  stl: readStl,
  ply: readPly,
  '3ds': read3ds,
  dae: readCollada,
  usd: readUsd,
  usda: readUsd,
  usdc: readUsd,
  usdz: readUsd,
};

/** @returns true where a file of this extension can be read today */
export const isReadable = (path: string): boolean => extensionOf(path) in READERS;

/**
 * Reads one model file to a canonical document: shared pictures once, every node with an id.
 * @throws {DomainError} `bad-file`
 */
export async function readModel(path: string, context: ReadingContext): Promise<Reading> {
  const reader = READERS[extensionOf(path)];
  if (!reader)
    throw new DomainError('bad-file', `“${path}” is of a kind that cannot be read yet; it is kept.`, { file: path });
  const reading = await reader(path, context);
  await reading.document.transform(
    dedup({ propertyTypes: [PropertyType.TEXTURE] }),
    prune({
      propertyTypes: [PropertyType.TEXTURE, PropertyType.ACCESSOR],
      keepAttributes: true,
      keepSolidTextures: true,
      keepExtras: true,
    }),
  );
  listShownNodes(reading.document).forEach((node, i) => setNodeSource(node, { id: `p${i}` }));
  return reading;
}

export const extensionOf = (path: string): string => path.slice(path.lastIndexOf('.') + 1).toLowerCase();

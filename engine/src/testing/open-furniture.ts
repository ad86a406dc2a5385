import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Document } from '@gltf-transform/core';
import { readModel } from '@haveld/core/formats/read-model';
import type { FileSource } from '@haveld/core/formats/reading';
import type { PictureCodec } from '@haveld/core/textures/pictures/picture-codec';
import { createReadingContext } from '../reading/reading-context';
import { unzip } from './unzip';

// 153 community models with a table of their own boxes: testdata/open-furniture/README.md (Free Art License 1.3)
// found from the project's folder: measures run it bundled elsewhere
export const FURNITURE_FOLDER = join(process.cwd(), 'engine/src/reference-checks/testdata/open-furniture');

export interface FurnitureRow {
  id: string;
  archive: string;
  model: string;
  name: string;
  author: string;
  rotation: string;
  box: number[];
  category: string;
  width_cm: number;
  height_cm: number;
  depth_cm: number;
  unit: string;
}

export function readFurnitureTable(): FurnitureRow[] {
  const [head, ...lines] = readFileSync(join(FURNITURE_FOLDER, 'sizes.csv'), 'utf8').trim().split(/\r?\n/);
  const columns = head.split(',');
  return lines.map((line) => {
    const cells = (line.match(/("[^"]*"|[^,]*)(,|$)/g) ?? []).map((cell) =>
      cell.replace(/,$/, '').replace(/^"|"$/g, ''),
    );
    const get = (name: string): string => cells[columns.indexOf(name)];
    return {
      id: get('id'),
      archive: get('archive'),
      model: get('model'),
      name: get('name'),
      author: get('author'),
      rotation: get('rotation'),
      unit: get('unit').trim(),
      category: get('category'),
      width_cm: Number(get('width_cm')),
      height_cm: Number(get('height_cm')),
      depth_cm: Number(get('depth_cm')),
      box: ['file_x', 'file_y', 'file_z'].map((name) => Number(get(name))),
    };
  });
}

const archives = new Map<string, Promise<Map<string, Uint8Array>>>();

async function readArchive(name: string): Promise<Map<string, Uint8Array>> {
  const files = [...(await unzip(readFileSync(join(FURNITURE_FOLDER, name))))].filter(([path]) => !path.endsWith('/'));
  return new Map(files.map(([path, bytes]) => [path, new Uint8Array(bytes)]));
}

/** Maps are not looked into here: only whether they are where the material says. */
const blindCodec: PictureCodec = {
  decode: () => Promise.resolve({ width: 1, height: 1, data: new Uint8Array(4) }),
  decodeDeep: () => Promise.resolve({ width: 1, height: 1, data: new Uint16Array(1) }),
  encodeJpeg: () => blindCodec.encodePng({ width: 1, height: 1, data: new Uint8Array(4) }),
  encodePng: () =>
    Promise.resolve(
      Uint8Array.from([
        0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 0, 0, 0, 13, 0x49, 0x48, 0x44, 0x52, 0, 0, 0, 1, 0, 0, 0, 1, 8,
        6, 0, 0, 0,
      ]),
    ),
};

/** Reads one of the models, as received. */
export async function readFurniture({ archive, id, model }: FurnitureRow): Promise<Document> {
  const opened = archives.get(archive) ?? readArchive(archive);
  archives.set(archive, opened);
  const files = await opened;
  const source: FileSource = {
    paths: [...files.keys()].filter((path) => path.startsWith(`${id}/`)).map((path) => path.slice(id.length + 1)),
    read: (path) => Promise.resolve(files.get(`${id}/${path}`)!),
    hash: (path) => path,
  };
  return (await readModel(model, { ...createReadingContext(source), codec: blindCodec })).document;
}

/** @returns every picture of the set once, by its bytes */
export async function readFurniturePictures(): Promise<{ name: string; bytes: Uint8Array }[]> {
  const pictures = new Map<string, { name: string; bytes: Uint8Array }>();
  for (const archive of new Set(readFurnitureTable().map((row) => row.archive)))
    for (const [name, bytes] of await readArchive(archive)) {
      if (!/\.(png|jpe?g)$/i.test(name)) continue;
      const hash = createHash('sha256').update(bytes).digest('hex');
      if (!pictures.has(hash)) pictures.set(hash, { name, bytes });
    }
  return [...pictures.values()];
}

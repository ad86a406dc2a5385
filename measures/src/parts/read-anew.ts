import { readFileSync } from 'node:fs';
import type { Document } from '@gltf-transform/core';
import { readModel } from '@haveld/core/formats/read-model';
import { createReadingContext } from '@haveld/engine/reading/reading-context';
import type { UnseenModel } from './unseen-models';

/** Writes a model as an OBJ whose points lie elsewhere, and reads it as any download is read. */
export async function readAnew(model: UnseenModel, place: (point: number[]) => number[]): Promise<Document> {
  const text = rewrite(readFileSync(model.obj, 'utf8'), place);
  const { document } = await readModel(
    'model.obj',
    createReadingContext({
      paths: ['model.obj'],
      read: () => Promise.resolve(new TextEncoder().encode(text)),
      hash: () => 'none',
    }),
  );
  return document;
}

/** The points of an OBJ at other places; its normals are left out, so that none contradict. */
function rewrite(text: string, place: (point: number[]) => number[]): string {
  return text
    .split('\n')
    .filter((line) => !/^(vn|mtllib|usemtl|#)/.test(line))
    .map((line) => {
      if (line.startsWith('v '))
        return `v ${place(line.slice(2).trim().split(/\s+/).slice(0, 3).map(Number))
          .map((value) => Number(value.toPrecision(7)))
          .join(' ')}`;
      return line.startsWith('f ') ? line.replace(/(\d+)\/(\d*)\/\d+/g, '$1/$2').replace(/\/(?=\s|$)/g, '') : line;
    })
    .join('\n');
}

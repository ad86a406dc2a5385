import { readGlb } from '@haveld/core/scene/document/document-io';
import { getMaterialSource } from '@haveld/core/scene/document/source-data';
import { judgeGreenInside } from '@haveld/core/textures/judging/judge-green-inside';
import type { MapFacts } from '@haveld/core/textures/map-facts';
import { lookAtMap, MEASURED_SIDE } from '../pictures/look-at-map';
import { sharpCodec } from '../pictures/sharp-codec';
import type { TaskContext } from './task';

export interface LookInput {
  /** Hashes of pictures. */
  pictures: string[];
  /** A document that shows some of them, by whose layouts normals are judged. */
  documentSha256: string;
}

/** Opens pictures nobody has looked at yet, one after the other. */
export async function lookAtMaps(
  { pictures, documentSha256 }: LookInput,
  { store, progress }: TaskContext,
): Promise<MapFacts[]> {
  const seen: MapFacts[] = [];
  for (const [i, sha256] of pictures.entries()) {
    progress(i, pictures.length, 'map');
    seen.push(await lookAtMap(await store.get(sha256), sha256, store));
  }
  // what is too large to be opened whole was measured in pieces, and stays so
  const normals = seen.filter(({ green, width, height }) => green !== null && Math.max(width, height) <= MEASURED_SIDE);
  if (normals.length > 0) await judgeInside(normals, await store.get(documentSha256));
  return seen;
}

/** Normals judged once more within the islands that show them; where these do not tell, the whole picture counts. */
async function judgeInside(normals: MapFacts[], glb: Uint8Array): Promise<void> {
  const document = await readGlb(glb);
  for (const facts of normals) {
    const texture = document
      .getRoot()
      .listMaterials()
      .filter((material) =>
        getMaterialSource(material).maps?.some(({ slot, sha256 }) => slot === 'normal' && sha256 === facts.sha256),
      )
      .map((material) => material.getNormalTexture())
      .find((bound) => bound?.getImage());
    const image = texture?.getImage();
    if (!texture || !image) continue;
    const judged = judgeGreenInside(document, texture, await sharpCodec.decode(image));
    if (judged?.green) facts.green = judged;
  }
}

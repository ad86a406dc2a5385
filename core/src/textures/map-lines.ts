import type { Document } from '@gltf-transform/core';
import type { MapJudgement, MapLine, MapPicture, UnusedMap } from '@haveld/contract/report';
import type { TextureRole } from '@haveld/contract/texture-role';
import { getMaterialSource } from '../scene/document/source-data';
import type { RoleJudgement } from './judging/judge-map-role';
import { judgeMapSet } from './judging/judge-map-set';
import type { CandidatePicture, MapFacts } from './map-facts';
import { SLOTS } from './slots';

export interface MapLines {
  /** Every map reference of every material, with its state. */
  maps: MapLine[];
  /** What each of them is, in the same order; null where its picture is not at hand. */
  judged: (RoleJudgement | null)[];
  /** Pictures that nobody references, with what each is. */
  unused: { picture: CandidatePicture; judged: RoleJudgement }[];
}

/**
 * Lists the maps of a document and the pictures beside it, and judges them all together.
 * @param facts what was seen of pictures by their hash; those that are not there are judged by name and slot alone
 * @param habit words its source is known to use
 */
export function listMapLines(
  document: Document,
  pictures: readonly CandidatePicture[],
  facts: ReadonlyMap<string, MapFacts> = new Map(),
  habit: Readonly<Record<string, TextureRole>> = {},
): MapLines {
  const bound = document
    .getRoot()
    .listMaterials()
    .flatMap((material) =>
      (getMaterialSource(material).maps ?? []).map((map) => ({ material: material.getName(), map })),
    );
  const known = bound.map(({ map }) => (map.sha256 === null ? null : (facts.get(map.sha256) ?? null)));
  const own = new Set(bound.map(({ map }) => map.sha256));
  const free = pictures.filter(({ sha256 }) => !own.has(sha256));
  const judgements = judgeMapSet([
    ...bound.map(({ map }, i) => ({
      path: map.path ?? map.reference,
      measures: known[i]?.measures ?? null,
      slot: map.slot,
      habit,
    })),
    ...free.map(({ path, sha256 }) => ({ path, measures: facts.get(sha256)?.measures ?? null, slot: null, habit })),
  ]);
  const maps = bound.map(({ material, map }, i): MapLine => {
    const picture = pictures.find((candidate) => candidate.sha256 === map.sha256);
    const judged = map.sha256 === null ? null : judgements[i];
    return {
      material,
      slot: map.slot,
      reference: map.reference,
      status: map.status,
      path: map.path,
      sha256: map.sha256,
      width: known[i]?.width || picture?.width || null,
      height: known[i]?.height || picture?.height || null,
      colourSpace: SLOTS[map.slot].colourSpace,
      picture: describeMapPicture(known[i]),
      judged: judged && describeJudgement(judged, known[i]),
    };
  });
  return {
    maps,
    judged: bound.map(({ map }, i) => (map.sha256 === null ? null : judgements[i])),
    unused: free.map((picture, i) => ({ picture, judged: judgements[bound.length + i] })),
  };
}

function describeMapPicture(facts: MapFacts | null): MapPicture | null {
  if (!facts) return null;
  const { kind, bits, channels, notes, thumbSha256, shownSha256 } = facts;
  return { kind: kind ?? 'unknown', bits, channels, notes, thumbSha256, shownSha256 };
}

function describeJudgement(
  { role, confidence, shares, packing, evidence, green }: RoleJudgement,
  facts: MapFacts | null,
): MapJudgement {
  return { role, confidence, shares, packing, evidence, green: facts?.green?.green ?? green };
}

/** @returns a picture nobody uses, as the sheet of maps shows it */
export function describeUnused(
  { picture, judged }: MapLines['unused'][number],
  facts: ReadonlyMap<string, MapFacts>,
): UnusedMap {
  const seen = facts.get(picture.sha256) ?? null;
  return {
    path: picture.path,
    sha256: picture.sha256,
    width: seen?.width || picture.width,
    height: seen?.height || picture.height,
    picture: describeMapPicture(seen),
    judged: describeJudgement(judged, seen),
  };
}

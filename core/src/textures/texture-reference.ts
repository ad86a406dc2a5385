import type { Document } from '@gltf-transform/core';
import type { MapLine } from '@haveld/contract/report';
import type { StepOf } from '@haveld/contract/step';
import type { TextureRole } from '@haveld/contract/texture-role';
import { getMaterialSource } from '../scene/document/source-data';
import type { RoleJudgement } from './judging/judge-map-role';
import type { CandidatePicture } from './map-facts';
import type { MapLines } from './map-lines';
import type { RememberedMap } from './relink/map-match';
import { matchReferences, type MapDecision } from './relink/match-references';

/** The picture that stands in a reference's place, or will once what is sure is taken. */
export interface BoundPicture {
  sha256: string;
  path: string;
  role: RoleJudgement;
}

/**
 * A map a material names, with what became of it. `found`: its picture lies where its file says, or in it. `taken`: a person took
 * a picture for it. `offered`: one is surely meant. `named`: it is no more than a name; what it may be stands in `decision`. One
 * that was knowingly left out is answered so on the sheet and stays `named` here.
 */
export interface TextureReference {
  line: MapLine;
  state: 'found' | 'taken' | 'offered' | 'named';
  picture: BoundPicture | null;
  /** What was looked for and found instead; null where it is where its file says. */
  decision: MapDecision | null;
}

/** A reference whose picture is at hand. */
export type ShownReference = TextureReference & { picture: BoundPicture };

export const isShown = (reference: TextureReference): reference is ShownReference => reference.picture !== null;

/** A picture a person took for a place of a material. */
export type TakenPicture = Pick<StepOf<'relink-map'>, 'material' | 'slot' | 'sha256' | 'path'>;

export interface ReferenceOptions {
  pictures: readonly CandidatePicture[];
  /** Words its source is known to use. */
  words: Readonly<Record<string, TextureRole>>;
  /** What was decided for the same author before. */
  remembered: readonly RememberedMap[];
  taken: readonly TakenPicture[];
  /** Of the house; what is less certain is asked. */
  sureFrom: number;
}

/** @returns true where a map's picture lies where its file says, or in it */
export const isAtHand = ({ status }: Pick<MapLine, 'status'>): boolean => status === 'found' || status === 'embedded';

/** What became of every reference of a document, looked for all at once where it is not where its file says. */
export function listTextureReferences(
  document: Document,
  lines: MapLines,
  options: ReferenceOptions,
): TextureReference[] {
  const { maps, judged, unused } = lines;
  const roles = new Map(unused.map(({ picture, judged: role }) => [picture.sha256, role]));
  maps.forEach(({ sha256 }, i) => {
    const role = judged[i];
    if (sha256 && role && !roles.has(sha256)) roles.set(sha256, role);
  });
  const open = maps.filter((line) => !isAtHand(line));
  const decisions = decide(document, open, roles, options);
  return maps.map((line, i): TextureReference => {
    const role = judged[i];
    if (isAtHand(line)) {
      const picture = line.sha256 && role ? { sha256: line.sha256, path: line.path ?? line.reference, role } : null;
      return { line, state: 'found', picture, decision: null };
    }
    const decision = decisions[open.indexOf(line)];
    const own = options.taken.find(({ material, slot }) => material === line.material && slot === line.slot);
    const ownRole = own && roles.get(own.sha256);
    if (own && ownRole)
      return { line, state: 'taken', picture: { sha256: own.sha256, path: own.path, role: ownRole }, decision };
    const offered = decision.sure ? decision.matches[0].offered : null;
    if (!offered?.judged) return { line, state: 'named', picture: null, decision };
    const { sha256, path } = offered;
    return { line, state: 'offered', picture: { sha256, path, role: offered.judged }, decision };
  });
}

function decide(
  document: Document,
  open: readonly MapLine[],
  roles: ReadonlyMap<string, RoleJudgement>,
  { pictures, words, remembered, sureFrom }: ReferenceOptions,
): MapDecision[] {
  if (open.length === 0) return [];
  const kept = document.getRoot().listMaterials();
  return matchReferences(
    open.map(({ material, slot, reference }) => ({
      material,
      slot,
      references: [
        reference,
        ...kept
          .filter((one) => one.getName() === material)
          .flatMap((one) => getMaterialSource(one).maps ?? [])
          .filter((map) => map.slot === slot && map.reference === reference)
          .flatMap((map) => map.alternatives ?? []),
      ].filter((name) => name !== ''),
    })),
    pictures.map(({ path, sha256, place = 'arrival', placeWords, sameAuthor = true, work }) => ({
      path,
      sha256,
      place,
      placeWords,
      sameAuthor,
      author: work?.author,
      judged: roles.get(sha256) ?? null,
    })),
    words,
    remembered,
    sureFrom,
  );
}

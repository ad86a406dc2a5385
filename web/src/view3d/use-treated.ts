import { keepPreviousData, queryOptions, useQuery } from '@tanstack/react-query';
import { wrap, type Remote } from 'comlink';
import { useMemo } from 'react';
import type { Sheet } from '@haveld/contract/api/bench';
import type { StepOutcome } from '@haveld/contract/report';
import type { LayoutTrouble } from '@haveld/contract/finding';
import type { Step } from '@haveld/contract/step';
import { addWorse } from '@haveld/core/condition/newly-wrong';
import type { PointsAt } from '@haveld/core/condition/pointing/points-at';
import type { FittedCollision } from '@haveld/core/placement/collision/fit-collision';
import type { DropResult } from '@haveld/core/placement/tumble/drop-test';
import type { LayoutColours } from '@haveld/core/textures/uv/draw-layout';
import type { ShownLevel, ShownPicture, Treated, Treating } from './treat.worker';

let worker: Remote<Treating> | null = null;

const startWorker = (): Worker => new Worker(new URL('./treat.worker.ts', import.meta.url), { type: 'module' });

/** The worker in which models are treated. */
export function getTreating(): Remote<Treating> {
  worker ??= wrap<Treating>(startWorker());
  return worker;
}

/** A worker for one long work, to be ended by whoever asked for it. */
export function openTreating(): { treating: Remote<Treating>; end: () => void } {
  const own = startWorker();
  return { treating: wrap<Treating>(own), end: () => own.terminate() };
}

/** @returns for each picture of a sheet no browser reads, the copy it reads */
export function listShownCopies(sheet: Pick<Sheet, 'maps' | 'unused'>): Record<string, string> {
  return Object.fromEntries(
    [...sheet.maps, ...sheet.unused].flatMap(({ sha256, picture }) =>
      sha256 && picture?.shownSha256 ? [[sha256, picture.shownSha256]] : [],
    ),
  );
}

const NO_COPIES: Record<string, string> = {};

/** The model as treated by these steps, worked out in a web worker. The last one stays until the next is there. */
export function useTreated(
  documentSha256: string | undefined,
  steps: Step[],
  shown: Record<string, string> = NO_COPIES,
) {
  return useQuery({
    queryKey: ['treated', documentSha256, steps],
    queryFn: (): Promise<Treated> => getTreating().treat(documentSha256!, steps, shown),
    enabled: documentSha256 !== undefined,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 60_000,
  });
}

/** Larger models are judged again when their version is made: here it would keep the hand waiting, triangles. Ours. */
const JUDGED_LIVE = 150_000;

/** What came of each step, with what it brought about that was not wrong before, once that is known. */
export function useOutcomes(
  documentSha256: string,
  steps: Step[],
  shown: Record<string, string>,
  treated: Treated | undefined,
): StepOutcome[] {
  const again = useQuery({
    queryKey: ['judged-again', documentSha256, steps],
    queryFn: () => getTreating().judgeAgain(documentSha256, steps, shown),
    enabled: treated !== undefined && steps.length > 0 && treated.figures.triangles <= JUDGED_LIVE,
    staleTime: Infinity,
    gcTime: 60_000,
  });
  return useMemo(() => addWorse(treated?.outcomes ?? NO_OUTCOMES, again.data ?? []), [treated, again.data]);
}

const NO_OUTCOMES: StepOutcome[] = [];

/** Faces a finding means, where they stand after these steps; null where it means none, or the whole model. */
export function usePointedFaces(
  documentSha256: string,
  steps: Step[],
  shown: Record<string, string>,
  pointed: PointsAt | null,
): Float32Array | null {
  const faces = useQuery({
    queryKey: ['pointed', documentSha256, steps, pointed],
    queryFn: () => getTreating().listPointedFaces(documentSha256, steps, shown, pointed!),
    enabled: pointed !== null,
    staleTime: Infinity,
    gcTime: 60_000,
  });
  return (pointed && faces.data) || null;
}

/** Parts of a document as received, as steps name them. */
export const documentParts = (documentSha256: string) =>
  queryOptions({
    queryKey: ['parts', documentSha256],
    queryFn: () => getTreating().listParts(documentSha256),
    staleTime: Infinity,
    gcTime: 60_000,
  });

/** Lets a treated model go, or a pile of it, and sees how it comes to rest; null where it has no surface. */
export const dropTreated = (glb: Uint8Array, count: number): Promise<DropResult | null> =>
  getTreating().drop(glb, count);

/** Fits every shape a treated model may collide by; null for a sheet. */
export const fitTreated = (glb: Uint8Array): Promise<FittedCollision | null> => getTreating().fitShapes(glb);

/** The levels of detail of a treated model, the finest first. */
export const describeTreatedLevels = (glb: Uint8Array): Promise<ShownLevel[]> => getTreating().describeLevels(glb);

/** A treated model at one of its levels of detail. */
export const pickTreatedLevel = async (glb: Uint8Array, level: number): Promise<ArrayBuffer> =>
  (await getTreating().pickLevel(glb, level)).buffer;

const listKeys = ({ materials }: Treated): string[] => [
  ...new Set(materials.flatMap(({ slots }) => Object.values(slots))),
];

/** Small pictures of the maps of what was treated last; asked again when the treated model changes. */
export function useTreatedPictures(treated: Treated | undefined) {
  return useQuery({
    queryKey: ['treated-pictures', treated?.materials],
    queryFn: async (): Promise<Map<string, ShownPicture>> =>
      new Map((await getTreating().listPictures(listKeys(treated!))).map((picture) => [picture.key, picture])),
    enabled: treated !== undefined,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 60_000,
  });
}

/** A whole picture of what was treated last. */
export function useTreatedPicture(key: string | null) {
  return useQuery({
    queryKey: ['treated-picture', key],
    queryFn: (): Promise<Blob | null> => getTreating().getPicture(key!),
    enabled: key !== null,
    staleTime: Infinity,
    gcTime: 60_000,
  });
}

/** Our own colours for layouts, the same by day and by night: a picture beside pictures. */
const LAYOUT_COLOURS: LayoutColours = {
  ground: [250, 248, 243],
  once: [190, 214, 208],
  twice: [217, 162, 74],
  mirrored: [150, 168, 196],
  edge: [23, 98, 91],
  tile: [200, 194, 180],
  // as faces are lit on the model: stage/lit-faces.ts
  lit: [242, 176, 61],
  hatch: [107, 61, 5],
};

export const LAYOUT_KEY = [
  { colour: LAYOUT_COLOURS.once, label: 'once' },
  { colour: LAYOUT_COLOURS.twice, label: 'on itself' },
  { colour: LAYOUT_COLOURS.mirrored, label: 'mirrored' },
];

/** How a material of the document as received lies on its pictures; null where it has no layout. */
export const drawnLayout = (documentSha256: string, material: string, trouble: LayoutTrouble | null) =>
  queryOptions({
    queryKey: ['layout', documentSha256, material, trouble],
    queryFn: () => getTreating().drawLayout(documentSha256, material, LAYOUT_COLOURS, trouble),
    staleTime: Infinity,
    gcTime: 60_000,
  });

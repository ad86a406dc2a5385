import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { proxy } from 'comlink';
import type { PartRef, Step } from '@haveld/contract/step';
import type { LenderParts } from '@haveld/core/structure/borrow/describe-lender';
import type { ChosenFaces, MeantFaces } from '@haveld/core/structure/parts/choose-faces';
import type { FaceLook } from '@haveld/core/structure/faces/face-offers';
import type { PartSheet } from '@haveld/core/structure/parts/part-sheet';
import type { Runs } from '@haveld/core/structure/parts/separate-faces';
import type { SurfaceFacts } from '@haveld/core/structure/surfaces/describe-surfaces';
import type { CutBy, ShownPicture } from './treat.worker';
import { getTreating, openTreating } from './use-treated';

/** A model with the steps that lead to what is shown. */
export interface TreatedModel {
  documentSha256: string;
  steps: Step[];
  /** For pictures no browser reads, the copy it does read. */
  shown: Record<string, string>;
}

/** Every part of the treated model, and what may be done about them. The last one stays until the next is there. */
export function usePartSheet({ documentSha256, steps, shown }: TreatedModel) {
  return useQuery({
    queryKey: ['part-sheet', documentSha256, steps],
    queryFn: (): Promise<PartSheet> => getTreating().describeParts(documentSha256, steps, shown),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 60_000,
  });
}

/** Small pictures of parts, by their ids; those of the last treatment stay until the next are there. */
export function usePartPictures({ documentSha256, steps, shown }: TreatedModel, ids: readonly string[]) {
  return useQuery({
    queryKey: ['part-pictures', documentSha256, steps, ids],
    queryFn: async (): Promise<Map<string, ShownPicture>> =>
      new Map(
        (await getTreating().drawParts(documentSha256, steps, shown, [...ids])).map((picture) => [
          picture.key,
          picture,
        ]),
      ),
    enabled: ids.length > 0,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 60_000,
  });
}

/**
 * How the next step on parts names some of them, each in its place.
 * @throws where one is not there any more
 */
export async function referToParts(
  { documentSha256, steps, shown }: TreatedModel,
  ids: readonly string[],
): Promise<PartRef[]> {
  const refs = await getTreating().referToParts(documentSha256, steps, shown, [...ids]);
  return refs.map((ref) => {
    if (!ref)
      throw new Error('One of these parts is made by a later step, or is not there any more. Nothing was done.');
    return ref;
  });
}

/** @throws where nothing is cut */
export async function planCut(
  { documentSha256, steps, shown }: TreatedModel,
  by: CutBy,
  ids: readonly string[],
): Promise<Step[]> {
  const cuts = await getTreating().planCut(documentSha256, steps, shown, by, ids.length > 0 ? [...ids] : null);
  if (cuts.length === 0) throw new Error('No part is cut there. Nothing was done.');
  return [{ kind: 'cut-parts', schema: 1, cuts }];
}

/** What a model of the library has to lend, and a picture of one part of it. */
export function useLender(modelSha256: string | null) {
  return useQuery({
    queryKey: ['lender', modelSha256],
    queryFn: (): Promise<LenderParts> => getTreating().describeLender(modelSha256!),
    enabled: modelSha256 !== null,
    staleTime: Infinity,
    gcTime: 60_000,
  });
}

/** @throws where the part is changed by a later step */
export async function findPlace(
  { documentSha256, steps, shown }: TreatedModel,
  at: { id: string; point: [number, number, number] },
): Promise<[number, number, number]> {
  const place = await getTreating().findPlace(documentSha256, steps, shown, at);
  if (!place)
    throw new Error('That part is cut or reduced by a later step: pick a place on another. Nothing was done.');
  return place;
}

/** The polygons that hang together with a place of a part; what was chosen already is given up again. */
export const chooseIsland = (
  { documentSha256, steps, shown }: TreatedModel,
  at: { id: string; primitive: number; triangle: number },
  also: Runs[],
): Promise<ChosenFaces | null> => getTreating().chooseIsland(documentSha256, steps, shown, at, also);

/** The polygons of a part that some triangles make up, besides those chosen before. */
export const chooseTriangles = (
  { documentSha256, steps, shown }: TreatedModel,
  meant: { id: string; triangles: number[][] },
  also: Runs[],
): Promise<ChosenFaces | null> => getTreating().chooseTriangles(documentSha256, steps, shown, meant, also);

/** How the faces of some parts meet. What was known of the same parts stays until the next treatment has run. */
export function useSurfaces({ documentSha256, steps, shown }: TreatedModel, ids: readonly string[]) {
  return useQuery({
    queryKey: ['surfaces', documentSha256, steps, ids],
    queryFn: (): Promise<SurfaceFacts[]> => getTreating().describeSurfaces(documentSha256, steps, shown, [...ids]),
    enabled: ids.length > 0,
    placeholderData: (before: SurfaceFacts[] | undefined) =>
      before?.every(({ id }) => ids.includes(id)) ? before : undefined,
    staleTime: Infinity,
    gcTime: 60_000,
  });
}

/** Faces of parts where they stand, to be lit. */
export function usePlacedFaces(
  { documentSha256, steps, shown }: TreatedModel,
  meant: MeantFaces[] | null,
): Float32Array | null {
  const faces = useQuery({
    queryKey: ['placed-faces', documentSha256, steps, meant],
    queryFn: () => getTreating().placeFaces(documentSha256, steps, shown, meant!),
    enabled: meant !== null,
    staleTime: Infinity,
    gcTime: 60_000,
  });
  return (meant && faces.data) || null;
}

/**
 * Looks through every face of a model, in a worker of its own so that nothing else waits.
 * @param signal ends it, and the worker with it
 */
export async function lookThroughFaces(
  { documentSha256, steps, shown }: TreatedModel,
  tell: (done: number) => void,
  signal: AbortSignal,
): Promise<FaceLook> {
  const { treating, end } = openTreating();
  try {
    return await new Promise<FaceLook>((resolve, reject) => {
      signal.addEventListener('abort', () => reject(new DOMException('stopped', 'AbortError')));
      treating.lookThroughFaces(documentSha256, steps, shown, proxy(tell)).then(resolve, reject);
    });
  } finally {
    end();
  }
}

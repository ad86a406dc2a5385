import { useEffect, useRef, useState } from 'react';
import type { FaceLook, FaceOffer } from '@haveld/core/structure/faces/face-offers';
import type { MeantFaces } from '@haveld/core/structure/parts/choose-faces';
import { lookThroughFaces, type TreatedModel } from '../../view3d/use-part-sheet';

export interface FaceLooking {
  /** The share that is done; null where nobody is looking. */
  done: number | null;
  /** What came of it; null before, and after the model has changed. */
  found: FaceLook | null;
  problem: string | null;
  /** The one in hand. */
  offer: FaceOffer | null;
  /** Its faces, to be lit. */
  meant: MeantFaces[] | null;
  start: () => void;
  stop: () => void;
  /** Takes one into the hand, or puts it back. */
  take: (offer: FaceOffer | null) => void;
}

/** Looking through every face of a model, in the background: once for each treatment, when somebody asks. */
export function useFaceLook(model: TreatedModel): FaceLooking {
  const [state, setState] = useState<{
    model: TreatedModel;
    done: number | null;
    found: FaceLook | null;
    problem: string | null;
    offer: FaceOffer | null;
  }>({ model, done: null, found: null, problem: null, offer: null });
  const running = useRef<AbortController | null>(null);
  useEffect(() => () => running.current?.abort(), [model]);
  // what was found is of the model as it was then
  const now = state.model === model ? state : { ...state, done: null, found: null, problem: null, offer: null };
  const start = (): void => {
    if (now.done !== null) return;
    const controller = new AbortController();
    running.current = controller;
    const tell = (change: Partial<typeof state>): void => {
      if (!controller.signal.aborted) setState((last) => ({ ...last, ...change }));
    };
    setState({ model, done: 0, found: null, problem: null, offer: null });
    let isOver = false;
    const end = (change: Partial<typeof state>): void => {
      isOver = true;
      tell({ ...change, done: null });
    };
    // how far it is comes on a line of its own, and the last word may come after the end
    lookThroughFaces(model, (done) => !isOver && tell({ done }), controller.signal).then(
      (found) => end({ found }),
      (error: unknown) => end({ problem: (error as Error).message }),
    );
  };
  return {
    done: now.done,
    found: now.found,
    problem: now.problem,
    offer: now.offer,
    meant: now.offer?.faces ?? null,
    start,
    stop: () => {
      running.current?.abort();
      setState((last) => ({ ...last, done: null }));
    },
    take: (offer) => setState((last) => ({ ...last, offer })),
  };
}

import { expose } from 'comlink';
import { FiguresSchema } from '@haveld/contract/report';
import type { Step } from '@haveld/contract/step';
import type { Treated, Treating } from '../view3d/treat.worker';
import { exampleOf } from '@haveld/contract/testing/example-of';

let current: Partial<Treating> = {};

/**
 * Stands in for the worker that treats models: it answers what the test says came of it.
 * @param treat told the steps each time
 * @param more what else is asked of the worker
 */
export function treatInPlace(treat: (steps: Step[]) => Partial<Treated>, more: Partial<Treating> = {}): void {
  current = {
    treat: (_, steps) => {
      const treated = { glb: new Uint8Array(4), outcomes: [], materials: [], ...treat(steps) };
      return Promise.resolve({ figures: exampleOf(FiguresSchema), ...treated });
    },
    ...more,
  };
}

/** What the worker is to the page, whichever test it is: there is one for as long as the page is open. */
const stand: Partial<Treating> = {
  treat: async (...given) => current.treat!(...given),
  judgeAgain: async (...given) => current.judgeAgain?.(...given) ?? [],
  listParts: async (...given) => current.listParts?.(...given) ?? [],
  listPictures: async (...given) => current.listPictures?.(...given) ?? [],
  getPicture: (key) => current.getPicture?.(key) ?? null,
  listPointedFaces: async (...given) => current.listPointedFaces?.(...given) ?? null,
  drawLayout: async (...given) => current.drawLayout?.(...given) ?? null,
  describeParts: async (...given) => current.describeParts?.(...given) ?? { rows: [], offers: [] },
  referToParts: async (...given) => current.referToParts?.(...given) ?? [],
  describeSurfaces: async (...given) => current.describeSurfaces?.(...given) ?? [],
  fitShapes: async (...given) => current.fitShapes?.(...given) ?? null,
  describeLevels: async (...given) => current.describeLevels?.(...given) ?? [],
  pickLevel: async (...given) => current.pickLevel?.(...given) ?? new Uint8Array(4),
  drawParts: async (...given) => current.drawParts?.(...given) ?? [],
  planCut: async (...given) => current.planCut?.(...given) ?? [],
  findPlace: async (...given) => current.findPlace?.(...given) ?? null,
  describeLender: async (...given) => current.describeLender?.(...given) ?? { parts: [], materials: [] },
  chooseTriangles: async (...given) => current.chooseTriangles?.(...given) ?? null,
  chooseIsland: async (...given) => current.chooseIsland?.(...given) ?? null,
  placeFaces: async (...given) => current.placeFaces?.(...given) ?? new Float32Array(),
  lookThroughFaces: async (...given) =>
    current.lookThroughFaces?.(...given) ?? { triangles: 0, unasked: 0, offers: [] },
};

/** One end of a line whose messages reach the other end by themselves. */
class Line extends EventTarget {
  other: Line | null = null;

  start(): void {}

  close(): void {}

  terminate(): void {
    this.other = null;
  }

  postMessage(data: unknown): void {
    queueMicrotask(() => this.other?.dispatchEvent(new MessageEvent('message', { data })));
  }
}

/** A worker calls back over lines of its own. */
globalThis.MessageChannel ??= class {
  readonly port1 = new Line();
  readonly port2 = new Line();

  constructor() {
    this.port1.other = this.port2;
    this.port2.other = this.port1;
  }
} as unknown as typeof MessageChannel;

globalThis.Worker = class {
  constructor() {
    const [here, there] = [new Line(), new Line()];
    here.other = there;
    there.other = here;
    expose(stand, there);
    return here;
  }
} as unknown as typeof Worker;

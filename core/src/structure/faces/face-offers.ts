import type { Document, Node } from '@gltf-transform/core';
import type { Evidence } from '@haveld/contract/evidence';
import type { Step } from '@haveld/contract/step';
import { computePolygonStarts } from '../../scene/meshes/split-polygons';
import { getNodeSource } from '../../scene/document/source-data';
import { PartIndex } from '../../scene/part-ref';
import { count, formatCount } from '../../text/count';
import type { MeantFaces } from '../parts/choose-faces';
import { findMover, hasBlendShapes } from '../parts/movers';
import { listRuns, type Runs } from '../parts/separate-faces';
import { listReferredNodes } from '../referred-nodes';
import { findHidden, type Hidden } from './find-hidden';
import { findOverlaps, type Overlaps } from './find-overlaps';
import { gatherFaces, type AllFaces, type PlacedFaces } from './gather-faces';

/** Something about single faces of a model, with the steps ready where something can be done about it. */
export interface FaceOffer {
  kind: 'hidden' | 'lying' | 'crossing';
  title: string;
  detail: string;
  evidence: Evidence[];
  steps: Step[];
  faces: MeantFaces[];
}

/** What came of looking through every face. */
export interface FaceLook {
  triangles: number;
  /** Of these nobody knows whether they are seen: the looking stopped at so many rays. */
  unasked: number;
  offers: FaceOffer[];
}

/**
 * Looks through every face of a model for those nobody can see, those that lie on one another and those that go through one another.
 * Nothing of it is sure. Long for a large model: to be done in the background.
 * @param document as the next step on parts finds it
 * @param tell is told the share that is done
 */
export function lookThroughFaces(document: Document, tell: (done: number) => void = () => {}): FaceLook {
  const faces = gatherFaces(document);
  if (!faces) return { triangles: 0, unasked: 0, offers: [] };
  tell(0.05);
  const overlaps = findOverlaps(faces);
  tell(0.4);
  const hidden = findHidden(faces, (done) => tell(0.4 + 0.6 * done));
  const offers = [offerHidden(document, faces, hidden), offerLying(faces, overlaps), offerCrossing(faces, overlaps)];
  return {
    triangles: faces.indices.length / 3,
    unasked: hidden.unasked,
    offers: offers.flatMap((one) => one ?? []),
  };
}

const nameOf = ({ node }: PlacedFaces): string => node.getName() || 'unnamed';

/** @returns for each node the polygons of which every triangle is marked, or any is; those without are left out */
function listPolygons(
  faces: AllFaces,
  marked: Uint8Array,
  of: 'every' | 'any',
): Map<Node, { runs: Runs[]; polygons: number; all: number; triangles: number }> {
  const found = new Map<Node, { runs: Runs[]; polygons: number; all: number; triangles: number }>();
  for (const { node, primitive, place, first, count: triangles } of faces.parts) {
    const starts = computePolygonStarts(primitive, triangles);
    const flags = new Uint8Array(starts.length - 1);
    const own = found.get(node) ?? { runs: [], polygons: 0, all: 0, triangles: 0 };
    for (let k = 0; k < flags.length; k++) {
      let sum = 0;
      for (let t = starts[k]; t < starts[k + 1]; t++) sum += marked[first + t];
      if (of === 'any' ? sum === 0 : sum < starts[k + 1] - starts[k]) continue;
      flags[k] = 1;
      own.polygons++;
      own.triangles += starts[k + 1] - starts[k];
    }
    own.all += flags.length;
    // a primitive without triangles has a place too
    while (own.runs.length < place) own.runs.push([]);
    own.runs.push(listRuns(flags));
    found.set(node, own);
  }
  for (const [node, { polygons }] of found) if (polygons === 0) found.delete(node);
  return found;
}

const meant = (found: ReturnType<typeof listPolygons>): MeantFaces[] =>
  [...found].map(([node, { runs }]) => ({ id: getNodeSource(node).id ?? '', faces: runs }));

/** What can be taken away: nothing that moves, for it may come to light, and of what stands several times only the whole. */
function offerHidden(document: Document, faces: AllFaces, { hidden }: Hidden): FaceOffer | null {
  const index = new PartIndex(document);
  const referred = listReferredNodes(document);
  const found = listPolygons(faces, hidden, 'every');
  const stands = new Map<unknown, number>();
  for (const node of new Set(faces.parts.map((part) => part.node)))
    stands.set(node.getMesh(), (stands.get(node.getMesh()) ?? 0) + 1);
  const steps: Step[] = [];
  const evidence: Evidence[] = [];
  let triangles = 0;
  for (const [node, own] of found) {
    const isWhole = own.polygons === own.all && node.listChildren().length === 0;
    const isShared = (stands.get(node.getMesh()) ?? 0) > 1;
    if (findMover(node, referred) || hasBlendShapes(node) || (isShared && !isWhole)) {
      found.delete(node);
      continue;
    }
    triangles += own.triangles;
    evidence.push({
      text: node.getName() || 'unnamed',
      figure: isWhole ? 'all of it' : `${formatCount(own.polygons)} of ${count(own.all, 'polygon')}`,
    });
    const part = index.refer(node);
    steps.push(
      isWhole
        ? { kind: 'take-out', schema: 1, parts: [part] }
        : { kind: 'separate-faces', schema: 1, part, faces: own.runs, name: null },
    );
  }
  if (steps.length === 0) return null;
  // those that take parts out come last, for they renumber their twins
  const order = (step: Step): number => (step.kind === 'take-out' ? 1 : 0);
  return {
    kind: 'hidden',
    title: `${count(triangles, 'triangle')} cannot be seen from outside`,
    detail: 'Looked at from all around, and out of each. Where a lid or a door is to open, what is behind it stays.',
    evidence: evidence.slice(0, 8),
    steps: steps.sort((a, b) => order(a) - order(b)),
    faces: meant(found),
  };
}

/** Pairs of parts by how often they meet, in words. */
function listPairs(faces: AllFaces, pairs: ReadonlyMap<string, number>): { text: string; figure: string }[] {
  const named = new Map<string, number>();
  for (const [key, number] of pairs) {
    const [a, b] = key.split(' ').map((place) => nameOf(faces.parts[Number(place)]));
    const text = a === b ? `within “${a}”` : `“${a}” and “${b}”`;
    named.set(text, (named.get(text) ?? 0) + number);
  }
  return [...named].sort((a, b) => b[1] - a[1]).map(([text, number]) => ({ text, figure: count(number, 'place') }));
}

function offerLying(faces: AllFaces, { lying, lyingPairs }: Overlaps): FaceOffer | null {
  const found = listPolygons(faces, lying, 'any');
  if (found.size === 0) return null;
  const polygons = [...found.values()].reduce((sum, one) => sum + one.polygons, 0);
  return {
    kind: 'lying',
    title: `${count(polygons, 'polygon overlaps', 'polygons overlap')} others and will flicker`,
    detail: 'Two surfaces in one place (z-fighting): it is chance which is drawn. Remove one, or move them apart.',
    evidence: listPairs(faces, lyingPairs).slice(0, 8),
    steps: [],
    faces: meant(found),
  };
}

function offerCrossing(faces: AllFaces, { crossing, crossingPairs }: Overlaps): FaceOffer | null {
  const found = listPolygons(faces, crossing, 'any');
  if (found.size === 0) return null;
  const polygons = [...found.values()].reduce((sum, one) => sum + one.polygons, 0);
  const within = [...crossingPairs].filter(([key]) => {
    const [a, b] = key.split(' ').map(Number);
    return faces.parts[a].node === faces.parts[b].node;
  });
  return {
    kind: 'crossing',
    title: `${count(polygons, 'polygon intersects', 'polygons intersect')} others of the same part`,
    detail: 'Usual where one piece is put into another. It harms what counts on closed surfaces: print, simulation.',
    evidence: listPairs(faces, new Map(within)).slice(0, 8),
    steps: [],
    faces: meant(found),
  };
}

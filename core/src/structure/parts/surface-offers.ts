import type { Mesh, Node } from '@gltf-transform/core';
import type { Step } from '@haveld/contract/step';
import type { PartIndex } from '../../scene/part-ref';
import { count } from '../../text/count';
import { listClosable } from '../surfaces/close-holes';
import { findHoles } from '../surfaces/find-holes';
import { findShells } from '../surfaces/find-shells';
import { gatherSurface } from '../surfaces/gather-surface';
import { listTurnedFaces } from '../surfaces/list-turned-faces';
import { planMerge } from '../surfaces/merge-vertices';
import type { PartOffer } from './part-offer';
import type { PartRow } from './part-rows';

/** Heavier parts are not looked through unasked. */
const LIGHT = 300_000;
/** A hole up to this share of its part is small. Ours. */
export const SMALL_HOLE = 0.1;
/** Borders within this share of their part are a crack, and not a gap. Ours. */
export const CRACK = 1e-4;

/** What was seen of the surface of one part. */
interface Seen {
  row: PartRow;
  node: Node;
  against: number;
  inwards: number;
  holes: number;
  /** Open edges that vicinity closes. */
  cracked: number;
}

/** What may be done about surfaces: faces that look the wrong way, cracks, small flat holes. */
export function listSurfaceOffers(index: PartIndex, rows: readonly PartRow[]): PartOffer[] {
  const looked = new Set<Mesh>();
  const seen = rows.flatMap((row): Seen[] => {
    const node = row.kind === 'shape' && row.triangles <= LIGHT ? index.get(row.id) : null;
    const mesh = node?.getMesh();
    if (!node || !mesh || looked.has(mesh)) return [];
    looked.add(mesh);
    return look(row, node, mesh);
  });
  // a crack comes first: what lies beyond it agrees with nobody
  return [offerMerging(index, seen), offerTurning(index, seen), offerClosing(index, seen)].flatMap((one) => one ?? []);
}

function look(row: PartRow, node: Node, mesh: Mesh): Seen[] {
  const surface = gatherSurface(mesh.listPrimitives());
  if (!surface) return [];
  const { against, inwards } = listTurnedFaces(surface, findShells(surface));
  const merge = planMerge(surface, CRACK, 'borders');
  return [
    {
      row,
      node,
      against,
      inwards,
      holes: listClosable(surface, findHoles(surface), SMALL_HOLE).length,
      // what would lose faces by it is as fine as the crack
      cracked: merge.collapsed > 0 ? 0 : Math.max(0, merge.closed),
    },
  ];
}

function offer(
  index: PartIndex,
  seen: readonly Seen[],
  figure: (one: Seen) => number,
  words: Pick<PartOffer, 'kind' | 'detail'> & {
    title: (sum: number, found: readonly Seen[]) => string;
    figureOf: (one: Seen) => string;
    step: (parts: ReturnType<PartIndex['refer']>[]) => Step;
  },
): PartOffer | null {
  const found = seen.filter((one) => figure(one) > 0);
  if (found.length === 0) return null;
  return {
    kind: words.kind,
    title: words.title(
      found.reduce((sum, one) => sum + figure(one), 0),
      found,
    ),
    detail: words.detail,
    evidence: found.slice(0, 8).map((one) => ({ text: one.row.name || 'unnamed', figure: words.figureOf(one) })),
    steps: [words.step(found.map(({ node }) => index.refer(node)))],
    ids: found.map(({ row }) => row.id),
  };
}

const offerTurning = (index: PartIndex, seen: readonly Seen[]): PartOffer | null =>
  offer(index, seen, ({ against, inwards }) => against + inwards, {
    kind: 'turned',
    title: (sum) => `${count(sum, 'polygon looks', 'polygons look')} the wrong way`,
    detail: 'Seen from outside they show their backs, or nothing. Flipped, those of a shell agree and look outwards.',
    figureOf: ({ against }) =>
      against > 0 ? `${count(against, 'polygon')} against the rest` : 'closed, and all look inwards',
    step: (parts) => ({ kind: 'turn-faces', schema: 1, parts }),
  });

const offerMerging = (index: PartIndex, seen: readonly Seen[]): PartOffer | null =>
  offer(index, seen, ({ cracked }) => cracked, {
    kind: 'cracks',
    title: (sum) => `${count(sum, 'open edge lies', 'open edges lie')} on another`,
    detail: 'Borders that all but touch are a crack: light shines through, and nothing smooths over it.',
    figureOf: ({ cracked }) => count(cracked, 'open edge'),
    step: (parts) => ({ kind: 'merge-vertices', schema: 1, parts, tolerance: CRACK, of: 'borders' }),
  });

const offerClosing = (index: PartIndex, seen: readonly Seen[]): PartOffer | null =>
  offer(index, seen, ({ holes }) => holes, {
    kind: 'holes',
    title: (sum, found) => `${count(sum, 'small flat hole')} in ${count(found.length, 'part')}`,
    detail: 'Each is closed by one polygon of the material around it. The ends of a pipe are such holes too.',
    figureOf: ({ holes }) => count(holes, 'hole'),
    step: (parts) => ({ kind: 'close-holes', schema: 1, parts, upTo: SMALL_HOLE }),
  });

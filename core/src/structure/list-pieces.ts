import type { Document, Node } from '@gltf-transform/core';
import type { Box } from '@haveld/contract/report';
import { getNodeSource } from '../scene/document/source-data';
import { boxSize, computeBounds, unionBoxes } from '../scene/measures/bounds';
import { countTriangles, getShownScene, listBelow, listMeshInstances, type MeshInstance } from '../scene/traverse';
import { findLevels, type FoundLevels } from './levels/find-levels';
import { listStrangers } from './strangers';

/** One thing of several that came in one file. */
export interface Piece {
  name: string;
  /** Ids of its nodes, none of them below another. */
  nodeIds: string[];
  triangles: number;
  /** Where it stands in the kit, document units. */
  box: Box;
  /** Where its own origin lies in the kit. */
  origin: [number, number, number];
}

/** How the pieces of a file are told apart. */
export const PIECE_RULES = ['roots', 'layers', 'loose'] as const;
export interface PieceProposal {
  by: (typeof PIECE_RULES)[number];
  pieces: Piece[];
  /** In a sentence: what was seen. */
  summary: string;
}

const FEWEST = 3;

/** Of the pieces, so many have to stand clear of all others. */
const SHARE_APART = 0.9;

/** What is apart has a gap of at least this part of the smaller one's longest side. */
const GAP = 0.02;

interface Part {
  node: Node;
  instance: MeshInstance;
  box: Box;
  /** The levels of detail it is of, where it came in several. */
  levels: FoundLevels | null;
  /** Of a coarser one: it goes with the finest, wherever it stands. */
  isCoarser: boolean;
}

/**
 * Looks whether a document holds several things rather than one: by its roots, its layers, or by parts that lie apart.
 * Display floors and scale figures are left out of it.
 * @returns null where it is one thing, as far as can be seen
 */
export function listPieces(document: Document): PieceProposal | null {
  const strangers = new Set(listStrangers(document).map(({ node }) => node));
  const levelsOf = new Map<Node, { levels: FoundLevels; isCoarser: boolean }>();
  for (const levels of findLevels(document))
    levels.levels.forEach((top, i) =>
      listBelow(top).forEach((node) => levelsOf.set(node, { levels, isCoarser: i > 0 })),
    );
  const parts = listMeshInstances(document)
    .filter(({ node }) => !strangers.has(node))
    .flatMap((instance): Part[] => {
      const box = computeBounds(document, [instance]);
      const { levels = null, isCoarser = false } = levelsOf.get(instance.node) ?? {};
      return box ? [{ node: instance.node, instance, box, levels, isCoarser }] : [];
    });
  if (parts.length < FEWEST) return null;
  const tops = listTops(document);
  // levels of one thing stand for the finest of them
  const byRoots = groupBy(parts, ({ node, levels }) => {
    const root = rootAbove(node, tops);
    return levels && root && levels.levels.includes(root) ? levels.levels[0] : root;
  });
  const byLayers = groupBy(parts, ({ node }) => getNodeSource(node).layers?.[0] ?? null);
  for (const [by, groups] of [
    ['roots', byRoots],
    ['layers', byLayers],
    ['loose', listClusters(parts)],
  ] as const) {
    if (groups.length < FEWEST || !standApart(groups)) continue;
    const pieces = groups.map((group) => describePiece(group, by));
    return { by, pieces: makeNamesUnique(pieces), summary: describeRule(by, groups.length) };
  }
  return null;
}

/** The topmost nodes that say something: wrappers around everything are passed through. */
function listTops(document: Document): Node[] {
  let tops = getShownScene(document).listChildren();
  while (tops.length === 1 && !tops[0].getMesh() && tops[0].listChildren().length > 0) tops = tops[0].listChildren();
  return tops;
}

function rootAbove(node: Node, tops: readonly Node[]): Node | null {
  for (let at: Node | null = node; at; at = at.getParentNode()) if (tops.includes(at)) return at;
  return null;
}

function groupBy<K>(parts: readonly Part[], keyOf: (part: Part) => K | null): Part[][] {
  const groups = new Map<K, Part[]>();
  for (const part of parts) {
    const key = keyOf(part);
    // what belongs to no group tells nothing apart
    if (key === null) return [];
    groups.set(key, [...(groups.get(key) ?? []), part]);
  }
  return [...groups.values()];
}

/** Parts whose boxes touch are one thing, and so on until nothing touches; coarser levels go with their finest. */
function listClusters(parts: readonly Part[]): Part[][] {
  let clusters = parts.filter(({ isCoarser }) => !isCoarser).map((part) => ({ members: [part], box: part.box }));
  for (let merged = true; merged;) {
    merged = false;
    const next: typeof clusters = [];
    for (const cluster of clusters) {
      const touching = next.find((other) => touch(other.box, cluster.box));
      if (touching) {
        touching.members.push(...cluster.members);
        touching.box = unionBoxes([touching.box, cluster.box]);
        merged = true;
      } else next.push({ ...cluster, members: [...cluster.members] });
    }
    clusters = next;
  }
  for (const part of parts)
    if (part.isCoarser)
      clusters.find(({ members }) => members.some(({ levels }) => levels === part.levels))?.members.push(part);
  return clusters.map(({ members }) => members);
}

/** What of a group is the thing itself: of several levels of detail the finest. */
const finestOf = (group: readonly Part[]): readonly Part[] => {
  const finest = group.filter(({ isCoarser }) => !isCoarser);
  return finest.length > 0 ? finest : group;
};

/** @returns true where two boxes overlap, or the gap between them is too small to be meant */
function touch(a: Box, b: Box): boolean {
  const gap = GAP * Math.min(Math.max(...boxSize(a)), Math.max(...boxSize(b)));
  return [0, 1, 2].every((i) => a.min[i] < b.max[i] + gap && b.min[i] < a.max[i] + gap);
}

function standApart(groups: readonly Part[][]): boolean {
  const boxes = groups.map((group) => unionBoxes(finestOf(group).map(({ box }) => box)));
  const clear = boxes.filter((box, i) => !boxes.some((other, j) => i !== j && touch(box, other)));
  return clear.length >= boxes.length * SHARE_APART;
}

function describePiece(group: readonly Part[], by: PieceProposal['by']): Piece {
  const nodes = topNodes(group.map(({ node }) => node));
  const finest = finestOf(group);
  const own = topNodes(finest.map(({ node }) => node));
  const [x, y, z] = own[0].getWorldTranslation();
  // called as they are together, without the word for the level
  const levelled =
    finest[0].levels && finest.every(({ levels }) => levels === finest[0].levels) ? finest[0].levels : null;
  const layer = by === 'layers' ? getNodeSource(group[0].node).layers?.[0] : undefined;
  return {
    name:
      layer ??
      levelled?.name ??
      (nameTogether(own.map((node) => node.getName())) || group[0].instance.mesh.getName() || 'piece'),
    nodeIds: nodes.map((node) => getNodeSource(node).id ?? ''),
    triangles: finest.reduce(
      (sum, { instance }) => sum + instance.mesh.listPrimitives().reduce((n, one) => n + countTriangles(one), 0),
      0,
    ),
    box: unionBoxes(finest.map(({ box }) => box)),
    origin: [x, y, z],
  };
}

/** `bench_seat`, `bench_leg` → `bench`; the first name where they share no word. */
function nameTogether(names: readonly string[]): string {
  const words = names.map((name) => name.split(/[_\s.-]+/));
  const shared = words[0].findIndex((word, i) => words.some((other) => other[i] !== word));
  return names.length === 1 || shared === 0 ? names[0] : words[0].slice(0, shared < 0 ? undefined : shared).join('_');
}

/** The nodes of a piece without those below another of it; the common parent where there is one of this piece alone. */
function topNodes(nodes: readonly Node[]): Node[] {
  const own = new Set(nodes);
  const isBelow = (node: Node): boolean => {
    for (let at = node.getParentNode(); at; at = at.getParentNode()) if (own.has(at)) return true;
    return false;
  };
  let tops = nodes.filter((node) => !isBelow(node));
  for (;;) {
    const parents = new Set(tops.map((node) => node.getParentNode()));
    const [parent] = parents;
    if (parents.size !== 1 || !parent || !holdsOnly(parent, own)) return tops;
    tops = [parent];
  }
}

/** @returns true where every mesh below a node is one of these */
function holdsOnly(parent: Node, own: ReadonlySet<Node>): boolean {
  let isOnly = true;
  parent.traverse((node) => {
    if (node.getMesh() && !own.has(node)) isOnly = false;
  });
  return isOnly;
}

function makeNamesUnique(pieces: Piece[]): Piece[] {
  const seen = new Map<string, number>();
  return pieces.map((piece) => {
    const n = (seen.get(piece.name) ?? 0) + 1;
    seen.set(piece.name, n);
    return n > 1 ? { ...piece, name: `${piece.name} (${n})` } : piece;
  });
}

const describeRule = (by: PieceProposal['by'], count: number): string =>
  ({
    roots: `${count} parts at the top of the file stand apart from one another`,
    layers: `${count} layers stand apart from one another`,
    loose: `${count} groups of parts lie apart from one another`,
  })[by];

import type { Document, Node } from '@gltf-transform/core';
import type { Evidence } from '@haveld/contract/evidence';
import type { Box } from '@haveld/contract/report';
import { getDetailLevels } from '../../scene/document/detail-levels';
import { boundParts, boxCentre, boxSize } from '../../scene/measures/bounds';
import { listPlacedParts, type PlacedPart } from '../../scene/measures/placed-parts';
import { getShownScene, listBelow, listShownNodes } from '../../scene/traverse';
import { count, formatCount } from '../../text/count';
import { holdsMovers, listReferredNodes } from '../referred-nodes';

/** Several levels of detail of one thing, as they came. */
export interface FoundLevels {
  /** What they are called without the word for the level. */
  name: string;
  /** Finest first, two at least. */
  levels: Node[];
  triangles: number[];
  /** They stand beside one another, to be looked at. */
  isLaidOut: boolean;
  evidence: Evidence[];
  /** Numbered, in one place and of one size: nothing else looks like that. */
  isPlain: boolean;
}

/** `chair_LOD1`, `LOD2 chair`; common practice, no source. */
const NUMBERED = [
  /^(?<name>.*?)[ _.-]*lod[ _.-]*(?<level>\d{1,2})$/i,
  /^lod[ _.-]*(?<level>\d{1,2})[ _.-]+(?<name>.+)$/i,
];
/** `chair_high` and `chair_low`: finest first. Common practice, no source. */
const WORDS = ['high', 'mid', 'low'] as const;
const WORDED =
  /^(?<name>.+?)[ _.-](?<level>high|hi|hp|mid|middle|med|medium|mp|low|lo|lp)(?:[ _.-]?(?:poly|res|detail))?$/i;

/** Levels differ in size by no more than this share of the longest side. Ours. */
const ALIKE = 0.06;

interface Named {
  node: Node;
  name: string;
  level: number;
  isNumbered: boolean;
}

/**
 * Looks for levels of detail that came with a model: beside one another under one node, called alike but for the level, of one size,
 * each lighter than the one before.
 * @param placed every part of the document, where they are at hand
 */
export function findLevels(
  document: Document,
  placed: readonly PlacedPart[] = listPlacedParts(document),
): FoundLevels[] {
  const partsOf = (node: Node): PlacedPart[] => {
    const below = new Set(listBelow(node));
    return placed.filter(({ instance }) => below.has(instance.node));
  };
  const groups = new Map<string, Named[]>();
  const nodes = listShownNodes(document);
  const places = new Map(nodes.map((node, i) => [node, i]));
  for (const node of nodes) {
    const named = readLevel(node);
    if (!named || getDetailLevels(node)) continue;
    const parent = node.getParentNode();
    const key = `${parent ? places.get(parent) : ''} ${named.isNumbered} ${named.name.toLowerCase()}`;
    groups.set(key, [...(groups.get(key) ?? []), named]);
  }
  return [...groups.values()].flatMap((members) => judgeLevels(document, members, partsOf) ?? []);
}

function readLevel(node: Node): Named | null {
  const text = node.getName();
  for (const pattern of NUMBERED) {
    const { name, level } = pattern.exec(text)?.groups ?? {};
    if (level !== undefined) return { node, name, level: Number(level), isNumbered: true };
  }
  const { name, level } = WORDED.exec(text)?.groups ?? {};
  if (level === undefined) return null;
  const rank = WORDS.findIndex((word) => word[0] === level[0].toLowerCase());
  return { node, name, level: rank, isNumbered: false };
}

function judgeLevels(
  document: Document,
  members: readonly Named[],
  partsOf: (node: Node) => PlacedPart[],
): FoundLevels | null {
  const first = members[0];
  const unnamed = first.isNumbered && !members.some(({ level }) => level === 0) ? findFinest(document, first) : null;
  const all = [...(unnamed ? [{ ...first, node: unnamed, level: 0 }] : []), ...members].sort(
    (a, b) => a.level - b.level,
  );
  if (all.length < 2 || new Set(all.map(({ level }) => level)).size < all.length) return null;
  const levels = all.map(({ node }) => {
    const parts = partsOf(node);
    return { node, box: boundParts(parts), triangles: parts.reduce((sum, { corners }) => sum + corners / 3, 0) };
  });
  const [finest] = levels;
  const referred = listReferredNodes(document);
  // a level that brings joints or moves by a clip is more than a surface
  if (!finest.box || levels.slice(1).some(({ node }) => holdsMovers(node, referred))) return null;
  const longest = Math.max(...boxSize(finest.box));
  let isLaidOut = false;
  for (const [i, { box, triangles }] of levels.entries()) {
    if (!box || triangles === 0 || isFar(boxSize(box), boxSize(finest.box), longest)) return null;
    if (i > 0 && triangles >= levels[i - 1].triangles) return null;
    isLaidOut ||= isFar(boxCentre(box), boxCentre(finest.box), longest);
  }
  const place = isLaidOut ? 'of one size, beside one another' : 'of one size and in one place';
  return {
    name: first.name || finest.node.getName(),
    levels: levels.map(({ node }) => node),
    triangles: levels.map(({ triangles }) => triangles),
    isLaidOut,
    isPlain: first.isNumbered && !isLaidOut,
    evidence: [
      ...levels.map(({ node, triangles }) => ({ text: node.getName(), figure: count(triangles, 'triangle') })),
      { text: 'each lighter than the one before', figure: formatCount(levels.length) },
      { text: place },
    ],
  };
}

/** `chair` beside `chair_LOD1`: the finest is often called nothing. */
function findFinest(document: Document, { node, name }: Named): Node | null {
  const beside = node.getParentNode()?.listChildren() ?? getShownScene(document).listChildren();
  return beside.find((one) => one !== node && one.getName().toLowerCase() === name.toLowerCase()) ?? null;
}

const isFar = (a: readonly number[], b: readonly number[], longest: number): boolean =>
  a.some((v, i) => Math.abs(v - b[i]) > ALIKE * longest);

/** @returns how a level that stands beside the finest comes to stand where that does; nothing where it stands there already */
export function measureShift(finest: Box, level: Box): [number, number, number] {
  const [to, from] = [boxCentre(finest), boxCentre(level)];
  const longest = Math.max(...boxSize(finest));
  return isFar(to, from, longest) ? [to[0] - from[0], to[1] - from[1], to[2] - from[2]] : [0, 0, 0];
}

import type { Document, Node } from '@gltf-transform/core';
import { getNodeSource } from '../../scene/document/source-data';
import { countPolygons } from '../../scene/document/polygon-data';
import { boxCentre, boxSize, unionBoxes } from '../../scene/measures/bounds';
import { countStands } from '../../scene/measures/count-stands';
import { listPlacedParts, type PlacedPart } from '../../scene/measures/placed-parts';
import { countTriangles, listShownNodes } from '../../scene/traverse';
import { listReferredNodes } from '../referred-nodes';
import { holdsData } from './holds-data';
import { meaningOf } from './name-habits';

/** `shape`: shows something. `group`: holds others. `mark`: a place that carries data or a name of its own. */
export type PartKind = 'shape' | 'group' | 'mark' | 'joint' | 'camera' | 'light';

/** What may be wrong with a part. */
export const ODDITIES = ['no-name', 'tiny', 'alone-in-group', 'empty', 'no-material', 'no-layout', 'far-off'] as const;
export type Oddity = (typeof ODDITIES)[number];

/** One part of a model where it stands, as the sheet of parts shows it. */
export interface PartRow {
  /** Given when the file was read, or by the step that made it. */
  id: string;
  name: string;
  /** What it was called when it was read; null where it still is. */
  calledBefore: string | null;
  kind: PartKind;
  /** 0 at the top. */
  depth: number;
  parentId: string | null;
  /** Of itself, without what hangs under it. */
  triangles: number;
  polygons: number;
  materials: string[];
  /** Extent in the world along x, y, z, with what hangs under it; null where nothing shows. */
  size: [number, number, number] | null;
  centre: [number, number, number] | null;
  /** Where it turns about, world space. */
  pivot: [number, number, number];
  /** How many parts show the same geometry, itself included. */
  instances: number;
  /** A clip or a skin moves it. */
  isMoved: boolean;
  oddities: Oddity[];
}

/** Less than this share of the model's longest side is tiny. Ours. */
const TINY = 0.004;
/** Farther from the middle of the model than so many of its usual reaches is far off. Ours. */
const FAR = 6;

function formerName(node: Node): string | null {
  const { calledBefore = node.getName() } = getNodeSource(node);
  return calledBefore === node.getName() ? null : calledBefore;
}

/** @returns parts as they hang, parents before children */
export function listPartRows(document: Document): PartRow[] {
  const moved = listReferredNodes(document);
  const nodes = listShownNodes(document);
  const joints = new Set(
    document
      .getRoot()
      .listSkins()
      .flatMap((skin) => skin.listJoints()),
  );
  const stands = countStands(document);
  const own = new Map<Node, PlacedPart[]>();
  for (const placed of listPlacedParts(document)) {
    const known = own.get(placed.instance.node);
    if (known) known.push(placed);
    else own.set(placed.instance.node, [placed]);
  }
  const depths = new Map<Node, number>();
  const ids = new Map(nodes.map((node, i) => [node, getNodeSource(node).id ?? `#${i}`]));
  const rows = nodes.map((node): PartRow => {
    const parent = node.getParentNode();
    const depth = parent ? depths.get(parent)! + 1 : 0;
    depths.set(node, depth);
    const mesh = node.getMesh();
    const primitives = mesh?.listPrimitives() ?? [];
    const boxes = (own.get(node) ?? []).flatMap(({ box }) => box ?? []);
    const box = boxes.length > 0 ? unionBoxes(boxes) : null;
    return {
      id: ids.get(node)!,
      name: node.getName(),
      calledBefore: formerName(node),
      kind: kindOf(node, joints),
      depth,
      parentId: parent && ids.get(parent)!,
      triangles: primitives.reduce((sum, one) => sum + countTriangles(one), 0),
      polygons: primitives.reduce((sum, one) => sum + countPolygons(one, countTriangles(one)), 0),
      materials: [...new Set(primitives.flatMap((one) => one.getMaterial()?.getName() ?? []))],
      size: box && boxSize(box),
      centre: box && boxCentre(box),
      pivot: node.getWorldTranslation(),
      instances: mesh ? stands.get(mesh)! : 0,
      isMoved: moved.has(node),
      oddities: listOwnOddities(node),
    };
  });
  widenGroups(rows);
  addMeasured(rows);
  return rows;
}

function kindOf(node: Node, joints: ReadonlySet<Node>): PartKind {
  if (node.getMesh()) return 'shape';
  if (joints.has(node)) return 'joint';
  if (node.getCamera()) return 'camera';
  if (node.getExtension('KHR_lights_punctual')) return 'light';
  return node.listChildren().length > 0 ? 'group' : 'mark';
}

function listOwnOddities(node: Node): Oddity[] {
  const found: Oddity[] = [];
  const mesh = node.getMesh();
  const primitives = mesh?.listPrimitives() ?? [];
  if (mesh && meaningOf(node.getName()) === '') found.push('no-name');
  if (!mesh && node.listChildren().length === 1 && !holdsData(node)) found.push('alone-in-group');
  if (!mesh && node.listChildren().length === 0 && !holdsData(node)) found.push('empty');
  if (primitives.some((one) => !one.getMaterial())) found.push('no-material');
  if (primitives.some((one) => one.getMaterial()?.getBaseColorTexture() && !one.getAttribute('TEXCOORD_0')))
    found.push('no-layout');
  return found;
}

/** A group is as large as what hangs in it. */
function widenGroups(rows: PartRow[]): void {
  const byId = new Map(rows.map((row) => [row.id, row]));
  const ends = new Map<PartRow, { min: number[]; max: number[] }>();
  for (const row of [...rows].reverse()) {
    const own = row.size && {
      min: row.centre!.map((v, i) => v - row.size![i] / 2),
      max: row.centre!.map((v, i) => v + row.size![i] / 2),
    };
    const below = ends.get(row);
    const both = own && below ? join(own, below) : (own ?? below);
    if (!both) continue;
    row.size = both.max.map((v, i) => v - both.min[i]) as PartRow['size'];
    row.centre = both.max.map((v, i) => (v + both.min[i]) / 2) as PartRow['centre'];
    const parent = row.parentId === null ? undefined : byId.get(row.parentId);
    if (parent) ends.set(parent, ends.has(parent) ? join(ends.get(parent)!, both) : both);
  }
}

const join = (a: { min: number[]; max: number[] }, b: { min: number[]; max: number[] }) => ({
  min: a.min.map((v, i) => Math.min(v, b.min[i])),
  max: a.max.map((v, i) => Math.max(v, b.max[i])),
});

/** What shows only beside the others. */
function addMeasured(rows: PartRow[]): void {
  const shapes = rows.filter((row) => row.kind === 'shape' && row.size);
  if (shapes.length < 3) return;
  const centre = [0, 1, 2].map((axis) => median(shapes.map((row) => row.centre![axis])));
  const away = (row: PartRow): number => Math.hypot(...row.centre!.map((v, i) => v - centre[i]));
  const usual = median(shapes.map((row) => away(row) + Math.max(...row.size!) / 2));
  const whole = Math.max(...rows.filter(({ depth }) => depth === 0).map(({ size }) => Math.max(...(size ?? [0]))));
  for (const row of shapes) {
    if (Math.max(...row.size!) < TINY * whole) row.oddities.push('tiny');
    if (away(row) - Math.max(...row.size!) / 2 > usual * FAR) row.oddities.push('far-off');
  }
}

function median(values: number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)];
}

import type { Document, Primitive } from '@gltf-transform/core';
import { nextCorner } from '../../geometry/edge-table';
import { longestSide } from '../../geometry/longest-side';
import { appendPolygons, type NewPolygon } from '../../scene/meshes/append-polygons';
import { findHoles, ringNormal, type Hole } from './find-holes';
import { gatherSurface, type PartSurface, type SurfaceMember } from './gather-surface';

/** Off its plane by more than this share of its size a ring is no flat hole. Ours. */
const FLAT = 0.02;
/** What would lie back on the faces around it closes nothing: -1 for the border of a flat sheet, 0 for the end of a pipe. Cosine, ours. */
const LEADS_BACK = -0.8;
/** Two rings look opposite ways below this cosine. Ours. */
const OPPOSITE = -0.9;

/**
 * Says which holes may be closed: flat ones of a simple ring, no larger than asked. The border of a sheet is none: what would close it
 * lay on the sheet. A ring within a ring is the end of a thick wall, and closing either would fill its bore: both stay.
 * @param upTo share of the part's longest side
 */
export function listClosable(surface: PartSurface, holes: readonly Hole[], upTo: number): Hole[] {
  const most = upTo * longestSide(surface.positions);
  const ends = holes.filter((hole) => hole.offPlane <= FLAT * hole.size && leadOf(surface, hole) > LEADS_BACK);
  return ends.filter(
    (hole) => hole.size <= most && !ends.some((other) => isRingWithin(other, hole) || isRingWithin(hole, other)),
  );
}

/** True for an inner ring in the plane of an outer one, which it goes round the other way. */
function isRingWithin(inner: Hole, outer: Hole): boolean {
  if (inner.size >= outer.size) return false;
  const away = inner.middle.map((value, axis) => value - outer.middle[axis]);
  const dot = (a: readonly number[], b: readonly number[]): number =>
    a.reduce((sum, value, axis) => sum + value * b[axis], 0);
  return (
    dot(inner.normal, outer.normal) < OPPOSITE &&
    Math.abs(dot(away, outer.normal)) <= FLAT * outer.size &&
    Math.hypot(...away) < outer.size / 2
  );
}

/** @returns the mean cosine between what would close a hole and the faces around it; -1 for a ring without area */
function leadOf({ positions, points }: PartSurface, { corners, normal }: Hole): number {
  if (normal.every((part) => part === 0)) return -1;
  const around = corners.reduce((sum, corner) => {
    const first = corner - (corner % 3);
    const face = ringNormal(positions, [points[first], points[first + 1], points[first + 2]]);
    return sum + normal.reduce((dot, part, axis) => dot + part * face[axis], 0);
  }, 0);
  return around / corners.length;
}

/**
 * Closes flat holes of a part, in place: each by one polygon of the material most faces around it have.
 * @param upTo share of the part's longest side
 * @returns how many
 */
export function closeHoles(document: Document, primitives: readonly Primitive[], upTo: number): number {
  const surface = gatherSurface(primitives);
  if (!surface) return 0;
  const holes = listClosable(surface, findHoles(surface), upTo);
  const added = new Map<SurfaceMember, NewPolygon[]>();
  for (const hole of holes) {
    const member = chooseMember(surface, hole);
    added.set(member, [...(added.get(member) ?? []), describePolygon(surface, member, hole)]);
  }
  for (const [{ primitive }, polygons] of added) appendPolygons(document, primitive, polygons);
  return holes.length;
}

const isIn = ({ firstTriangle, indices }: SurfaceMember, corner: number): boolean =>
  corner >= firstTriangle * 3 && corner < firstTriangle * 3 + indices.length;

function chooseMember({ members }: PartSurface, { corners }: Hole): SurfaceMember {
  const counts = members.map((member) => corners.filter((corner) => isIn(member, corner)).length);
  return members[counts.indexOf(Math.max(...counts))];
}

function describePolygon({ positions }: PartSurface, member: SurfaceMember, hole: Hole): NewPolygon {
  const { ring, corners } = hole;
  const places = Float64Array.from(ring.flatMap((place) => [...positions.subarray(place * 3, place * 3 + 3)]));
  const vertexAt = (corner: number): number | null =>
    isIn(member, corner) ? member.indices[corner - member.firstTriangle * 3] : null;
  // the edge before ends where this one begins
  const own = ring.map((_, i) => vertexAt(nextCorner(corners[i])) ?? vertexAt(corners.at(i - 1)!));
  const known = own.findIndex((vertex) => vertex !== null);
  const sources: number[] = [];
  for (let i = 0; i < ring.length; i++) sources.push(own[i] ?? sources.at(-1) ?? own[known]!);
  return { places, sources, normal: hole.normal };
}

import type { Document, Node } from '@gltf-transform/core';
import { fitAffine, listAsked } from '../../geometry/fit-affine';
import { listPlacedParts, type PlacedPart } from '../../scene/measures/placed-parts';
import { PartIndex } from '../../scene/part-ref';

/** Farther than this from one map of all its vertices a part was changed and not only moved. */
const MOST_OFF = 1e-4;

/**
 * Where a place on a part of the model as it stands lies when the next step on parts comes.
 * @param placed the same parts by their ids, where they will stand
 * @param before as the next step on parts finds them
 * @param id of the part the place was picked on
 * @returns in the scene space of `before`; null where the part is not in both, or was changed in between
 */
export function findPlace(
  placed: Document,
  before: Document,
  id: string,
  point: readonly [number, number, number],
): [number, number, number] | null {
  const [now, then] = [placed, before].map((document) => {
    const node: Node | null = new PartIndex(document).get(id);
    return node ? listPlacedParts(document).filter(({ instance }) => instance.node === node) : [];
  });
  if (now.length === 0 || now.length !== then.length) return null;
  if (now.some(({ positions }, k) => positions.length !== then[k].positions.length)) return null;
  const asked = listAsked(now.map(({ positions }) => positions.length / 3));
  const at = (parts: PlacedPart[]) => asked.map(([k, v]) => [0, 1, 2].map((axis) => parts[k].positions[v * 3 + axis]));
  const [from, to] = [at(now), at(then)];
  const fit = fitAffine(
    from,
    [0, 1, 2].map((axis) => to.map((place) => place[axis])),
  );
  if (!fit || fit.off > MOST_OFF) return null;
  return fit.rows.map(([x, y, z, shift]) => x * point[0] + y * point[1] + z * point[2] + shift) as [
    number,
    number,
    number,
  ];
}

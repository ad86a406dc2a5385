import { useMemo, useState } from 'react';
import type { PartRow } from '@haveld/core/structure/parts/part-rows';
import type { SurfaceFacts } from '@haveld/core/structure/surfaces/describe-surfaces';
import type { DrawnEdges } from '../../view3d/stage/drawn-edges';
import { useSurfaces, type TreatedModel } from '../../view3d/use-part-sheet';

/** Of more parts at once nobody reads how their faces meet. */
const MOST_LOOKED_AT = 200;

/** How the faces of what is chosen meet, whether that is shown, and the edges that are drawn on the model. */
export function useSurfaceHand(model: TreatedModel, chosenRows: readonly PartRow[]) {
  const [isWanted, setShown] = useState(false);
  const [areEdgesDrawn, setEdgesDrawn] = useState(true);
  const shapes = useMemo(
    () => chosenRows.filter(({ kind }) => kind === 'shape').slice(0, MOST_LOOKED_AT),
    [chosenRows],
  );
  const ids = useMemo(() => shapes.map(({ id }) => id), [shapes]);
  const facts = useSurfaces(model, ids).data ?? null;
  const isShown = isWanted && shapes.length > 0;
  const edges = useMemo(
    (): DrawnEdges | null => (isShown && areEdgesDrawn && facts ? { ends: joinEdges(facts), kind: 'trouble' } : null),
    [isShown, areEdgesDrawn, facts],
  );
  return { shapes, ids, facts, edges, isShown, setShown, areEdgesDrawn, setEdgesDrawn };
}

function joinEdges(facts: readonly SurfaceFacts[]): Float32Array {
  const all = new Float32Array(facts.reduce((sum, { edges }) => sum + edges.length, 0));
  let at = 0;
  for (const { edges } of facts) {
    all.set(edges, at);
    at += edges.length;
  }
  return all;
}

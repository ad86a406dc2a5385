import { Group } from 'three';
import { LineMaterial } from 'three/examples/jsm/lines/LineMaterial.js';
import { LineSegments2 } from 'three/examples/jsm/lines/LineSegments2.js';
import { LineSegmentsGeometry } from 'three/examples/jsm/lines/LineSegmentsGeometry.js';

export const DRAWN_EDGES = 'haveld-edges';

/** Edges where something is wrong, and those of a shape that is around the model. */
export type EdgeKind = 'trouble' | 'shape';

/** Edges to be drawn: xyz, both ends of each, in the space of the model. */
export interface DrawnEdges {
  ends: Float32Array;
  kind: EdgeKind;
}

/** Width in pixels. */
const LOOKS: Record<EdgeKind, { color: number; linewidth: number }> = {
  trouble: { color: 0xb2432f, linewidth: 2 },
  shape: { color: 0x15635a, linewidth: 1.6 },
};

/** Edges as strong lines, faint where something stands before them. @param edges xyz, both ends of each, in the space of the model */
export function createDrawnEdges(edges: Float32Array, kind: EdgeKind): Group {
  const geometry = new LineSegmentsGeometry().setPositions(edges);
  const drawn = new Group();
  drawn.name = DRAWN_EDGES;
  for (const isHidden of [false, true]) {
    const material = new LineMaterial({
      ...LOOKS[kind],
      transparent: true,
      opacity: isHidden ? 1 : 0.25,
      depthTest: isHidden,
      depthWrite: false,
    });
    const lines = new LineSegments2(geometry, material);
    lines.renderOrder = isHidden ? 6 : 5;
    lines.frustumCulled = false;
    lines.raycast = () => undefined;
    drawn.add(lines);
  }
  return drawn;
}

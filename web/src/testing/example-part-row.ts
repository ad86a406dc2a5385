import type { PartRow } from '@haveld/core/structure/parts/part-rows';

/** A part that shows something, oak, at the top; what is given instead. */
export const examplePartRow = (more: Partial<PartRow> = {}): PartRow => ({
  id: 'part',
  name: 'part',
  kind: 'shape',
  depth: 0,
  parentId: null,
  triangles: 12,
  polygons: 6,
  materials: ['oak'],
  size: [1, 1, 1],
  centre: [0, 0, 0],
  pivot: [0, 0, 0],
  instances: 1,
  isMoved: false,
  calledBefore: null,
  oddities: [],
  ...more,
});

import { setMeshSource } from '../../scene/document/source-data';
import { shadeMesh } from '../../scene/meshes/shade-mesh';
import { PartIndex } from '../../scene/part-ref';
import { formatCount } from '../../text/count';
import type { StepDefinition } from '../step-definition';
import { listMeshesOf } from './list-meshes-of';

export const shadeParts: StepDefinition<'shade-parts'> = {
  kind: 'shade-parts',
  phase: 'parts',
  order: 0,
  codeVersion: 1,
  // polygons and triangles stay as they are; vertices split and join
  topology: 'keeps',
  title: ({ degrees, atMaterials }) =>
    `${degrees > 0 ? `Smooth below ${degrees}°` : 'Faceted'}${atMaterials ? ', hard where materials meet' : ''}`,
  credit: ({ degrees }) => (degrees > 0 ? 'smoothed' : 'shown in facets'),
  adaptation: ({ degrees }) => (degrees > 0 ? `smoothed up to ${degrees}°` : 'shown in facets'),
  apply(document, { parts, degrees, atMaterials }) {
    const { nodes, unmatched } = new PartIndex(document).findAll(parts);
    let triangles = 0;
    for (const mesh of listMeshesOf(nodes)) {
      triangles += shadeMesh(document, mesh, { from: 'angle', degrees }, atMaterials);
      setMeshSource(mesh, { shaded: true });
    }
    return { changed: `normals of ${formatCount(triangles)} triangles`, unmatched };
  },
};

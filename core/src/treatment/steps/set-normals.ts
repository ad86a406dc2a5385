import { getMeshSource } from '../../scene/document/source-data';
import { shadeMesh } from '../../scene/meshes/shade-mesh';
import { formatCount } from '../../text/count';
import type { StepDefinition } from '../step-definition';

export const setNormals: StepDefinition<'set-normals'> = {
  kind: 'set-normals',
  phase: 'geometry',
  order: 0,
  codeVersion: 2,
  // polygons and triangles stay as they are; vertices split and join
  topology: 'keeps',
  title: ({ from, degrees }) => (from === 'groups' ? 'Smoothed by its smoothing groups' : `Smoothed below ${degrees}°`),
  credit: () => 'smoothed',
  adaptation: ({ from, degrees }) => (from === 'groups' ? null : `smoothed up to ${degrees}°`),
  apply(document, { from, degrees }) {
    let triangles = 0;
    for (const mesh of document.getRoot().listMeshes())
      if (!getMeshSource(mesh).shaded)
        triangles += shadeMesh(document, mesh, from === 'groups' ? { from } : { from, degrees });
    return { changed: `normals of ${formatCount(triangles)} triangles`, unmatched: [] };
  },
};

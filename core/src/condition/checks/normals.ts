import type { Finding } from '@haveld/contract/finding';
import { getMeshSource } from '../../scene/document/source-data';
import { countFacetedEdges, isUnshaded, ROUND_DEGREES } from '../../scene/meshes/faceted-edges';
import { count } from '../../text/count';
import type { Examination } from '../examination';
import { makeFinding } from '../make-finding';

/**
 * How often authors mean such edges to be smooth: of the open furniture whose files say so, 86.8 % of the tuning authors' models and
 * 85.7 % of the held-out ones' (`npm run measure smoothing`).
 */
const SMOOTH = 0.87;

/** Round shapes that would look faceted, because the source says nothing of smoothing. */
export function checkNormals({ document }: Examination): Finding[] {
  const meshes = document
    .getRoot()
    .listMeshes()
    .filter((mesh) => mesh.listPrimitives().some(isUnshaded));
  if (meshes.length === 0) return [];
  const edges = meshes.reduce(
    (sum, mesh) => sum + (getMeshSource(mesh).facetedEdges ?? countFacetedEdges(mesh, ROUND_DEGREES)),
    0,
  );
  if (edges === 0) return [];
  return [
    makeFinding({
      kind: 'normals',
      mark: 'look',
      title: `No smoothing in the file: ${count(edges, 'edge')} will look faceted`,
      detail: `Proposed: smooth where surfaces meet at less than ${ROUND_DEGREES}°.`,
      evidence: [{ text: 'edges that bend less than that', figure: String(edges) }],
      choices: [
        {
          id: `smooth-${ROUND_DEGREES}`,
          label: `Smooth below ${ROUND_DEGREES}°`,
          steps: [{ kind: 'set-normals', schema: 1, from: 'angle', degrees: ROUND_DEGREES }],
          confidence: SMOOTH,
          evidence: [{ text: 'edges that would be smooth', figure: String(edges) }],
        },
        {
          id: 'smooth-180',
          label: 'Smooth all edges',
          steps: [{ kind: 'set-normals', schema: 1, from: 'angle', degrees: 180 }],
          confidence: (1 - SMOOTH) / 3,
          evidence: [{ text: 'for shapes without any edge' }],
        },
        {
          id: 'faceted',
          label: 'Faceted, as it is',
          steps: [],
          confidence: ((1 - SMOOTH) * 2) / 3,
          evidence: [{ text: 'for shapes meant to have facets' }],
        },
      ],
    }),
  ];
}

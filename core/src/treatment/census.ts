import { Material, type Document } from '@gltf-transform/core';
import { countPolygons, getPolygonData } from '../scene/document/polygon-data';
import { countTriangles, listMeshInstances, listShownNodes } from '../scene/traverse';
import { holdsData } from '../structure/parts/holds-data';
import { formatCount } from '../text/count';

/** What a model must not lose unasked, and how each is called. */
export const COUNTED = {
  triangles: 'triangles',
  polygons: 'polygons',
  lines: 'lines and points',
  layouts: 'triangles with UVs',
  colours: 'triangles with vertex colours',
  creases: 'creased edges',
  shapes: 'blend shapes',
  skinned: 'triangles that follow a skin',
  tracks: 'tracks of clips',
  maps: 'maps in use',
  marks: 'marks and other things that carry data',
} as const;
export type Counted = keyof typeof COUNTED;
export type Census = Record<Counted, number>;

/** Counts what a document shows, by primitive and not by corner: cheap enough to be done after every step. */
export function takeCensus(document: Document): Census {
  const census = Object.fromEntries(Object.keys(COUNTED).map((key) => [key, 0])) as Census;
  const materials = new Set<Material>();
  for (const { node, mesh } of listMeshInstances(document))
    for (const primitive of mesh.listPrimitives()) {
      const triangles = countTriangles(primitive);
      const layouts = primitive.listSemantics().filter((semantic) => semantic.startsWith('TEXCOORD_')).length;
      const data = getPolygonData(primitive);
      census.triangles += triangles;
      census.polygons += triangles > 0 ? countPolygons(primitive, triangles) : 0;
      census.lines +=
        triangles > 0 ? 0 : ((primitive.getIndices() ?? primitive.getAttribute('POSITION'))?.getCount() ?? 0);
      census.layouts += triangles * layouts;
      census.colours += primitive.getAttribute('COLOR_0') ? triangles : 0;
      census.creases += data?.getCreaseWeights()?.getCount() ?? 0;
      census.shapes += primitive.listTargets().length;
      census.skinned += node.getSkin() && primitive.getAttribute('JOINTS_0') ? triangles : 0;
      const material = primitive.getMaterial();
      if (material) materials.add(material);
    }
  census.maps = countMaps(document, materials);
  census.tracks = document
    .getRoot()
    .listAnimations()
    .reduce((sum, clip) => sum + clip.listChannels().filter((channel) => channel.getTargetNode()).length, 0);
  census.marks = listShownNodes(document).filter(holdsData).length;
  return census;
}

/** Of every slot, those of extensions too. */
function countMaps(document: Document, materials: ReadonlySet<Material>): number {
  const graph = document.getGraph();
  return document
    .getRoot()
    .listTextures()
    .filter((texture) =>
      graph
        .listParents(texture)
        .some((owner) =>
          owner instanceof Material
            ? materials.has(owner)
            : graph.listParents(owner).some((above) => above instanceof Material && materials.has(above)),
        ),
    ).length;
}

/**
 * What got less, in sentences.
 * @param asked what was meant to
 */
export function describeLosses(before: Census, after: Census, asked: readonly Counted[]): string[] {
  return (Object.keys(COUNTED) as Counted[])
    .filter((key) => after[key] < before[key] && !asked.includes(key))
    .map((key) => `${formatCount(before[key] - after[key])} of ${formatCount(before[key])} ${COUNTED[key]} are gone`);
}

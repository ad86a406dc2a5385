import type { Document, Primitive, Texture } from '@gltf-transform/core';
import type { Figures } from '@haveld/contract/report';
import { listBehind } from './behind';
import { boundParts } from './bounds';
import { countPolygons } from '../document/polygon-data';
import { getMaterialSource } from '../document/source-data';
import { countTriangles, listShownNodes } from '../traverse';
import { listPlacedParts, type PlacedPart } from './placed-parts';
import { computeTexelDensity, computeSurface } from './texel-density';

/**
 * Counts what a document shows: an instanced mesh counts once for each place it stands.
 * @param placed every part of it, where they are at hand
 */
export function computeFigures(document: Document, placed: readonly PlacedPart[] = listPlacedParts(document)): Figures {
  const root = document.getRoot();
  const nodes = listShownNodes(document);
  const behind = listBehind(document);
  const figures: Figures = {
    box: boundParts(placed),
    triangles: 0,
    polygons: 0,
    vertices: 0,
    lines: 0,
    points: 0,
    nodes: nodes.length,
    meshes: new Set(nodes.flatMap((node) => node.getMesh() ?? [])).size,
    materials: root.listMaterials().length - behind.materials.size,
    maps: 0,
    mapsMissing: 0,
    mapSide: 0,
    cardMemoryBytes: 0,
    cameras: nodes.filter((node) => node.getCamera()).length,
    lights: nodes.filter((node) => node.getExtension('KHR_lights_punctual')).length,
    emptyNodes: nodes.filter((node) => !node.getMesh() && node.listChildren().length === 0).length,
    joints: new Set(root.listSkins().flatMap((skin) => skin.listJoints())).size,
    clips: root.listAnimations().length,
    texelDensity: null,
  };
  for (const { primitive } of placed) addPrimitive(figures, primitive);
  for (const texture of root.listTextures()) if (!behind.textures.has(texture)) addTexture(figures, texture);
  for (const material of root.listMaterials()) {
    for (const map of getMaterialSource(material).maps ?? []) {
      if (map.status === 'missing' || map.status === 'elsewhere') figures.mapsMissing++;
    }
  }
  figures.texelDensity = computeLowestTexelDensity(placed);
  return figures;
}

function addPrimitive(figures: Figures, primitive: Primitive): void {
  const vertices = primitive.getAttribute('POSITION')?.getCount() ?? 0;
  const corners = primitive.getIndices()?.getCount() ?? vertices;
  figures.vertices += vertices;
  if (primitive.getMode() === 0) figures.points += corners;
  else if (primitive.getMode() === 1) figures.lines += corners / 2;
  else if (primitive.getMode() < 4) figures.lines += corners;
  const triangles = countTriangles(primitive);
  figures.triangles += triangles;
  figures.polygons += triangles > 0 ? countPolygons(primitive, triangles) : 0;
}

/** Four bytes a texel and a third more for mip levels, as an uncompressed map lies on the card. */
function addTexture(figures: Figures, texture: Texture): void {
  const size = texture.getSize();
  if (!texture.getImage()) return;
  figures.maps++;
  if (!size) return;
  figures.mapSide = Math.max(figures.mapSide, size[0], size[1]);
  figures.cardMemoryBytes += Math.round((size[0] * size[1] * 4 * 4) / 3);
}

function computeLowestTexelDensity(placed: readonly PlacedPart[]): number | null {
  let lowest: number | null = null;
  const byMaterial = new Map<Texture, { uvArea: number; surfaceArea: number }>();
  for (const part of placed) {
    const texture = part.primitive.getMaterial()?.getBaseColorTexture();
    if (!texture?.getSize() || part.corners < 3) continue;
    const surface = computeSurface(part);
    const sum = byMaterial.get(texture) ?? { uvArea: 0, surfaceArea: 0 };
    byMaterial.set(texture, {
      uvArea: sum.uvArea + surface.uvArea,
      surfaceArea: sum.surfaceArea + surface.surfaceArea,
    });
  }
  for (const [texture, { uvArea, surfaceArea }] of byMaterial) {
    const density = computeTexelDensity(uvArea, surfaceArea, texture.getSize()!);
    if (density !== null && (lowest === null || density < lowest)) lowest = density;
  }
  return lowest;
}

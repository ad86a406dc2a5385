import type { Document, Material, Texture } from '@gltf-transform/core';
import { getMaterialSource } from '../document/source-data';

/** Materials and maps that were made for proxies: they say nothing of the model. */
export function listProxyLooks(document: Document): { materials: Set<Material>; textures: Set<Texture> } {
  const materials = document
    .getRoot()
    .listMaterials()
    .filter((material) => getMaterialSource(material).isProxy);
  return {
    materials: new Set(materials),
    textures: new Set(materials.flatMap((material) => material.getBaseColorTexture() ?? [])),
  };
}

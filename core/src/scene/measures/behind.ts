import { Material, type Document, type Mesh, type Texture } from '@gltf-transform/core';
import { listMeshInstances } from '../traverse';

/** Materials and maps that only meshes have which are not shown, such as those of levels of detail. What nothing has is not among them. */
export function listBehind(document: Document): { materials: Set<Material>; textures: Set<Texture> } {
  const shown = new Set<Mesh>(listMeshInstances(document).map(({ mesh }) => mesh));
  const materialsOf = (mesh: Mesh): Material[] =>
    mesh.listPrimitives().flatMap((primitive) => primitive.getMaterial() ?? []);
  const inFront = new Set([...shown].flatMap(materialsOf));
  const others = document
    .getRoot()
    .listMeshes()
    .filter((mesh) => !shown.has(mesh));
  const materials = new Set(others.flatMap(materialsOf).filter((material) => !inFront.has(material)));
  if (materials.size === 0) return { materials, textures: new Set() };
  const graph = document.getGraph();
  // of extensions too: a map hangs on its material directly, or on something that does
  const owners = (texture: Texture): Material[] =>
    graph
      .listParents(texture)
      .flatMap((owner) => (owner instanceof Material ? owner : graph.listParents(owner)))
      .filter((owner) => owner instanceof Material);
  const textures = document
    .getRoot()
    .listTextures()
    .filter((texture) => {
      const own = owners(texture);
      return own.length > 0 && own.every((material) => materials.has(material));
    });
  return { materials, textures: new Set(textures) };
}

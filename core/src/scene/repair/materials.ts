import { TextureInfo, type Document, type Material, type Property, type vec3, type vec4 } from '@gltf-transform/core';

/** @returns names of materials whose maps lie on parts without the layout they need; those parts get a copy without maps */
export function takeMapsFromBare(document: Document): string[] {
  const copies = new Map<Material, Material>();
  for (const mesh of document.getRoot().listMeshes()) {
    for (const primitive of mesh.listPrimitives()) {
      const material = primitive.getMaterial();
      if (!material || listUsedSets(material).every((set) => primitive.getAttribute(`TEXCOORD_${set}`))) continue;
      let copy = copies.get(material);
      if (!copy) {
        copy = material.clone();
        copy
          .setBaseColorTexture(null)
          .setNormalTexture(null)
          .setOcclusionTexture(null)
          .setEmissiveTexture(null)
          .setMetallicRoughnessTexture(null);
        for (const extension of copy.listExtensions()) copy.setExtension(extension.extensionName, null);
        copies.set(material, copy);
      }
      primitive.setMaterial(copy);
    }
  }
  for (const material of copies.keys())
    if (material.listParents().every((parent) => parent.propertyType === 'Root')) material.dispose();
  return [...copies.values()].map((material) => `“${material.getName()}”`);
}

/** UV sets a material's maps need, those of extensions too. */
function listUsedSets(material: Material): number[] {
  return [material, ...material.listExtensions()].flatMap((owner) =>
    owner
      .getGraph()
      .listChildEdges(owner)
      .map((edge) => edge.getChild())
      .filter((child) => child instanceof TextureInfo && child.listParents().length > 0)
      .flatMap((info) => (isUsed(owner, info as TextureInfo) ? [(info as TextureInfo).getTexCoord()] : [])),
  );
}

/** A slot's settings are always there; they count where a texture lies in the slot. */
function isUsed(owner: Property, info: TextureInfo): boolean {
  const edges = owner.getGraph().listChildEdges(owner);
  const name = edges.find((edge) => edge.getChild() === info)?.getName() ?? '';
  return edges.some(
    (edge) => edge.getName() === name.replace(/Info$/, '') && edge.getChild().propertyType === 'Texture',
  );
}

/** Factors stay between 0 and 1 (glTF 2.0, 5.22). @returns names of materials whose factors did not */
export function clampFactors(document: Document): string[] {
  const named: string[] = [];
  for (const material of document.getRoot().listMaterials()) {
    let isBad = false;
    const clamp = (v: number): number => {
      const kept = Number.isFinite(v) ? Math.min(1, Math.max(0, v)) : 0;
      isBad ||= kept !== v;
      return kept;
    };
    material
      .setBaseColorFactor(material.getBaseColorFactor().map(clamp) as vec4)
      .setEmissiveFactor(material.getEmissiveFactor().map(clamp) as vec3)
      .setMetallicFactor(clamp(material.getMetallicFactor()))
      .setRoughnessFactor(clamp(material.getRoughnessFactor()));
    if (isBad) named.push(`“${material.getName()}”`);
  }
  return named;
}

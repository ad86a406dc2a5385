import type { Document, Material } from '@gltf-transform/core';
import {
  KHRMaterialsIOR,
  KHRMaterialsSheen,
  KHRMaterialsTransmission,
  type IOR,
  type Sheen,
  type Transmission,
} from '@gltf-transform/extensions';
import type { MaterialFactors } from '@haveld/contract/step';

/** Sets the factors that are given; what is left out stays as it is. */
export function applyFactors(document: Document, material: Material, factors: MaterialFactors): void {
  if (factors.baseColor) material.setBaseColorFactor(factors.baseColor);
  if (factors.metallic !== undefined) material.setMetallicFactor(factors.metallic);
  if (factors.roughness !== undefined) material.setRoughnessFactor(factors.roughness);
  if (factors.emissive) material.setEmissiveFactor(factors.emissive);
  if (factors.alphaMode) material.setAlphaMode(factors.alphaMode);
  if (factors.alphaCutoff !== undefined) material.setAlphaCutoff(factors.alphaCutoff);
  if (factors.doubleSided !== undefined) material.setDoubleSided(factors.doubleSided);
  if (factors.normalStrength !== undefined) material.setNormalScale(factors.normalStrength);
  if (factors.transmission !== undefined) {
    const name = 'KHR_materials_transmission';
    const known = material.getExtension<Transmission>(name);
    const extension = known ?? document.createExtension(KHRMaterialsTransmission).createTransmission();
    material.setExtension(name, extension.setTransmissionFactor(factors.transmission));
  }
  if (factors.ior !== undefined) {
    const name = 'KHR_materials_ior';
    const extension = material.getExtension<IOR>(name) ?? document.createExtension(KHRMaterialsIOR).createIOR();
    material.setExtension(name, extension.setIOR(factors.ior));
  }
  if (factors.sheen) {
    const name = 'KHR_materials_sheen';
    const extension = material.getExtension<Sheen>(name) ?? document.createExtension(KHRMaterialsSheen).createSheen();
    material.setExtension(name, extension.setSheenColorFactor(factors.sheen).setSheenRoughnessFactor(0.5));
  }
}

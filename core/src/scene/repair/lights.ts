import type { Document } from '@gltf-transform/core';
import type { Light } from '@gltf-transform/extensions';

/** Lights of no strength that is a number shine as glTF's default does (KHR_lights_punctual). @returns how many */
export function repairLights(document: Document): number {
  let repaired = 0;
  for (const node of document.getRoot().listNodes()) {
    const light = node.getExtension<Light>('KHR_lights_punctual');
    if (!light) continue;
    const isRight = Number.isFinite(light.getIntensity()) && light.getColor().every(Number.isFinite);
    const range = light.getRange();
    if (range !== null && !(Number.isFinite(range) && range > 0)) light.setRange(null);
    if (isRight) continue;
    light.setIntensity(1).setColor([1, 1, 1]);
    repaired++;
  }
  return repaired;
}

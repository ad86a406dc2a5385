import type { Document } from '@gltf-transform/core';
import type { Light } from '@gltf-transform/extensions';

/** How far lights reach and what cameras see does not follow their nodes (KHR_lights_punctual; glTF 2.0, 3.10): it is scaled by itself, each once. */
export function scaleReaches(document: Document, factor: number): void {
  const root = document.getRoot();
  const lights = new Set(root.listNodes().flatMap((node) => node.getExtension<Light>('KHR_lights_punctual') ?? []));
  for (const light of lights) {
    const range = light.getRange();
    if (range !== null) light.setRange(range * factor);
  }
  for (const camera of root.listCameras()) {
    camera.setZNear(camera.getZNear() * factor).setZFar(camera.getZFar() * factor);
    if (camera.getType() === 'orthographic')
      camera.setXMag(camera.getXMag() * factor).setYMag(camera.getYMag() * factor);
  }
}

import type { Document, Node } from '@gltf-transform/core';
import { KHRLightsPunctual } from '@gltf-transform/extensions';
import { findElement, readNumbers, type XmlElement } from './xml-tree';

/** Hangs a light of the library on a node; light from everywhere is left out. */
export function addLight(document: Document, element: XmlElement, node: Node): void {
  const kind = findElement(element, 'technique_common')?.children[0];
  if (!kind || kind.name === 'ambient') return;
  const [r = 1, g = 1, b = 1] = readNumbers(findElement(kind, 'color'));
  const most = Math.max(1, r, g, b);
  const light = document
    .createExtension(KHRLightsPunctual)
    .createLight(element.attributes.name ?? element.attributes.id)
    .setType(kind.name === 'directional' ? 'directional' : kind.name === 'spot' ? 'spot' : 'point')
    .setColor([r / most, g / most, b / most])
    .setIntensity(most);
  if (kind.name === 'spot') {
    const [degrees = 180] = readNumbers(findElement(kind, 'falloff_angle'));
    light.setOuterConeAngle(Math.min(Math.PI / 2, Math.max(0.01, (degrees * Math.PI) / 360))).setInnerConeAngle(0);
  }
  // a node holds one light; more hang below it
  const host = node.getExtension('KHR_lights_punctual') ? document.createNode(light.getName()) : node;
  if (host !== node) node.addChild(host);
  host.setExtension('KHR_lights_punctual', light);
}

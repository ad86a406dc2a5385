import type { Camera, Document } from '@gltf-transform/core';
import { findElement, readNumbers, type XmlElement } from './xml-tree';

/** Builds a camera of the library; where it says no angle it gets a usual one. */
export function createCamera(document: Document, element: XmlElement): Camera {
  const optics = findElement(element, 'optics', 'technique_common');
  const lens = findElement(optics, 'perspective') ?? findElement(optics, 'orthographic');
  const number = (name: string): number | null => {
    const [value] = readNumbers(findElement(lens, name));
    return Number.isFinite(value) ? value : null;
  };
  const near = Math.max(1e-4, number('znear') ?? 0.1);
  const camera = document
    .createCamera(element.attributes.name ?? element.attributes.id)
    .setZNear(near)
    .setZFar(Math.max(near * 1.001, number('zfar') ?? 1000));
  if (lens?.name === 'orthographic') {
    const size = Math.max(1e-4, number('ymag') ?? number('xmag') ?? 1);
    return camera.setType('orthographic').setXMag(size).setYMag(size);
  }
  const aspect = number('aspect_ratio') ?? 1;
  const [x, y] = [number('xfov'), number('yfov')].map((degrees) => degrees && (degrees * Math.PI) / 180);
  const angle = y ?? (x ? 2 * Math.atan(Math.tan(x / 2) / aspect) : 0.8);
  return camera.setType('perspective').setYFov(Math.min(3, Math.max(0.01, angle)));
}

import type { Document, Node } from '@gltf-transform/core';
import { KHRLightsPunctual } from '@gltf-transform/extensions';
import type { FbxProperties } from './fbx-properties';
import type { FbxObject, ObjectGraph } from './object-graph';
import type { BuiltModel } from './built-model';

const INCH_MM = 25.4;
const LIGHT_KINDS = ['point', 'directional', 'spot'] as const;

/** Cameras and lights of a model. FBX looks along +X and shines along −Y, glTF both along −Z: they hang on a turned node below. */
export function addAttributes(document: Document, graph: ObjectGraph, { object, node }: BuiltModel): void {
  const attributes = graph.listSources(object, 'NodeAttribute');
  // version 6 keeps the attribute in the model itself
  if (attributes.length === 0 && (object.type === 'Camera' || object.type === 'Light')) attributes.push(object);
  for (const attribute of attributes) {
    if (attribute.type === 'Camera') {
      turned(document, node, attribute, [0, -Math.SQRT1_2, 0, Math.SQRT1_2]).setCamera(
        createCamera(document, attribute),
      );
    } else if (attribute.type === 'Light') {
      turned(document, node, attribute, [-Math.SQRT1_2, 0, 0, Math.SQRT1_2]).setExtension(
        'KHR_lights_punctual',
        createLight(document, attribute),
      );
    }
  }
}

function turned(document: Document, node: Node, { name }: FbxObject, rotation: [number, number, number, number]): Node {
  const child = document.createNode(name || node.getName()).setRotation(rotation);
  node.addChild(child);
  return child;
}

function createCamera(document: Document, { name, properties }: FbxObject) {
  const near = Math.max(1e-6, properties.number('NearPlane', 10));
  const far = Math.max(near * 1.001, properties.number('FarPlane', 4000));
  const camera = document.createCamera(name).setZNear(near).setZFar(far);
  if (properties.number('CameraProjectionType', 0) === 1) {
    const size = Math.max(1e-6, properties.number('OrthoZoom', 1));
    return camera.setType('orthographic').setXMag(size).setYMag(size);
  }
  const aspect = properties.number('AspectWidth', 320) / Math.max(1, properties.number('AspectHeight', 200));
  return camera.setType('perspective').setYFov(readFieldOfView(properties, aspect)).setAspectRatio(aspect);
}

/** @returns the vertical angle, radians */
function readFieldOfView(properties: FbxProperties, aspect: number): number {
  const focal = properties.number('FocalLength');
  const film = properties.number('FilmHeight');
  // ApertureMode: 1 horizontal, 2 vertical, 3 by focal length (common practice, no source)
  const mode = properties.number('ApertureMode', 1);
  if (mode === 3 && focal && film) return clampAngle(2 * Math.atan((film * INCH_MM) / 2 / focal));
  const degrees = properties.number('FieldOfView', 40);
  const half = (degrees * Math.PI) / 360;
  return clampAngle(mode === 2 ? half * 2 : 2 * Math.atan(Math.tan(half) / aspect));
}

const clampAngle = (radians: number): number => Math.min(3, Math.max(0.01, radians));

function createLight(document: Document, { name, properties }: FbxObject) {
  const extension = document.createExtension(KHRLightsPunctual);
  const light = extension
    .createLight(name)
    .setType(LIGHT_KINDS[properties.number('LightType', 0)] ?? 'point')
    .setColor(properties.vector('Color', [1, 1, 1]))
    // percent of a light without unit; the figure as written is kept beside it
    .setIntensity(Math.max(0, properties.number('Intensity', 100) / 100));
  light.setExtras({ intensity: properties.number('Intensity', 100) });
  if (light.getType() === 'spot') {
    const outer = (properties.number('OuterAngle', 45) * Math.PI) / 360;
    const inner = (properties.number('InnerAngle', 0) * Math.PI) / 360;
    light.setOuterConeAngle(Math.min(Math.PI / 2, Math.max(0.01, outer)));
    light.setInnerConeAngle(Math.min(light.getOuterConeAngle() - 0.005, Math.max(0, inner)));
  }
  return light;
}

/** What a person or a studio wrote on a model: properties flagged as the user's own. */
export function listUserProperties(properties: FbxProperties): Record<string, unknown> {
  const found: Record<string, unknown> = {};
  for (const [name, { flags, values }] of properties.own) {
    if (!flags.includes('U') || values.length === 0) continue;
    const plain = values.filter((value) => typeof value !== 'object');
    if (plain.length > 0) found[name] = plain.length === 1 ? plain[0] : plain;
  }
  return found;
}

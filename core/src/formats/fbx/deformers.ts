import type { mat4 } from '@gltf-transform/core';
import { findChild, integersOf, numberOf, numbersOf, textOf, type FbxNode } from './fbx-node';
import type { FbxObject, ObjectGraph } from './object-graph';

/** Which bones move the control points of a geometry, and how much. */
export interface SkinData {
  bones: { model: FbxObject; inverseBind: mat4 }[];
  /** (bone, weight) per control point, as the file has them. */
  influences: { bone: number; weight: number }[][];
  /** Ways of mixing other than the usual one. */
  oddModes: string[];
}

/** @returns what deforms a geometry by bones, or null; several skins on one geometry act together */
export function readSkin(graph: ObjectGraph, geometry: FbxObject, points: number): SkinData | null {
  const skins = graph.listSources(geometry, 'Deformer', 'Skin');
  const skin: SkinData = {
    bones: [],
    influences: Array.from({ length: points }, () => []),
    oddModes: [],
  };
  for (const cluster of skins.flatMap((one) => listClusters(graph, one))) {
    const [model] = graph.listSources(cluster, 'Model');
    const inverseBind = readInverseBind(cluster.node);
    if (!model || !inverseBind) continue;
    const mode = textOf(findChild(cluster.node, 'Mode'));
    if (mode === 'Additive') skin.oddModes.push(model.name);
    const bone = skin.bones.push({ model, inverseBind }) - 1;
    const indexes = integersOf(findChild(cluster.node, 'Indexes'));
    const weights = numbersOf(findChild(cluster.node, 'Weights'));
    indexes.forEach((point, i) => {
      const weight = weights[i];
      if (weight > 0 && Number.isFinite(weight)) skin.influences[point]?.push({ bone, weight });
    });
  }
  return skin.bones.length > 0 ? skin : null;
}

/** `Deformer` in version 7, `SubDeformer` in some. */
const listClusters = (graph: ObjectGraph, skin: FbxObject): FbxObject[] => [
  ...graph.listSources(skin, 'Deformer', 'Cluster'),
  ...graph.listSources(skin, 'SubDeformer', 'Cluster'),
];

/** `Transform` carries the mesh's vertices into the bone's space as they were bound (common practice, no source). */
function readInverseBind(cluster: FbxNode): mat4 | null {
  const transform = numbersOf(findChild(cluster, 'Transform'));
  return transform.length === 16 && transform.every(Number.isFinite) ? ([...transform] as mat4) : null;
}

/** One shape a geometry can be mixed towards. */
export interface ShapeTarget {
  name: string;
  /** Control points that move, and by how much: xyz each. */
  points: Int32Array;
  offsets: Float64Array | Float32Array | Int32Array;
  normals: Float64Array | Float32Array | Int32Array;
}

/** A slider: its percent, and the targets it passes on its way with the percent each is whole at. */
export interface ShapeChannel {
  object: FbxObject;
  percent: number;
  stops: { at: number; target: number }[];
}

/** @returns every blend shape of a geometry; none where it has no such deformer */
export function readShapes(
  graph: ObjectGraph,
  geometry: FbxObject,
): { targets: ShapeTarget[]; channels: ShapeChannel[] } {
  const targets: ShapeTarget[] = [];
  const channels: ShapeChannel[] = [];
  const deformers = graph.listSources(geometry, 'Deformer', 'BlendShape');
  for (const object of deformers.flatMap((one) => listShapeChannels(graph, one))) {
    const full = numbersOf(findChild(object.node, 'FullWeights'));
    const shapes = graph.listSources(object, 'Geometry', 'Shape');
    const stops = shapes.map((shape, i) => {
      const target = targets.push({
        name: shapes.length > 1 ? `${object.name} ${full[i] ?? (i + 1) * 100}` : object.name || shape.name,
        points: integersOf(findChild(shape.node, 'Indexes')),
        offsets: numbersOf(findChild(shape.node, 'Vertices')),
        normals: numbersOf(findChild(shape.node, 'Normals')),
      });
      return { at: full[i] ?? (100 * (i + 1)) / shapes.length, target: target - 1 };
    });
    if (stops.length === 0) continue;
    stops.sort((a, b) => a.at - b.at);
    const percent = numberOf(findChild(object.node, 'DeformPercent')) ?? object.properties.number('DeformPercent', 0);
    channels.push({ object, percent, stops });
  }
  return { targets, channels };
}

const listShapeChannels = (graph: ObjectGraph, deformer: FbxObject): FbxObject[] => [
  ...graph.listSources(deformer, 'Deformer', 'BlendShapeChannel'),
  ...graph.listSources(deformer, 'SubDeformer', 'BlendShapeChannel'),
];

/**
 * Weights of a channel's targets at a percent: between two stops one fades into the next, beyond the last it goes on growing.
 * @param dst a weight per target of the geometry
 */
export function setShapeWeights({ stops }: ShapeChannel, percent: number, dst: number[]): void {
  stops.forEach(({ at, target }, i) => {
    const before = i > 0 ? stops[i - 1].at : 0;
    const after = stops[i + 1]?.at;
    if (percent <= at || after === undefined) dst[target] = at === before ? 0 : (percent - before) / (at - before);
    else dst[target] = (after - percent) / (after - at);
    const isLow = percent < before && i > 0;
    const isHigh = after !== undefined && percent > after;
    if (isLow || isHigh) dst[target] = 0;
  });
}

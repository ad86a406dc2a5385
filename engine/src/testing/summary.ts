import type { Animation, Document } from '@gltf-transform/core';
import { getDocumentSource, getMaterialSource } from '@haveld/core/scene/document/source-data';
import { boxSize } from '@haveld/core/scene/measures/bounds';
import { computeFigures } from '@haveld/core/scene/measures/figures';
import { clipSpan, computePosedPositions, poseAt } from '@haveld/core/scene/pose';
import { listMeshInstances, listShownNodes } from '@haveld/core/scene/traverse';

/** xyz of every vertex, metres, Y up. */
export type Cloud = Float64Array;

/** What a reader says of a model, in words two readers can be compared by; null where it cannot tell. */
export interface Summary {
  nodes: number | null;
  triangles: number;
  materials: string[] | null;
  /** References as written, of the base colour. */
  maps: string[] | null;
  joints: number | null;
  clips: number | null;
  /** Width, height, depth in metres, Y up. */
  size: number[] | null;
  uvSets: number;
  colours: boolean;
  /** Seconds from a clip's first key at which it has keys, clip by clip. */
  keyTimes: number[][];
  /** The vertices at a time of a clip; null where poses cannot be told. */
  pose: ((clip: number, secondsFromFirst: number) => Cloud) | null;
}

/** What Haveld's canonical document says. */
export function summariseOurs(document: Document): Summary {
  const figures = computeFigures(document);
  const source = getDocumentSource(document);
  const root = document.getRoot();
  const primitives = listMeshInstances(document).flatMap(({ mesh }) => mesh.listPrimitives());
  const used = new Set(primitives.map((primitive) => primitive.getMaterial()));
  const materials = root
    .listMaterials()
    .filter((material) => used.has(material) && material.getName() !== 'no material');
  const metres = source.declaredMetres ?? 1;
  const upright = setUpright[source.declaredUp ?? 'y'];
  return {
    nodes: listShownNodes(document).length,
    triangles: figures.triangles,
    materials: materials.map((material) => material.getName()).sort(),
    maps: materials
      .flatMap((material) =>
        (getMaterialSource(material).maps ?? []).filter((map) => map.slot === 'baseColor').map((map) => map.reference),
      )
      .sort(),
    joints: figures.joints,
    clips: figures.clips,
    size: figures.box && upright(...boxSize(figures.box)).map((v) => Math.abs(v) * metres),
    uvSets: Math.max(
      0,
      ...primitives.map((primitive) => primitive.listSemantics().filter((name) => name.startsWith('TEXCOORD_')).length),
    ),
    colours: primitives.some((primitive) => primitive.getAttribute('COLOR_0') !== null),
    keyTimes: root.listAnimations().map(listKeyTimes),
    pose(index, seconds) {
      const clip = root.listAnimations()[index];
      poseAt(clip, (clipSpan(clip)?.[0] ?? 0) + seconds);
      const cloud = computePosedPositions(document);
      for (let o = 0; o < cloud.length; o += 3)
        cloud.set(
          upright(cloud[o], cloud[o + 1], cloud[o + 2]).map((v) => v * metres),
          o,
        );
      return cloud;
    },
  };
}

type Turn = (x: number, y: number, z: number) => [number, number, number];

/** From the declared up axis to Y up: −90° about X, or 90° about Z. */
const setUpright: Record<'x' | 'y' | 'z', Turn> = {
  x: (x, y, z) => [-y, x, z],
  y: (x, y, z) => [x, y, z],
  z: (x, y, z) => [x, z, -y],
};

function listKeyTimes(clip: Animation): number[] {
  const inputs = clip.listSamplers().map((sampler) => [...(sampler.getInput()?.getArray() ?? [])]);
  return fromFirst(inputs.flat());
}

/** @returns times in order, each once, counted from the first */
export function fromFirst(times: readonly number[]): number[] {
  const sorted = [...new Set(times)].sort((a, b) => a - b);
  return sorted.map((time) => time - sorted[0]);
}

import type { mat4, vec3 } from '@gltf-transform/core';
import { composeMatrix, decomposeMatrix, invertMatrix, multiplyMatrix, translationMatrix } from '../../scene/matrix';
import type { FbxProperties } from './fbx-properties';

/** What a curve can move: shift, angles in degrees, scale. */
export interface Pose {
  translation: vec3;
  rotation: vec3;
  scale: vec3;
}

/** Axes in the order they are applied, by `RotationOrder`. The last, spheric, turns as the first. */
const ROTATION_ORDERS = ['xyz', 'xzy', 'yzx', 'yxz', 'zxy', 'zyx', 'xyz'] as const;

/** How a parent's scale reaches a child, by `InheritType`: R and S of the parent, r and s of the child. */
const INHERITS = ['RrSs', 'RSrs', 'Rrs'] as const;

const IDENTITY: mat4 = [1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1];

/**
 * The transform of one model of an FBX file:
 * `T · Roff · Rp · Rpre · R · Rpost⁻¹ · Rp⁻¹ · Soff · Sp · S · Sp⁻¹`, as the format's SDK documents it (from memory).
 */
export class ModelTransform {
  readonly rest: Pose;
  readonly inherits: (typeof INHERITS)[number];
  /** Moves the geometry of this model only, not its children. */
  readonly geometric: mat4 | null;
  /** A pre- or post-rotation that the file switches off. */
  readonly ignoresRotation: boolean;
  readonly #order: string;
  readonly #pre: mat4;
  readonly #postInverse: mat4;
  /** Factors between T, the rotation and the scale; null where all are zero. */
  readonly #pivots: { beforeRotation: mat4; beforeScale: mat4; afterScale: mat4 } | null;

  constructor(properties: FbxProperties) {
    this.rest = {
      translation: properties.vector('Lcl Translation', [0, 0, 0]),
      rotation: properties.vector('Lcl Rotation', [0, 0, 0]),
      scale: properties.vector('Lcl Scaling', [1, 1, 1]),
    };
    const isActive = properties.number('RotationActive', 0) !== 0;
    const pre = properties.vector('PreRotation', [0, 0, 0]);
    const post = properties.vector('PostRotation', [0, 0, 0]);
    this.ignoresRotation = !isActive && [...pre, ...post].some((v) => v !== 0);
    this.#order = isActive ? (ROTATION_ORDERS[properties.number('RotationOrder', 0)] ?? 'xyz') : 'xyz';
    this.#pre = isActive ? eulerMatrix(pre, 'xyz') : IDENTITY;
    this.#postInverse = isActive ? invertMatrix(eulerMatrix(post, 'xyz'))! : IDENTITY;
    this.inherits = INHERITS[properties.number('InheritType', 0)] ?? 'RrSs';
    this.#pivots = readPivots(properties);
    const geometric = composeMatrix({
      translation: properties.vector('GeometricTranslation', [0, 0, 0]),
      rotation: [0, 0, 0, 1],
      scale: [1, 1, 1],
    });
    const turned = multiplyMatrix(geometric, eulerMatrix(properties.vector('GeometricRotation', [0, 0, 0]), 'xyz'));
    const whole = multiplyMatrix(turned, scalingMatrix(properties.vector('GeometricScaling', [1, 1, 1])));
    this.geometric = whole.every((v, i) => Math.abs(v - IDENTITY[i]) < 1e-12) ? null : whole;
  }

  /** @returns pre-rotation, rotation and post-rotation together */
  rotationMatrix(pose: Pose): mat4 {
    return multiplyMatrix(multiplyMatrix(this.#pre, eulerMatrix(pose.rotation, this.#order)), this.#postInverse);
  }

  /** @returns the whole local transform, for parents whose scale comes through as it is */
  localMatrix(pose: Pose): mat4 {
    const shift = translationMatrix(pose.translation);
    const rotation = this.rotationMatrix(pose);
    const scale = scalingMatrix(pose.scale);
    if (!this.#pivots) return multiplyMatrix(multiplyMatrix(shift, rotation), scale);
    const { beforeRotation, beforeScale, afterScale } = this.#pivots;
    return [beforeRotation, rotation, beforeScale, scale, afterScale].reduce(multiplyMatrix, shift);
  }

  /**
   * The world transform below a parent, with the parent's scale taken over as `inherits` says.
   * @param parent world transform and own scale of the parent; null at the top
   */
  worldMatrix(parent: { world: mat4; scale: vec3 } | null, pose: Pose): mat4 {
    const local = this.localMatrix(pose);
    if (!parent) return local;
    if (this.inherits === 'RSrs') return multiplyMatrix(parent.world, local);
    const turned = composeMatrix({ ...decomposeMatrix(parent.world), translation: [0, 0, 0], scale: [1, 1, 1] });
    const linear: mat4 = [...parent.world];
    linear[12] = linear[13] = linear[14] = 0;
    let stretched = multiplyMatrix(invertMatrix(turned)!, linear);
    if (this.inherits === 'Rrs')
      stretched = multiplyMatrix(stretched, invertMatrix(scalingMatrix(parent.scale)) ?? IDENTITY);
    const world = [this.rotationMatrix(pose), stretched, scalingMatrix(pose.scale)].reduce(multiplyMatrix, turned);
    const [x, y, z] = [local[12], local[13], local[14]];
    for (let axis = 0; axis < 3; axis++)
      world[12 + axis] =
        parent.world[axis] * x + parent.world[4 + axis] * y + parent.world[8 + axis] * z + parent.world[12 + axis];
    return world;
  }
}

function readPivots(properties: FbxProperties) {
  const [rotationOffset, rotationPivot, scalingOffset, scalingPivot] = [
    'RotationOffset',
    'RotationPivot',
    'ScalingOffset',
    'ScalingPivot',
  ].map((name) => properties.vector(name, [0, 0, 0]));
  if ([rotationOffset, rotationPivot, scalingOffset, scalingPivot].every((v) => v.every((n) => n === 0))) return null;
  const sum = (...vectors: vec3[]): mat4 =>
    translationMatrix([0, 1, 2].map((i) => vectors.reduce((total, v) => total + v[i], 0)) as vec3);
  const negative = (v: vec3): vec3 => [-v[0], -v[1], -v[2]];
  return {
    beforeRotation: sum(rotationOffset, rotationPivot),
    beforeScale: sum(negative(rotationPivot), scalingOffset, scalingPivot),
    afterScale: sum(negative(scalingPivot)),
  };
}

export const scalingMatrix = ([x, y, z]: vec3): mat4 => [x, 0, 0, 0, 0, y, 0, 0, 0, 0, z, 0, 0, 0, 0, 1];

/** @param order axes in the order they are applied: `xyz` turns about x first */
export function eulerMatrix(degrees: vec3, order: string): mat4 {
  let dst: mat4 = IDENTITY;
  for (const axis of order) dst = multiplyMatrix(rotationMatrix(axis, degrees['xyz'.indexOf(axis)]), dst);
  return dst;
}

function rotationMatrix(axis: string, degrees: number): mat4 {
  const c = Math.cos((degrees * Math.PI) / 180);
  const s = Math.sin((degrees * Math.PI) / 180);
  if (axis === 'x') return [1, 0, 0, 0, 0, c, s, 0, 0, -s, c, 0, 0, 0, 0, 1];
  if (axis === 'y') return [c, 0, -s, 0, 0, 1, 0, 0, s, 0, c, 0, 0, 0, 0, 1];
  return [c, s, 0, 0, -s, c, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1];
}

import type { Accessor, Animation, Node, Primitive } from '@gltf-transform/core';

/** 32-bit floats end here: more would be infinite in the file that is written. */
const LARGEST = 3e38;

const isFiniteFloat = (v: number): boolean => Math.abs(v) < LARGEST;

/** Puts a node whose place is no number to the origin. @returns whether it was one */
export function clearBadTransform(node: Node): boolean {
  if ([...node.getTranslation(), ...node.getRotation(), ...node.getScale()].every(isFiniteFloat)) return false;
  node.setTranslation([0, 0, 0]).setRotation([0, 0, 0, 1]).setScale([1, 1, 1]);
  return true;
}

/** Numbers that are none become 0. @returns how many */
export function clearBadNumbers(accessor: Accessor): number {
  const array = accessor.getArray();
  if (!(array instanceof Float32Array)) return 0;
  let bad = 0;
  for (let i = 0; i < array.length; i++) {
    if (Math.abs(array[i]) < LARGEST) continue;
    array[i] = 0;
    bad++;
  }
  return bad;
}

/** Normals get length 1 (glTF 2.0, 3.7.2.1). @returns how many had none */
export function fillNormals(primitive: Primitive): number {
  const array = primitive.getAttribute('NORMAL')?.getArray();
  if (!(array instanceof Float32Array)) return 0;
  let filled = 0;
  for (let o = 0; o < array.length; o += 3) {
    const square = array[o] * array[o] + array[o + 1] * array[o + 1] + array[o + 2] * array[o + 2];
    if (Math.abs(square - 1) < 1e-3) continue;
    if (square < 1e-20) {
      array[o + 1] = 1;
      array[o] = array[o + 2] = 0;
      filled++;
      continue;
    }
    const length = Math.sqrt(square);
    for (let axis = 0; axis < 3; axis++) array[o + axis] /= length;
  }
  return filled;
}

/** Colours stay between 0 and 1 (glTF 2.0, 3.7.2.1). @returns how many values did not */
export function clampColours(primitive: Primitive): number {
  let clamped = 0;
  for (const semantic of primitive.listSemantics()) {
    const array = semantic.startsWith('COLOR_') ? primitive.getAttribute(semantic)?.getArray() : null;
    if (!(array instanceof Float32Array)) continue;
    for (let i = 0; i < array.length; i++) {
      if (array[i] >= 0 && array[i] <= 1) continue;
      array[i] = Math.min(1, Math.max(0, array[i]));
      clamped++;
    }
  }
  return clamped;
}

/** Keys of rotation are unit quaternions (glTF 2.0, 3.11). @returns how many were none */
export function normaliseRotations(clip: Animation): number {
  let bad = 0;
  const samplers = new Set(
    clip
      .listChannels()
      .filter((channel) => channel.getTargetPath() === 'rotation')
      .map((channel) => channel.getSampler()),
  );
  for (const sampler of samplers) {
    const array = sampler?.getOutput()?.getArray();
    if (!(array instanceof Float32Array)) continue;
    const isCubic = sampler!.getInterpolation() === 'CUBICSPLINE';
    for (let o = isCubic ? 4 : 0; o + 4 <= array.length; o += isCubic ? 12 : 4) {
      const length = Math.hypot(array[o], array[o + 1], array[o + 2], array[o + 3]);
      if (Math.abs(length - 1) < 1e-5) continue;
      if (Math.abs(length - 1) > 0.01) bad++;
      if (length < 1e-9) array.set([0, 0, 0, 1], o);
      else for (let i = 0; i < 4; i++) array[o + i] /= length;
    }
  }
  return bad;
}

import type { Accessor, Animation, AnimationSampler, Document, vec3, vec4 } from '@gltf-transform/core';
import { slerp } from './quaternion';
import { listPlacedParts } from './measures/placed-parts';

/** @returns seconds of the first and last key of a clip; null where it has none */
export function clipSpan(clip: Animation): [number, number] | null {
  let span: [number, number] | null = null;
  for (const sampler of clip.listSamplers()) {
    const input = sampler.getInput();
    if (!input || input.getCount() === 0) continue;
    const [first, last] = [input.getScalar(0), input.getScalar(input.getCount() - 1)];
    span = span ? [Math.min(span[0], first), Math.max(span[1], last)] : [first, last];
  }
  return span;
}

/**
 * Poses every node of a document as a clip has it at a time (glTF 2.0, appendix C). The document is changed.
 * @param seconds before the first key and after the last the nearest key holds
 */
export function poseAt(clip: Animation, seconds: number): void {
  for (const channel of clip.listChannels()) {
    const [node, sampler] = [channel.getTargetNode(), channel.getSampler()];
    if (!node || !sampler?.getInput() || !sampler.getOutput()) continue;
    const path = channel.getTargetPath();
    const value = sample(sampler, seconds, path === 'rotation');
    if (path === 'translation') node.setTranslation(value as vec3);
    else if (path === 'scale') node.setScale(value as vec3);
    else if (path === 'rotation') node.setRotation(value as vec4);
    else if (path === 'weights') node.setWeights(value);
  }
}

/** @returns xyz of every vertex the document shows, world space, document units, in the pose its nodes have now */
export function computePosedPositions(document: Document): Float64Array {
  const parts = listPlacedParts(document).map(({ positions }) => positions);
  const all = new Float64Array(parts.reduce((sum, part) => sum + part.length, 0));
  let at = 0;
  for (const part of parts) {
    all.set(part, at);
    at += part.length;
  }
  return all;
}

function sample(sampler: AnimationSampler, seconds: number, isRotation: boolean): number[] {
  const input = sampler.getInput()!;
  const output = sampler.getOutput()!;
  const isCubic = sampler.getInterpolation() === 'CUBICSPLINE';
  const keys = input.getCount();
  // weights keep several numbers a key in a row of scalars
  const perKey = output.getCount() / keys / (isCubic ? 3 : 1);
  const read = (key: number, part: number): number[] =>
    readKey(output, (key * (isCubic ? 3 : 1) + part) * perKey, perKey);
  const value = isCubic ? 1 : 0;
  let next = 0;
  while (next < keys && input.getScalar(next) <= seconds) next++;
  if (next === 0) return read(0, value);
  if (next === keys) return read(keys - 1, value);
  const [from, to] = [input.getScalar(next - 1), input.getScalar(next)];
  const t = (seconds - from) / (to - from);
  const [a, b] = [read(next - 1, value), read(next, value)];
  if (sampler.getInterpolation() === 'STEP') return a;
  if (!isCubic) return isRotation ? slerp(a as vec4, b as vec4, t) : a.map((v, i) => v + (b[i] - v) * t);
  const [out, into] = [read(next - 1, 2), read(next, 0)];
  const [t2, t3] = [t * t, t * t * t];
  const mixed = a.map(
    (v, i) =>
      (2 * t3 - 3 * t2 + 1) * v +
      (t3 - 2 * t2 + t) * (to - from) * out[i] +
      (3 * t2 - 2 * t3) * b[i] +
      (t3 - t2) * (to - from) * into[i],
  );
  return isRotation ? normalise(mixed) : mixed;
}

function readKey(output: Accessor, first: number, count: number): number[] {
  const element: number[] = [];
  const values: number[] = [];
  for (let i = 0; i < count; i++) values.push(...output.getElement(first + i, element));
  return values;
}

function normalise(q: number[]): number[] {
  const length = Math.hypot(...q) || 1;
  return q.map((v) => v / length);
}

import { quat } from 'gl-matrix';
import type { vec3, vec4 } from '@gltf-transform/core';
import type { Trs } from '../../scene/matrix';
import { slerp } from '../../scene/quaternion';

/** A motion in keys, to be read with straight lines and great arcs between them. */
export interface SampledMotion {
  times: number[];
  poses: Trs[];
}

/** How far a straight line between keys may lie from the curve: lengths in document units, angles in radians, the rest as shares. */
export interface Tolerance {
  length: number;
  angle: number;
  share: number;
}

/** How far a posed vertex may lie from where the source's curves put it, in parts of the model's size. */
const ERROR_SHARE = 1e-4;

/** @param size longest side of the model, document units */
export function toleranceFor(size: number): Tolerance {
  // a quarter for each of shift, turn and scale, and for what adds up along a chain of bones
  const share = ERROR_SHARE / 4;
  return { length: size * share, angle: share, share };
}

const MAX_DEPTH = 12;
/** Places between two keys where the line is held against the curve: uneven, so that a turn of full circles is not missed. */
const PROBES = [0.23, 0.5, 0.79];

/**
 * Puts keys where a motion bends, so that lines between them stay within a tolerance.
 * @param keyTimes the source's own keys and jumps, seconds, in any order
 * @param evaluate the motion at a time
 * @param turnBetween the largest turn of any angle between two times, degrees: long turns are cut before they are probed
 */
export function sampleMotion(
  keyTimes: readonly number[],
  evaluate: (time: number) => Trs,
  tolerance: Tolerance,
  turnBetween: (from: number, to: number) => number,
): SampledMotion {
  const sorted = [...new Set(keyTimes)].sort((a, b) => a - b);
  const times: number[] = [];
  const poses: Trs[] = [];
  const push = (time: number, pose: Trs): void => {
    times.push(time);
    poses.push(poses.length > 0 ? alignRotation(pose, poses[poses.length - 1].rotation) : pose);
  };
  const refine = (a: number, poseA: Trs, b: number, poseB: Trs, depth: number): void => {
    const bends = PROBES.some((u) => differs(mix(poseA, poseB, u), evaluate(a + (b - a) * u), tolerance));
    if (!bends || depth >= MAX_DEPTH || b - a < 1e-4) return push(b, poseB);
    const middle = (a + b) / 2;
    const pose = evaluate(middle);
    refine(a, poseA, middle, pose, depth + 1);
    refine(middle, pose, b, poseB, depth + 1);
  };
  sorted.forEach((time, i) => {
    const pose = evaluate(time);
    if (i === 0) return push(time, pose);
    const cuts = Math.min(720, Math.max(1, Math.ceil(turnBetween(sorted[i - 1], time) / 60)));
    let from = sorted[i - 1];
    let before = evaluate(from);
    for (let cut = 1; cut <= cuts; cut++) {
      const to = cut === cuts ? time : sorted[i - 1] + ((time - sorted[i - 1]) * cut) / cuts;
      const after = cut === cuts ? pose : evaluate(to);
      refine(from, before, to, after, 0);
      from = to;
      before = after;
    }
  });
  return { times, poses };
}

const lerp = (a: vec3, b: vec3, u: number): vec3 => [0, 1, 2].map((i) => a[i] + (b[i] - a[i]) * u) as vec3;

function mix(a: Trs, b: Trs, u: number): Trs {
  return {
    translation: lerp(a.translation, b.translation, u),
    rotation: slerp(a.rotation, b.rotation, u),
    scale: lerp(a.scale, b.scale, u),
  };
}

/** q and −q turn alike: the one nearer to the last key, so that the way between is the short one. */
function alignRotation(pose: Trs, before: vec4): Trs {
  if (quat.dot(pose.rotation, before) >= 0) return pose;
  return { ...pose, rotation: pose.rotation.map((v) => -v) as vec4 };
}

function differs(a: Trs, b: Trs, { length, angle, share }: Tolerance): boolean {
  if (a.translation.some((v, i) => Math.abs(v - b.translation[i]) > length)) return true;
  if (a.scale.some((v, i) => Math.abs(v - b.scale[i]) > share * Math.max(1, Math.abs(v)))) return true;
  // |sin| of half the angle between the two
  const sign = quat.dot(a.rotation, b.rotation) < 0 ? -1 : 1;
  const apart = Math.hypot(...a.rotation.map((v, i) => v - sign * b.rotation[i]));
  return apart * 2 > angle;
}

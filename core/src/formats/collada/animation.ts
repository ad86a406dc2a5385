import type { Document } from '@gltf-transform/core';
import { decomposeMatrix, type Trs } from '../../scene/matrix';
import { slerp } from '../../scene/quaternion';
import { addMotionChannels } from '../motion/add-channels';
import { Curve, type Segment } from '../motion/curve';
import { sampleMotion, type Tolerance } from '../motion/sample-motion';
import type { BuiltNode } from './built-node';
import { readNames, type Library } from './library';
import type { ColladaScene } from './scene-builder';
import { composeParts, type TransformPart } from './transform';
import { findElement, listElements, type XmlElement } from './xml-tree';

/** A channel: which number of which transform part of a node a curve moves. */
interface Channel {
  node: BuiltNode;
  part: number;
  /** Number within the part, or null where all are moved together. */
  member: number | null;
  curves: Curve[];
}

const MEMBERS: Record<string, number> = { X: 0, Y: 1, Z: 2, ANGLE: 3, R: 0, G: 1, B: 2, A: 3 };

/** Turns the animations of a file into clips: those the file names, else one of all. */
export function addColladaClips(document: Document, library: Library, scene: ColladaScene, tolerance: Tolerance): void {
  const all = listElements(library.root, 'library_animations').flatMap((one) => one.children.flatMap(unfoldAnimations));
  const clips = listElements(findElement(library.root, 'library_animation_clips'), 'animation_clip');
  const named = clips.map((clip) => ({
    name: clip.attributes.name ?? clip.attributes.id ?? 'clip',
    animations: listElements(clip, 'instance_animation').flatMap((one) => {
      const animation = library.find(one.attributes.url);
      return animation ? unfoldAnimations(animation) : [];
    }),
  }));
  const whole = { name: all[0]?.attributes.name ?? 'motion', animations: all };
  for (const { name, animations } of named.length > 0 ? named : [whole]) {
    const channels = animations.flatMap((animation) => readChannels(animation, library, scene));
    if (channels.length === 0) continue;
    const clip = document.createAnimation(name);
    const first = Math.min(...channels.flatMap(({ curves }) => curves.map((curve) => curve.times[0])));
    for (const node of new Set(channels.map((channel) => channel.node))) {
      const own = channels.filter((channel) => channel.node === node);
      const motion = sampleMotion(
        own.flatMap(({ curves }) => curves.flatMap((curve) => [...curve.times, ...curve.listJumps()])),
        (time) => evaluate(node, own, time),
        tolerance,
        (from, to) => Math.max(0, ...own.map((channel) => turnBetween(channel, from, to))),
      );
      addMotionChannels(document, clip, node.node, motion, first, tolerance);
    }
    if (clip.listChannels().length === 0) clip.dispose();
  }
}

const unfoldAnimations = (element: XmlElement): XmlElement[] =>
  element.name === 'animation' ? [element, ...element.children.flatMap(unfoldAnimations)] : [];

function turnBetween({ node, part, member, curves }: Channel, from: number, to: number): number {
  const turns = node.parts[part].kind === 'rotate' && (member === 3 || member === null);
  const curve = curves[curves.length - 1];
  return turns && curve ? Math.abs(curve.evaluate(to) - curve.evaluate(from)) : 0;
}

function evaluate({ parts }: BuiltNode, channels: readonly Channel[], time: number): Trs {
  const whole = channels.find(({ part, member }) => member === null && parts[part].kind === 'matrix');
  const moved = parts.map((part) => ({ ...part, values: [...part.values] }));
  for (const { part, member, curves } of channels) {
    if (member !== null) moved[part].values[member] = curves[0].evaluate(time);
    else if (parts[part].kind !== 'matrix')
      curves.forEach((curve, i) => (moved[part].values[i] = curve.evaluate(time)));
  }
  return whole ? evaluateMatrix(whole, moved, time) : decomposeMatrix(composeParts(moved));
}

/** Between two matrices shift, turn and scale go their own straight ways: their numbers mixed would shrink the model. */
function evaluateMatrix({ part, curves }: Channel, parts: TransformPart[], time: number): Trs {
  const { times } = curves[0];
  let next = times.findIndex((t) => t >= time);
  if (next < 0) next = times.length - 1;
  const before = Math.max(0, times[next] === time ? next : next - 1);
  const at = (key: number): Trs => {
    const values = curves.map((curve) => curve.evaluate(times[key]));
    const moved = parts.map((one, i) => (i === part ? { ...one, values } : one));
    return decomposeMatrix(composeParts(moved));
  };
  const a = at(before);
  if (before === next) return a;
  const b = at(next);
  const u = (time - times[before]) / (times[next] - times[before]);
  const mix = (p: number, q: number): number => p + (q - p) * u;
  const dot = a.rotation.reduce((sum, v, i) => sum + v * b.rotation[i], 0);
  const turned = dot < 0 ? (b.rotation.map((v) => -v) as Trs['rotation']) : b.rotation;
  return {
    translation: a.translation.map((v, i) => mix(v, b.translation[i])) as Trs['translation'],
    rotation: slerp(a.rotation, turned, u),
    scale: a.scale.map((v, i) => mix(v, b.scale[i])) as Trs['scale'],
  };
}

function readChannels(animation: XmlElement, library: Library, scene: ColladaScene): Channel[] {
  return listElements(animation, 'channel').flatMap(({ attributes }) => {
    const target = /^([^/]+)\/([^.(]+)(?:\.(\w+)|((?:\(\d+\))+))?$/.exec(attributes.target ?? '');
    const curves = readCurves(library.find(attributes.source), library);
    if (!target || curves.length === 0) return [];
    const [, id, sid, name, indices] = target;
    return scene.nodes
      .filter(({ element }) => element.attributes.id === id)
      .flatMap((node): Channel[] => {
        const part = node.parts.findIndex((one) => one.sid === sid);
        if (part < 0) return [];
        const member = name ? (MEMBERS[name.toUpperCase()] ?? null) : indices ? readIndices(indices) : null;
        if (member === null && curves.length !== node.parts[part].values.length) return [];
        return [{ node, part, member, curves }];
      });
  });
}

/** `(3)` of a vector, or `(row)(column)` of a matrix. */
function readIndices(text: string): number {
  const [first, second] = [...text.matchAll(/\d+/g)].map(Number);
  return second === undefined ? first : first + second * 4;
}

/** One curve a number of the output. */
function readCurves(sampler: XmlElement | undefined, library: Library): Curve[] {
  const urlOf = (semantic: string) =>
    listElements(sampler, 'input').find((one) => one.attributes.semantic === semantic)?.attributes.source;
  const times = library.source(urlOf('INPUT'))?.values;
  const output = library.source(urlOf('OUTPUT'));
  if (!times || !output || times.length === 0 || !times.every(Number.isFinite)) return [];
  const modes = readNames(library, urlOf('INTERPOLATION'));
  const tangents = { in: library.source(urlOf('IN_TANGENT')), out: library.source(urlOf('OUT_TANGENT')) };
  const count = Math.min(times.length, Math.floor(output.values.length / output.width));
  return Array.from({ length: output.width }, (_, n) => {
    const values = Float64Array.from({ length: count }, (_key, key) => output.values[key * output.width + n] || 0);
    const segments = Array.from({ length: count }, (_key, key): Segment => {
      const mode = modes[key] ?? 'LINEAR';
      const segment: Segment = {
        mode: mode === 'STEP' ? 'constant' : 'linear',
        takesNext: false,
        right: 0,
        nextLeft: 0,
        weights: null,
      };
      const controls = mode === 'BEZIER' ? readControls(tangents, times, output.width, n, key) : null;
      return controls ? { ...segment, mode: 'cubic', controls } : segment;
    });
    return new Curve(times.subarray(0, count), values, segments);
  });
}

/** Tangents are points (time, value) where they have two numbers a value, values alone where they have one (COLLADA 1.4.1, "curve interpolation"). */
function readControls(
  tangents: Record<'in' | 'out', { values: Float64Array; width: number } | null>,
  times: Float64Array,
  width: number,
  n: number,
  key: number,
): Segment['controls'] | null {
  if (key + 1 >= times.length || !tangents.in || !tangents.out) return null;
  const span = times[key + 1] - times[key];
  const point = (source: { values: Float64Array; width: number }, at: number, fallback: number): [number, number] => {
    if (source.width === width) return [fallback, source.values[at * width + n]];
    const row = at * source.width + n * 2;
    return [(source.values[row] - times[key]) / span, source.values[row + 1]];
  };
  const [x1, y1] = point(tangents.out, key, 1 / 3);
  const [x2, y2] = point(tangents.in, key + 1, 2 / 3);
  const clamp = (v: number): number => Math.min(1, Math.max(0, v));
  return [x1, y1, x2, y2].every(Number.isFinite) ? { x1: clamp(x1), y1, x2: clamp(x2), y2 } : null;
}

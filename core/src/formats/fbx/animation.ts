import type { Animation, Document, vec3 } from '@gltf-transform/core';
import type { LogEntry } from '@haveld/contract/report';
import { decomposeMatrix } from '../../scene/matrix';
import { addChannel, addMotionChannels, createNumbers } from '../motion/add-channels';
import type { Curve } from '../motion/curve';
import { sampleMotion, toleranceFor, type Tolerance } from '../motion/sample-motion';
import { readCurve, readOldCurve, TICKS_PER_SECOND } from './curve';
import type { BuiltModel } from './built-model';
import { setShapeWeights } from './deformers';
import { findChild, listChildren, numberOf, numbersOf, textOf, type FbxNode } from './fbx-node';
import type { Pose } from './model-transform';
import type { FbxObject, ObjectGraph } from './object-graph';
import { computeNodeMatrix, isPlain, type SceneBuilder } from './scene-builder';

type Channel = 'translation' | 'rotation' | 'scale';
const CHANNELS: Record<string, Channel> = {
  'Lcl Translation': 'translation',
  'Lcl Rotation': 'rotation',
  'Lcl Scaling': 'scale',
};

/** Curves of x, y, z; null where one stands still at `rest`. */
interface AnimatedVector {
  curves: (Curve | null)[];
  rest: vec3;
}

type ModelCurves = Partial<Record<Channel, AnimatedVector>>;

interface Layer {
  models: Map<string, ModelCurves>;
  /** Sliders of blend shapes by the id of their channel. */
  sliders: Map<string, Curve>;
  weight: number;
  isOverride: boolean;
}

/** A take of the file. */
interface Take {
  name: string;
  start: number | null;
  end: number | null;
  layers: Layer[];
}

/** Turns the takes of a file into glTF clips, every curve within a stated error of the source's. */
export class ClipBuilder {
  readonly #document: Document;
  readonly #scene: SceneBuilder;
  readonly #tolerance: Tolerance;

  /** @param size longest side of the model, document units */
  constructor(document: Document, scene: SceneBuilder, size: number) {
    this.#document = document;
    this.#scene = scene;
    this.#tolerance = toleranceFor(size);
  }

  build(takes: readonly Take[], file: string, log: LogEntry[]): void {
    for (const take of takes) {
      const clip = this.#document.createAnimation(take.name);
      const start = this.#findStart(take);
      for (const model of this.#scene.models.values()) this.#addMotion(clip, take, model, start);
      this.#addSliders(clip, take, start);
      if (clip.listChannels().length === 0) {
        clip.dispose();
        log.push({ level: 'note', file, text: `The animation “${take.name}” moves nothing.` });
        continue;
      }
      clip.setExtras({ haveld: { start, end: take.end ?? undefined } });
      if (take.layers.length > 1)
        log.push({
          level: 'look',
          file,
          text: `The take “${take.name}” has ${take.layers.length} layers; they are mixed into one.`,
          consequence: 'Rotations of upper layers are added angle by angle; look at the clip once.',
        });
    }
  }

  /** glTF's clips start at 0: the earliest key, or the start the take states where that is later than it by nothing but a habit. */
  #findStart({ layers, start }: Take): number {
    let first = Infinity;
    for (const curve of layers.flatMap(listCurves)) first = Math.min(first, curve.times[0]);
    return Number.isFinite(first) ? Math.min(first, start ?? first) : 0;
  }

  #addMotion(clip: Animation, { layers }: Take, model: BuiltModel, start: number): void {
    const chain = isPlain(model) ? [model] : listChain(model);
    const moved = chain.flatMap((one) => layers.flatMap((layer) => layer.models.get(one.object.id) ?? []));
    const own = layers.flatMap((layer) => layer.models.get(model.object.id) ?? []);
    if (own.length === 0 && (isPlain(model) || moved.length === 0)) return;
    const curves = moved
      .flatMap((one) => Object.values(one))
      .flatMap(({ curves: three }) => three.filter((c) => c !== null));
    if (curves.length === 0) return;
    const turning = own.flatMap((one) => one.rotation?.curves.filter((c) => c !== null) ?? []);
    const motion = sampleMotion(
      curves.flatMap((curve) => [...curve.times, ...curve.listJumps()]),
      (time) => decomposeMatrix(computeNodeMatrix(model, (one) => evaluatePose(one, layers, time))),
      this.#tolerance,
      (from, to) => Math.max(0, ...turning.map((curve) => Math.abs(curve.evaluate(to) - curve.evaluate(from)))),
    );
    addMotionChannels(this.#document, clip, model.node, motion, start, this.#tolerance);
  }

  #addSliders(clip: Animation, { layers }: Take, start: number): void {
    for (const model of this.#scene.models.values()) {
      const mesh = model.node.getMesh();
      const shapes = mesh && this.#scene.meshes.shapes.get(mesh);
      if (!shapes) continue;
      const slides = shapes.channels.map((channel) => ({
        channel,
        curve: layers.map((layer) => layer.sliders.get(channel.object.id)).find((curve) => curve !== undefined),
      }));
      const curves = slides.flatMap(({ curve }) => curve ?? []);
      if (curves.length === 0) continue;
      const weightsAt = (time: number): number[] => {
        const weights = Array.from({ length: shapes.count }, () => 0);
        for (const { channel, curve } of slides)
          setShapeWeights(channel, curve?.evaluate(time) ?? channel.percent, weights);
        return weights;
      };
      const times = refineNumbers(
        curves.flatMap((curve) => [...curve.times, ...curve.listJumps()]),
        weightsAt,
        this.#tolerance.share,
      );
      const input = createNumbers(
        this.#document,
        'SCALAR',
        times.map((time) => Math.max(0, time - start)),
      );
      addChannel(
        this.#document,
        clip,
        model.node,
        'weights',
        input,
        createNumbers(this.#document, 'SCALAR', times.flatMap(weightsAt)),
      );
    }
  }
}

const listCurves = ({ models, sliders }: Layer): Curve[] => [
  ...[...models.values()].flatMap((one) =>
    Object.values(one).flatMap(({ curves }) => curves.filter((c) => c !== null)),
  ),
  ...sliders.values(),
];

function listChain(model: BuiltModel): BuiltModel[] {
  const chain: BuiltModel[] = [];
  for (let at: BuiltModel | null = model; at; at = at.parent) chain.push(at);
  return chain;
}

/** The first layer sets, those above add to it or fade over it by their weight. */
function evaluatePose({ object, transform }: BuiltModel, layers: readonly Layer[], time: number): Pose {
  const pose: Pose = { ...transform.rest };
  layers.forEach(({ models, weight, isOverride }, l) => {
    const curves = models.get(object.id);
    if (!curves) return;
    for (const channel of ['translation', 'rotation', 'scale'] as const) {
      const vector = curves[channel];
      if (!vector) continue;
      const value = vector.curves.map((curve, i) => curve?.evaluate(time) ?? vector.rest[i]) as vec3;
      const below = pose[channel];
      if (l === 0) pose[channel] = value;
      else if (isOverride) pose[channel] = below.map((v, i) => v + (value[i] - v) * weight) as vec3;
      else if (channel === 'scale') pose[channel] = below.map((v, i) => v * (1 + (value[i] - 1) * weight)) as vec3;
      else pose[channel] = below.map((v, i) => v + value[i] * weight) as vec3;
    }
  });
  return pose;
}

/** Key times with more put in where numbers bend away from the line between them. */
function refineNumbers(keyTimes: readonly number[], evaluate: (time: number) => number[], tolerance: number): number[] {
  const sorted = [...new Set(keyTimes)].sort((a, b) => a - b);
  const times = sorted.slice(0, 1);
  const refine = (a: number, b: number, depth: number): void => {
    const [from, to] = [evaluate(a), evaluate(b)];
    const bends = [0.23, 0.5, 0.79].some((u) =>
      evaluate(a + (b - a) * u).some((v, i) => Math.abs(v - from[i] - (to[i] - from[i]) * u) > tolerance),
    );
    if (!bends || depth >= 12 || b - a < 1e-4) {
      times.push(b);
      return;
    }
    const middle = (a + b) / 2;
    refine(a, middle, depth + 1);
    refine(middle, b, depth + 1);
  };
  for (let i = 1; i < sorted.length; i++) refine(sorted[i - 1], sorted[i], 0);
  return times;
}

/** @returns the takes of a file: animation stacks in version 7, takes in version 6 */
export function listTakes(graph: ObjectGraph, root: FbxNode): Take[] {
  const stacks = graph.listOf('AnimationStack');
  if (stacks.length > 0) return stacks.map((stack) => readStack(graph, stack));
  return listChildren(findChild(root, 'Takes'), 'Take').map((take) => readOldTake(graph, take));
}

function readStack(graph: ObjectGraph, stack: FbxObject): Take {
  const time = (name: string): number | null => {
    const ticks = Number(stack.properties.own.get(name)?.values[0] ?? NaN);
    return Number.isFinite(ticks) ? ticks / TICKS_PER_SECOND : null;
  };
  const layers = graph.listSources(stack, 'AnimationLayer').map((layer): Layer => {
    const read: Layer = {
      models: new Map(),
      sliders: new Map(),
      weight: layer.properties.number('Weight', 100) / 100,
      isOverride: layer.properties.number('BlendMode', 0) !== 0,
    };
    if (layer.properties.number('Mute', 0) !== 0) return read;
    for (const curveNode of graph.listSources(layer, 'AnimationCurveNode')) readCurveNode(graph, curveNode, read);
    return read;
  });
  return { name: stack.name, start: time('LocalStart'), end: time('LocalStop'), layers };
}

function readCurveNode(graph: ObjectGraph, curveNode: FbxObject, layer: Layer): void {
  const curves = new Map<string, Curve>();
  for (const { object, property } of graph.sourcesOf(curveNode)) {
    const curve = object.kind === 'AnimationCurve' ? readCurve(object.node) : null;
    if (curve) curves.set(property, curve);
  }
  for (const { object, property } of graph.destinationsOf(curveNode)) {
    const channel = CHANNELS[property];
    if (object.kind === 'Model' && channel) {
      const own = object.properties.vector(property, channel === 'scale' ? [1, 1, 1] : [0, 0, 0]);
      const axes = ['d|X', 'd|Y', 'd|Z'];
      const vector: AnimatedVector = {
        curves: axes.map((axis) => curves.get(axis) ?? null),
        rest: axes.map((axis, i) => curveNode.properties.number(axis) ?? own[i]) as vec3,
      };
      layer.models.set(object.id, { ...layer.models.get(object.id), [channel]: vector });
    } else if (property === 'DeformPercent') {
      const curve = curves.get('d|DeformPercent') ?? [...curves.values()][0];
      if (curve) layer.sliders.set(object.id, curve);
    }
  }
}

const OLD_CHANNELS: Record<string, Channel> = { T: 'translation', R: 'rotation', S: 'scale' };

function readOldTake(graph: ObjectGraph, take: FbxNode): Take {
  const layer: Layer = { models: new Map(), sliders: new Map(), weight: 1, isOverride: false };
  for (const moved of listChildren(take, 'Model')) {
    const object = graph.objects.get(textOf(moved) ?? '');
    const transform = listChildren(moved, 'Channel').find((channel) => textOf(channel) === 'Transform');
    if (!object || !transform) continue;
    const found: ModelCurves = {};
    for (const channel of listChildren(transform, 'Channel')) {
      const name = OLD_CHANNELS[textOf(channel) ?? ''];
      if (!name) continue;
      const axes = ['X', 'Y', 'Z'].map((axis) => listChildren(channel, 'Channel').find((one) => textOf(one) === axis));
      found[name] = {
        curves: axes.map((axis) => (axis ? readOldCurve(axis) : null)),
        rest: axes.map((axis) => numberOf(findChild(axis, 'Default')) ?? (name === 'scale' ? 1 : 0)) as vec3,
      };
    }
    layer.models.set(object.id, found);
  }
  const [start, end] = numbersOf(findChild(take, 'LocalTime'));
  const seconds = (ticks: number | undefined): number | null => (ticks === undefined ? null : ticks / TICKS_PER_SECOND);
  return { name: textOf(take) ?? 'take', start: seconds(start), end: seconds(end), layers: [layer] };
}

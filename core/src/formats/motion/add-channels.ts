import type { Animation, Document, Node } from '@gltf-transform/core';
import { getBuffer } from '../../scene/meshes/build-primitive';
import type { Trs } from '../../scene/matrix';
import type { SampledMotion, Tolerance } from './sample-motion';

export type MotionPath = 'translation' | 'rotation' | 'scale' | 'weights';

/** Adds a sampled motion to a clip. What stands still where the node stands is left out. */
export function addMotionChannels(
  document: Document,
  clip: Animation,
  node: Node,
  { times, poses }: SampledMotion,
  start: number,
  tolerance: Tolerance,
): void {
  const rest: Trs = { translation: node.getTranslation(), rotation: node.getRotation(), scale: node.getScale() };
  const input = createNumbers(
    document,
    'SCALAR',
    times.map((time) => Math.max(0, time - start)),
  );
  for (const path of ['translation', 'rotation', 'scale'] as const) {
    const limit = path === 'translation' ? tolerance.length * 1e-3 : 1e-7;
    if (poses.every((pose) => pose[path].every((v, i) => Math.abs(v - rest[path][i]) <= limit))) continue;
    const values = poses.flatMap((pose) => [...pose[path]]);
    addChannel(
      document,
      clip,
      node,
      path,
      input,
      createNumbers(document, path === 'rotation' ? 'VEC4' : 'VEC3', values),
    );
  }
  if (input.listParents().length === 1) input.dispose();
}

export function addChannel(
  document: Document,
  clip: Animation,
  node: Node,
  path: MotionPath,
  input: ReturnType<Document['createAccessor']>,
  output: ReturnType<Document['createAccessor']>,
): void {
  const sampler = document.createAnimationSampler().setInput(input).setOutput(output).setInterpolation('LINEAR');
  const channel = document.createAnimationChannel().setTargetNode(node).setTargetPath(path).setSampler(sampler);
  clip.addSampler(sampler).addChannel(channel);
}

export function createNumbers(document: Document, type: 'SCALAR' | 'VEC3' | 'VEC4', values: number[]) {
  return document.createAccessor().setType(type).setArray(Float32Array.from(values)).setBuffer(getBuffer(document));
}

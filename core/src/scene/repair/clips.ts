import type { Animation, AnimationSampler } from '@gltf-transform/core';

/** Numbers of one key, by the property a channel moves; null for blend weights, which depend on the mesh. */
const KEY_SIZES: Record<string, number | null> = { translation: 3, rotation: 4, scale: 3, weights: null };

/**
 * Takes out what no player can follow: channels without a target or keys, and keys that do not come after the one before
 * (glTF 2.0, 3.11: times are strictly increasing).
 * @returns how many channels and keys went
 */
export function repairClip(clip: Animation): { channels: number; keys: number } {
  let channels = 0;
  let keys = 0;
  for (const channel of clip.listChannels()) {
    const sampler = channel.getSampler();
    const size = KEY_SIZES[channel.getTargetPath() ?? ''];
    if (!channel.getTargetNode() || size === undefined || !sampler || !hasKeys(sampler, size)) {
      channel.dispose();
      channels++;
    }
  }
  for (const sampler of clip.listSamplers()) {
    if (sampler.listParents().every((parent) => parent === clip)) sampler.dispose();
    if (sampler.isDisposed()) clip.removeSampler(sampler);
    else keys += orderKeys(sampler);
  }
  return { channels, keys };
}

function hasKeys(sampler: AnimationSampler, size: number | null): boolean {
  const [times, values] = [sampler.getInput(), sampler.getOutput()];
  if (!times || !values || times.getCount() === 0 || times.getElementSize() !== 1) return false;
  const wanted = times.getCount() * (sampler.getInterpolation() === 'CUBICSPLINE' ? 3 : 1);
  return size === null
    ? values.getCount() % wanted === 0
    : values.getElementSize() === size && values.getCount() === wanted;
}

/** @returns how many keys were not later than the one before, and went */
function orderKeys(sampler: AnimationSampler): number {
  const [input, output] = [sampler.getInput()!, sampler.getOutput()!];
  const [times, values] = [input.getArray()!, output.getArray()!];
  const kept: number[] = [];
  for (let i = 0; i < times.length; i++)
    if (times[i] >= 0 && (kept.length === 0 || times[i] > times[kept[kept.length - 1]])) kept.push(i);
  if (kept.length === times.length) return 0;
  const span = values.length / times.length;
  const pick = (src: typeof values, size: number): typeof values => {
    const dst = src.slice(0, kept.length * size);
    kept.forEach((from, to) => dst.set(src.subarray(from * size, (from + 1) * size), to * size));
    return dst;
  };
  // other samplers may share the times: each gets keys of its own
  sampler.setInput(input.clone().setArray(pick(times, 1))).setOutput(output.clone().setArray(pick(values, span)));
  return times.length - kept.length;
}

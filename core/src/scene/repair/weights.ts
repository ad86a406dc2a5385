import type { Accessor, Node, Primitive } from '@gltf-transform/core';

/** glTF 2.0, 3.7.3.3: weights of a vertex sum to 1 over all its sets. */
export function normaliseWeights(primitive: Primitive): number {
  const sets: Accessor[] = [];
  for (let s = 0; ; s++) {
    const weights = primitive.getAttribute(`WEIGHTS_${s}`);
    if (!weights) break;
    sets.push(weights);
  }
  if (sets.length === 0) return 0;
  sets.forEach(toFloats);
  mergeTwice(primitive, sets);
  const arrays = sets.map((weights) => weights.getArray() as Float32Array);
  let changed = 0;
  for (let v = 0; v < sets[0].getCount(); v++) {
    let sum = 0;
    for (const array of arrays) for (let i = 0; i < 4; i++) sum += Math.max(0, array[v * 4 + i]);
    if (Math.abs(sum - 1) > 1e-4) changed++;
    if (sum <= 0) arrays[0][v * 4] = sum = 1;
    if (Math.abs(sum - 1) > 1e-8) spreadWeights(arrays, v, sum);
  }
  clearUnusedJoints(primitive, arrays);
  return changed;
}

/** Weights written as whole numbers mean shares of the largest (glTF 2.0, 3.6.2.2). */
function toFloats(weights: Accessor): void {
  const array = weights.getArray();
  if (!array || array instanceof Float32Array) return;
  const most = array instanceof Uint8Array ? 255 : array instanceof Uint16Array ? 65_535 : 1;
  weights.setArray(Float32Array.from(array, (value: number) => value / most)).setNormalized(false);
}

/** A joint that stands twice at a vertex stands once, with both weights (glTF 2.0, 3.7.3.3). */
function mergeTwice(primitive: Primitive, sets: readonly Accessor[]): void {
  const weights = sets.map((accessor) => accessor.getArray() as Float32Array);
  const joints = sets.map((_, set) => primitive.getAttribute(`JOINTS_${set}`)?.getArray());
  if (joints.some((array) => !array)) return;
  const slots = sets.length * 4;
  for (let v = 0; v < sets[0].getCount(); v++)
    for (let later = 1; later < slots; later++) {
      const at = v * 4 + (later & 3);
      const weight = weights[later >> 2][at];
      if (!(weight > 0)) continue;
      for (let first = 0; first < later; first++) {
        const before = v * 4 + (first & 3);
        if (!(weights[first >> 2][before] > 0) || joints[first >> 2]![before] !== joints[later >> 2]![at]) continue;
        weights[first >> 2][before] += weight;
        weights[later >> 2][at] = 0;
        break;
      }
    }
}

/** A joint without weight is written as 0 (glTF 2.0, 3.7.3.3). */
function clearUnusedJoints(primitive: Primitive, weights: readonly Float32Array[]): void {
  weights.forEach((array, set) => {
    const joints = primitive.getAttribute(`JOINTS_${set}`)?.getArray();
    if (!joints || joints.length !== array.length) return;
    for (let i = 0; i < joints.length; i++) if (array[i] === 0) joints[i] = 0;
  });
}

/** Divides by the sum; what rounding leaves goes to the largest. */
function spreadWeights(arrays: Float32Array[], vertex: number, sum: number): void {
  let rest = 1;
  let [largest, at] = [arrays[0], vertex * 4];
  for (const array of arrays) {
    for (let i = vertex * 4; i < vertex * 4 + 4; i++) {
      array[i] = Math.max(0, array[i]) / sum;
      rest -= array[i];
      if (array[i] > largest[at]) [largest, at] = [array, i];
    }
  }
  largest[at] += rest;
}

/** Influences of joints a node's skin does not have are taken out. @returns how many */
export function dropStrayInfluences(node: Node): number {
  const count = node.getSkin()?.listJoints().length;
  if (count === undefined) return 0;
  let dropped = 0;
  for (const primitive of node.getMesh()?.listPrimitives() ?? []) {
    for (let set = 0; ; set++) {
      const joints = primitive.getAttribute(`JOINTS_${set}`)?.getArray();
      const weights = primitive.getAttribute(`WEIGHTS_${set}`)?.getArray();
      if (!joints) break;
      for (let i = 0; i < joints.length; i++) {
        if (joints[i] < count) continue;
        joints[i] = 0;
        if (weights && i < weights.length) weights[i] = 0;
        dropped++;
      }
    }
  }
  return dropped;
}

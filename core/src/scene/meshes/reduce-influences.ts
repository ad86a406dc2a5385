import type { Accessor, Document, Primitive } from '@gltf-transform/core';

/** What engines read for sure (glTF 2.0, 3.7.3.3: one set of four has to be supported). */
const MOST = 4;

/**
 * Keeps the four heaviest influences of every vertex, summing to 1 again.
 * @returns the most influences a vertex had before; 4 or less where nothing was changed
 */
export function reduceInfluences(document: Document): number {
  let most = 0;
  for (const primitive of document
    .getRoot()
    .listMeshes()
    .flatMap((mesh) => mesh.listPrimitives())) {
    const sets = listSets(primitive);
    if (sets.length === 0) continue;
    most = Math.max(most, countMost(sets));
    if (sets.length > 1) reduce(document, primitive, sets);
  }
  return most;
}

interface InfluenceSet {
  joints: Accessor;
  weights: Accessor;
}

function listSets(primitive: Primitive): InfluenceSet[] {
  const sets: InfluenceSet[] = [];
  for (let set = 0; ; set++) {
    const [joints, weights] = [primitive.getAttribute(`JOINTS_${set}`), primitive.getAttribute(`WEIGHTS_${set}`)];
    if (!joints || !weights) return sets;
    sets.push({ joints, weights });
  }
}

function countMost(sets: readonly InfluenceSet[]): number {
  let most = 0;
  const element: number[] = [];
  for (let vertex = 0; vertex < sets[0].weights.getCount(); vertex++) {
    let count = 0;
    for (const { weights } of sets) for (const weight of weights.getElement(vertex, element)) if (weight > 0) count++;
    most = Math.max(most, count);
  }
  return most;
}

function reduce(document: Document, primitive: Primitive, sets: readonly InfluenceSet[]): void {
  const count = sets[0].joints.getCount();
  const joints = new Uint16Array(count * MOST);
  const weights = new Float32Array(count * MOST);
  for (let vertex = 0; vertex < count; vertex++) {
    const all = sets.flatMap((set) => {
      const [j, w] = [set.joints.getElement(vertex, [] as number[]), set.weights.getElement(vertex, [] as number[])];
      return j.map((joint, k) => ({ joint, weight: w[k] }));
    });
    const kept = all.sort((a, b) => b.weight - a.weight).slice(0, MOST);
    const sum = kept.reduce((total, { weight }) => total + weight, 0) || 1;
    kept.forEach(({ joint, weight }, k) => {
      joints[vertex * MOST + k] = weight > 0 ? joint : 0;
      weights[vertex * MOST + k] = weight / sum;
    });
  }
  const accessor = (array: Uint16Array<ArrayBuffer> | Float32Array<ArrayBuffer>): Accessor =>
    document.createAccessor().setType('VEC4').setArray(array).setBuffer(sets[0].joints.getBuffer());
  primitive.setAttribute('JOINTS_0', accessor(joints)).setAttribute('WEIGHTS_0', accessor(weights));
  for (let set = 1; set < sets.length; set++)
    primitive.setAttribute(`JOINTS_${set}`, null).setAttribute(`WEIGHTS_${set}`, null);
}

import type { GLTF } from '@gltf-transform/core';
import type { AccessorFault, Fault } from './fault';
import { isFloat, readAccessor, readSparsePlaces, type AccessorNumbers } from './read-accessor';
import { findJointFault, findWeightFault } from './weight-faults';

/** How far a length may stray from 1, as the validator has it. */
const UNIT = { vector: 0.00674, quaternion: 0.00769 };

/**
 * Every fault of the numbers in a glTF whose structure is valid: what the reference validator finds by looking at every number, found by
 * passes over typed arrays. The first of each kind an accessor has.
 */
export function listAccessorFaults(json: GLTF.IGLTF, binary: Uint8Array): AccessorFault[] {
  const accessors = json.accessors ?? [];
  const faults: AccessorFault[] = [];
  const read = accessors.map((accessor) => readAccessor(json, accessor, binary));
  const asked = new Set<string>();
  /** Looks at an accessor for one reason once, however often it is used so. */
  const ask = (index: number | undefined, reason: string, look: (numbers: AccessorNumbers) => Fault | null): void => {
    const numbers = index === undefined ? null : read[index];
    const key = `${index} ${reason}`;
    if (!numbers || asked.has(key)) return;
    asked.add(key);
    const fault = look(numbers);
    if (fault) faults.push({ ...fault, pointer: `/accessors/${index}` });
  };

  accessors.forEach((accessor, i) => {
    if (isFloat(accessor)) ask(i, 'finite', findInvalidFloat);
    if (accessor.sparse) ask(i, 'sparse', () => findSparseFault(json, accessor, binary));
    for (const side of ['min', 'max'] as const)
      if (accessor[side]) ask(i, side, (numbers) => findBoundFault(numbers, accessor[side]!, side));
  });
  for (const { primitives } of json.meshes ?? [])
    for (const { attributes, indices } of primitives) {
      ask(attributes.NORMAL, 'unit', (numbers) => findNonUnit(numbers, 3, UNIT.vector, 'ACCESSOR_VECTOR3_NON_UNIT'));
      ask(attributes.TANGENT, 'tangent', findTangentFault);
      for (const [name, index] of Object.entries(attributes))
        if (name.startsWith('COLOR_') && isFloat(accessors[index])) ask(index, 'clamped', findUnclamped);
      const vertices = accessors[attributes.POSITION]?.count;
      if (vertices !== undefined) ask(indices, `below ${vertices}`, (numbers) => findIndexFault(numbers, vertices));
      listSets(attributes, 'WEIGHTS_').forEach((set, i, sets) => {
        if (i === 0) ask(set, `weights ${sets.join()}`, () => findWeightFault(sets.map((one) => read[one])));
      });
    }
  for (const { joints, meshes } of listSkinUses(json))
    for (const { attributes } of meshes) {
      const [sets, weights] = [listSets(attributes, 'JOINTS_'), listSets(attributes, 'WEIGHTS_')];
      ask(sets[0], `joints ${joints} ${sets.join()} ${weights.join()}`, () =>
        findJointFault(
          sets.map((one) => read[one]),
          weights.map((one) => read[one]),
          joints,
        ),
      );
    }
  for (const { inverseBindMatrices } of json.skins ?? []) ask(inverseBindMatrices, 'bind', findBindFault);
  for (const { samplers, channels } of json.animations ?? []) {
    for (const { input } of samplers) ask(input, 'times', findTimeFault);
    for (const { sampler, target } of channels)
      if (target.path === 'rotation') {
        const { output, interpolation } = samplers[sampler];
        const isCubic = interpolation === 'CUBICSPLINE';
        ask(output, `rotation ${isCubic}`, (numbers) =>
          findNonUnit(numbers, 4, UNIT.quaternion, QUATERNION_CODE, isCubic ? { every: 3, from: 1 } : undefined),
        );
      }
  }
  return faults;
}

const QUATERNION_CODE = 'ACCESSOR_ANIMATION_SAMPLER_OUTPUT_NON_NORMALIZED_QUATERNION';

/** `WEIGHTS_0`, `WEIGHTS_1` …, as far as they go on. */
function listSets(attributes: GLTF.IMeshPrimitive['attributes'], name: string): number[] {
  const sets: number[] = [];
  while (attributes[name + sets.length] !== undefined) sets.push(attributes[name + sets.length]);
  return sets;
}

/** Which meshes are moved by how many joints. */
function* listSkinUses({ nodes = [], skins = [], meshes = [] }: GLTF.IGLTF) {
  for (const { skin, mesh } of nodes)
    if (skin !== undefined && mesh !== undefined)
      yield { joints: skins[skin].joints.length, meshes: meshes[mesh].primitives };
}

function findInvalidFloat({ values, step, count, size }: AccessorNumbers): Fault | null {
  for (let i = 0; i < count; i++)
    for (let c = 0; c < size; c++) {
      const value = values[i * step + c];
      if (!Number.isFinite(value))
        return { code: 'ACCESSOR_INVALID_FLOAT', message: `component ${c} of element ${i} is ${value}` };
    }
  return null;
}

function findBoundFault(numbers: AccessorNumbers, said: readonly number[], side: 'min' | 'max'): Fault | null {
  for (let c = 0; c < numbers.size; c++) {
    const bound = side === 'min' ? findLeast(numbers, c) : findLargest(numbers, c);
    if (bound !== said[c] && bound !== Math.fround(said[c]))
      return {
        code: side === 'min' ? 'ACCESSOR_MIN_MISMATCH' : 'ACCESSOR_MAX_MISMATCH',
        message: `the ${side} of component ${c} is ${bound}, and says ${said[c]}`,
      };
  }
  return null;
}

function findLeast({ values, step, count }: AccessorNumbers, component: number): number {
  let least = values[component];
  for (let i = 0, at = component; i < count; i++, at += step) if (values[at] < least) least = values[at];
  return least;
}

function findLargest({ values, step, count }: AccessorNumbers, component: number): number {
  let largest = values[component];
  for (let i = 0, at = component; i < count; i++, at += step) if (values[at] > largest) largest = values[at];
  return largest;
}

function findNonUnit(
  { values, step, count, one }: AccessorNumbers,
  size: 3 | 4,
  tolerance: number,
  code: string,
  { every, from } = { every: 1, from: 0 },
): Fault | null {
  for (let i = from; i < count; i += every) {
    const at = i * step;
    let sum = 0;
    for (let c = 0; c < size; c++) sum += values[at + c] * values[at + c];
    const length = Math.sqrt(sum) / one;
    if (Math.abs(length - 1) > tolerance) return { code, message: `element ${i} is ${length} long` };
  }
  return null;
}

function findTangentFault(numbers: AccessorNumbers): Fault | null {
  const { values, step, count, one } = numbers;
  for (let i = 0; i < count; i++) {
    const sign = values[i * step + 3] / one;
    if (sign !== 1 && sign !== -1)
      return { code: 'ACCESSOR_INVALID_SIGN', message: `the sign of element ${i} is ${sign}` };
  }
  return findNonUnit(numbers, 3, UNIT.vector, 'ACCESSOR_VECTOR3_NON_UNIT');
}

function findUnclamped({ values, step, count, size }: AccessorNumbers): Fault | null {
  for (let i = 0; i < count; i++)
    for (let c = 0; c < size; c++) {
      const value = values[i * step + c];
      if (value < 0 || value > 1) return { code: 'ACCESSOR_NON_CLAMPED', message: `element ${i} holds ${value}` };
    }
  return null;
}

function findIndexFault(numbers: AccessorNumbers, vertices: number): Fault | null {
  const restart = 256 ** numbers.values.BYTES_PER_ELEMENT - 1;
  const largest = findLargest(numbers, 0);
  if (largest === restart)
    return { code: 'ACCESSOR_INDEX_PRIMITIVE_RESTART', message: `it holds ${restart}, which is kept for restarts` };
  if (largest < vertices) return null;
  return { code: 'ACCESSOR_INDEX_OOB', message: `it names vertex ${largest} of ${vertices}` };
}

/** The last row of a matrix that keeps parallels parallel: 0 0 0 1. */
function findBindFault({ values, step, count }: AccessorNumbers): Fault | null {
  for (let i = 0; i < count; i++)
    for (const c of [3, 7, 11, 15])
      if (values[i * step + c] !== (c === 15 ? 1 : 0))
        return { code: 'ACCESSOR_INVALID_IBM', message: `component ${c} of matrix ${i} is ${values[i * step + c]}` };
  return null;
}

function findTimeFault({ values, step, count }: AccessorNumbers): Fault | null {
  for (let i = 0; i < count; i++) {
    const time = values[i * step];
    if (time < 0) return { code: 'ACCESSOR_ANIMATION_INPUT_NEGATIVE', message: `key ${i} is at ${time} s` };
    if (i > 0 && time <= values[(i - 1) * step])
      return { code: 'ACCESSOR_ANIMATION_INPUT_NON_INCREASING', message: `key ${i} is no later than the one before` };
  }
  return null;
}

function findSparseFault(json: GLTF.IGLTF, { sparse, count }: GLTF.IAccessor, binary: Uint8Array): Fault | null {
  const places = readSparsePlaces(json, sparse!, binary);
  for (let i = 0; i < places.length; i++) {
    if (places[i] >= count)
      return { code: 'ACCESSOR_SPARSE_INDEX_OOB', message: `it puts element ${places[i]} of ${count}` };
    if (i > 0 && places[i] <= places[i - 1])
      return { code: 'ACCESSOR_SPARSE_INDICES_NON_INCREASING', message: `place ${i} is no later than the one before` };
  }
  return null;
}

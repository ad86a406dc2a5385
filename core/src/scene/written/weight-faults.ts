import type { Fault } from './fault';
import type { AccessorNumbers } from './read-accessor';

/** How far the weights of a vertex may stray from 1 for each that is not 0, as the validator has it. */
const STRAY = 2e-7;

const at = ({ values, step, one }: AccessorNumbers, i: number, c: number): number => {
  const value = values[i * step + c];
  return one === 1 ? value : value / one;
};

const haveNumbers = (sets: readonly (AccessorNumbers | null)[]): sets is readonly AccessorNumbers[] =>
  sets.length > 0 && sets.every((set) => set !== null);

/** @param sets weights of the same vertices, one after the other */
export function findWeightFault(sets: readonly (AccessorNumbers | null)[]): Fault | null {
  if (!haveNumbers(sets)) return null;
  for (let i = 0; i < sets[0].count; i++) {
    let [sum, used] = [0, 0];
    for (const set of sets)
      for (let c = 0; c < 4; c++) {
        const weight = at(set, i, c);
        if (weight < 0)
          return { code: 'ACCESSOR_WEIGHTS_NEGATIVE', message: `weight ${c} of vertex ${i} is ${weight}` };
        if (weight === 0) continue;
        sum = Math.fround(sum + weight);
        used++;
      }
    if (Math.abs(sum - 1) > STRAY * used)
      return { code: 'ACCESSOR_WEIGHTS_NON_NORMALIZED', message: `the weights of vertex ${i} come to ${sum}` };
  }
  return null;
}

/** @param joints how many the skin has */
export function findJointFault(
  sets: readonly (AccessorNumbers | null)[],
  weights: readonly (AccessorNumbers | null)[],
  joints: number,
): Fault | null {
  if (!haveNumbers(sets) || !haveNumbers(weights)) return null;
  const seen = new Int32Array(joints).fill(-1);
  for (let i = 0; i < sets[0].count; i++)
    for (let s = 0; s < sets.length; s++)
      for (let c = 0; c < 4; c++) {
        const joint = sets[s].values[i * sets[s].step + c];
        if (joint >= joints)
          return { code: 'ACCESSOR_JOINTS_INDEX_OOB', message: `vertex ${i} names joint ${joint} of ${joints}` };
        if (!weights[s] || at(weights[s], i, c) === 0) continue;
        if (seen[joint] === i)
          return { code: 'ACCESSOR_JOINTS_INDEX_DUPLICATE', message: `vertex ${i} names joint ${joint} twice` };
        seen[joint] = i;
      }
  return null;
}

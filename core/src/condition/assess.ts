import type { Finding } from '@haveld/contract/finding';
import { checkBaking } from './checks/baking';
import { checkClutter, checkWrappers } from './checks/clutter';
import { checkGeometry } from './checks/geometry';
import { checkMaps } from './checks/maps';
import { checkNormals } from './checks/normals';
import { checkPivot } from './checks/pivot';
import { checkRoot } from './checks/root';
import { checkSize } from './checks/size';
import { checkStrangers } from './checks/strangers';
import { checkUp } from './checks/up';
import type { Examination } from './examination';

/** In the order of the sheet. Rights are checked apart: they rest on provenance, not on the document. */
const CHECKS: ((examination: Examination) => Finding[])[] = [
  checkMaps,
  checkStrangers,
  checkSize,
  checkUp,
  checkPivot,
  checkBaking,
  checkClutter,
  checkWrappers,
  checkRoot,
  checkNormals,
  checkGeometry,
];

/** @returns the condition of a model as received */
export function assess(examination: Examination): Finding[] {
  return CHECKS.flatMap((check) => check(examination));
}

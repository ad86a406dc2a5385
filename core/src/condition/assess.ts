import type { Finding } from '@haveld/contract/finding';
import { checkBaking } from './checks/baking';
import { checkClutter, checkWrappers } from './checks/clutter';
import { checkFront } from './checks/front';
import { checkGeometry } from './checks/geometry';
import { checkGreen } from './checks/map-green';
import { checkInsideOut } from './checks/inside-out';
import { checkLean } from './checks/lean';
import { checkMapRoles } from './checks/map-roles';
import { checkMapSizes } from './checks/map-sizes';
import { checkMaps } from './checks/maps';
import { checkMaterials } from './checks/materials';
import { checkNormals } from './checks/normals';
import { checkPartPivots } from './checks/part-pivots';
import { checkPivot } from './checks/pivot';
import { checkRoot } from './checks/root';
import { checkSize } from './checks/size';
import { checkStrangers } from './checks/strangers';
import { checkSides } from './checks/sides';
import { checkUneven } from './checks/uneven';
import { checkUp } from './checks/up';
import { checkUv } from './checks/uv';
import type { Examination } from './examination';

/** In the order of the sheet. Rights are checked apart: they rest on provenance, not on the document. */
const CHECKS: ((examination: Examination) => Finding[])[] = [
  checkMaps,
  checkMapRoles,
  checkGreen,
  checkMaterials,
  checkSides,
  checkMapSizes,
  checkUv,
  checkStrangers,
  checkSize,
  checkUp,
  checkLean,
  checkFront,
  checkPivot,
  checkPartPivots,
  checkUneven,
  checkBaking,
  checkClutter,
  checkWrappers,
  checkRoot,
  checkNormals,
  checkInsideOut,
  checkGeometry,
];

/** @returns the condition of a model as received */
export function assess(examination: Examination): Finding[] {
  return CHECKS.flatMap((check) => check(examination));
}

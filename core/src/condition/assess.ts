import type { Finding } from '@haveld/contract/finding';
import { checkBaking } from './checks/bake-transforms';
import { checkClutter, checkWrappers } from './checks/clutter';
import { checkCollisionParts } from './checks/collision-parts';
import { checkFrontAxis } from './checks/front-axis';
import { checkGeometry } from './checks/geometry';
import { checkInvertedFaces } from './checks/inverted-faces';
import { checkLevels } from './checks/levels';
import { checkGreen } from './checks/map-green';
import { checkMapRoles } from './checks/map-roles';
import { checkMapSizes } from './checks/map-sizes';
import { checkMaps } from './checks/maps';
import { checkMaterials } from './checks/materials';
import { checkNonUniformScale } from './checks/non-uniform-scale';
import { checkNormals } from './checks/normals';
import { checkPartPivots } from './checks/part-pivots';
import { checkPivot } from './checks/pivot';
import { checkRoot } from './checks/root';
import { checkSides } from './checks/sides';
import { checkSize } from './checks/size';
import { checkStrangers } from './checks/strangers';
import { checkTilt } from './checks/tilt';
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
  checkTilt,
  checkFrontAxis,
  checkPivot,
  checkPartPivots,
  checkNonUniformScale,
  checkBaking,
  checkClutter,
  checkLevels,
  checkCollisionParts,
  checkWrappers,
  checkRoot,
  checkNormals,
  checkInvertedFaces,
  checkGeometry,
];

/** @returns the condition of a model as received */
export function assess(examination: Examination): Finding[] {
  return CHECKS.flatMap((check) => check(examination));
}

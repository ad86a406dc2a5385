import type { mat4 } from '@gltf-transform/core';
import { composeMatrix, invertMatrix, multiplyMatrix, scaleMatrix, translationMatrix } from '../../scene/matrix';
import { eulerMatrix, scalingMatrix } from '../fbx/model-transform';
import type { UsdStage } from './stage';

const INVERSE = '!invert!';

/** @returns the local matrix of a prim: its operations in their stated order, the last applied first (OpenUSD, UsdGeomXformable) */
export function readLocalMatrix(stage: UsdStage, path: string): mat4 {
  const names = readOrder(stage, path);
  return names.reduce((matrix, name) => {
    const isInverse = name.startsWith(INVERSE);
    const values = stage.numbers(path, isInverse ? name.slice(INVERSE.length) : name);
    const operation = values ? operationMatrix(name.replace(INVERSE, ''), values) : null;
    if (!operation) return matrix;
    return multiplyMatrix(matrix, isInverse ? (invertMatrix(operation) ?? operation) : operation);
  }, scaleMatrix(1));
}

/** @returns true where the prim does not take its parent's transform */
export const resetsTransform = (stage: UsdStage, path: string): boolean =>
  readOrder(stage, path).includes('!resetXformStack!');

/** The library's reader of text gives it as metadata, its reader of binary files as an attribute. */
function readOrder(stage: UsdStage, path: string): string[] {
  const order = stage.value(path, 'xformOpOrder') ?? stage.field(path, 'xformOpOrder');
  return Array.isArray(order) ? order.map(String) : [];
}

function operationMatrix(name: string, v: Float64Array): mat4 | null {
  const [, kind] = name.split(':');
  switch (kind) {
    case 'translate':
      return translationMatrix([v[0], v[1], v[2]]);
    case 'scale':
      return scalingMatrix([v[0], v[1] ?? v[0], v[2] ?? v[0]]);
    case 'rotateX':
    case 'rotateY':
    case 'rotateZ': {
      const axis = kind.slice(-1).toLowerCase();
      const degrees: [number, number, number] = [0, 0, 0];
      degrees['xyz'.indexOf(axis)] = v[0];
      return eulerMatrix(degrees, axis);
    }
    case 'orient':
      // w, x, y, z in text
      return composeMatrix({ translation: [0, 0, 0], rotation: [v[1], v[2], v[3], v[0]], scale: [1, 1, 1] });
    case 'transform':
      // rows in the file, whose vectors stand at the left: the same numbers are columns here
      return v.length === 16 ? ([...v] as mat4) : null;
    default:
      return kind?.startsWith('rotate') ? eulerMatrix([v[0], v[1], v[2]], kind.slice(6).toLowerCase()) : null;
  }
}

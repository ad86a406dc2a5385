import type { Node } from '@gltf-transform/core';
import { multiplyMatrix, scaleMatrix } from '../../scene/matrix';
import type { BuiltNode } from './built-node';
import type { Library } from './library';
import { transpose } from './transform';
import { findElement, listElements, readNumbers, type XmlElement } from './xml-tree';

/** By the sid a joint has below the instance's skeletons, by sid anywhere, or by id. */
export function findJoint(
  name: string,
  roots: readonly string[],
  nodes: readonly BuiltNode[],
  library: Library,
): Node | undefined {
  const inside = (element: XmlElement): boolean =>
    roots.some((root) => {
      const top = library.find(root);
      return top !== undefined && (top === element || contains(top, element));
    });
  const bySid = nodes.filter(({ element }) => element.attributes.sid === name);
  const found =
    bySid.find(({ element }) => inside(element)) ??
    bySid[0] ??
    nodes.find(({ element }) => element.attributes.id === name) ??
    nodes.find(({ element }) => element.attributes.name === name);
  return found?.node;
}

const contains = (top: XmlElement, element: XmlElement): boolean =>
  top.children.some((child) => child === element || contains(child, element));

/**
 * From the mesh to each joint when it was bound: the shape's own matrix first (COLLADA 1.4.1, "skin").
 * @returns (joints, 16), column-major
 */
export function readInverseBinds(
  skin: XmlElement,
  library: Library,
  url: string | undefined,
  joints: number,
): Float32Array<ArrayBuffer> {
  const binds = library.source(url)?.values;
  const shapeNumbers = readNumbers(findElement(skin, 'bind_shape_matrix'));
  const shape = shapeNumbers.length === 16 ? transpose(shapeNumbers) : scaleMatrix(1);
  const array = new Float32Array(joints * 16);
  for (let i = 0; i < joints; i++) {
    const own = binds && binds.length >= (i + 1) * 16 ? transpose(binds.subarray(i * 16, i * 16 + 16)) : scaleMatrix(1);
    const matrix = multiplyMatrix(own, shape);
    for (let k = 0; k < 16; k++) array[i * 16 + k] = k % 4 === 3 ? (k === 15 ? 1 : 0) : matrix[k];
  }
  return array;
}

/** `vcount` pairs of joint and weight per point; a joint of −1 is the bind shape itself and is left out. */
export function readInfluences(
  skin: XmlElement,
  library: Library,
  joints: number,
): { bone: number; weight: number }[][] {
  const element = findElement(skin, 'vertex_weights');
  const inputs = listElements(element, 'input');
  const offsetOf = (semantic: string): number =>
    Number(inputs.find((one) => one.attributes.semantic === semantic)?.attributes.offset ?? 0) || 0;
  const stride = Math.max(1, ...inputs.map((one) => (Number(one.attributes.offset ?? 0) || 0) + 1));
  const weights = library.source(inputs.find((one) => one.attributes.semantic === 'WEIGHT')?.attributes.source)?.values;
  const list = readNumbers(findElement(element, 'v'));
  const [joint, weight] = [offsetOf('JOINT'), offsetOf('WEIGHT')];
  let at = 0;
  return Array.from(readNumbers(findElement(element, 'vcount')), (count) => {
    const influences: { bone: number; weight: number }[] = [];
    for (let i = 0; i < count; i++, at += stride) {
      const bone = list[at + joint];
      const value = weights?.[list[at + weight]] ?? 0;
      if (bone >= 0 && bone < joints && value > 0) influences.push({ bone, weight: value });
    }
    return influences;
  });
}

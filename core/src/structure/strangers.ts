import type { Document, Node } from '@gltf-transform/core';
import type { Evidence } from '@haveld/contract/finding';
import type { Box } from '@haveld/contract/report';
import { boxSize, computeBounds, unionBoxes } from '../scene/bounds';
import { getNodeSource } from '../scene/source-data';
import { countTriangles, listMeshInstances, type MeshInstance } from '../scene/traverse';
import { STRANGER_HABITS, wordsOf } from './habits';

/** A part that stands with the model and is probably not it. */
export interface Stranger {
  node: Node;
  kind: 'floor' | 'figure' | 'start-up' | 'hidden';
  confidence: number;
  evidence: Evidence[];
  /** For a floor: the axis it is thin along, and whether the model stands on its greater side. */
  thinAxis: number | null;
  below: boolean;
}

interface Boxed {
  instance: MeshInstance;
  box: Box;
}

type Judge = (instance: MeshInstance, box: Box, rest: Box) => Stranger | null;

const AXES = ['x', 'y', 'z'];

/**
 * @param hidden words by which its source marks parts that are not meant to be seen
 * @returns display floors, scale figures, start-up blocks and hidden parts; empty where there is a single part
 */
export function listStrangers(document: Document, hidden: readonly string[] = []): Stranger[] {
  const parts = listMeshInstances(document).map((instance) => ({ instance, box: computeBounds(document, [instance]) }));
  const boxed = parts.filter((part): part is Boxed => part.box !== null);
  if (boxed.length < 2) return [];
  const restOf = (part: Boxed, among: readonly Boxed[]): Box | null => {
    const others = among.filter((other) => other !== part);
    return others.length > 0 ? unionBoxes(others.map((other) => other.box)) : null;
  };
  const judge = (parts: readonly Boxed[], judges: Judge[]): Stranger[] =>
    parts.flatMap((part) => {
      const rest = restOf(part, parts);
      return (
        (rest && judges.map((one) => one(part.instance, part.box, rest)).find((stranger) => stranger !== null)) ?? []
      );
    });
  // a floor lies under everything: what stands on it is judged without it
  const floors = judge(boxed, [judgeFloor]);
  const standing = boxed.filter((part) => !floors.some((floor) => floor.node === part.instance.node));
  const found = [...floors, ...judge(standing, [judgeFigure, judgeBlock, (instance) => judgeHidden(instance, hidden)])];
  // where everything looks strange, nothing is: the model is made of such parts
  return found.length < boxed.length ? found : [];
}

function judgeFloor({ node, mesh }: MeshInstance, box: Box, rest: Box): Stranger | null {
  const size = boxSize(box);
  const restSize = boxSize(rest);
  const thin = size.indexOf(Math.min(...size));
  const others = [0, 1, 2].filter((axis) => axis !== thin);
  const largest = Math.max(...size);
  // a staff is thin both ways; a floor is not
  if (largest === 0 || size[thin] > largest * 0.04 || Math.min(...others.map((axis) => size[axis])) < largest * 0.15)
    return null;
  const spread = Math.min(...others.map((axis) => size[axis] / Math.max(restSize[axis], 1e-12)));
  const triangles = mesh.listPrimitives().reduce((sum, primitive) => sum + countTriangles(primitive), 0);
  const gapBelow = Math.abs(rest.min[thin] - box.max[thin]);
  const gapAbove = Math.abs(box.min[thin] - rest.max[thin]);
  const near = Math.max(restSize[thin], 1e-12) * 0.06 + size[thin];
  const named = STRANGER_HABITS.floor.test(wordsOf(node.getName()));
  if (spread < (named ? 1 : 1.25) || Math.min(gapBelow, gapAbove) > near || triangles > 400) return null;
  const evidence: Evidence[] = [
    { text: `flat along ${AXES[thin]}, and wider than all the rest`, figure: `× ${spread.toFixed(1)}` },
    { text: 'the rest stands on it', figure: `${triangles} triangles` },
  ];
  if (named) evidence.push({ text: `its name says so: “${node.getName()}”` });
  return {
    node,
    kind: 'floor',
    confidence: named ? 0.96 : 0.85,
    evidence,
    thinAxis: thin,
    below: gapBelow <= gapAbove,
  };
}

function judgeFigure({ node }: MeshInstance, box: Box, rest: Box): Stranger | null {
  if (!STRANGER_HABITS.figure.test(wordsOf(node.getName())) || !standApart(box, rest)) return null;
  return {
    node,
    kind: 'figure',
    confidence: 0.9,
    evidence: [{ text: `its name says so: “${node.getName()}”` }, { text: 'it stands beside the rest' }],
    thinAxis: null,
    below: false,
  };
}

/** Only what its source is known to mean by a name says so. */
function judgeHidden({ node }: MeshInstance, hidden: readonly string[]): Stranger | null {
  const words = wordsOf(node.getName()).toLowerCase().split(' ');
  const word = hidden.find((one) => words.includes(one));
  if (word === undefined) return null;
  const isHidden = getNodeSource(node).hidden === true;
  return {
    node,
    kind: 'hidden',
    confidence: isHidden ? 0.95 : 0.85,
    evidence: [
      { text: `a habit of its source: “${word}” marks parts that are not meant to be seen` },
      ...(isHidden ? [{ text: 'the file hides it' }] : []),
    ],
    thinAxis: null,
    below: false,
  };
}

function judgeBlock({ node, mesh }: MeshInstance, box: Box, rest: Box): Stranger | null {
  const size = boxSize(box);
  const triangles = mesh.listPrimitives().reduce((sum, primitive) => sum + countTriangles(primitive), 0);
  const isCube = Math.max(...size) - Math.min(...size) < Math.max(...size) * 0.01;
  const mapped = mesh.listPrimitives().some((primitive) => primitive.getMaterial()?.getBaseColorTexture());
  if (triangles !== 12 || !isCube || mapped || !STRANGER_HABITS.startUp.test(node.getName()) || !standApart(box, rest))
    return null;
  return {
    node,
    kind: 'start-up',
    confidence: 0.9,
    thinAxis: null,
    below: false,
    evidence: [
      { text: 'a plain cube of 12 triangles without a map' },
      { text: `named “${node.getName()}”, as a new scene names it` },
      { text: 'it stands apart' },
    ],
  };
}

/** True where two boxes share no space. */
function standApart(a: Box, b: Box): boolean {
  return [0, 1, 2].some((axis) => a.min[axis] >= b.max[axis] || b.min[axis] >= a.max[axis]);
}

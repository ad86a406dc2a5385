import type { Document } from '@gltf-transform/core';
import { UNITS } from '@haveld/core/placement/units';
import { boxSize, computeBounds } from '@haveld/core/scene/measures/bounds';
import { multiplyMatrix, quarterTurnMatrix, scaleMatrix } from '@haveld/core/scene/matrix';
import { getShownScene, listMeshInstances } from '@haveld/core/scene/traverse';

export interface Misplaced {
  /** Metres for one unit of the file now, where it was `metres` before. */
  factor: number;
  /** The end it stands on now: lower and upper along x, y, z. */
  foot: number;
  hasFloor: boolean;
  /** Box of the model without the floor. */
  bottom: number;
}

/** Units exporters write. */
const WRITTEN = ['mm', 'cm', 'm', 'in', 'ft'];

/**
 * Puts a model that stands on the lower end of y into another unit, turns it, moves it and gives it a display floor, each by chance.
 * @param factor metres for one of its units; null where it has a scale of its own
 */
export function misplace(document: Document, factor: number | null, random: () => number): Misplaced {
  const scene = getShownScene(document);
  const root = document.createNode('root');
  for (const child of scene.listChildren()) root.addChild(child);
  scene.addChild(root);
  const box = computeBounds(document)!;
  const size = boxSize(box);
  let hasFloor = false;
  if (random() < 0.35) {
    hasFloor = true;
    addFloor(document, box.min, box.max, Math.max(size[0], size[2]) * (1.5 + random()), size[1]);
  }
  // most of those that are turned have Z up
  const turned = random();
  const turn =
    turned < 0.5
      ? null
      : turned < 0.9
        ? ({ axis: 'x', degrees: 90, foot: 4 } as const)
        : turned < 0.94
          ? ({ axis: 'x', degrees: 180, foot: 3 } as const)
          : turned < 0.97
            ? ({ axis: 'z', degrees: -90, foot: 0 } as const)
            : ({ axis: 'x', degrees: -90, foot: 5 } as const);
  const written = WRITTEN[Math.floor(random() * WRITTEN.length)];
  const unit = UNITS.find(({ id }) => id === written)!;
  const times = factor === null ? 10 ** (random() * 3 - 1.5) : factor / unit.metres;
  let matrix = scaleMatrix(times);
  if (turn) matrix = multiplyMatrix(quarterTurnMatrix(turn.axis, turn.degrees), matrix);
  const reach = Math.max(...size) * times;
  matrix[12] = (random() - 0.5) * 6 * reach;
  matrix[13] = (random() - 0.5) * 6 * reach;
  matrix[14] = (random() - 0.5) * 6 * reach;
  root.setMatrix(matrix);
  const own = computeBounds(
    document,
    listMeshInstances(document).filter(({ node }) => node.getName() !== FLOOR),
  )!;
  const foot = turn?.foot ?? 2;
  return {
    factor: factor === null ? NaN : unit.metres,
    foot,
    hasFloor,
    bottom: foot % 2 === 0 ? own.min[foot >> 1] : own.max[foot >> 1],
  };
}

/** Turns what a document shows about Y. */
export function turnRound(document: Document, degrees: -90 | 90 | 180): void {
  const scene = getShownScene(document);
  const root = document.createNode('root');
  for (const child of scene.listChildren()) root.addChild(child);
  scene.addChild(root);
  root.setMatrix(quarterTurnMatrix('y', degrees));
}

const FLOOR = 'plane 7';

function addFloor(
  document: Document,
  min: readonly number[],
  max: readonly number[],
  side: number,
  height: number,
): void {
  const [x, z] = [(min[0] + max[0]) / 2, (min[2] + max[2]) / 2];
  const y = min[1] - height * 0.001;
  const points = [
    x - side / 2,
    y,
    z - side / 2,
    x - side / 2,
    y,
    z + side / 2,
    x + side / 2,
    y,
    z + side / 2,
    x + side / 2,
    y,
    z - side / 2,
  ];
  const buffer = document.getRoot().listBuffers()[0];
  const primitive = document
    .createPrimitive()
    .setAttribute(
      'POSITION',
      document.createAccessor().setType('VEC3').setArray(Float32Array.from(points)).setBuffer(buffer),
    )
    .setIndices(
      document
        .createAccessor()
        .setType('SCALAR')
        .setArray(Uint16Array.from([0, 1, 2, 0, 2, 3]))
        .setBuffer(buffer),
    );
  const [root] = getShownScene(document).listChildren();
  root.addChild(document.createNode(FLOOR).setMesh(document.createMesh().addPrimitive(primitive)));
}

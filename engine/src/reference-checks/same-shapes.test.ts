import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { writeObj } from '@haveld/core/formats/obj/write';
import { readModel } from '@haveld/core/formats/read-model';
import { compareShapes } from '@haveld/core/geometry/compare-shapes';
import { computeShapeSignature, type ShapeSignature } from '@haveld/core/geometry/shape-signature';
import type { Surface } from '@haveld/core/geometry/surface';
import { listSurfaces } from '@haveld/core/scene/measures/list-surfaces';
import { createReadingContext } from '../reading/reading-context';
import { readFurniture, readFurnitureTable } from '../testing/open-furniture';

/** Formats another program (Debian's assimp) writes the same models in. */
const FORMATS = ['stl', 'ply', 'dae', 'glb2'];

/** So many of the models go through every format; all 153 go through the rest. */
const CONVERTED = 16;

const move = ({ positions, indices }: Surface, f: (x: number, y: number, z: number) => number[]): Surface => {
  const moved = new Float64Array(positions.length);
  for (let i = 0; i < positions.length; i += 3) moved.set(f(positions[i], positions[i + 1], positions[i + 2]), i);
  return { positions: moved, indices };
};

async function readConvertedBy(format: string, obj: string): Promise<ShapeSignature | null> {
  const folder = mkdtempSync(join(tmpdir(), 'shape-'));
  try {
    writeFileSync(join(folder, 'a.obj'), obj);
    const extension = format === 'glb2' ? 'glb' : format;
    execFileSync('assimp', ['export', join(folder, 'a.obj'), join(folder, `b.${extension}`), `-f${format}`], {
      stdio: 'ignore',
    });
    const name = `b.${extension}`;
    const source = {
      paths: [name],
      read: () => Promise.resolve(new Uint8Array(readFileSync(join(folder, name)))),
      hash: (path: string) => path,
    };
    const { document } = await readModel(name, createReadingContext(source));
    return computeShapeSignature(listSurfaces(document));
  } finally {
    rmSync(folder, { recursive: true });
  }
}

test('153 open models: each is known again in other units, stances and formats, and none is taken for another', async () => {
  const rows = readFurnitureTable();
  const known: { name: string; shape: ShapeSignature }[] = [];
  const missed: string[] = [];
  const distances: number[] = [];
  let mirrors = { told: 0, symmetric: 0, missed: 0 };
  let tried = 0;
  const check = (what: string, before: ShapeSignature, after: ShapeSignature | null): void => {
    tried++;
    const compared = after && compareShapes(before, after);
    if (compared?.relation !== 'same-shape') missed.push(what);
    else distances.push(compared.distance);
  };
  for (const [i, row] of rows.entries()) {
    const document = await readFurniture(row);
    const surfaces = listSurfaces(document);
    const shape = computeShapeSignature(surfaces)!;
    known.push({ name: `${row.id}/${row.model}`, shape });
    const turned = surfaces.map((surface) => move(surface, (x, y, z) => [x * 0.0254 + 3, z * 0.0254, -y * 0.0254]));
    check(`${row.model} turned, in inches`, shape, computeShapeSignature(turned));
    const mirrored = computeShapeSignature(surfaces.map((surface) => move(surface, (x, y, z) => [-x, y, z])))!;
    const compared = compareShapes(shape, mirrored);
    mirrors = {
      told: mirrors.told + Number(compared?.relation === 'mirrored'),
      symmetric: mirrors.symmetric + Number(compared?.relation === 'same-shape' && shape.handedness === 0),
      missed:
        mirrors.missed + Number(compared === null || (compared.relation === 'same-shape' && shape.handedness !== 0)),
    };
    if (i % Math.floor(rows.length / CONVERTED) !== 0) continue;
    const { obj } = writeObj(document, 'a', []);
    for (const format of FORMATS) check(`${row.model} as ${format}`, shape, await readConvertedBy(format, obj));
  }
  const pairs = known.flatMap((a, i) =>
    known.slice(i + 1).flatMap((b) => (compareShapes(a.shape, b.shape) ? [`${a.name} = ${b.name}`] : [])),
  );
  console.log(
    [
      `doubles: ${tried - missed.length} of ${tried} known again (largest distance ${Math.max(...distances).toFixed(4)}); missed: ${missed.join('; ') || 'none'}`,
      `mirrored: ${mirrors.told} told, ${mirrors.symmetric} their own mirror image, ${mirrors.missed} missed`,
      `of ${(known.length * (known.length - 1)) / 2} pairs of different models ${pairs.length} taken for doubles${pairs.length > 0 ? `:\n  ${pairs.join('\n  ')}` : ''}`,
    ].join('\n'),
  );
  expect(missed).toEqual([]);
  expect(mirrors.missed).toBe(0);
});

import type { DemoFile } from './demo-file';
import { text } from './demo-file';
import * as harbour from './models/harbour';
import { ball, block, moved, tube, type Part } from './shape';
import { writeDemoGlb, type GlbMaterial } from './write-glb';
import { writeDemoMtl, writeDemoObj } from './write-obj';

type Vector = [number, number, number];

/** Maps the heaps use. */
export interface HeapMaps {
  oak: Buffer;
  oakDark: Buffer;
  iron: Buffer;
  brassMap: Buffer;
  rope: Buffer;
  ring: Buffer;
  flags: Buffer;
}

/** What stands on the quay, each at its own origin, metres. */
function listQuayPieces(): Part[][] {
  const crate = (name: string, w: number, h: number, d: number): Part[] => [
    block(name, 'oak_frame', [w, h, d], [0, h / 2, 0]),
  ];
  const bench = (name: string, length: number): Part[] => [
    block(`${name}_seat`, 'oak_top', [length, 0.06, 0.4], [0, 0.45, 0]),
    ...[-1, 1].map((side) =>
      block(
        `${name}_leg_${side > 0 ? 'r' : 'l'}`,
        'oak_frame',
        [0.08, 0.425, 0.36],
        [side * (length / 2 - 0.1), 0.2125, 0],
      ),
    ),
  ];
  const stool: Part[] = [
    block('stool_seat', 'oak_top', [0.36, 0.05, 0.36], [0, 0.45, 0]),
    tube(
      'stool_stem',
      'black_iron',
      [
        [0, 0, 0],
        [0, 0.43, 0],
      ] as Vector[],
      0.05,
    ),
  ];
  const float: Part[] = [ball('float', 'life_ring', [0.22, 0.22, 0.22], [0, 0.22, 0])];
  return [
    bench('bench_long', 1.8),
    bench('bench_short', 1.1),
    stool,
    crate('crate_large', 0.8, 0.6, 0.6),
    crate('crate_small', 0.5, 0.35, 0.4),
    crate('chest_low', 0.9, 0.4, 0.5),
    harbour.mooringPost(),
    harbour.ropeCoil(),
    harbour.lifeRing(),
    float,
    [
      tube(
        'bollard',
        'black_iron',
        [
          [0, 0, 0],
          [0, 0.5, 0],
        ] as Vector[],
        0.16,
      ),
    ],
    [
      tube(
        'boat_hook',
        'oak_frame',
        [
          [-1.1, 0.02, 0],
          [1.1, 0.02, 0],
        ] as Vector[],
        0.02,
      ),
    ],
  ];
}

const APART_M = 2.6;

/** Eighteen hundred little things in one file would be a nuisance; twelve show the way. One OBJ, maps beside it and once more in a larger size. */
export function quayFurniture(maps: HeapMaps): DemoFile[] {
  const parts = listQuayPieces().flatMap((piece, i) =>
    piece.map((part) => moved(part, [(i % 4) * APART_M, 0, Math.floor(i / 4) * APART_M])),
  );
  const names: [string, Buffer][] = [
    ['oak_top', maps.oak],
    ['oak_frame', maps.oakDark],
    ['black_iron', maps.iron],
    ['rope', maps.rope],
    ['life_ring', maps.ring],
    ['brass', maps.brassMap],
  ];
  const header = ['Quay furniture, modelled by Ines Falkenrot'];
  const materials = names.map(([name]) => ({
    name,
    colour: [1, 1, 1] as Vector,
    roughness: 0.6,
    maps: { map_Kd: `../maps/${name}_col.png` },
  }));
  return [
    {
      path: 'source/quay_furniture.obj',
      bytes: writeDemoObj(parts, { header, library: 'quay_furniture.mtl', unit: 1 }),
    },
    { path: 'source/quay_furniture.mtl', bytes: writeDemoMtl(materials, header) },
    ...names.map(([name, bytes]) => ({ path: `maps/${name}_col.png`, bytes })),
    {
      path: 'readme.txt',
      bytes: text(
        'Quay furniture',
        'by Ines Falkenrot',
        'https://quayside-models.example/quay-furniture',
        'CC BY 4.0, https://creativecommons.org/licenses/by/4.0/',
      ),
    },
    { path: 'install_helper.exe', bytes: Buffer.from('MZ\u0090\u0000 made up, runs nowhere') },
  ];
}

/** The bell buoy once more, from another hand’s folder: centimetres, Z up, no maps. */
export function oldBuoy(): DemoFile[] {
  return [
    {
      path: 'buoy_export/boje.obj',
      bytes: writeDemoObj(harbour.bellBuoy(), {
        header: ['exported again, Z up'],
        library: null,
        unit: 0.01,
        zUp: true,
      }),
    },
    { path: 'buoy_export/notes.txt', bytes: text('found on the old workshop disk') },
  ];
}

/** One flag in three colours: one asset or three? */
export async function signalFlags(): Promise<DemoFile[]> {
  const colours: [string, Vector][] = [
    ['red', [0.7, 0.12, 0.1]],
    ['blue', [0.1, 0.22, 0.5]],
    ['yellow', [0.86, 0.68, 0.12]],
  ];
  const staff = tube(
    'staff',
    'staff',
    [
      [0, 0, 0],
      [0, 1.2, 0],
    ] as Vector[],
    0.015,
  );
  const cloth = block('cloth', 'cloth', [0.5, 0.36, 0.01], [0.26, 0.98, 0]);
  return Promise.all(
    colours.map(async ([name, colour]) => ({
      path: `flags/signal_flag_${name}.glb`,
      bytes: await writeDemoGlb([staff, cloth], {
        materials: {
          staff: { colour: [0.5, 0.35, 0.2], roughness: 0.7 },
          cloth: { colour, roughness: 0.95 },
        } satisfies Record<string, GlbMaterial>,
        copyright: 'Runa Vestermoor, CC0 1.0',
      }),
    })),
  );
}

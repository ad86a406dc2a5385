import { text, type DemoFile } from './demo-file';
import * as relief from './relief';
import { block, lathe, moved, sheet, type Part } from './shape';
import { writeDemoMtl, writeDemoObj, type DemoMaterial } from './write-obj';

type Vector = [number, number, number];

/** A shelf of the lamp room with all that lies on it: twenty materials, each with its own trouble. */
export async function lampRoomShelf(): Promise<DemoFile[]> {
  return [
    {
      path: 'lamp_room_shelf/lamp_room_shelf.obj',
      bytes: writeDemoObj(lampRoom(), {
        header: ['Lamp room shelf', 'units: metres'],
        library: 'lamp_room_shelf.mtl',
        unit: 1,
      }),
    },
    {
      path: 'lamp_room_shelf/lamp_room_shelf.mtl',
      bytes: writeDemoMtl(MATERIALS, ['maps as they lay on the author’s disk']),
    },
    ...(await maps()),
    {
      path: 'lamp_room_shelf/licence.txt',
      bytes: text(
        'Lamp room shelf by Ines Falkenrot',
        'Licence: CC BY 4.0',
        'https://creativecommons.org/licenses/by/4.0/',
      ),
    },
  ];
}

const plain = (name: string, maps: Record<string, string> = {}, over: Partial<DemoMaterial> = {}): DemoMaterial => ({
  name,
  colour: [1, 1, 1],
  roughness: 0.8,
  maps: Object.fromEntries(Object.entries(maps).map(([statement, file]) => [statement, `maps\\${file}`])),
  ...over,
});

const MATERIALS: DemoMaterial[] = [
  plain('oak_shelf', { map_Kd: 'oak_shelf_diff.tga', norm: 'oak_shelf_nrm.tga', map_Pr: 'oak_shelf_rough.tga' }),
  plain('oak_floor', { map_Kd: 'oak_floor_diff.tga', norm: 'oak_floor_nrm.tga', map_Pr: 'oak_floor_rough.tga' }),
  plain('brass_rim', { map_Kd: 'brass_rim_diff.tga', map_Pr: 'brass_rim_gloss.tga' }, { metallic: 1 }),
  plain('lens_glass', {}, { colour: [0.9, 0.96, 0.96], roughness: 0.03, opacity: 0.3 }),
  plain('iron_bracket', {
    map_Kd: 'iron_bracket_diff.tga',
    map_Pm: 'iron_bracket_metal.tga',
    norm: 'iron_bracket_nrm.tga',
  }),
  plain('plaster_wall', { map_Kd: 'plaster_wall_diff.tga', map_Bump: 'plaster_wall_height.tga' }),
  plain('sailcloth', { map_Kd: 'sailcloth_diff.tga', norm: 'sailcloth_nrm.tga' }),
  plain('ivy_leaf', { map_Kd: 'ivy_leaf_diff.tga' }),
  plain('chart_paper', { map_Kd: 'chart_paper_diff.tga' }),
  plain('flag_red', { map_Kd: 'flag_red_diff.tga', norm: 'flag_red_nrm.tga' }),
  plain('rope', { map_Kd: 'rope_diff.tga', norm: 'rope_nrm.tga', map_Pr: 'rope_rough.tga' }),
  plain('black_iron', { map_Kd: 'black_iron_diff.tga' }),
  plain('black_iron.001', { map_Kd: 'black_iron_diff.tga' }),
  plain('black_iron.002', { map_Kd: 'black_iron_diff.tga' }),
  plain('painted_door', { map_Kd: 'painted_door_diff.tga' }),
  plain('lamp_shade', { map_Kd: 'lamp_shade_diff.tga', map_Ke: 'lamp_shade_glow.tga' }),
  plain('oil_can', { map_Kd: 'oil_can_diff.tga', norm: 'oil_can_nrm.tga' }),
  plain('rug', { map_Kd: 'rug_diff.tga', norm: 'rug_nrm.tga' }),
  plain('signal_mirror', { map_Kd: 'signal_mirror_diff.tga' }, { roughness: 0.04 }),
  plain('drum_paper', { map_Kd: 'drum_paper_diff.tga' }),
];

/** As they arrived: in another folder and format, two sets renamed, one name twice, one not at all. */
async function maps(): Promise<DemoFile[]> {
  const { boards, colours, flat, glow, greys, hammered, heights, leaves, normals, occlusion, weave } = relief;
  const [oak, floor, brass, iron, plaster, cloth, twist] = [
    boards(6),
    boards(4),
    hammered(5),
    hammered(9),
    hammered(3),
    weave(20),
    weave(9),
  ];
  const drawn: [string, Promise<Buffer>][] = [
    ['oak_shelf_diff.png', colours(oak, [170, 124, 78])],
    ['oak_shelf_nrm.png', normals(oak, 'down')],
    ['oak_shelf_rough.png', greys(oak, 205, 130)],
    ['oak_shelf_ao.png', occlusion(oak)],
    ['T_Oak-Floor_BaseColor.png', colours(floor, [120, 84, 54])],
    ['T_Oak-Floor_Normal.png', normals(floor, 'down')],
    ['T_Oak-Floor_Roughness.png', greys(floor, 220, 150)],
    ['brass_rim_diff.png', colours(brass, [200, 160, 80])],
    ['brass_rim_gloss.png', greys(brass, 140, 215)],
    ['iron_bracket_diff.png', colours(iron, [62, 66, 68])],
    ['iron_bracket_metal.png', flat(255)],
    ['iron_bracket_nrm.png', normals(iron, 'up')],
    ['plaster_wall_diff.png', colours(plaster, [214, 206, 190])],
    ['plaster_wall_height.png', heights(plaster)],
    ['sailcloth_diff.png', colours(cloth, [216, 206, 180])],
    ['sailcloth_nrm.png', normals(cloth, 'down')],
    ['ivy_leaf_diff.png', leaves()],
    ['chart_paper_diff.png', colours(hammered(2), [226, 218, 190])],
    ['flag_red_diff.png', colours(cloth, [176, 50, 44])],
    ['flag_red_nrm.png', normals(cloth, 'down')],
    ['rope_diff.png', colours(twist, [176, 150, 104])],
    ['rope_nrm.png', normals(twist, 'down')],
    ['rope_rough.png', greys(twist, 235, 190)],
    ['black_iron_diff.png', colours(iron, [44, 48, 50])],
    ['lamp_shade_diff.png', colours(brass, [212, 196, 150])],
    ['lamp_shade_glow.png', glow()],
    ['old/oil_can_diff.png', colours(brass, [92, 110, 98])],
    ['new/oil_can_diff.png', colours(brass, [150, 60, 48])],
    ['new/oil_can_nrm.png', normals(brass, 'down')],
    ['rug_diff.png', colours(weave(14), [128, 58, 62])],
    ['rug_nrm.png', normals(weave(14), 'down')],
    ['signal_mirror_diff.png', colours(hammered(2), [190, 198, 200])],
    ['drum_paper_diff.png', colours(hammered(2), [238, 232, 214])],
    ['lamp_room_preview.png', colours(boards(3), [160, 150, 130], 512)],
  ];
  return Promise.all(
    drawn.map(async ([name, bytes]) => ({ path: `lamp_room_shelf/textures/${name}`, bytes: await bytes })),
  );
}

const add = (a: Vector, b: Vector): Vector => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];

/** Corners of a sheet from one of them and its two edges. */
const panel = (from: Vector, along: Vector, up: Vector): [Vector, Vector, Vector, Vector] => [
  from,
  add(from, along),
  add(add(from, along), up),
  add(from, up),
];

/** Three boards against a wall, two metres wide; what is on them stands on them. */
function lampRoom(): Part[] {
  const parts: Part[] = [
    block('floor', 'oak_floor', [2.4, 0.04, 0.9], [0, 0.02, 0.15], 0.6),
    block('wall', 'plaster_wall', [2.4, 1.9, 0.04], [0, 0.99, -0.28], 0.8),
    block('door', 'painted_door', [0.5, 1.5, 0.03], [0.86, 0.79, -0.24], 1),
    sheet('ivy', 'ivy_leaf', panel([-1.15, 0.9, -0.2], [0.34, 0, 0], [0, 0.9, 0]), 8, (u, v) => [
      0,
      0,
      Math.sin(u * 6 + v * 4) * 0.02,
    ]),
    sheet('rug', 'rug', panel([-0.6, 0.045, 0.52], [1.1, 0, 0], [0, 0, -0.42]), 4),
  ];
  const heights = [0.5, 0.92, 1.34];
  heights.forEach((y, i) => {
    parts.push(block(`board ${i + 1}`, 'oak_shelf', [1.3, 0.035, 0.3], [-0.1, y, -0.1], 0.5));
    for (const x of [-0.66, 0.46])
      parts.push(
        block(
          `bracket ${i + 1}${x < 0 ? ' left' : ' right'}`,
          i === 0 ? 'iron_bracket' : i === 1 ? 'black_iron.001' : 'black_iron.002',
          [0.03, 0.12, 0.26],
          [x, y - 0.075, -0.12],
          0.3,
        ),
      );
  });
  const pot = (name: string, material: string, radius: number, height: number, at: Vector): Part =>
    moved(
      lathe(
        name,
        material,
        [
          [0.001, 0],
          [radius, 0],
          [radius, height * 0.8],
          [radius * 0.6, height],
          [0.001, height],
        ],
        20,
      ),
      at,
    );
  return [
    ...parts,
    pot('oil can', 'oil_can', 0.08, 0.24, [-0.5, 0.518, -0.08]),
    pot('rope coil', 'rope', 0.12, 0.12, [-0.2, 0.518, -0.08]),
    pot('drum', 'drum_paper', 0.07, 0.16, [0.1, 0.518, -0.08]),
    block('flag box', 'flag_red', [0.2, 0.14, 0.18], [0.35, 0.588, -0.08], 0.2),
    pot('lens', 'lens_glass', 0.09, 0.24, [-0.48, 0.938, -0.08]),
    pot('lens rim', 'brass_rim', 0.1, 0.04, [-0.48, 0.938, -0.08]),
    pot('lamp', 'lamp_shade', 0.1, 0.22, [-0.12, 0.938, -0.08]),
    block('mirror', 'signal_mirror', [0.18, 0.2, 0.02], [0.24, 1.04, -0.06], 0.2),
    block('iron weight', 'black_iron', [0.1, 0.1, 0.1], [0.42, 0.99, -0.06], 0.2),
    block('charts', 'chart_paper', [0.3, 0.06, 0.22], [-0.4, 1.388, -0.08], 0.3),
    sheet('sail', 'sailcloth', panel([0, 1.36, -0.05], [0.5, 0, 0], [0, 0.22, 0]), 10, (u) => [
      0,
      0,
      Math.sin(u * 9) * 0.03,
    ]),
  ];
}

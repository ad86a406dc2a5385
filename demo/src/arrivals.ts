import { text, type DemoFile } from './demo-file';
import { oldBuoy, quayFurniture, signalFlags } from './heaps';
import { lampRoomShelf } from './lamp-room';
import * as harbour from './models/harbour';
import { CLOTH, pennant } from './models/pennant';
import { block } from './shape';
import { stationHut } from './models/station-hut';
import * as surface from './surfaces';
import { zip } from './zip';
import { writeDemoFbx } from './write-fbx';
import { writeDemoGlb, type GlbMaterial } from './write-glb';
import { writeDemoMtl, writeDemoObj } from './write-obj';

/** One made-up download. */
export interface DemoArrival {
  /** Name of the archive. */
  name: string;
  bytes: Buffer;
  /** How far the demo studio has taken it. */
  stage: 'arrived' | 'bench' | 'catalogued';
}

/** @returns every download of the demo studio, the same bytes each time */
export async function createDemoArrivals(): Promise<DemoArrival[]> {
  const surfaces = await createSurfaces();
  return [
    { name: 'bell-buoy-gltf.zip', bytes: await zip(await bellBuoy(surfaces)), stage: 'catalogued' },
    { name: 'chart_table_oak.zip', bytes: await zip(chartTable(surfaces)), stage: 'catalogued' },
    {
      name: 'quay_instrument_kit.zip',
      bytes: await zip(await instrumentKit(surfaces)),
      stage: 'catalogued',
    },
    { name: 'storm_mast.zip', bytes: await zip(signalMast(surfaces)), stage: 'bench' },
    { name: 'carved_gull.zip', bytes: await zip(await gull(surfaces)), stage: 'bench' },
    {
      name: 'instrument_set.zip',
      bytes: await zip(await instrumentSet(surfaces)),
      stage: 'bench',
    },
    { name: 'pennant_animated.zip', bytes: await zip(pennantInTheWind(surfaces)), stage: 'bench' },
    { name: 'lamp_room_shelf.zip', bytes: await zip(await lampRoomShelf()), stage: 'bench' },
    { name: 'station_hut_v4.zip', bytes: await zip(await weatherHut(surfaces)), stage: 'bench' },
    {
      name: 'quay_furniture_pack.zip',
      bytes: await zip(quayFurniture(surfaces)),
      stage: 'arrived',
    },
    { name: 'buoy_export.zip', bytes: await zip(oldBuoy()), stage: 'arrived' },
    { name: 'signal_flags.zip', bytes: await zip(await signalFlags()), stage: 'arrived' },
    { name: 'lamp_v2_FINAL(1).zip', bytes: await zip(brassLamp(surfaces)), stage: 'arrived' },
  ];
}

type Surfaces = Awaited<ReturnType<typeof createSurfaces>>;

async function createSurfaces() {
  const [
    red,
    iron,
    brassMap,
    oak,
    oakDark,
    chart,
    flags,
    feathers,
    wing,
    barogram,
    mahogany,
    rope,
    ring,
    tarnished,
    dents,
  ] = await Promise.all([
    surface.paintedMetal([186, 46, 38], 0.42, 11),
    surface.paintedMetal([42, 46, 48], 0.3, 23),
    surface.brass(0.5, 5),
    surface.wood([188, 136, 84], [120, 76, 40], 3),
    surface.wood([150, 100, 58], [92, 56, 30], 9),
    surface.chart(17),
    surface.flags(),
    surface.feathers(2),
    surface.paintedMetal([128, 134, 140], 0.02, 31),
    surface.barogram(),
    surface.wood([138, 66, 40], [84, 34, 22], 13),
    surface.rope(4),
    surface.lifeRing(8),
    surface.brass(0.9, 41),
    surface.dents(0.5, 6),
  ]);
  return {
    red,
    iron,
    brassMap,
    oak,
    oakDark,
    chart,
    flags,
    feathers,
    wing,
    barogram,
    mahogany,
    rope,
    ring,
    tarnished,
    dents,
  };
}

const IRON: GlbMaterial = { colour: [0.16, 0.18, 0.19], roughness: 0.55, metallic: 0.4 };

/** The good one: GLB, physically based, licence and author in text and file. */
async function bellBuoy(s: Surfaces): Promise<DemoFile[]> {
  const glb = await writeDemoGlb(harbour.bellBuoy(), {
    materials: {
      red_paint: { colour: [0.72, 0.18, 0.15], roughness: 0.55, map: s.red },
      black_iron: { ...IRON, map: s.iron },
      brass: { colour: [0.78, 0.62, 0.29], roughness: 0.35, metallic: 0.9, map: s.brassMap },
      lamp_glass: { colour: [0.98, 0.92, 0.7], roughness: 0.1, emissive: [0.5, 0.42, 0.2] },
    },
    copyright: '2026 Tor Aldersund, CC BY 4.0',
    extras: {
      author: 'Tor Aldersund',
      license: 'CC-BY-4.0',
      title: 'Bell buoy, red',
      source: 'https://quayside-models.example/bell-buoy',
    },
    clutter: true,
  });
  return [
    { path: 'bell_buoy_red.glb', bytes: glb },
    {
      path: 'license.txt',
      bytes: text(
        'Title: Bell buoy, red',
        'Author: Tor Aldersund',
        'Source: https://quayside-models.example/bell-buoy',
        '',
        'This work is licensed under Creative Commons Attribution 4.0 International.',
        'https://creativecommons.org/licenses/by/4.0/',
      ),
    },
  ];
}

/** Put together from three downloads: parts without names, one that came twice, groups of one thing, every screw by itself. */
async function weatherHut(s: Surfaces): Promise<DemoFile[]> {
  const parts = stationHut();
  const slats = parts.filter(({ name }) => name.startsWith('slat_')).map(({ name }) => name);
  const glb = await writeDemoGlb(parts, {
    materials: {
      white_wood: { colour: [0.9, 0.89, 0.84], roughness: 0.7 },
      zinc: { colour: [0.55, 0.58, 0.6], roughness: 0.4, metallic: 0.8, map: s.wing },
      brass: { colour: [0.78, 0.62, 0.29], roughness: 0.35, metallic: 0.9 },
      glass: { colour: [0.85, 0.92, 0.95], roughness: 0.05, opacity: 0.5 },
    },
    groups: {
      ...Object.fromEntries(slats.map((name) => [name, ['door', 'louvres']])),
      thermometer: ['instruments'],
    },
    copyright: '2026 Ines Falkenrot, CC BY 4.0',
    extras: {
      author: 'Ines Falkenrot',
      license: 'CC-BY-4.0',
      title: 'Weather station hut',
      source: 'https://quayside-models.example/station-hut',
    },
  });
  return [
    { path: 'station_hut/station_hut.glb', bytes: glb },
    {
      path: 'station_hut/licence.txt',
      bytes: text(
        'WEATHER STATION HUT',
        'by Ines Falkenrot, Quayside Models',
        'https://quayside-models.example/station-hut',
        '',
        'You may use this under CC BY 4.0 (https://creativecommons.org/licenses/by/4.0/).',
        'It is 1.60 m high.',
      ),
    },
  ];
}

/** Map paths of a disk far away, in another case. Centimetres. */
function chartTable(s: Surfaces): DemoFile[] {
  const header = ['Chart table, oak. Modelled by Ines Falkenrot', 'units: centimetres'];
  return [
    {
      path: 'chart_table/chart_table_oak.obj',
      bytes: writeDemoObj(harbour.chartTable(), { header, library: 'chart_table_oak.mtl', unit: 0.01 }),
    },
    {
      path: 'chart_table/chart_table_oak.mtl',
      bytes: writeDemoMtl(
        [
          {
            name: 'oak_top',
            colour: [0.74, 0.53, 0.33],
            roughness: 0.5,
            maps: { map_Kd: 'D:\\work\\harbour\\maps\\Oak_Top_Col.png' },
          },
          {
            name: 'oak_frame',
            colour: [0.59, 0.39, 0.23],
            roughness: 0.6,
            maps: { map_Kd: 'D:\\work\\harbour\\maps\\Oak_Frame_Col.png' },
          },
          {
            name: 'chart_paper',
            colour: [0.92, 0.9, 0.8],
            roughness: 0.9,
            maps: { map_Kd: '/home/ines/harbour/maps/sea_chart.tga' },
          },
          { name: 'brass', colour: [0.78, 0.62, 0.29], roughness: 0.35, metallic: 0.9 },
        ],
        header,
      ),
    },
    { path: 'maps/oak_top_col.png', bytes: s.oak },
    { path: 'maps/oak_frame_col.png', bytes: s.oakDark },
    { path: 'maps/sea_chart.png', bytes: s.chart },
    {
      path: 'readme.txt',
      bytes: text(
        'CHART TABLE, OAK',
        '================',
        '',
        'by Ines Falkenrot, Quayside Models',
        'https://quayside-models.example/chart-table-oak',
        '',
        'You may use this under CC BY 4.0 (https://creativecommons.org/licenses/by/4.0/).',
        'The table is 78 cm high.',
      ),
    },
  ];
}

/** Millimetres read as metres, Z up, lying down, on a display floor. */
function signalMast(s: Surfaces): DemoFile[] {
  const floor = block('Studio_Floor', 'floor_grey', [6, 0.02, 6], [0, -0.01, 0], 2);
  const parts = [...harbour.signalMast(), floor].map((part) => ({
    ...part,
    points: part.points.map(([x, y, z]): [number, number, number] => [x + 1.4, y, z - 0.6]),
  }));
  const header = ['signal mast for the storm scene, drawn in the workshop'];
  return [
    {
      path: 'storm_mast/signal_mast.obj',
      bytes: writeDemoObj(parts, { header, library: 'signal_mast.mtl', unit: 0.001, zUp: true }),
    },
    {
      path: 'storm_mast/signal_mast.mtl',
      bytes: writeDemoMtl(
        [
          { name: 'white_mast', colour: [0.87, 0.84, 0.76], roughness: 0.6 },
          { name: 'flag_cloth', colour: [1, 1, 1], roughness: 0.95, maps: { map_Kd: 'flags_basecolor.png' } },
          { name: 'line', colour: [0.6, 0.52, 0.38], roughness: 0.9 },
          { name: 'black_iron', colour: [0.16, 0.18, 0.19], roughness: 0.5, metallic: 0.5 },
          { name: 'floor_grey', colour: [0.5, 0.5, 0.5], roughness: 1 },
        ],
        header,
      ),
    },
    { path: 'storm_mast/flags_basecolor.png', bytes: s.flags },
    {
      path: 'storm_mast/credits.txt',
      bytes: text(
        'Signal mast',
        'Author: Runa Vestermoor',
        'Source: https://saltmarsh-shapes.example/mast',
        'Licence: CC BY-SA 4.0',
        'The mast is 2.6 m high.',
      ),
    },
  ];
}

/** A skinned cloth with a clip, in centimetres as declared, on two layers. */
function pennantInTheWind(s: Surfaces): DemoFile[] {
  const places = Array.from({ length: BONES }, (_, i): [number, number, number] => [
    CLOTH.from + (i / BONES) * CLOTH.length,
    (CLOTH.bottom + CLOTH.top) / 2,
    0,
  ]);
  const fbx = writeDemoFbx(pennant(), {
    materials: {
      white_mast: { colour: [0.87, 0.84, 0.76] },
      brass: { colour: [0.78, 0.62, 0.29] },
      pennant_cloth: { colour: [1, 1, 1], map: 'C:\\harbour\\maps\\pennant_basecolor.png' },
    },
    layers: { standing: ['staff', 'truck'], moving: ['cloth'] },
    chain: {
      part: 'cloth',
      places,
      clip: {
        name: 'fresh breeze',
        seconds: 2,
        degreesAt: (bone, share) => 16 * Math.sin(2 * Math.PI * (2 * share - bone / 4)),
      },
    },
  });
  return [
    { path: 'pennant/harbour_pennant.fbx', bytes: fbx },
    { path: 'pennant/maps/pennant_basecolor.png', bytes: s.flags },
    {
      path: 'pennant/readme.txt',
      bytes: text(
        'Harbour pennant, animated',
        'by Tor Aldersund',
        'https://quayside-models.example/pennant',
        'CC0 1.0, https://creativecommons.org/publicdomain/zero/1.0/',
      ),
    },
  ];
}

const BONES = 5;

/** Allowed for non-commercial use only. */
async function gull(s: Surfaces): Promise<DemoFile[]> {
  const glb = await writeDemoGlb(harbour.gull(), {
    materials: {
      feathers: { colour: [0.93, 0.92, 0.9], roughness: 0.8, map: s.feathers },
      wing: { colour: [0.5, 0.53, 0.56], roughness: 0.8, map: s.wing },
      beak: { colour: [0.86, 0.6, 0.16], roughness: 0.5 },
      eye: { colour: [0.05, 0.05, 0.05], roughness: 0.1 },
      stone: { colour: [0.42, 0.41, 0.38], roughness: 0.95 },
    },
  });
  return [
    { path: 'gull/carved_gull.glb', bytes: glb },
    {
      path: 'gull/LICENSE.txt',
      bytes: text(
        'Carved gull by Henke Strandvik.',
        'Released under Creative Commons Attribution-NonCommercial 4.0 International,',
        'https://creativecommons.org/licenses/by-nc/4.0/',
        'https://tidewrack-exchange.example/m/carved-gull',
      ),
    },
  ];
}

/** No material file, no licence, two pictures nobody names. */
function brassLamp(s: Surfaces): DemoFile[] {
  return [
    { path: 'lamp.obj', bytes: writeDemoObj(harbour.brassLamp(), { header: [], library: null, unit: 1 }) },
    { path: 'lamp_dif.png', bytes: s.tarnished },
    { path: 'lamp_n.png', bytes: s.dents },
    { path: 'readme.txt', bytes: text('Free 3D model! Enjoy :)') },
    { path: 'install_helper.exe', bytes: Buffer.from('MZ\u0090\u0000 made up, runs nowhere') },
  ];
}

/** A kit: four models that share maps and one licence. */
async function instrumentKit(s: Surfaces): Promise<DemoFile[]> {
  const materials: Record<string, GlbMaterial> = {
    mahogany: { colour: [0.5, 0.25, 0.16], roughness: 0.4, map: s.mahogany },
    brass: { colour: [0.78, 0.62, 0.29], roughness: 0.35, metallic: 0.9, map: s.brassMap },
    barogram: { colour: [0.95, 0.93, 0.87], roughness: 0.9, map: s.barogram },
    glass: { colour: [0.8, 0.88, 0.88], roughness: 0.05, opacity: 0.22 },
    black_iron: { ...IRON, map: s.iron },
    rope: { colour: [0.7, 0.6, 0.4], roughness: 0.95, map: s.rope },
    life_ring: { colour: [0.9, 0.85, 0.8], roughness: 0.7, map: s.ring },
  };
  const write = (parts: Parameters<typeof writeDemoGlb>[0]): Promise<Buffer> => {
    const used = new Set(parts.map((part) => part.material));
    return writeDemoGlb(parts, {
      materials: Object.fromEntries(Object.entries(materials).filter(([name]) => used.has(name))),
      copyright: 'Tor Aldersund',
    });
  };
  return [
    { path: 'kit/barograph.glb', bytes: await write(harbour.barograph()) },
    { path: 'kit/mooring_post.glb', bytes: await write(harbour.mooringPost()) },
    { path: 'kit/rope_coil.glb', bytes: await write(harbour.ropeCoil()) },
    { path: 'kit/life_ring.glb', bytes: await write(harbour.lifeRing()) },
    {
      path: 'README.md',
      bytes: text(
        '# Quay instrument kit',
        '',
        'Author: Tor Aldersund',
        'Released as CC0 1.0, https://creativecommons.org/publicdomain/zero/1.0/',
        'https://quayside-models.example/instrument-kit',
      ),
    },
  ];
}

/** A text that says one licence and an address that says another. */
async function instrumentSet(s: Surfaces): Promise<DemoFile[]> {
  const glb = await writeDemoGlb(harbour.barograph(), {
    materials: {
      mahogany: { colour: [0.4, 0.28, 0.18], roughness: 0.4, map: s.oakDark },
      brass: { colour: [0.78, 0.62, 0.29], roughness: 0.35, metallic: 0.9, map: s.brassMap },
      barogram: { colour: [0.95, 0.93, 0.87], roughness: 0.9, map: s.barogram },
      glass: { colour: [0.8, 0.88, 0.88], roughness: 0.05, opacity: 0.22 },
    },
  });
  return [
    { path: 'instrument_set/barograph_cased.glb', bytes: glb },
    {
      path: 'instrument_set/LICENSE.txt',
      bytes: text(
        'Barograph, cased',
        'This model is released under Creative Commons Attribution 4.0, please credit Ines Falkenrot.',
        'https://creativecommons.org/licenses/by-nc/4.0/',
        'https://tidewrack-exchange.example/m/barograph-cased',
      ),
    },
  ];
}

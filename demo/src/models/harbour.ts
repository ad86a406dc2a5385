import { ball, block, lathe, moved, sheet, transform, tube, type Part } from '../shape';

type Vector = [number, number, number];

const bar = (name: string, material: string, from: Vector, to: Vector, radius: number): Part =>
  tube(name, material, [from, to], radius, 10);

/** A bell buoy, 2.36 m high with its mooring eye. */
export function bellBuoy(): Part[] {
  const hull: [number, number][] = [
    [0, 0],
    [0.42, 0.01],
    [0.62, 0.1],
    [0.75, 0.5],
    [0.75, 0.56],
    [0.56, 0.6],
    [0.54, 0.62],
    [0.36, 1.52],
    [0.3, 1.56],
    [0, 1.57],
  ];
  const legs = [0, 1, 2, 3].map((i): Part => {
    const a = Math.PI / 4 + (i * Math.PI) / 2;
    return bar(
      `leg ${i + 1}`,
      'black_iron',
      [Math.cos(a) * 0.3, 1.54, Math.sin(a) * 0.3],
      [Math.cos(a) * 0.09, 2.18, Math.sin(a) * 0.09],
      0.022,
    );
  });
  const ring = tube(
    'guard',
    'black_iron',
    Array.from({ length: 24 }, (_, i): Vector => [
      Math.cos((i / 24) * 2 * Math.PI) * 0.2,
      1.86,
      Math.sin((i / 24) * 2 * Math.PI) * 0.2,
    ]),
    0.014,
    8,
    true,
  );
  const bell = lathe(
    'bell',
    'brass',
    [
      [0.005, 2.04],
      [0.05, 2.03],
      [0.085, 1.94],
      [0.1, 1.84],
      [0.14, 1.76],
      [0.145, 1.74],
      [0.12, 1.745],
      [0.08, 1.9],
      [0.005, 1.98],
    ],
    24,
  );
  const lamp = ball('lamp', 'lamp_glass', [0.12, 0.12, 0.12], [0, 2.24, 0], 20);
  return [lathe('hull', 'red_paint', hull, 40), ...legs, ring, bell, lamp];
}

/** A chart table with a drawer, a sheet of chart and a brass weight: 1.20 × 0.80 × 0.78 m. */
export function chartTable(): Part[] {
  const legs = [
    [-1, -1],
    [1, -1],
    [-1, 1],
    [1, 1],
  ].map(([x, z], i) => {
    const leg = block(`leg ${i + 1}`, 'oak_frame', [0.075, 0.66, 0.075], [x * 0.52, 0.33, z * 0.32], 0.5);
    return transform(leg, ([px, py, pz]) =>
      py < 0.1 ? [x * 0.52 + (px - x * 0.52) * 0.7, py, z * 0.32 + (pz - z * 0.32) * 0.7] : [px, py, pz],
    );
  });
  return [
    block('top', 'oak_top', [1.2, 0.035, 0.8], [0, 0.7425, 0], 0.8),
    ...legs,
    block('apron front', 'oak_frame', [0.97, 0.12, 0.025], [0, 0.665, 0.325], 0.5),
    block('apron back', 'oak_frame', [0.97, 0.12, 0.025], [0, 0.665, -0.325], 0.5),
    block('apron left', 'oak_frame', [0.025, 0.12, 0.62], [-0.525, 0.665, 0], 0.5),
    block('apron right', 'oak_frame', [0.025, 0.12, 0.62], [0.525, 0.665, 0], 0.5),
    block('drawer', 'oak_top', [0.46, 0.085, 0.02], [0, 0.668, 0.345], 0.5),
    block('rail', 'oak_frame', [0.98, 0.04, 0.03], [0, 0.16, 0], 0.5),
    transform(
      moved(
        lathe(
          'knob',
          'brass',
          [
            [0, 0.035],
            [0.014, 0.033],
            [0.018, 0.022],
            [0.009, 0.012],
            [0.012, 0],
            [0, 0],
          ],
          16,
        ),
        [0, 0, 0],
      ),
      ([x, y, z]) => [x, 0.668 + z, 0.353 + y],
    ),
    sheet(
      'chart',
      'chart_paper',
      [
        [-0.38, 0.7615, 0.3],
        [0.36, 0.7615, 0.26],
        [0.32, 0.7615, -0.27],
        [-0.42, 0.7615, -0.23],
      ],
      6,
      (u, v) => [0, 0.006 * Math.max(0, Math.abs(u - 0.5) * 2 - 0.7) * (1 + v), 0],
    ),
    moved(
      lathe(
        'weight',
        'brass',
        [
          [0, 0.022],
          [0.03, 0.02],
          [0.034, 0.008],
          [0.045, 0.006],
          [0.045, 0],
          [0, 0],
        ],
        20,
      ),
      [0.28, 0.7605, -0.16],
    ),
  ];
}

/** A signal mast with a yard and four flags, 2.60 m high. */
export function signalMast(): Part[] {
  const flag = (i: number): Part => {
    const x = [-0.42, -0.17, 0.17, 0.42][i];
    const part = sheet(
      `flag ${i + 1}`,
      'flag_cloth',
      [
        [x - 0.11, 1.86, 0.03],
        [x + 0.11, 1.86, 0.03],
        [x + 0.11, 2.08, 0.03],
        [x - 0.11, 2.08, 0.03],
      ],
      6,
      (u, v) => [0, 0, 0.025 * Math.sin(u * 5 + i) * (1.2 - v)],
    );
    return { ...part, layout: part.layout.map(([u, v]) => [(u + i) / 4, v]) };
  };
  return [
    lathe(
      'mast',
      'white_mast',
      [
        [0, 0],
        [0.1, 0],
        [0.1, 0.06],
        [0.07, 0.08],
        [0.062, 1],
        [0.05, 2.54],
        [0.06, 2.55],
        [0.06, 2.59],
        [0, 2.6],
      ],
      20,
    ),
    transform(
      lathe(
        'yard',
        'white_mast',
        [
          [0, -0.56],
          [0.018, -0.56],
          [0.028, 0],
          [0.018, 0.56],
          [0, 0.56],
        ],
        14,
      ),
      ([x, y, z]) => [y, 2.2 + x, z + 0.03],
    ),
    ...[0, 1, 2, 3].map(flag),
    bar('halyard port', 'line', [-0.54, 2.2, 0.03], [-0.08, 0.5, 0.03], 0.006),
    bar('halyard starboard', 'line', [0.54, 2.2, 0.03], [0.08, 0.5, 0.03], 0.006),
    block('cleat', 'black_iron', [0.2, 0.035, 0.03], [0, 0.9, 0.075], 0.3),
  ];
}

/** A carved gull on a stone, 0.46 m high. */
export function gull(): Part[] {
  const body = transform(ball('body', 'feathers', [0.105, 0.11, 0.21], [0, 0, 0], 28), ([x, y, z]) => [
    x * (1 - 0.35 * Math.max(0, -z * 4)),
    0.3 + y + z * 0.22,
    z,
  ]);
  const head = ball('head', 'feathers', [0.062, 0.062, 0.07], [0, 0.42, 0.17], 20);
  const wing = (side: -1 | 1): Part =>
    transform(ball(side < 0 ? 'wing left' : 'wing right', 'wing', [0.03, 0.08, 0.22], [0, 0, 0], 20), ([x, y, z]) => [
      side * (0.09 + x) * (1 - 0.25 * Math.max(0, -z * 3)),
      0.315 + y + z * 0.18,
      z - 0.06,
    ]);
  const beak = transform(
    lathe(
      'beak',
      'beak',
      [
        [0, 0],
        [0.02, 0],
        [0.013, 0.055],
        [0, 0.08],
      ],
      12,
    ),
    ([x, y, z]) => [x, 0.415 + z - y * 0.15, 0.225 + y],
  );
  const leg = (x: number): Part =>
    bar(x < 0 ? 'leg left' : 'leg right', 'beak', [x, 0.08, 0.01], [x, 0.22, 0.01], 0.009);
  const eye = (x: number): Part =>
    ball(x < 0 ? 'eye left' : 'eye right', 'eye', [0.009, 0.009, 0.009], [x, 0.435, 0.21], 10);
  const stone = transform(ball('stone', 'stone', [0.17, 0.06, 0.2], [0, 0.05, 0.01], 18), ([x, y, z]) => [
    x + 0.02 * Math.sin(z * 30),
    Math.max(0, y + 0.008 * Math.sin(x * 40)),
    z,
  ]);
  return [stone, leg(-0.035), leg(0.035), body, head, wing(-1), wing(1), beak, eye(-0.052), eye(0.052)];
}

/** A brass lamp with a carrying ring, 0.47 m high. */
export function brassLamp(): Part[] {
  const ring = tube(
    'ring',
    'lamp',
    Array.from({ length: 20 }, (_, i): Vector => [
      Math.cos((i / 20) * 2 * Math.PI) * 0.06,
      0.405 + Math.sin((i / 20) * 2 * Math.PI) * 0.06,
      0,
    ]),
    0.007,
    8,
    true,
  );
  const stays = [0, 1, 2, 3].map((i) => {
    const a = (i * Math.PI) / 2 + Math.PI / 4;
    return bar(
      `stay ${i + 1}`,
      'lamp',
      [Math.cos(a) * 0.092, 0.06, Math.sin(a) * 0.092],
      [Math.cos(a) * 0.092, 0.26, Math.sin(a) * 0.092],
      0.006,
    );
  });
  return [
    lathe(
      'foot',
      'lamp',
      [
        [0, 0],
        [0.11, 0],
        [0.115, 0.02],
        [0.1, 0.05],
        [0.1, 0.065],
        [0, 0.065],
      ],
      28,
    ),
    lathe(
      'chimney',
      'lamp',
      [
        [0, 0.065],
        [0.07, 0.065],
        [0.078, 0.16],
        [0.07, 0.255],
        [0, 0.255],
      ],
      24,
    ),
    lathe(
      'roof',
      'lamp',
      [
        [0.115, 0.255],
        [0.118, 0.265],
        [0.07, 0.31],
        [0.04, 0.33],
        [0.035, 0.345],
        [0, 0.348],
      ],
      28,
    ),
    ring,
    ...stays,
  ];
}

/** A recording barometer under glass, 0.36 m wide. */
export function barograph(): Part[] {
  return [
    block('plinth', 'mahogany', [0.36, 0.04, 0.22], [0, 0.02, 0], 0.4),
    block('tray', 'mahogany', [0.33, 0.02, 0.19], [0, 0.05, 0], 0.4),
    moved(
      lathe(
        'drum',
        'barogram',
        [
          [0, 0],
          [0.045, 0],
          [0.045, 0.1],
          [0, 0.1],
        ],
        28,
        { smoothing: 1 },
      ),
      [-0.08, 0.062, 0],
    ),
    ...[0, 1, 2, 3].map((i) =>
      moved(
        lathe(
          `cell ${i + 1}`,
          'brass',
          [
            [0, 0],
            [0.03, 0.002],
            [0.033, 0.01],
            [0.03, 0.018],
            [0, 0.02],
          ],
          20,
        ),
        [0.09, 0.064 + i * 0.021, 0],
      ),
    ),
    bar('arm', 'brass', [0.1, 0.15, 0.02], [-0.04, 0.115, 0.046], 0.003),
    ...[
      [-1, -1],
      [1, -1],
      [-1, 1],
      [1, 1],
    ].map(([x, z], i) => block(`post ${i + 1}`, 'mahogany', [0.012, 0.14, 0.012], [x * 0.155, 0.13, z * 0.085], 0.4)),
    block('lid', 'mahogany', [0.34, 0.022, 0.2], [0, 0.21, 0], 0.4),
    block('glass front', 'glass', [0.3, 0.138, 0.003], [0, 0.13, 0.086], 1),
  ];
}

/** A cast mooring post, 0.90 m high. */
export function mooringPost(): Part[] {
  return [
    lathe(
      'post',
      'black_iron',
      [
        [0, 0],
        [0.26, 0],
        [0.26, 0.05],
        [0.2, 0.08],
        [0.155, 0.14],
        [0.14, 0.5],
        [0.16, 0.56],
        [0.225, 0.63],
        [0.235, 0.72],
        [0.2, 0.82],
        [0.11, 0.89],
        [0, 0.9],
      ],
      36,
    ),
    tube(
      'hitch',
      'rope',
      Array.from({ length: 60 }, (_, i): Vector => [
        Math.cos((i / 24) * 2 * Math.PI) * 0.168,
        0.28 + i * 0.0024,
        Math.sin((i / 24) * 2 * Math.PI) * 0.168,
      ]),
      0.024,
      8,
    ),
  ];
}

/** A coil of rope, 0.62 m across. */
export function ropeCoil(): Part[] {
  const path = Array.from({ length: 330 }, (_, i): Vector => {
    const turn = i / 40;
    const layer = Math.floor(turn / 3);
    const radius = 0.27 - (layer % 2 === 0 ? turn % 3 : 3 - (turn % 3)) * 0.045;
    return [Math.cos(turn * 2 * Math.PI) * radius, 0.03 + layer * 0.05, Math.sin(turn * 2 * Math.PI) * radius];
  });
  path.push([0.32, 0.06, 0.1], [0.38, 0.03, 0.2], [0.4, 0.03, 0.3]);
  return [tube('coil', 'rope', path, 0.026, 8)];
}

/** A life ring, 0.72 m across, standing. */
export function lifeRing(): Part[] {
  const circle = (radius: number, z: number, count: number): Vector[] =>
    Array.from({ length: count }, (_, i): Vector => [
      Math.cos((i / count) * 2 * Math.PI) * radius,
      0.36 + Math.sin((i / count) * 2 * Math.PI) * radius,
      z,
    ]);
  const ring = tube('ring', 'life_ring', circle(0.28, 0, 48), 0.08, 16, true, 1 / 1.76);
  return [ring, tube('grab line', 'rope', circle(0.35, 0, 48), 0.01, 6, true)];
}

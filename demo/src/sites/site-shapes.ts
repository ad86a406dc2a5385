import { ball, block, lathe, moved, tube, type Part } from '../shape';

/** Things about a harbour that only the made-up sites have. Metres, Y up, standing on the ground. */

export function fogHorn(): Part[] {
  return [
    block('stand', 'black_iron', [0.4, 0.06, 0.4], [0, 0.03, 0]),
    tube(
      'post',
      'black_iron',
      [
        [0, 0.05, 0],
        [0, 1.1, 0],
      ],
      0.05,
      16,
    ),
    lathe(
      'horn',
      'brass',
      [
        [0.03, 1.1],
        [0.05, 1.2],
        [0.09, 1.4],
        [0.17, 1.56],
        [0.3, 1.68],
        [0.32, 1.68],
        [0.28, 1.64],
        [0.1, 1.42],
        [0.02, 1.2],
      ],
      32,
    ),
  ];
}

export function bollard(): Part[] {
  return [
    lathe(
      'bollard',
      'black_iron',
      [
        [0, 0],
        [0.26, 0],
        [0.26, 0.05],
        [0.17, 0.08],
        [0.15, 0.34],
        [0.21, 0.4],
        [0.22, 0.47],
        [0.16, 0.52],
        [0, 0.53],
      ],
      32,
    ),
  ];
}

export function tideGauge(): Part[] {
  const marks = Array.from({ length: 9 }, (_, i) =>
    block(`mark ${i + 1}`, 'red_paint', [i % 2 ? 0.06 : 0.1, 0.02, 0.004], [0, 0.3 + i * 0.25, 0.027]),
  );
  return [
    block('board', 'white_paint', [0.18, 2.5, 0.05], [0, 1.25, 0]),
    block('cap', 'oak', [0.22, 0.04, 0.09], [0, 2.52, 0]),
    ...marks,
  ];
}

export function fishCrate(): Part[] {
  const slat = (name: string, size: [number, number, number], at: [number, number, number]): Part =>
    block(name, 'oak', size, at);
  const sides = [0, 1, 2].flatMap((row): Part[] => [
    slat(`front ${row + 1}`, [0.6, 0.07, 0.014], [0, 0.05 + row * 0.09, 0.193]),
    slat(`back ${row + 1}`, [0.6, 0.07, 0.014], [0, 0.05 + row * 0.09, -0.193]),
    slat(`left ${row + 1}`, [0.014, 0.07, 0.372], [-0.293, 0.05 + row * 0.09, 0]),
    slat(`right ${row + 1}`, [0.014, 0.07, 0.372], [0.293, 0.05 + row * 0.09, 0]),
  ]);
  const posts = [-0.272, 0.272].flatMap((x) =>
    [-0.172, 0.172].map((z) =>
      slat(`post ${x < 0 ? 'left' : 'right'} ${z < 0 ? 'back' : 'front'}`, [0.03, 0.265, 0.03], [x, 0.14, z]),
    ),
  );
  return [...sides, ...posts, slat('floor', [0.572, 0.014, 0.372], [0, 0.014, 0])];
}

export function netFloat(): Part[] {
  return [
    ball('glass', 'green_glass', [0.15, 0.15, 0.15], [0, 0.15, 0], 28),
    ...[0, 1].map((i) =>
      tube(
        `rope ${i + 1}`,
        'rope',
        Array.from({ length: 24 }, (_, k): [number, number, number] => {
          const a = (k / 24) * 2 * Math.PI;
          return i === 0
            ? [Math.cos(a) * 0.156, 0.15 + Math.sin(a) * 0.156, 0]
            : [0, 0.15 + Math.sin(a) * 0.156, Math.cos(a) * 0.156];
        }),
        0.008,
        8,
        true,
      ),
    ),
  ];
}

export function rainGauge(): Part[] {
  return [
    lathe(
      'gauge',
      'zinc',
      [
        [0, 0],
        [0.1, 0],
        [0.1, 0.3],
        [0.11, 0.31],
        [0.11, 0.34],
        [0.1, 0.34],
        [0.02, 0.22],
        [0, 0.22],
      ],
      28,
    ),
  ];
}

export function anemometer(): Part[] {
  const cups = [0, 1, 2].flatMap((i): Part[] => {
    const a = (i / 3) * 2 * Math.PI;
    const [x, z] = [Math.cos(a) * 0.22, Math.sin(a) * 0.22];
    return [
      tube(
        `arm ${i + 1}`,
        'zinc',
        [
          [0, 1.2, 0],
          [x, 1.2, z],
        ],
        0.006,
        8,
      ),
      moved(
        lathe(
          `cup ${i + 1}`,
          'zinc',
          [
            [0.001, 0],
            [0.04, 0.01],
            [0.055, 0.05],
            [0.05, 0.05],
            [0.035, 0.015],
            [0.001, 0.006],
          ],
          20,
        ),
        [x, 1.18, z],
      ),
    ];
  });
  return [
    lathe(
      'foot',
      'black_iron',
      [
        [0, 0],
        [0.14, 0],
        [0.14, 0.03],
        [0.04, 0.06],
        [0, 0.06],
      ],
      24,
    ),
    tube(
      'mast',
      'zinc',
      [
        [0, 0.05, 0],
        [0, 1.22, 0],
      ],
      0.018,
      14,
    ),
    ...cups,
  ];
}

export function capstan(): Part[] {
  const bars = [0, 1, 2, 3].map((i): Part => {
    const a = (i / 4) * 2 * Math.PI;
    return tube(
      `bar ${i + 1}`,
      'oak',
      [
        [Math.cos(a) * 0.2, 0.86, Math.sin(a) * 0.2],
        [Math.cos(a) * 1.1, 0.86, Math.sin(a) * 1.1],
      ],
      0.03,
      12,
    );
  });
  return [
    lathe(
      'drum',
      'oak',
      [
        [0, 0],
        [0.42, 0],
        [0.42, 0.06],
        [0.24, 0.12],
        [0.2, 0.4],
        [0.24, 0.66],
        [0.34, 0.74],
        [0.34, 0.95],
        [0, 0.97],
      ],
      28,
    ),
    ...bars,
  ];
}

export function harbourBench(): Part[] {
  const slats = [0, 1, 2, 3].map((i) => block(`slat ${i + 1}`, 'oak', [1.6, 0.03, 0.09], [0, 0.45, -0.165 + i * 0.11]));
  const backs = [0, 1, 2].map((i) => block(`back ${i + 1}`, 'oak', [1.6, 0.08, 0.03], [0, 0.58 + i * 0.12, -0.23]));
  const legs = [-0.65, 0.65].flatMap((x): Part[] => [
    block(`foot ${x < 0 ? 'left' : 'right'}`, 'black_iron', [0.05, 0.435, 0.42], [x, 0.2175, 0]),
    block(`post ${x < 0 ? 'left' : 'right'}`, 'black_iron', [0.05, 0.4, 0.03], [x, 0.65, -0.2]),
  ]);
  return [...slats, ...backs, ...legs];
}

export function deckLantern(): Part[] {
  return [
    lathe(
      'base',
      'brass',
      [
        [0, 0],
        [0.09, 0],
        [0.09, 0.02],
        [0.06, 0.05],
        [0, 0.05],
      ],
      24,
    ),
    lathe(
      'glass',
      'lamp_glass',
      [
        [0.05, 0.05],
        [0.062, 0.12],
        [0.05, 0.19],
      ],
      24,
    ),
    lathe(
      'roof',
      'brass',
      [
        [0.07, 0.19],
        [0.05, 0.23],
        [0.02, 0.25],
        [0, 0.25],
      ],
      24,
    ),
    tube(
      'handle',
      'brass',
      Array.from({ length: 13 }, (_, i): [number, number, number] => [
        Math.cos((i / 12) * Math.PI) * 0.07,
        0.2 + Math.sin((i / 12) * Math.PI) * 0.14,
        0,
      ]),
      0.004,
      8,
    ),
  ];
}

export function engineTelegraph(): Part[] {
  return [
    lathe(
      'pedestal',
      'brass',
      [
        [0, 0],
        [0.2, 0],
        [0.2, 0.04],
        [0.08, 0.1],
        [0.06, 0.9],
        [0.1, 0.98],
        [0, 0.98],
      ],
      28,
    ),
    moved(ball('head', 'brass', [0.19, 0.19, 0.1], [0, 0, 0], 26), [0, 1.14, 0]),
    tube(
      'lever',
      'black_iron',
      [
        [0, 1.14, 0.11],
        [0.1, 1.36, 0.11],
      ],
      0.012,
      10,
    ),
  ];
}

export function quayLadder(): Part[] {
  const rungs = Array.from({ length: 9 }, (_, i) =>
    tube(
      `rung ${i + 1}`,
      'zinc',
      [
        [-0.2, 0.2 + i * 0.3, 0],
        [0.2, 0.2 + i * 0.3, 0],
      ],
      0.014,
      10,
    ),
  );
  return [
    ...rungs,
    ...[-0.2, 0.2].map((x) =>
      tube(
        `rail ${x < 0 ? 'left' : 'right'}`,
        'zinc',
        [
          [x, 0, 0],
          [x, 2.9, 0],
        ],
        0.02,
        10,
      ),
    ),
  ];
}

import { block, lathe, moved, type Part } from '../shape';

type Vector = [number, number, number];

/**
 * The hut of the harbour's weather station, 1.62 m high on its legs, as it was put together from three downloads: half of its parts
 * have no names, one wall came twice, every screw is a part of its own, and its mast is open, cracked, and inside out in part.
 */
export function stationHut(): Part[] {
  const legs = [
    [-0.28, -0.22],
    [0.28, -0.22],
    [-0.28, 0.22],
    [0.28, 0.22],
  ].map(([x, z], i) => block(`Mesh.00${i + 1}`, 'white_wood', [0.05, 0.9, 0.05], [x, 0.45, z], 0.5));
  const slats = Array.from({ length: 7 }, (_, i) =>
    block(`slat_${i + 1}`, 'white_wood', [0.5, 0.05, 0.012], [0, 0.98 + i * 0.062, 0.236], 0.5),
  );
  const wall = (name: string): Part => block(name, 'white_wood', [0.012, 0.5, 0.46], [-0.28, 1.15, 0], 0.5);
  const screws = Array.from({ length: 16 }, (_, i): Part => {
    const at: Vector = [i % 2 ? 0.3 : -0.3, 0.93 + Math.floor(i / 2) * 0.058, 0.25];
    return moved(
      lathe(
        `polySurface${40 + i}`,
        'brass',
        [
          [0, 0],
          [0.006, 0],
          [0.006, 0.003],
          [0, 0.004],
        ],
        8,
      ),
      at,
    );
  });
  return [
    ...legs,
    block('floor_board', 'white_wood', [0.62, 0.02, 0.5], [0, 0.9, 0], 0.5),
    wall('wall_left'),
    wall('wall_left_copy'),
    block('wall_right', 'white_wood', [0.012, 0.5, 0.46], [0.28, 1.15, 0], 0.5),
    block('wall_back', 'white_wood', [0.56, 0.5, 0.012], [0, 1.15, -0.23], 0.5),
    block('door_frame', 'white_wood', [0.56, 0.03, 0.02], [0, 0.935, 0.23], 0.5),
    ...slats,
    block('roof', 'zinc', [0.7, 0.03, 0.6], [0, 1.42, 0], 0.7),
    block('pPlane12', 'zinc', [0.5, 0.16, 0.42], [0, 1.515, 0], 0.7),
    moved(
      lathe(
        'thermometer',
        'glass',
        [
          [0, 0],
          [0.012, 0.01],
          [0.008, 0.03],
          [0.008, 0.26],
          [0, 0.27],
        ],
        12,
      ),
      [0.1, 0.95, 0],
    ),
    moved(
      spoil(
        lathe(
          'mast',
          'zinc',
          [
            [0.012, 0],
            [0.012, 0.14],
            [0.012, 0.28],
          ],
          12,
        ),
      ),
      [0.2, 1.435, -0.15],
    ),
    ...screws,
  ];
}

/** A third of its polygons look inwards, and one column of them lies a hair beside the next. */
function spoil(part: Part): Part {
  const polygons = part.polygons.map((polygon, k) =>
    k % 3 === 0 ? { ...polygon, corners: polygon.corners.toReversed() } : polygon,
  );
  const points = [...part.points];
  const beside = new Map<number, number>();
  for (const k of [0, 12]) {
    for (const corner of polygons[k].corners) {
      if (!beside.has(corner[0])) {
        const [x, y, z] = part.points[corner[0]];
        beside.set(corner[0], points.push([x + 5e-6, y, z]) - 1);
      }
      corner[0] = beside.get(corner[0])!;
    }
  }
  return { ...part, points, polygons };
}

/** A part of a made-up model: polygons over shared points, as a modeller would build it. Metres, Y up. */
export interface Part {
  name: string;
  material: string;
  /** xyz per point. */
  points: [number, number, number][];
  /** uv per layout point. */
  layout: [number, number][];
  /** Each corner is [point, layout point]. */
  polygons: { corners: [number, number][]; smoothing: number }[];
}

type Vector = [number, number, number];

/** Turns a profile of [radius, height] about the Y axis, whichever way it runs; poles close to triangles. */
export function lathe(
  name: string,
  material: string,
  profile: [number, number][],
  segments = 24,
  options: { smoothing?: number; tile?: [number, number] } = {},
): Part {
  const { smoothing = 1, tile = [1, 1] } = options;
  const part: Part = { name, material, points: [], layout: [], polygons: [] };
  const lengths = [0];
  for (let i = 1; i < profile.length; i++) {
    lengths.push(lengths[i - 1] + Math.hypot(profile[i][0] - profile[i - 1][0], profile[i][1] - profile[i - 1][1]));
  }
  const total = lengths[lengths.length - 1] || 1;
  const rings: number[][] = [];
  profile.forEach(([radius, y]) => {
    const ring: number[] = [];
    for (let s = 0; s < segments; s++) {
      const angle = (s / segments) * Math.PI * 2;
      if (radius < 1e-6 && s > 0) ring.push(ring[0]);
      else ring.push(part.points.push([Math.cos(angle) * radius, y, Math.sin(angle) * radius]) - 1);
    }
    rings.push(ring);
  });
  profile.forEach((_, r) => {
    for (let s = 0; s <= segments; s++) part.layout.push([(s / segments) * tile[0], (lengths[r] / total) * tile[1]]);
  });
  const runsDown =
    profile.slice(1).reduce((sum, [radius, y], i) => sum + (radius + profile[i][0]) * (y - profile[i][1]), 0) < 0;
  const at = (r: number, s: number): [number, number] => [rings[r][s % segments], r * (segments + 1) + s];
  for (let r = 0; r + 1 < profile.length; r++) {
    for (let s = 0; s < segments; s++) {
      const corners = [at(r, s), at(r + 1, s), at(r + 1, s + 1), at(r, s + 1)];
      const different = corners.filter((corner, i) => corners.findIndex((other) => other[0] === corner[0]) === i);
      part.polygons.push({ corners: runsDown ? different.reverse() : different, smoothing });
    }
  }
  return part;
}

/** A box with its own layout island a side; `size` is width, height, depth, `centre` its middle. */
export function block(name: string, material: string, size: Vector, centre: Vector, tile = 1): Part {
  const [w, h, d] = size.map((v) => v / 2);
  const points: Vector[] = [];
  for (let i = 0; i < 8; i++)
    points.push([centre[0] + (i & 1 ? w : -w), centre[1] + (i & 2 ? h : -h), centre[2] + (i & 4 ? d : -d)]);
  const sides: [number, number, number, number, number, number][] = [
    [4, 5, 7, 6, size[0], size[1]],
    [1, 0, 2, 3, size[0], size[1]],
    [5, 1, 3, 7, size[2], size[1]],
    [0, 4, 6, 2, size[2], size[1]],
    [6, 7, 3, 2, size[0], size[2]],
    [0, 1, 5, 4, size[0], size[2]],
  ];
  const layout: [number, number][] = [];
  const polygons = sides.map(([a, b, c, e, u, v]) => {
    const from = layout.length;
    // the grain runs along the longer side
    const flip = v > u;
    const [lu, lv] = [u / tile, v / tile];
    layout.push(
      ...(
        [
          [0, 0],
          [lu, 0],
          [lu, lv],
          [0, lv],
        ] as [number, number][]
      ).map(([x, y]): [number, number] => (flip ? [y, x] : [x, y])),
    );
    return {
      corners: [
        [a, from],
        [b, from + 1],
        [c, from + 2],
        [e, from + 3],
      ] as [number, number][],
      smoothing: 0,
    };
  });
  return { name, material, points, layout, polygons };
}

/** A tube of one radius along a path. */
export function tube(
  name: string,
  material: string,
  path: Vector[],
  radius: number,
  segments = 10,
  closed = false,
  turnsPerMetre = 6,
): Part {
  const part: Part = { name, material, points: [], layout: [], polygons: [] };
  let length = 0;
  const steady = steadyAxis(path, closed);
  const rings = path.map((point, i) => {
    const before = path[closed ? (i + path.length - 1) % path.length : Math.max(0, i - 1)];
    const after = path[closed ? (i + 1) % path.length : Math.min(path.length - 1, i + 1)];
    const direction = normalise([after[0] - before[0], after[1] - before[1], after[2] - before[2]]);
    const side = normalise(cross(direction, steady));
    const up = cross(side, direction);
    if (i > 0) length += Math.hypot(point[0] - path[i - 1][0], point[1] - path[i - 1][1], point[2] - path[i - 1][2]);
    const ring: number[] = [];
    for (let s = 0; s < segments; s++) {
      const angle = (s / segments) * Math.PI * 2;
      ring.push(
        part.points.push(
          [0, 1, 2].map((k) => point[k] + (side[k] * Math.cos(angle) + up[k] * Math.sin(angle)) * radius) as Vector,
        ) - 1,
      );
    }
    for (let s = 0; s <= segments; s++) part.layout.push([length * turnsPerMetre, s / segments]);
    return ring;
  });
  if (closed) {
    // the layout goes on to the end of the loop, where the points begin again
    const [first, last] = [path[0], path[path.length - 1]];
    const whole = length + Math.hypot(first[0] - last[0], first[1] - last[1], first[2] - last[2]);
    for (let s = 0; s <= segments; s++) part.layout.push([whole * turnsPerMetre, s / segments]);
  }
  const count = closed ? path.length : path.length - 1;
  for (let r = 0; r < count; r++) {
    const next = (r + 1) % path.length;
    for (let s = 0; s < segments; s++) {
      const t = (s + 1) % segments;
      const l = r * (segments + 1) + s;
      const m = (r + 1) * (segments + 1) + s;
      part.polygons.push({
        corners: [
          [rings[r][s], l],
          [rings[next][s], m],
          [rings[next][t], m + 1],
          [rings[r][t], l + 1],
        ],
        smoothing: 1,
      });
    }
  }
  if (!closed) {
    part.polygons.push({ corners: rings[0].map((p, s): [number, number] => [p, s]), smoothing: 0 });
    const last = (path.length - 1) * (segments + 1);
    part.polygons.push({
      corners: rings[path.length - 1].map((p, s): [number, number] => [p, last + s]).reverse(),
      smoothing: 0,
    });
  }
  return part;
}

/** A flat sheet between four points, cut into a grid and waved a little. */
export function sheet(
  name: string,
  material: string,
  corners: [Vector, Vector, Vector, Vector],
  cuts: number,
  wave: (u: number, v: number) => Vector = () => [0, 0, 0],
): Part {
  const part: Part = { name, material, points: [], layout: [], polygons: [] };
  for (let j = 0; j <= cuts; j++) {
    for (let i = 0; i <= cuts; i++) {
      const [u, v] = [i / cuts, j / cuts];
      const bent = wave(u, v);
      part.points.push(
        [0, 1, 2].map(
          (k) =>
            (corners[0][k] * (1 - u) + corners[1][k] * u) * (1 - v) +
            (corners[3][k] * (1 - u) + corners[2][k] * u) * v +
            bent[k],
        ) as Vector,
      );
      part.layout.push([u, v]);
    }
  }
  for (let j = 0; j < cuts; j++) {
    for (let i = 0; i < cuts; i++) {
      const a = j * (cuts + 1) + i;
      part.polygons.push({
        corners: [a, a + 1, a + cuts + 2, a + cuts + 1].map((p): [number, number] => [p, p]),
        smoothing: 1,
      });
    }
  }
  return part;
}

/** A ball, or an egg where the radii differ. */
export function ball(name: string, material: string, radii: Vector, centre: Vector, segments = 20): Part {
  const rings = Math.max(6, segments / 2);
  const profile = Array.from({ length: rings + 1 }, (_, i): [number, number] => {
    const angle = (i / rings) * Math.PI - Math.PI / 2;
    return [i === 0 || i === rings ? 0 : Math.cos(angle), Math.sin(angle)];
  });
  return transform(lathe(name, material, profile, segments), ([x, y, z]) => [
    x * radii[0] + centre[0],
    y * radii[1] + centre[1],
    z * radii[2] + centre[2],
  ]);
}

/** @returns the part with every point moved; where that mirrors it, its faces are turned so that they still look outwards */
export function transform(part: Part, move: (point: Vector) => Vector): Part {
  const [o, x, y, z] = [move([0, 0, 0]), move([1e-3, 0, 0]), move([0, 1e-3, 0]), move([0, 0, 1e-3])];
  const along = (end: Vector): Vector => [end[0] - o[0], end[1] - o[1], end[2] - o[2]];
  const [u, v, w] = [along(x), along(y), along(z)];
  const [cx, cy, cz] = cross(u, v);
  const mirrors = cx * w[0] + cy * w[1] + cz * w[2] < 0;
  const polygons = mirrors
    ? part.polygons.map(({ corners, smoothing }) => ({ corners: [...corners].reverse(), smoothing }))
    : part.polygons;
  return { ...part, points: part.points.map(move), polygons };
}

export const moved = (part: Part, [dx, dy, dz]: Vector): Part =>
  transform(part, ([x, y, z]) => [x + dx, y + dy, z + dz]);

const cross = (a: Vector, b: Vector): Vector => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];

function normalise(v: Vector): Vector {
  const length = Math.hypot(...v) || 1;
  return [v[0] / length, v[1] / length, v[2] / length];
}

/** An axis that no piece of the path runs along: the one a loop is flattest in, so its rings do not twist. */
function steadyAxis(path: Vector[], closed: boolean): Vector {
  const extent = [0, 1, 2].map((k) => Math.max(...path.map((p) => p[k])) - Math.min(...path.map((p) => p[k])));
  const flattest = extent.indexOf(Math.min(...extent));
  const upright = extent[1] > Math.max(extent[0], extent[2]) * 3;
  const axis = closed ? flattest : upright ? 0 : 1;
  return [0, 1, 2].map((k) => (k === axis ? 1 : 0)) as Vector;
}

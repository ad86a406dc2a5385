import type { Box } from '@haveld/contract/report';

/** An orthographic view: parallel rays, so a ruled bar is true everywhere in the picture. */
export interface View {
  right: [number, number, number];
  up: [number, number, number];
  /** Towards the viewer. */
  back: [number, number, number];
  /** World point at the picture's middle. */
  centre: [number, number, number];
  /** Pixels per world unit. */
  scale: number;
  width: number;
  height: number;
}

const dot = (a: readonly number[], b: readonly number[]): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];

function axesFor(yaw: number, pitch: number): Pick<View, 'right' | 'up' | 'back'> {
  const [cy, sy, cp, sp] = [Math.cos(yaw), Math.sin(yaw), Math.cos(pitch), Math.sin(pitch)];
  return { right: [cy, 0, -sy], up: [-sy * sp, cp, -cy * sp], back: [sy * cp, sp, cy * cp] };
}

function corners(box: Box): [number, number, number][] {
  return [0, 1, 2, 3, 4, 5, 6, 7].map((i) => [
    i & 1 ? box.max[0] : box.min[0],
    i & 2 ? box.max[1] : box.min[1],
    i & 4 ? box.max[2] : box.min[2],
  ]);
}

/**
 * Frames a box from the front, a little from its right and above.
 * @param margin pixels left free at each side
 */
export function createThumbnailView(
  box: Box,
  width: number,
  height: number,
  margin: { x: number; top: number; bottom: number },
): View {
  const axes = axesFor(Math.PI / 6, Math.PI / 9);
  const points = corners(box).map((corner) => [dot(corner, axes.right), dot(corner, axes.up)]);
  const [minX, maxX] = [Math.min(...points.map((p) => p[0])), Math.max(...points.map((p) => p[0]))];
  const [minY, maxY] = [Math.min(...points.map((p) => p[1])), Math.max(...points.map((p) => p[1]))];
  const scale = Math.min(
    (width - 2 * margin.x) / Math.max(maxX - minX, 1e-9),
    (height - margin.top - margin.bottom) / Math.max(maxY - minY, 1e-9),
  );
  const middle = [(minX + maxX) / 2, (minY + maxY) / 2 - (margin.bottom - margin.top) / 2 / scale];
  const depth = dot(
    [(box.min[0] + box.max[0]) / 2, (box.min[1] + box.max[1]) / 2, (box.min[2] + box.max[2]) / 2],
    axes.back,
  );
  const centre = [0, 1, 2].map((i) => axes.right[i] * middle[0] + axes.up[i] * middle[1] + axes.back[i] * depth) as [
    number,
    number,
    number,
  ];
  return { ...axes, centre, scale, width, height };
}

/** Looks straight along −Z at the front of a box and shows just the box: for drawers at one common scale. */
export function createOrthographicView(box: Box, longestPx: number): View {
  const w = Math.max(box.max[0] - box.min[0], 1e-9);
  const h = Math.max(box.max[1] - box.min[1], 1e-9);
  const scale = longestPx / Math.max(w, h);
  const centre: [number, number, number] = [
    (box.min[0] + box.max[0]) / 2,
    (box.min[1] + box.max[1]) / 2,
    (box.min[2] + box.max[2]) / 2,
  ];
  return {
    ...axesFor(0, 0),
    centre,
    scale,
    width: Math.max(1, Math.round(w * scale)),
    height: Math.max(1, Math.round(h * scale)),
  };
}

/** @returns [x, y, depth]: pixels from the left and the top, depth in world units towards the viewer */
export function projectPoint(view: View, x: number, y: number, z: number): [number, number, number] {
  const dx = x - view.centre[0];
  const dy = y - view.centre[1];
  const dz = z - view.centre[2];
  return [
    view.width / 2 + (dx * view.right[0] + dy * view.right[1] + dz * view.right[2]) * view.scale,
    view.height / 2 - (dx * view.up[0] + dy * view.up[1] + dz * view.up[2]) * view.scale,
    dx * view.back[0] + dy * view.back[1] + dz * view.back[2],
  ];
}

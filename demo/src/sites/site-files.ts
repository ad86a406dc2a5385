import { createHash } from 'node:crypto';
import sharp from 'sharp';
import { text } from '../demo-file';
import type { Part } from '../shape';
import * as surface from '../surfaces';
import { writeDemoGlb, type GlbMaterial } from '../write-glb';
import { writeDemoMtl, writeDemoObj } from '../write-obj';
import { zip } from '../zip';
import type { SiteEdition, SiteModel } from './site-model';

/** Looks of what the parts of the sites' models are made of. */
const MATERIALS: Record<string, Omit<GlbMaterial, 'map'> & { map?: (side: number) => Promise<Buffer> }> = {
  red_paint: {
    colour: [0.72, 0.18, 0.15],
    roughness: 0.55,
    map: (side) => surface.paintedMetal([186, 46, 38], 0.3, 11, side),
  },
  white_paint: { colour: [0.9, 0.89, 0.84], roughness: 0.6 },
  black_iron: {
    colour: [0.16, 0.18, 0.19],
    roughness: 0.55,
    metallic: 0.4,
    map: (side) => surface.paintedMetal([42, 46, 48], 0.3, 23, side),
  },
  brass: { colour: [0.78, 0.62, 0.29], roughness: 0.35, metallic: 0.9, map: (side) => surface.brass(0.5, 5, side) },
  zinc: { colour: [0.55, 0.58, 0.6], roughness: 0.4, metallic: 0.8 },
  oak: {
    colour: [0.74, 0.53, 0.33],
    roughness: 0.5,
    map: (side) => surface.wood([188, 136, 84], [120, 76, 40], 3, side),
  },
  rope: { colour: [0.76, 0.66, 0.46], roughness: 0.9 },
  green_glass: { colour: [0.3, 0.52, 0.44], roughness: 0.1, opacity: 0.6 },
  lamp_glass: { colour: [0.98, 0.92, 0.7], roughness: 0.1 },
};
const PLAIN: (typeof MATERIALS)[string] = { colour: [0.6, 0.6, 0.58], roughness: 0.7 };

const lookOf = (material: string): (typeof MATERIALS)[string] => MATERIALS[material] ?? PLAIN;
const materialsOf = (parts: readonly Part[]): string[] => [...new Set(parts.map(({ material }) => material))];

export interface EditionBytes {
  bytes: Buffer;
  sha256: string;
}

/** Made when somebody first asks for it, the same bytes each time. */
const made = new Map<string, Promise<EditionBytes>>();

/** @returns the file of one edition: GLB by itself, OBJ in an archive with their maps and a read-me */
export function makeEdition(model: SiteModel, edition: SiteEdition, page: string): Promise<EditionBytes> {
  const key = `${page} ${edition.id} ${model.version ?? 1}`;
  const known = made.get(key);
  if (known) return known;
  const making = writeEdition(model, edition, page).then((bytes) => ({
    bytes,
    sha256: createHash('sha256').update(bytes).digest('hex'),
  }));
  made.set(key, making);
  return making;
}

const drawnMaps = new Map<string, Promise<Buffer>>();

/** Many models are of one matter: it is drawn once. */
function drawMap(material: string, side: number): Promise<Buffer> | undefined {
  const key = `${material} ${side}`;
  const drawing = drawnMaps.get(key) ?? lookOf(material).map?.(side);
  if (drawing) drawnMaps.set(key, drawing);
  return drawing;
}

async function writeEdition(model: SiteModel, { format, maps, unit, zUp }: SiteEdition, page: string): Promise<Buffer> {
  const parts = model.parts();
  const drawn = new Map<string, Buffer>();
  for (const name of materialsOf(parts)) {
    const map = maps > 0 ? await drawMap(name, maps) : undefined;
    if (map) drawn.set(name, map);
  }
  if (format === 'glb')
    return writeDemoGlb(parts, {
      materials: Object.fromEntries(
        materialsOf(parts).map((name) => [name, { ...lookOf(name), map: drawn.get(name) }]),
      ),
      copyright: `2026 ${model.author.name}`,
      extras: { title: model.title, author: model.author.name, source: page },
    });
  const stem = model.slug.replaceAll('-', '_');
  const readMe = {
    path: `${stem}/readme.txt`,
    bytes: text(model.title, `by ${model.author.name}`, page, '', `Licence: ${model.licence.words}`),
  };
  const pictures = [...drawn].map(([name, bytes]) => ({ path: `${stem}/maps/${name}_col.png`, bytes }));
  const header = [`${model.title}, by ${model.author.name}`, `units: ${unit === 1 ? 'metres' : 'centimetres'}`];
  return zip([
    { path: `${stem}/${stem}.obj`, bytes: writeDemoObj(parts, { header, library: `${stem}.mtl`, unit, zUp }) },
    {
      path: `${stem}/${stem}.mtl`,
      bytes: writeDemoMtl(
        materialsOf(parts).map((name) => ({
          name,
          colour: lookOf(name).colour,
          roughness: lookOf(name).roughness,
          metallic: lookOf(name).metallic,
          opacity: lookOf(name).opacity,
          ...(drawn.has(name) ? { maps: { map_Kd: `maps/${name}_col.png` } } : {}),
        })),
        header,
      ),
    },
    ...pictures,
    readMe,
  ]);
}

export interface ModelFigures {
  widthM: number;
  heightM: number;
  depthM: number;
  polygons: number;
  triangles: number;
  vertices: number;
}

/** @returns what the site says of a model's size and weight; it is true */
export function measureModel(model: SiteModel): ModelFigures {
  const parts = model.parts();
  const side = (axis: number): number => {
    const values = parts.flatMap(({ points }) => points.map((point) => point[axis]));
    return Math.max(...values) - Math.min(...values);
  };
  const polygons = parts.flatMap((part) => part.polygons);
  return {
    widthM: side(0),
    heightM: side(1),
    depthM: side(2),
    polygons: polygons.length,
    triangles: polygons.reduce((sum, { corners }) => sum + corners.length - 2, 0),
    vertices: parts.reduce((sum, { points }) => sum + points.length, 0),
  };
}

const PREVIEW_SIDE = 320;
const previews = new Map<string, Promise<Buffer>>();

/** A flat drawing of a model from a corner, as a PNG. */
export function drawPreview(model: SiteModel, paper: string): Promise<Buffer> {
  const known = previews.get(model.slug + paper);
  if (known) return known;
  const drawing = sharp(Buffer.from(drawSvg(model.parts(), paper)))
    .png()
    .toBuffer();
  previews.set(model.slug + paper, drawing);
  return drawing;
}

type Vector = [number, number, number];

/** From the front right, a little above. */
const TURN = 0.6;
const TILT = 0.35;

function drawSvg(parts: readonly Part[], paper: string): string {
  const turn = ([x, y, z]: Vector): Vector => {
    const [right, back] = [x * Math.cos(TURN) - z * Math.sin(TURN), x * Math.sin(TURN) + z * Math.cos(TURN)];
    return [right, y * Math.cos(TILT) - back * Math.sin(TILT), y * Math.sin(TILT) + back * Math.cos(TILT)];
  };
  const faces = parts.flatMap((part) => {
    const points = part.points.map(turn);
    const { colour } = lookOf(part.material);
    return part.polygons.map(({ corners }) => {
      const at = corners.map(([point]) => points[point]);
      const light = 0.55 + 0.45 * Math.abs(facing(at));
      return {
        at,
        depth: at.reduce((sum, [, , z]) => sum + z, 0) / at.length,
        fill: `rgb(${colour.map((value) => Math.round(value * light * 255)).join(',')})`,
      };
    });
  });
  const all = faces.flatMap(({ at }) => at);
  const [left, right] = [Math.min(...all.map(([x]) => x)), Math.max(...all.map(([x]) => x))];
  const [low, high] = [Math.min(...all.map(([, y]) => y)), Math.max(...all.map(([, y]) => y))];
  const scale = (PREVIEW_SIDE * 0.8) / Math.max(right - left, high - low);
  const place = ([x, y]: Vector): string =>
    `${((x - (left + right) / 2) * scale + PREVIEW_SIDE / 2).toFixed(1)},${(PREVIEW_SIDE / 2 - (y - (low + high) / 2) * scale).toFixed(1)}`;
  const drawn = faces
    .sort((a, b) => a.depth - b.depth)
    .map(({ at, fill }) => `<polygon points="${at.map(place).join(' ')}" fill="${fill}" stroke="${fill}"/>`);
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${PREVIEW_SIDE}" height="${PREVIEW_SIDE}"><rect width="100%" height="100%" fill="${paper}"/>${drawn.join('')}</svg>`;
}

/** How much of a face looks to the light, which comes from the upper right. */
function facing(at: readonly Vector[]): number {
  const [a, b, c] = at;
  const [u, v] = [b.map((value, i) => value - a[i]), c.map((value, i) => value - a[i])];
  const normal = [u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]];
  const length = Math.hypot(...normal) || 1;
  return (normal[0] * 0.4 + normal[1] * 0.75 + normal[2] * 0.53) / length;
}

import type { Picture } from '../pictures/picture-codec';
import { judgeMapRole } from './judge-map-role';
import { judgeMapSet } from './judge-map-set';
import { judgePictureClass, weighRoleByPicture } from './judge-picture';
import { listPictureFeatures, PICTURE_FEATURES } from './picture-features';
import { measurePicture } from './picture-measures';
import { PICTURE_CLASSES, PICTURE_PRIORS, PICTURE_WEIGHTS } from './picture-weights';
import { readMapName } from './read-map-name';

const picture = (side: number, texel: (x: number, y: number) => number[]): Picture => ({
  width: side,
  height: side,
  data: Uint8Array.from(Array.from({ length: side * side }, (_, i) => texel(i % side, Math.floor(i / side))).flat()),
});
const flat = (...rgba: number[]): Picture => picture(16, () => rgba);

test.each([
  ['oak_top_nrm_2k.tga', 'normal'],
  ['WoodBaseColor.png', 'base-colour'],
  ['rusty-metal_roughness_2k.jpg', 'roughness'],
  ['Holz_Farbe.png', 'base-colour'],
  ['bois_rugosité.png', 'roughness'],
  ['木_法线.png', 'normal'],
  ['стена_высота.png', 'height'],
  ['lampnormal.png', 'normal'],
  ['lamp_Gloss.png', 'glossiness'],
  ['T_Hull_ORM.png', 'packed'],
  ['hull_metallicRoughness.png', 'packed'],
  ['hull_AmbientOcclusion.png', 'occlusion'],
  ['HullAO.png', 'occlusion'],
  ['hull_d.png', 'base-colour'],
  ['hull_ao.1001.png', 'occlusion'],
  ['hull_copy.png', null],
  ['d_hull.png', null],
  ['oak.png', null],
  ['2k.png', null],
])('%s says %s', (path, role) => {
  expect(readMapName(path)?.role ?? null).toBe(role);
});

test('a name says which way green points and what a packed map holds', () => {
  expect(readMapName('wall_normal_dx.png')).toMatchObject({ green: 'down', subject: ['wall'] });
  expect(readMapName('wall_NormalGL_2K.png')).toMatchObject({ green: 'up', subject: ['wall'] });
  expect(readMapName('wall_RMA.png')?.packing).toEqual({ r: 'roughness', g: 'metallic', b: 'occlusion', a: null });
  expect(readMapName('wall_MetallicSmoothness.png')?.packing).toMatchObject({ r: 'metallic', a: 'glossiness' });
});

test('words a source is known to use come first', () => {
  expect(readMapName('hull_bump2.png', { bump2: 'normal' })?.role).toBe('normal');
});

test('measures of one colour, of half black half white, and of what tiles', () => {
  expect(measurePicture(flat(10, 20, 30, 255))).toMatchObject({
    constant: true,
    coloured: 1,
    clear: 0,
    solid: 1,
    detail: 0,
  });
  const halves = measurePicture(picture(16, (x) => (x < 8 ? [0, 0, 0, 255] : [255, 255, 255, 255])));
  expect(halves).toMatchObject({ dark: 0.5, light: 0.5, twoPeaked: 1, coloured: 0, skew: 0 });
  const wave = (n: number): Picture =>
    picture(32, (x) => new Array<number>(3).fill(128 + 100 * Math.sin((x / n) * 2 * Math.PI)).concat(255));
  expect(measurePicture(wave(32)).seam).toBeLessThan(measurePicture(wave(45)).seam);
  expect(measurePicture(picture(8, () => [128, 128, 255, 255])).unit).toBe(1);
  expect(measurePicture(picture(1, () => [1, 2, 3, 4])).constant).toBe(true);
});

test('weights, features and classes go together', () => {
  expect(PICTURE_WEIGHTS).toHaveLength(PICTURE_CLASSES.length);
  expect(PICTURE_WEIGHTS.every((row) => row.length === PICTURE_FEATURES.length + 1)).toBe(true);
  expect(PICTURE_PRIORS.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 2);
  const features = listPictureFeatures(measurePicture(flat(128, 128, 255, 255)));
  expect(features.every((value) => value >= -1 && value <= 1)).toBe(true);
});

test('shares of a picture are 1 together, and blue unit vectors are normals', () => {
  const dents = picture(64, (x, y) => [128 + 50 * Math.sin(x / 3), 128 + 50 * Math.sin(y / 3), 235, 255]);
  const classes = judgePictureClass(measurePicture(dents));
  expect(Object.values(classes).reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 6);
  expect(classes.normal).toBeGreaterThan(0.9);
  expect(weighRoleByPicture(classes, 'normal')).toBeGreaterThan(2);
  expect(weighRoleByPicture(classes, 'base-colour')).toBeLessThan(0.2);
  expect(weighRoleByPicture(classes, 'preview')).toBe(1);
});

test('a name and a picture that contradict make it a question', () => {
  const dents = measurePicture(
    picture(64, (x, y) => [128 + 50 * Math.sin(x / 3), 128 + 50 * Math.sin(y / 3), 235, 255]),
  );
  expect(judgeMapRole({ path: 'oak_normal.png', measures: dents, slot: 'normal' })).toMatchObject({
    role: 'normal',
    independent: 3,
  });
  expect(judgeMapRole({ path: 'oak_diffuse.png', measures: dents, slot: null }).confidence).toBeLessThan(0.9);
  expect(judgeMapRole({ path: 'oak.png', measures: dents, slot: null })).toMatchObject({ role: 'normal' });
});

test('every judgement says why, and its shares are at most 1', () => {
  const judged = judgeMapRole({
    path: 'oak_rough.png',
    measures: measurePicture(flat(90, 90, 90, 255)),
    slot: 'roughness',
  });
  expect(judged.evidence.map(({ text }) => text)).toEqual([
    '“rough” in its name says roughness',
    'bound as roughness',
    'one colour all over: (90, 90, 90)',
  ]);
  expect(judged.shares.reduce((sum, { share }) => sum + share, 0)).toBeLessThanOrEqual(1.0001);
});

test('of a set the bare name is the colour, and no role is given twice', () => {
  const names = ['m/wall.jpg', 'm/wall_n.jpg', 'm/wall_s.jpg'];
  const judged = judgeMapSet(names.map((path) => ({ path, measures: null, slot: null })));
  expect(judged.map(({ role }) => role)).toEqual(['base-colour', 'normal', 'specular']);
  expect(judged[0].evidence[0].text).toBe('its name is what the others of its set begin with');
});

test('a bare name alone stays a question; no maps give no judgements', () => {
  expect(judgeMapSet([{ path: 'wall.jpg', measures: null, slot: null }])[0].confidence).toBeLessThan(0.9);
  expect(judgeMapSet([])).toEqual([]);
});

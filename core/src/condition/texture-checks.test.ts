import type { Document, Material } from '@gltf-transform/core';
import type { Finding } from '@haveld/contract/finding';
import { setMaterialSource, type MapReference } from '../scene/document/source-data';
import { createBoxDocument, addBox } from '../testing/documents';
import { flipGreen } from '../textures/convert/change-channels';
import { heightToNormal } from '../textures/convert/height-to-normal';
import { judgeGreen } from '../textures/judging/judge-green';
import { measurePicture } from '../textures/judging/picture-measures';
import type { CandidatePicture, MapFacts } from '../textures/map-facts';
import type { Picture } from '../textures/pictures/picture-codec';
import { assess } from './assess';
import { examine } from './examination';

const SIDE = 64;
const paint = (texel: (x: number, y: number) => number[]): Picture => ({
  width: SIDE,
  height: SIDE,
  data: Uint8Array.from(Array.from({ length: SIDE * SIDE }, (_, i) => texel(i % SIDE, Math.floor(i / SIDE))).flat()),
});
const wave = (x: number, y: number): number => 0.5 + 0.4 * Math.sin(x / 5) * Math.cos(y / 7);
const PICTURES = {
  colour: paint((x, y) => [150 * wave(x, y) + 40, 90 * wave(y, x) + 30, 40, 255]),
  up: heightToNormal(
    {
      width: SIDE,
      height: SIDE,
      data: Uint16Array.from({ length: SIDE * SIDE }, (_, i) => wave(i % SIDE, Math.floor(i / SIDE)) * 65535),
    },
    0.01,
    0.001,
  ),
  grey: paint((x, y) => [...new Array<number>(3).fill(110 + 80 * wave(x, y)), 255]),
  even: paint(() => [180, 180, 180, 255]),
  holes: paint((x, y) => [60, 120, 40, (x >> 3) % 2 === (y >> 3) % 2 ? 255 : 0]),
};

/** What would be seen of a picture. */
function factsOf(name: string, picture: Picture): MapFacts {
  return {
    sha256: name,
    kind: 'png',
    width: 4096,
    height: 4096,
    bits: 8,
    channels: 4,
    notes: [],
    problem: null,
    measures: measurePicture(picture),
    green: name.includes('nrm') ? judgeGreen(picture) : null,
    thumbSha256: null,
    shownSha256: null,
  };
}

const bound = (slot: MapReference['slot'], name: string): MapReference => ({
  slot,
  reference: name,
  status: 'found',
  path: name,
  sha256: name,
});

interface Given {
  maps: MapReference[];
  pictures?: Record<string, Picture>;
  unused?: CandidatePicture[];
  change?: (material: Material, document: Document) => void;
}

/** The findings about a box of one material with these maps. */
function look({ maps, pictures = {}, unused = [], change }: Given): Finding[] {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1], 'box');
  const material = document.createMaterial('oak').setMetallicFactor(0).setRoughnessFactor(0.8).setDoubleSided(true);
  document.getRoot().listMeshes()[0].listPrimitives()[0].setMaterial(material);
  setMaterialSource(material, { maps });
  change?.(material, document);
  return assess(
    examine({
      document,
      name: 'box',
      log: [],
      pictures: unused,
      facts: Object.entries(pictures).map(([name, picture]) => factsOf(name, picture)),
      belonging: new Set(),
      stated: [],
    }),
  );
}
const get = (findings: Finding[], start: string) => findings.find(({ key }) => key.startsWith(start));

test('normals with green up are left alone, with green down they are proposed to be turned over, surely', () => {
  const given = (picture: Picture): Given => ({
    maps: [bound('normal', 'oak_nrm.png')],
    pictures: { 'oak_nrm.png': picture },
  });
  expect(get(look(given(PICTURES.up)), 'green')).toBeUndefined();
  expect(get(look(given(flipGreen(PICTURES.up))), 'green')).toMatchObject({
    sure: true,
    title: 'oak_nrm.png has its green pointing down',
    choices: [{ steps: [{ kind: 'change-map', materials: ['oak'], change: 'flip-green' }] }, { id: 'stay' }],
  });
});

test('a name that says one thing of green and a picture that shows the other are asked about', () => {
  const name = 'oak_nrm_dx.png';
  const finding = get(look({ maps: [bound('normal', name)], pictures: { [name]: PICTURES.up } }), 'green');
  expect(finding).toMatchObject({ sure: false });
  expect(finding!.title).toContain('say different things');
});

test('glossiness bound as roughness is turned over; heights bound as normals become some', () => {
  const gloss = look({
    maps: [bound('roughness', 'oak_glossiness.png')],
    pictures: { 'oak_glossiness.png': PICTURES.grey },
  });
  expect(get(gloss, 'role')).toMatchObject({
    title: 'oak_glossiness.png is bound as roughness, and is glossiness',
    choices: [{ id: 'invert' }, { id: 'stay' }],
  });
  const heights = look({ maps: [bound('normal', 'oak_height.png')], pictures: { 'oak_height.png': PICTURES.grey } });
  expect(get(heights, 'role')).toMatchObject({
    choices: [
      { id: 'height-to-normal', steps: [{ kind: 'unlink-map' }, { kind: 'height-to-normal', depthMm: 4 }] },
      { id: 'stay' },
    ],
  });
});

test('a height map in its own slot is offered as normals, and asked', () => {
  const finding = get(
    look({ maps: [bound('bump', 'oak_height.png')], pictures: { 'oak_height.png': PICTURES.grey } }),
    'role',
  );
  expect(finding).toMatchObject({ sure: false, title: 'oak_height.png is a height map: nothing shows of it yet' });
});

test('a map of Phong’s model is offered as the colour of reflections, which is where glTF keeps it', () => {
  const finding = get(
    look({ maps: [bound('specular', 'oak_specular.png')], pictures: { 'oak_specular.png': PICTURES.grey } }),
    'specular',
  );
  expect(finding).toMatchObject({
    choices: [
      { id: 'reflections', steps: [{ kind: 'relink-map', material: 'oak', slot: 'specular' }] },
      { id: 'stay', steps: [] },
    ],
  });
});

test('maps that are what they are bound as say nothing', () => {
  const findings = look({
    maps: [bound('baseColor', 'oak_diff.png'), bound('roughness', 'oak_rough.png'), bound('normal', 'oak_nrm.png')],
    pictures: { 'oak_diff.png': PICTURES.colour, 'oak_rough.png': PICTURES.grey, 'oak_nrm.png': PICTURES.up },
  });
  expect(['role', 'green', 'constant', 'alpha', 'shine'].map((start) => get(findings, start))).toEqual(
    new Array(5).fill(undefined),
  );
});

test('a map of one colour is a figure; roughness beside a metal map that varies is not', () => {
  const one = look({ maps: [bound('baseColor', 'a_diff.png')], pictures: { 'a_diff.png': PICTURES.even } });
  expect(get(one, 'constant')).toMatchObject({
    sure: true,
    choices: [{ steps: [{ kind: 'fold-constant', slot: 'baseColor' }] }],
  });
  const two = look({
    maps: [bound('roughness', 'a_rough.png'), bound('metallic', 'a_metallic.png')],
    pictures: { 'a_rough.png': PICTURES.even, 'a_metallic.png': PICTURES.grey },
  });
  expect(get(two, 'constant')).toBeUndefined();
});

test('holes in a colour map that is shown solid are cut out, both sides shown', () => {
  const findings = look({
    maps: [bound('baseColor', 'leaf_diff.png')],
    pictures: { 'leaf_diff.png': PICTURES.holes },
  });
  expect(get(findings, 'alpha')).toMatchObject({
    sure: true,
    choices: [{ id: 'MASK', steps: [{ factors: { alphaMode: 'MASK', doubleSided: true } }] }, { id: 'stay' }],
  });
});

test('colour alone on a metal by default is named, with what its name says it is made of', () => {
  const findings = look({
    maps: [bound('baseColor', 'oak_diff.png')],
    pictures: { 'oak_diff.png': PICTURES.colour },
    change: (material) => material.setMetallicFactor(1).setRoughnessFactor(1),
  });
  expect(get(findings, 'shine')).toMatchObject({
    title: 'Colour only: “oak” would shine like bare metal',
    choices: [{ id: 'wood' }, { id: 'stay' }],
  });
});

test('copies by number are one; a copy of another colour is not', () => {
  const withTwin = (roughness: number) =>
    look({
      maps: [],
      change: (material, document) => {
        const twin = material.clone().setName('oak.001').setRoughnessFactor(roughness);
        addBox(document, [0, 0, 0], [1, 1, 1], 'second').getMesh()!.listPrimitives()[0].setMaterial(twin);
      },
    });
  expect(get(withTwin(0.8), 'twins')).toMatchObject({
    sure: true,
    choices: [{ steps: [{ into: 'oak', from: ['oak.001'] }] }],
  });
  expect(get(withTwin(0.3), 'twins')).toBeUndefined();
});

test('memory over the house’s budget is asked about, with what smaller maps would cost', () => {
  const maps = (['baseColor', 'normal', 'roughness'] as const).map((slot, i) =>
    bound(slot, ['a_diff.png', 'a_nrm.png', 'a_rough.png'][i]),
  );
  const pictures = { 'a_diff.png': PICTURES.colour, 'a_nrm.png': PICTURES.up, 'a_rough.png': PICTURES.grey };
  const finding = get(look({ maps, pictures }), 'map-sizes')!;
  // 3 maps of 4096 × 4096, 4 bytes, a third more for mip levels
  expect(finding).toMatchObject({ mark: 'look', title: 'Maps take 256 MiB on the card, the house allows 96 MiB' });
  expect(finding.choices.map(({ label }) => label)).toEqual([
    'Reduce to 2K: 64 MiB',
    'Reduce to 1K: 16 MiB',
    'Keep them as they came',
  ]);
});

test('a spare map of the same set is offered to its material, a preview to none', () => {
  const unused = (path: string): CandidatePicture => ({ path, sha256: path, width: 64, height: 64 });
  const findings = look({
    maps: [bound('baseColor', 'oak_top_diff.png')],
    pictures: { 'oak_top_diff.png': PICTURES.colour, 'oak_top_nrm.png': PICTURES.up },
    unused: [unused('oak_top_nrm.png'), unused('preview.png')],
  });
  expect(get(findings, 'offer')).toMatchObject({ key: 'offer:oak:normal', sure: true });
  expect(get(findings, 'maps-unused')).toMatchObject({ title: '1 picture no material uses' });
});

test('a lost map that is found for sure is judged as what it will be', () => {
  const findings = look({
    maps: [{ slot: 'normal', reference: 'D:\\x\\oak_nrm.png', status: 'missing', path: null, sha256: null }],
    pictures: { 'oak_nrm.png': flipGreen(PICTURES.up) },
    unused: [{ path: 'textures/oak_nrm.png', sha256: 'oak_nrm.png', width: 64, height: 64 }],
  });
  expect(get(findings, 'map:oak:normal')).toMatchObject({ sure: true });
  expect(get(findings, 'green')).toMatchObject({ sure: true, choices: [{ id: 'flip' }, { id: 'stay' }] });
});

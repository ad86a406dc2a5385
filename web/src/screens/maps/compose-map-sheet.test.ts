import type { Sheet, SheetFinding } from '@haveld/contract/api/bench';
import type { FindingKind } from '@haveld/contract/finding-kinds';
import type { MapLine } from '@haveld/contract/report';
import { makeFinding } from '@haveld/core/condition/make-finding';
import type { MaterialLook } from '@haveld/core/textures/materials/describe-materials';
import { chooseSlot, COLUMNS, composeMapSheet, findNextOpen } from './compose-map-sheet';

const line = (material: string, slot: MapLine['slot'], status: MapLine['status'] = 'found'): MapLine => ({
  material,
  slot,
  reference: 'x.png',
  status,
  path: 'x.png',
  sha256: 'a'.repeat(64),
  width: 4,
  height: 4,
  colourSpace: 'srgb',
  picture: null,
  judged: null,
});
const finding = (kind: FindingKind, about: SheetFinding['about'], over: Partial<SheetFinding> = {}): SheetFinding => ({
  ...makeFinding({ kind, about, mark: 'look', title: '', of: JSON.stringify(about) }),
  answer: null,
  settled: false,
  ...over,
});
const look = (name: string, slots: MaterialLook['slots'] = {}): MaterialLook => ({
  name,
  slots,
  triangles: 2,
  parts: [],
  factors: {
    baseColor: [1, 1, 1, 1],
    metallic: 0,
    roughness: 1,
    emissive: [0, 0, 0],
    alphaMode: 'OPAQUE',
    doubleSided: false,
  },
});
const sheet = (over: Partial<Pick<Sheet, 'maps' | 'unused' | 'findings' | 'steps'>>) => ({
  maps: [],
  unused: [],
  findings: [],
  steps: [],
  ...over,
});
const state = (rows: ReturnType<typeof composeMapSheet>, row: number, id: string) =>
  rows[row].cells.find((cell) => cell.column.id === id)!.state;

test('a material without maps is a row of empty cells', () => {
  const [row] = composeMapSheet(sheet({}), [look('oak')]);
  expect(row.cells.map((cell) => cell.state)).toEqual(COLUMNS.map(() => 'empty'));
});

test('what is bound holds, what is lost blocks, what is asked is open, what a step touched is changed', () => {
  const rows = composeMapSheet(
    sheet({
      maps: [line('oak', 'baseColor'), line('oak', 'roughness', 'missing'), line('oak', 'normal')],
      findings: [
        finding('map', { material: 'oak', slot: 'roughness' }, { mark: 'blocks' }),
        finding('green', { sha256: 'a'.repeat(64) }),
      ],
      steps: [
        {
          id: '1',
          title: '',
          enabled: true,
          findingKey: null,
          personName: '',
          step: { kind: 'fold-constant', schema: 1, material: 'oak', slot: 'occlusion' },
        },
      ],
    }),
    [look('oak', { baseColor: 'k', normal: 'n' })],
  );
  expect(['colour', 'normal', 'surface', 'occlusion'].map((id) => state(rows, 0, id))).toEqual([
    'holds',
    'open',
    'missing',
    'changed',
  ]);
});

test('a material that was merged away has no row; while nothing is worked out all have one', () => {
  const given = sheet({ maps: [line('oak', 'baseColor'), line('oak.001', 'baseColor')] });
  expect(composeMapSheet(given, [look('oak')]).map(({ material }) => material)).toEqual(['oak']);
  expect(composeMapSheet(given, []).map(({ material }) => material)).toEqual(['oak', 'oak.001']);
});

test('the next open place goes round, past settled ones, and a material itself comes before its cells', () => {
  const rows = composeMapSheet(
    sheet({
      maps: [line('a', 'baseColor'), line('b', 'normal', 'missing')],
      findings: [
        finding('map', { material: 'b', slot: 'normal' }, { mark: 'blocks' }),
        finding('alpha', { material: 'b' }),
        finding('alpha', { material: 'a' }, { settled: true }),
      ],
    }),
    [look('a'), look('b')],
  );
  expect(findNextOpen(rows, null, 1)).toEqual({ material: 'b', column: -1 });
  expect(findNextOpen(rows, { material: 'a', column: 0 }, 1)).toEqual({ material: 'b', column: -1 });
  expect(findNextOpen(rows, { material: 'b', column: -1 }, 1)).toEqual({ material: 'b', column: 1 });
  expect(findNextOpen(rows, { material: 'b', column: 1 }, 1)).toEqual({ material: 'b', column: -1 });
  expect(findNextOpen(rows, { material: 'b', column: 1 }, -1)).toEqual({ material: 'b', column: -1 });
  expect(findNextOpen(composeMapSheet(sheet({}), [look('a')]), null, 1)).toBeNull();
});

test('a picture goes where its role belongs within the column', () => {
  const surface = COLUMNS.find(({ id }) => id === 'surface')!;
  expect(chooseSlot(surface, 'metallic')).toBe('metallic');
  expect(chooseSlot(surface, 'normal')).toBe('metallicRoughness');
  expect(chooseSlot(COLUMNS[0], undefined)).toBe('baseColor');
});

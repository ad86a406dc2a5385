import type { ArrivalFile } from '@haveld/contract/api/arrivals';
import { foldFiles } from './fold-files';

let id = 0;
const file = (path: string, change: Partial<ArrivalFile> = {}): ArrivalFile => ({
  id: ++id,
  path,
  kind: 'picture',
  format: 'png',
  summary: 'PNG picture',
  sizeBytes: 1,
  excludedReason: null,
  uses: [{ findId: 'f', role: 'map' }],
  ...change,
});
const say = (files: ArrivalFile[]) => foldFiles(files, 'a.zip/').map(({ label, summary }) => `${label}: ${summary}`);

test('a few files stand one by one, without the archive’s name', () => {
  expect(
    say([
      file('a.zip/buoy.glb', { kind: 'model', summary: 'GLB model', uses: [{ findId: 'f', role: 'model' }] }),
      file('a.zip/maps/col.png'),
    ]),
  ).toEqual(['buoy.glb: GLB model', 'maps/col.png: PNG']);
});

test('many of one folder that are the same to the same find stand in one line', () => {
  const maps = ['a', 'b', 'c'].map((name) => file(`a.zip/maps/${name}.png`));
  const large = ['a', 'b', 'c'].map((name) =>
    file(`a.zip/maps_4k/${name}.png`, { uses: [{ findId: 'f', role: 'other-resolution' }] }),
  );
  expect(say([...maps, ...large])).toEqual(['maps/ 3 pictures: PNG', 'maps_4k/ 3 pictures: same map, other size']);
});

test('those set aside keep their reason', () => {
  const [line] = foldFiles(
    [file('a.zip/setup.exe', { kind: 'program', uses: [], excludedReason: 'a program, never opened' })],
    'a.zip/',
  );
  expect(line).toMatchObject({ summary: 'a program, never opened', isExcluded: true });
});

import type { Edition } from '@haveld/contract/source';
import { chooseEdition } from './choose-edition';

const edition = (
  id: string,
  format: string,
  mapSide: number | null = null,
  sizeBytes: number | null = null,
): Edition => ({
  id,
  name: `${id}.${format}`,
  format,
  mapSide,
  sizeBytes,
  sha256: null,
  carries: [],
});

test('a format that carries more goes before one that carries less', () => {
  expect(chooseEdition([edition('a', 'obj'), edition('b', 'glb'), edition('c', 'stl')], 2048)).toMatchObject({
    id: 'b',
  });
});

test.each([
  [[512, 1024, 4096], 1024],
  [[512, 4096, 8192], 4096],
  [[256, 512], 512],
])('of maps %j those nearest to what the house hands over: %d', (sides, wanted) => {
  const editions = sides.map((side) => edition(String(side), 'glb', side));
  expect(chooseEdition(editions, 1024)?.id).toBe(String(wanted));
});

test('of equals the lightest; one without a weight last', () => {
  expect(
    chooseEdition([edition('a', 'glb', 512, 900), edition('b', 'glb', 512, 800), edition('c', 'glb', 512)], 512)?.id,
  ).toBe('b');
});

test('it says why; of none there is none, and an unknown format is all there is', () => {
  expect(chooseEdition([edition('a', 'fbx', 2048)], 2048)?.why).toMatch(/^FBX: .*clips, maps of 2048$/);
  expect(chooseEdition([], 2048)).toBeNull();
  expect(chooseEdition([edition('a', 'zip')], 2048)?.why).toBe('the only one there is');
});

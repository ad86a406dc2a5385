import { cleanName } from './clean-name';
import { composeName } from './compose-name';
import { proposeTags } from './propose-tags';

// How downloads are named is common practice, no source.
test.each([
  ['chair2_FINAL', 'Chair 2'],
  ['Free Low Poly Rowing Boat 3D Model', 'Rowing Boat'],
  ['Quay lantern by Ines Falkenrot', 'Quay lantern'],
  ['SM_Bollard_LOD0', 'Bollard'],
  ['harbour_bench_v3_4k_fbx', 'Harbour bench'],
  ['Buoy (1)', 'Buoy'],
  ['Crate (open)', 'Crate (open)'],
  ['Crate [free download]', 'Crate'],
  ['OLD MOORING POST', 'Old mooring post'],
  ['RustyBucket', 'Rusty Bucket'],
  ['Game-ready tarred rope, PBR', 'Tarred rope'],
  ['Signal mast | Free downloads', 'Signal mast'],
  ['Low wall', 'Low wall'],
  ['Bell buoy, red', 'Bell buoy, red'],
  ['bell_buoy,_red_final', 'Bell buoy, red'],
  ['Chart table oak', 'Chart table oak'],
  ['Lighthouse with stairs by the sea', 'Lighthouse with stairs by the sea'],
  ['T-Rex', 'T-Rex'],
  ['Racing cycles', 'Racing cycles'],
  ['Model ship', 'Model ship'],
  ['Rowing boat model', 'Rowing boat'],
  ['tug-boat-low-poly', 'Tug boat'],
  ['Möwe', 'Möwe'],
  ['海鸥', '海鸥'],
])('“%s” is kept as “%s”', (title, name) => {
  expect(cleanName(title)).toBe(name);
});

test.each(['untitled_3d_model', 'FBX', '4k', 'v2', '', '17'])('where nothing would be left “%s” stays', (title) => {
  expect(cleanName(title)).toBe(title.trim());
});

test('a house says in which order a name is made', () => {
  const facts = { title: 'Dining chair FINAL', materials: ['varnished_oak', 'brass'], category: 'seats' };
  expect(composeName('{name}', facts)).toBe('Dining chair');
  expect(composeName('{thing} {which} {material}', facts)).toBe('Chair dining oak');
  expect(composeName('{category} {thing}', facts)).toBe('Seats chair');
  expect(composeName('{thing}, {material}', { ...facts, title: 'Oak chairs' })).toBe('Chair, oak');
});

test('a pattern that gives nothing gives the title', () => {
  expect(composeName('{material}', { title: 'xq_17', materials: [], category: '' })).toBe('Xq 17');
});

test('tags are proposed from what it is and what it is of, and none that it has', () => {
  const chair = { id: 'seating', word: 'chair' };
  expect(proposeTags(chair, ['varnished_oak', 'Brass_old', 'mat_7'], ['quay', 'oak'])).toEqual(['chair', 'brass']);
  expect(proposeTags({ id: 'prop', word: null }, ['lambert1'], [])).toEqual([]);
  expect(
    proposeTags(
      chair,
      [],
      Array.from({ length: 30 }, (_, i) => `tag ${i}`),
    ),
  ).toEqual([]);
});

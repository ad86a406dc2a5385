import { proposeJoin, type JoinCandidate } from './propose-join';

const arrival = (id: string, name: string, rest: Partial<JoinCandidate> = {}): JoinCandidate => ({
  id,
  name,
  finds: 1,
  pictures: 0,
  mapsMissing: 0,
  ...rest,
});

test.each([
  ['buoy_part1.zip', 'buoy_part2.zip'],
  ['buoy part 1.7z', 'buoy part 2.7z'],
  ['Buoy-Teil1.rar', 'Buoy-Teil2.rar'],
])('%s and %s are parts of one download', (a, b) => {
  expect(proposeJoin(arrival('a', a), [arrival('b', b)])).toEqual({
    id: 'b',
    name: b,
    reason: 'parts 1 and 2 of one download',
  });
});

test('a model that lacks maps, beside maps of the same name', () => {
  const model = arrival('a', 'buoy_model.zip', { mapsMissing: 3 });
  const maps = arrival('b', 'buoy_textures.zip', { finds: 0, pictures: 4 });
  expect(proposeJoin(model, [maps])?.id).toBe('b');
  expect(proposeJoin({ ...model, mapsMissing: 0 }, [maps])).toBeNull();
});

test.each([
  ['another name', 'gull_part2.zip'],
  ['the same part', 'buoy_part1.zip'],
  ['no part', 'buoy.zip'],
])('%s is not joined', (_, other) => {
  expect(proposeJoin(arrival('a', 'buoy_part1.zip'), [arrival('b', other)])).toBeNull();
});

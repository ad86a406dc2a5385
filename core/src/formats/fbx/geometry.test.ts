import fc from 'fast-check';
import type { FbxNode, FbxValue } from './fbx-node';
import { readGeometry, type FbxMesh } from './geometry';

const node = (name: string, values: FbxValue[] = [], children: FbxNode[] = []): FbxNode => ({ name, values, children });
const floats = (name: string, ...values: number[]): FbxNode => node(name, [Float64Array.from(values)]);
const integers = (name: string, ...values: number[]): FbxNode => node(name, [Int32Array.from(values)]);

/** Two triangles over an edge: 0 1 2 and 2 1 3. */
const POINTS = floats('Vertices', 0, 0, 0, 1, 0, 0, 0, 1, 0, 1, 1, 0);
const CORNERS = integers('PolygonVertexIndex', 0, 1, -3, 2, 1, -4);
const mesh = (...layers: FbxNode[]): FbxMesh => readGeometry(node('Geometry', [], [POINTS, CORNERS, ...layers]))!;
const layer = (kind: string, mapping: string | null, ...data: FbxNode[]): FbxNode =>
  node(kind, [0], [...(mapping === null ? [] : [node('MappingInformationType', [mapping])]), ...data]);

/** What each corner has of a layer's first component. */
const valuesAt = ({ width, values, index }: FbxMesh['uvs'][number]): (number | null)[] =>
  [...(index ?? [])].map((at) => (at < 0 ? null : values[at * width]));

describe('how a layer lies on its corners', () => {
  const U = [10, 0, 11, 0, 12, 0, 13, 0, 14, 0, 15, 0];
  test.each<[string, string | null, FbxNode[], (number | null)[]]>([
    ['one a corner', 'ByPolygonVertex', [floats('UV', ...U)], [10, 11, 12, 13, 14, 15]],
    ['one a corner where nothing is said', null, [floats('UV', ...U)], [10, 11, 12, 13, 14, 15]],
    [
      'by index',
      'ByPolygonVertex',
      [floats('UV', ...U), integers('UVIndex', 0, 0, 1, 1, 2, 2)],
      [10, 10, 11, 11, 12, 12],
    ],
    ['one a point', 'ByVertice', [floats('UV', ...U)], [10, 11, 12, 12, 11, 13]],
    ['one a point, spelled otherwise', 'ByVertex', [floats('UV', ...U)], [10, 11, 12, 12, 11, 13]],
    ['one a polygon', 'ByPolygon', [floats('UV', ...U)], [10, 10, 10, 11, 11, 11]],
    ['one for all', 'AllSame', [floats('UV', ...U)], [10, 10, 10, 10, 10, 10]],
    [
      'an index past the end',
      'ByPolygonVertex',
      [floats('UV', 10, 0), integers('UVIndex', 0, 5, 0, -1, 0, 0)],
      [10, null, 10, null, 10, 10],
    ],
    [
      'an index that is too short',
      'ByPolygonVertex',
      [floats('UV', 10, 0), integers('UVIndex', 0, 0)],
      [10, 10, null, null, null, null],
    ],
  ])('%s', (_, mapping, data, expected) => {
    const { uvs, losses } = mesh(layer('LayerElementUV', mapping, ...data));
    expect(valuesAt(uvs[0])).toEqual(expected);
    expect(losses.layers).toEqual([]);
  });

  test('a mapping nobody knows leaves the layer out and says so; the head of an empty one says nothing', () => {
    const { uvs, normals, losses } = mesh(
      layer('LayerElementUV', 'ByEdgeLoop', floats('UV', ...U)),
      layer('LayerElementNormal', 'ByPolygonVertex', floats('Normals')),
    );
    expect([uvs, normals]).toEqual([[], null]);
    expect(losses.layers).toEqual(['UV (ByEdgeLoop)']);
  });

  test('v is counted from the top as glTF counts it (glTF 2.0, 3.8.2), u stays', () => {
    const { uvs } = mesh(layer('LayerElementUV', 'AllSame', floats('UV', 0.25, 0.2)));
    expect([...uvs[0].values]).toEqual([0.25, 0.8]);
  });

  test('several UV sets keep their order and their names', () => {
    const { uvs } = mesh(
      layer('LayerElementUV', 'AllSame', node('Name', ['map1']), floats('UV', 0, 0)),
      layer('LayerElementUV', 'AllSame', node('Name', ['light']), floats('UV', 1, 0)),
    );
    expect(uvs.map(({ name }) => name)).toEqual(['map1', 'light']);
  });
});

describe('polygons', () => {
  const read = (...index: number[]) =>
    readGeometry(node('Geometry', [], [POINTS, integers('PolygonVertexIndex', ...index)]));
  test('a last corner is written as −1 − index', () => {
    expect(read(0, 1, 3, -3)).toMatchObject({ corners: Int32Array.of(0, 1, 3, 2), sizes: Int32Array.of(4) });
  });

  test('edges without a face are counted apart from polygons that name a point that is not there or do not end', () => {
    const { sizes, losses } = read(0, -2, 0, 1, -3, 0, 9, -3, 2, 1, -4, 0, 1)!;
    expect([...sizes]).toEqual([3, 3]);
    expect(losses).toMatchObject({ loneEdges: 1, brokenPolygons: 2, badNumbers: 0 });
  });

  test('a geometry without a polygon is none', () => {
    expect(read()).toBeNull();
    expect(read(0, -2)).toBeNull();
    expect(readGeometry(node('Geometry'))).toBeNull();
  });

  test('layers by polygon follow the polygons that are kept, not their place in the file', () => {
    const { uvs, materials } = readGeometry(
      node(
        'Geometry',
        [],
        [
          POINTS,
          integers('PolygonVertexIndex', 0, 9, -3, 0, 1, -3),
          layer('LayerElementUV', 'ByPolygon', floats('UV', 10, 0, 11, 0)),
          layer('LayerElementMaterial', 'ByPolygon', integers('Materials', 4, 5)),
        ],
      ),
    )!;
    expect(valuesAt(uvs[0])).toEqual([11, 11, 11]);
    expect([...materials!]).toEqual([5]);
  });

  test('a corner that is no number, or larger than a 32-bit float, becomes 0 and is counted', () => {
    const { positions, losses } = readGeometry(
      node(
        'Geometry',
        [],
        [floats('Vertices', NaN, 0, 0, 1, Infinity, 0, 0, 1, 4e38, 7), integers('PolygonVertexIndex', 0, 1, -3)],
      ),
    )!;
    expect([...positions]).toEqual([0, 0, 0, 1, 0, 0, 0, 1, 0]);
    expect(losses.badNumbers).toBe(3);
  });

  test('whatever the index holds, every kept corner names a point, and sizes add up to the corners', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -8, max: 8 }), { maxLength: 40 }), (index) => {
        const found = readGeometry(node('Geometry', [], [POINTS, integers('PolygonVertexIndex', ...index)]));
        if (!found) return;
        expect(found.corners.every((point) => point >= 0 && point < 4)).toBe(true);
        expect(found.sizes.reduce((sum, size) => sum + size, 0)).toBe(found.corners.length);
        expect(found.sizes.every((size) => size >= 3)).toBe(true);
        const ends = index.filter((value) => value < 0).length;
        const open = index.length > 0 && index[index.length - 1] >= 0 ? 1 : 0;
        expect(found.sizes.length + found.losses.loneEdges + found.losses.brokenPolygons).toBe(ends + open);
      }),
    );
  });
});

describe('smoothing and creases', () => {
  test('groups by polygon are kept as bits', () => {
    expect(mesh(layer('LayerElementSmoothing', 'ByPolygon', integers('Smoothing', 3, 4))).smoothing).toEqual({
      by: 'bits',
      ofPolygon: Int32Array.of(3, 4),
    });
  });

  // the edge from 1 to 2 is the second corner of the first triangle
  test.each([
    ['soft', 1, [1, 1]],
    ['hard', 0, [0, 0]],
  ])('an edge that is %s joins its two faces, or does not', (_, soft, groups) => {
    const { smoothing } = mesh(
      integers('Edges', 1),
      layer('LayerElementSmoothing', 'ByEdge', integers('Smoothing', soft)),
    );
    expect(smoothing).toEqual({ by: 'groups', ofPolygon: Int32Array.from(groups) });
  });

  test('nothing said is nothing known', () => {
    expect(mesh().smoothing).toEqual({ by: 'none' });
  });

  test('creases lie at the corner their edge begins at; none where all are 0', () => {
    const crease = (...values: number[]): FbxNode[] => [
      integers('Edges', 1, 4),
      layer('LayerElementEdgeCrease', 'ByEdge', floats('EdgeCrease', ...values)),
    ];
    expect([...mesh(...crease(0, 0.5)).creases!]).toEqual([0, 0, 0, 0, 0.5, 0]);
    expect(mesh(...crease(0, 0)).creases).toBeNull();
  });
});

import fc from 'fast-check';
import { readColladaGeometry, type ColladaMesh } from './geometry';
import { Library } from './library';
import { findElement, parseXml } from './xml-tree';

// COLLADA 1.4.1, chapter 5: geometry, vertices, input, polylist, polygons, triangles, tristrips, trifans, lines

const floats = (id: string, values: readonly number[], width: number): string =>
  `<source id="${id}"><float_array id="${id}-a" count="${values.length}">${values.join(' ')}</float_array><technique_common><accessor source="#${id}-a" count="${values.length / width}" stride="${width}">${'<param name="X" type="float"/>'.repeat(width)}</accessor></technique_common></source>`;
const SIX = [0, 0, 0, 1, 0, 0, 1, 1, 0, 0, 1, 0, 2, 0, 0, 2, 1, 0];
const UVS = [0, 0, 1, 0, 1, 1, 0, 1];
const NORMALS = [0, 0, 1, 0, 1, 0];
const POSITION = '<input semantic="POSITION" source="#p"/>';
const VERTEX = '<input semantic="VERTEX" source="#v" offset="0"/>';

function read(primitives: string, vertices = POSITION): ColladaMesh | null {
  const { root } = parseXml(
    `<COLLADA><library_geometries><geometry id="g"><mesh>${floats('p', SIX, 3)}${floats('t', UVS, 2)}${floats(
      's',
      UVS.map((v) => v / 2),
      2,
    )}${floats('n', NORMALS, 3)}${floats('c', [1, 0, 0, 0, 1, 0], 3)}<vertices id="v">${vertices}</vertices>${primitives}</mesh></geometry></library_geometries></COLLADA>`,
  );
  const geometry = findElement(findElement(root!, 'library_geometries'), 'geometry')!;
  return readColladaGeometry(geometry, new Library(root!));
}
/** Corners of each polygon. */
const outlines = (mesh: ColladaMesh): number[][] => {
  let at = 0;
  return [...mesh.sizes].map((size) => [...mesh.corners.slice(at, (at += size))]);
};
/** A layer's values at each corner; null where it has none there. */
const spread = (layer: ColladaMesh['uvs'][number]): (number[] | null)[] =>
  [...layer.index!].map((row) =>
    row < 0 ? null : [...layer.values.slice(row * layer.width, (row + 1) * layer.width)],
  );

describe('polygons', () => {
  test.each([
    [
      'polylist',
      `<polylist count="2">${VERTEX}<vcount>4 3</vcount><p>0 1 2 3 1 4 5</p></polylist>`,
      [
        [0, 1, 2, 3],
        [1, 4, 5],
      ],
    ],
    [
      'polygons',
      `<polygons count="2">${VERTEX}<p>0 1 2 3</p><p>1 4 5</p></polygons>`,
      [
        [0, 1, 2, 3],
        [1, 4, 5],
      ],
    ],
    [
      'triangles',
      `<triangles count="2">${VERTEX}<p>0 1 2 0 2 3</p></triangles>`,
      [
        [0, 1, 2],
        [0, 2, 3],
      ],
    ],
    [
      'a fan',
      `<trifans count="1">${VERTEX}<p>0 1 4 5 2</p></trifans>`,
      [
        [0, 1, 4],
        [0, 4, 5],
        [0, 5, 2],
      ],
    ],
    // every other triangle of a strip is turned round, so that all look to one side
    [
      'a strip',
      `<tristrips count="1">${VERTEX}<p>0 1 3 2</p></tristrips>`,
      [
        [0, 1, 3],
        [3, 1, 2],
      ],
    ],
    [
      'a polygon with a hole, by its outline',
      `<polygons count="1">${VERTEX}<ph><p>0 4 5 3</p><h>1 2 5</h></ph></polygons>`,
      [[0, 4, 5, 3]],
    ],
  ])('%s', (_what, primitives, expected) => {
    const mesh = read(primitives)!;
    expect(outlines(mesh)).toEqual(expected);
    expect(mesh.broken).toBe(0);
  });

  test('of several elements stand behind one another, each with its material', () => {
    const mesh = read(
      `<triangles count="1" material="oak">${VERTEX}<p>0 1 2</p></triangles><triangles count="1" material="brass">${VERTEX}<p>1 4 5</p></triangles><triangles count="1" material="oak">${VERTEX}<p>0 2 3</p></triangles>`,
    )!;
    expect(outlines(mesh)).toEqual([
      [0, 1, 2],
      [1, 4, 5],
      [0, 2, 3],
    ]);
    expect([...mesh.polygonSymbols].map((one) => mesh.symbols[one])).toEqual(['oak', 'brass', 'oak']);
  });

  test.each([
    ['a point that is not there', `<triangles count="2">${VERTEX}<p>0 1 9 0 2 3</p></triangles>`, [[0, 2, 3]]],
    ['a point before the first', `<triangles count="2">${VERTEX}<p>0 1 -1 0 2 3</p></triangles>`, [[0, 2, 3]]],
    [
      'fewer than three corners',
      `<polylist count="2">${VERTEX}<vcount>2 3</vcount><p>0 1 0 2 3</p></polylist>`,
      [[0, 2, 3]],
    ],
    [
      'more corners than the list holds',
      `<polylist count="2">${VERTEX}<vcount>3 4</vcount><p>0 1 2 0</p></polylist>`,
      [[0, 1, 2]],
    ],
  ])('with %s are left out and counted, the others stay', (_what, primitives, expected) => {
    const mesh = read(primitives)!;
    expect(outlines(mesh)).toEqual(expected);
    expect(mesh.broken).toBe(1);
  });

  test('none, and no positions, are no mesh', () => {
    expect(read('')).toBeNull();
    expect(
      read(`<triangles count="1">${VERTEX}<p>0 1 2</p></triangles>`, '<input semantic="POSITION" source="#nowhere"/>'),
    ).toBeNull();
  });
});

describe('what lies on corners', () => {
  test('each input has its own offset; v is counted from the top as in glTF (glTF 2.0, 3.8.2)', () => {
    const mesh = read(
      `<triangles count="1">${VERTEX}<input semantic="NORMAL" source="#n" offset="2"/><input semantic="TEXCOORD" source="#t" offset="1" set="0"/><p>0 0 1 1 1 0 2 2 1</p></triangles>`,
    )!;
    expect(outlines(mesh)).toEqual([[0, 1, 2]]);
    expect(spread(mesh.uvs[0])).toEqual([
      [0, 1],
      [1, 1],
      [1, 0],
    ]);
    expect(spread(mesh.normals!)).toEqual([
      [0, 1, 0],
      [0, 0, 1],
      [0, 1, 0],
    ]);
  });

  test('what is an input of the vertices goes with the points', () => {
    const mesh = read(
      `<triangles count="1">${VERTEX}<p>0 1 2</p></triangles>`,
      `${POSITION}<input semantic="TEXCOORD" source="#t"/>`,
    )!;
    expect(spread(mesh.uvs[0])).toEqual([
      [0, 1],
      [1, 1],
      [1, 0],
    ]);
  });

  test('layouts are in the order of their sets, not of the file', () => {
    const mesh = read(
      `<triangles count="1">${VERTEX}<input semantic="TEXCOORD" source="#s" offset="0" set="3"/><input semantic="TEXCOORD" source="#t" offset="0" set="1"/><p>0 1 2</p></triangles>`,
    )!;
    expect(mesh.uvSets).toEqual([1, 3]);
    expect(spread(mesh.uvs[0])[2]).toEqual([1, 0]);
    expect(spread(mesh.uvs[1])[2]).toEqual([0.5, 0.5]);
  });

  test('elements that take one set from different sources are one layout; one without leaves its corners empty', () => {
    const textured = (source: string): string =>
      `<triangles count="1">${VERTEX}<input semantic="TEXCOORD" source="#${source}" offset="0" set="0"/><p>0 1 2</p></triangles>`;
    const mesh = read(`${textured('t')}<triangles count="1">${VERTEX}<p>1 4 5</p></triangles>${textured('s')}`)!;
    expect(mesh.uvs).toHaveLength(1);
    expect(spread(mesh.uvs[0])).toEqual([[0, 1], [1, 1], [1, 0], null, null, null, [0, 1], [0.5, 1], [0.5, 0.5]]);
  });

  test('an index that leads nowhere leaves that corner empty and keeps the polygon', () => {
    const mesh = read(
      `<triangles count="1">${VERTEX}<input semantic="TEXCOORD" source="#t" offset="1" set="0"/><p>0 0 1 99 2 2</p></triangles>`,
    )!;
    expect(spread(mesh.uvs[0])).toEqual([[0, 1], null, [1, 0]]);
    expect(mesh.broken).toBe(0);
  });
});

test.each([
  ['lines', '<lines count="2">', '</lines>', [0, 1, 2, 3]],
  ['linestrips', '<linestrips count="1">', '</linestrips>', [0, 1, 1, 2, 2, 3]],
])('%s are kept as points two by two', (_what, open, close, expected) => {
  const mesh = read(`${open}${VERTEX}<p>0 1 2 3</p>${close}`)!;
  expect([...mesh.lines]).toEqual(expected);
  expect(mesh.sizes).toHaveLength(0);
});

test('property: whatever the lists hold, kept corners name points and sizes add up to them', () => {
  fc.assert(
    fc.property(
      fc.constantFrom('triangles', 'polylist', 'polygons', 'trifans', 'tristrips'),
      fc.array(fc.integer({ min: -3, max: 9 }), { maxLength: 40 }),
      fc.array(fc.integer({ min: -2, max: 7 }), { maxLength: 8 }),
      (kind, list, counts) => {
        const mesh = read(
          `<${kind} count="1">${VERTEX}<input semantic="TEXCOORD" source="#t" offset="1"/><vcount>${counts.join(' ')}</vcount><p>${list.join(' ')}</p></${kind}>`,
        );
        if (!mesh) return;
        expect(mesh.sizes.reduce((sum, size) => sum + size, 0)).toBe(mesh.corners.length);
        for (const corner of mesh.corners) expect(corner >= 0 && corner < 6).toBe(true);
        for (const layer of mesh.uvs) expect(layer.index).toHaveLength(mesh.corners.length);
        expect(mesh.polygonSymbols).toHaveLength(mesh.sizes.length);
      },
    ),
    { numRuns: 200 },
  );
});

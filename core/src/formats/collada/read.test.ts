import { getDocumentSource, getMaterialSource, getNodeSource } from '../../scene/document/source-data';
import { boxSize, computeBounds } from '../../scene/measures/bounds';
import { computeFigures } from '../../scene/measures/figures';
import { clipSpan, poseAt } from '../../scene/pose';
import { listMeshInstances, listShownNodes } from '../../scene/traverse';
import { createPng } from '../../testing/documents';
import { readFiles } from '../../testing/read-files';

const source = (id: string, values: string, names: string, count: number): string =>
  `<source id="${id}"><float_array id="${id}-a" count="${values.trim().split(/\s+/).length}">${values}</float_array>
   <technique_common><accessor source="#${id}-a" count="${count}" stride="${names.length}">${[...names].map((name) => `<param name="${name}" type="float"/>`).join('')}</accessor></technique_common></source>`;

interface Given {
  asset?: string;
  polygons?: string;
  node?: string;
  extra?: string;
}

/** A quad of 2 × 1 with a layout. */
const file = ({ asset = '', polygons = POLYLIST, node = NODE, extra = '' }: Given = {}): string =>
  `<?xml version="1.0"?><COLLADA xmlns="http://www.collada.org/2005/11/COLLADASchema" version="1.4.1">
<asset><contributor><author>Ines Falkenrot</author><authoring_tool>harbour tool 2</authoring_tool></contributor>${asset}</asset>
${extra}
<library_geometries><geometry id="quad"><mesh>
${source('p', '0 0 0 2 0 0 2 1 0 0 1 0', 'XYZ', 4)}
${source('t', '0 0 1 0 1 1 0 1', 'ST', 4)}
<vertices id="v"><input semantic="POSITION" source="#p"/></vertices>
${polygons}
</mesh></geometry></library_geometries>
<library_visual_scenes><visual_scene id="s">${node}</visual_scene></library_visual_scenes>
<scene><instance_visual_scene url="#s"/></scene></COLLADA>`;

const INPUTS = `<input semantic="VERTEX" source="#v" offset="0"/><input semantic="TEXCOORD" source="#t" offset="1" set="0"/>`;
const POLYLIST = `<polylist count="1" material="m">${INPUTS}<vcount>4</vcount><p>0 0 1 1 2 2 3 3</p></polylist>`;
const BIND = `<instance_geometry url="#quad"><bind_material><technique_common><instance_material symbol="m" target="#oak"/></technique_common></bind_material></instance_geometry>`;
const NODE = `<node id="n" name="table" layer="furniture">${BIND}</node>`;

test('a quad stays a quad; unit, axis, tool and layer are kept', async () => {
  const { document } = await readFiles({
    'a.dae': file({ asset: '<unit name="inch" meter="0.0254"/><up_axis>Z_UP</up_axis>' }),
  });
  expect(computeFigures(document)).toMatchObject({ triangles: 2, polygons: 1, nodes: 1 });
  expect(getDocumentSource(document)).toMatchObject({
    format: 'COLLADA',
    version: '1.4.1',
    exporter: 'harbour tool 2',
    declaredUnit: 'in',
    declaredUp: 'z',
  });
  expect(getNodeSource(listShownNodes(document)[0]).layers).toEqual(['furniture']);
});

test('a unit with a decimal comma is understood', async () => {
  const { document } = await readFiles({ 'a.dae': file({ asset: '<unit meter="0,010000"/>' }) });
  expect(getDocumentSource(document)).toMatchObject({ declaredUnit: 'cm', declaredUp: 'y' });
});

test.each([
  ['polygons with one p each', `<polygons count="2">${INPUTS}<p>0 0 1 1 2 2</p><p>0 0 2 2 3 3</p></polygons>`],
  ['triangles', `<triangles count="2">${INPUTS}<p>0 0 1 1 2 2 0 0 2 2 3 3</p></triangles>`],
  ['a fan', `<trifans count="1">${INPUTS}<p>0 0 1 1 2 2 3 3</p></trifans>`],
  ['a strip', `<tristrips count="1">${INPUTS}<p>0 0 1 1 3 3 2 2</p></tristrips>`],
])('%s: two triangles', async (_, polygons) => {
  const { document } = await readFiles({ 'a.dae': file({ polygons }) });
  expect(computeFigures(document).triangles).toBe(2);
  expect(boxSize(computeBounds(document)!)).toEqual([2, 1, 0]);
});

test('transforms are applied in the order they are written', async () => {
  const place = async (transforms: string): Promise<number[]> => {
    const { document } = await readFiles({ 'a.dae': file({ node: `<node id="n">${transforms}${BIND}</node>` }) });
    return computeBounds(document)!.min;
  };
  // scaled by 3 and then moved; moved and then scaled
  expect(await place('<translate>1 0 0</translate><scale>3 3 3</scale>')).toEqual([1, 0, 0]);
  expect(await place('<scale>3 3 3</scale><translate>1 0 0</translate>')).toEqual([3, 0, 0]);
});

test('a node used by reference stands again', async () => {
  const { document } = await readFiles({
    'a.dae': file({ node: `${NODE}<node><translate>5 0 0</translate><instance_node url="#n"/></node>` }),
  });
  expect(computeFigures(document).triangles).toBe(4);
  expect(boxSize(computeBounds(document)!)[0]).toBe(7);
});

const OAK = `<library_images><image id="i"><init_from>file:///D:/work/maps/oak%20top.png</init_from></image></library_images>
<library_effects><effect id="e"><profile_COMMON>
<newparam sid="surface"><surface type="2D"><init_from>i</init_from></surface></newparam>
<newparam sid="sampler"><sampler2D><source>surface</source></sampler2D></newparam>
<technique sid="common"><phong><diffuse><texture texture="sampler" texcoord="UV"/></diffuse></phong></technique>
</profile_COMMON></effect></library_effects>
<library_materials><material id="oak" name="Oak"><instance_effect url="#e"/></material></library_materials>`;

test('a map named by an absolute address keeps its reference, and is bound where the file lies beside', async () => {
  const { document } = await readFiles({ 'a.dae': file({ extra: OAK }), 'oak top.png': createPng([9, 9, 9, 255]) });
  const [material] = document.getRoot().listMaterials();
  expect(material.getName()).toBe('Oak');
  expect(getMaterialSource(material).maps).toMatchObject([{ slot: 'baseColor', path: 'oak top.png' }]);
});

test('a clip moves its node as its keys say', async () => {
  const animation = `<library_animations><animation>
${source('in', '0 1 2', 'T', 3)}${source('out', '0 4 1', 'Y', 3)}
<source id="ip"><Name_array id="ip-a" count="3">LINEAR LINEAR LINEAR</Name_array></source>
<sampler id="sm"><input semantic="INPUT" source="#in"/><input semantic="OUTPUT" source="#out"/><input semantic="INTERPOLATION" source="#ip"/></sampler>
<channel source="#sm" target="n/move.Y"/></animation></library_animations>`;
  const { document } = await readFiles({
    'a.dae': file({ extra: animation, node: `<node id="n"><translate sid="move">0 0 0</translate>${BIND}</node>` }),
  });
  const [clip] = document.getRoot().listAnimations();
  expect(clipSpan(clip)).toEqual([0, 2]);
  for (const [seconds, y] of [
    [0, 0],
    [0.5, 2],
    [1, 4],
    [2, 1],
  ]) {
    poseAt(clip, seconds);
    expect(computeBounds(document)!.min[1]).toBeCloseTo(y, 4);
  }
});

test('the same material under two symbols is one', async () => {
  const polygons = ['m', 'n']
    .map((symbol) => `<triangles count="1" material="${symbol}">${INPUTS}<p>0 0 1 1 2 2</p></triangles>`)
    .join('');
  const bind = (symbol: string): string => `<instance_material symbol="${symbol}" target="#oak"/>`;
  const node = `<node id="n"><instance_geometry url="#quad"><bind_material><technique_common>${bind('m')}${bind('n')}</technique_common></bind_material></instance_geometry></node>`;
  const { document } = await readFiles({ 'a.dae': file({ polygons, node, extra: OAK }) });
  const parts = listMeshInstances(document).flatMap(({ mesh }) => mesh.listPrimitives());
  expect(new Set(parts.map((part) => part.getMaterial()))).toHaveProperty('size', 1);
  expect(
    document
      .getRoot()
      .listMaterials()
      .map((one) => one.getName()),
  ).toEqual(['Oak']);
});

test('XML that ends too early is refused with a sentence', async () => {
  await expect(readFiles({ 'a.dae': file().slice(0, 700) })).rejects.toThrow('“a.dae”');
});

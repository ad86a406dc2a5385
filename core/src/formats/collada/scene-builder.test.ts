import type { Document, Node } from '@gltf-transform/core';
import type { Light } from '@gltf-transform/extensions';
import { computeBounds } from '../../scene/measures/bounds';
import { listMeshInstances } from '../../scene/traverse';
import { readFiles } from '../../testing/read-files';
import type { Reading } from '../reading';

// COLLADA 1.4.1, chapters 5 and 6: cameras, lights, instanced nodes, controllers

const floats = (id: string, values: string, params: string): string => {
  const count = values.trim().split(/\s+/).length;
  const names = params.split(' ');
  const param = names.map((name) => `<param name="${name}" type="float"/>`).join('');
  return `<source id="${id}"><float_array id="${id}-a" count="${count}">${values}</float_array><technique_common><accessor source="#${id}-a" count="${count / names.length}" stride="${names.length}">${param}</accessor></technique_common></source>`;
};
const matrices = (id: string, values: string): string => {
  const count = values.trim().split(/\s+/).length;
  return `<source id="${id}"><float_array id="${id}-a" count="${count}">${values}</float_array><technique_common><accessor source="#${id}-a" count="${count / 16}" stride="16"><param name="M" type="float4x4"/></accessor></technique_common></source>`;
};
const names = (id: string, kind: 'Name' | 'IDREF', values: string): string => {
  const count = values.split(' ').length;
  return `<source id="${id}"><${kind}_array id="${id}-a" count="${count}">${values}</${kind}_array><technique_common><accessor source="#${id}-a" count="${count}" stride="1"><param name="JOINT" type="${kind.toLowerCase()}"/></accessor></technique_common></source>`;
};

const quad = (id: string, positions: string): string =>
  `<geometry id="${id}" name="${id}"><mesh>${floats(`${id}-p`, positions, 'X Y Z')}<vertices id="${id}-v"><input semantic="POSITION" source="#${id}-p"/></vertices><polylist count="1"><input semantic="VERTEX" source="#${id}-v" offset="0"/><vcount>4</vcount><p>0 1 2 3</p></polylist></mesh></geometry>`;
const FLAT = '0 0 0 1 0 0 1 1 0 0 1 0';

const read = (scene: string, libraries = ''): Promise<Reading> =>
  readFiles({
    'quay.dae': `<?xml version="1.0"?><COLLADA xmlns="http://www.collada.org/2005/11/COLLADASchema" version="1.4.1"><asset><unit meter="1"/><up_axis>Y_UP</up_axis></asset>
<library_geometries>${quad('flat', FLAT)}${quad('high', '0 0 2 1 0 2 1 1 2 0 1 2')}</library_geometries>${libraries}
<library_visual_scenes><visual_scene id="s"><node id="base"><instance_geometry url="#flat"/></node>${scene}</visual_scene></library_visual_scenes><scene><instance_visual_scene url="#s"/></scene></COLLADA>`,
  });
const nodeOf = (document: Document, name: string): Node =>
  document
    .getRoot()
    .listNodes()
    .find((node) => node.getName() === name)!;

describe('cameras', () => {
  const camera = async (lens: string) => {
    const { document } = await read(
      '<node id="eye"><instance_camera url="#c"/></node>',
      `<library_cameras><camera id="c"><optics><technique_common>${lens}</technique_common></optics></camera></library_cameras>`,
    );
    return nodeOf(document, 'eye').getCamera()!;
  };

  test('the angle across becomes the angle upwards by the aspect ratio', async () => {
    const one = await camera(
      '<perspective><xfov>90</xfov><aspect_ratio>2</aspect_ratio><znear>0.5</znear><zfar>50</zfar></perspective>',
    );
    expect(one.getYFov()).toBeCloseTo(2 * Math.atan(0.5), 6);
    expect([one.getZNear(), one.getZFar()]).toEqual([0.5, 50]);
  });

  test('a lens that sees nothing, or looks behind its near plane, is kept within what glTF has', async () => {
    const one = await camera('<perspective><yfov>0</yfov><znear>-3</znear><zfar>-9</zfar></perspective>');
    expect(one.getYFov()).toBeGreaterThan(0);
    expect(one.getZNear()).toBeGreaterThan(0);
    expect(one.getZFar()!).toBeGreaterThan(one.getZNear());
  });

  test('one without perspective keeps its half height', async () => {
    const one = await camera('<orthographic><ymag>4</ymag></orthographic>');
    expect([one.getType(), one.getYMag()]).toEqual(['orthographic', 4]);
  });
});

describe('lights', () => {
  const lights = async (...kinds: string[]) => {
    const { document } = await read(
      `<node id="lamp">${kinds.map((_, i) => `<instance_light url="#l${i}"/>`).join('')}</node>`,
      `<library_lights>${kinds.map((kind, i) => `<light id="l${i}"><technique_common>${kind}</technique_common></light>`).join('')}</library_lights>`,
    );
    const lamp = nodeOf(document, 'lamp');
    return [lamp, ...lamp.listChildren()].flatMap((node) => node.getExtension<Light>('KHR_lights_punctual') ?? []);
  };

  test('a colour beyond 1 is a strength', async () => {
    const [light] = await lights('<point><color>2 1 0</color></point>');
    expect([light.getType(), light.getColor(), light.getIntensity()]).toEqual(['point', [1, 0.5, 0], 2]);
  });

  test('the whole falloff angle is twice glTF’s outer cone', async () => {
    const [light] = await lights('<spot><color>1 1 1</color><falloff_angle>60</falloff_angle></spot>');
    expect(light.getOuterConeAngle()).toBeCloseTo(Math.PI / 6, 6);
  });

  test('two lights of one node both shine; light from everywhere is left out', async () => {
    const found = await lights('<ambient><color>1 1 1</color></ambient>', '<directional/>', '<point/>');
    expect(found.map((light) => light.getType())).toEqual(['directional', 'point']);
  });
});

test('a node that stands several times stands several times', async () => {
  const { document } = await read(
    '<node id="row"><node><translate>5 0 0</translate><instance_node url="#post"/></node><node><translate>9 0 0</translate><instance_node url="#post"/></node></node>',
    '<library_nodes><node id="post"><instance_geometry url="#high"/></node></library_nodes>',
  );
  expect(listMeshInstances(document)).toHaveLength(3);
  expect(computeBounds(document)!.max[0]).toBe(10);
});

test('a node that holds itself ends', async () => {
  const { document } = await read(
    '<node><instance_node url="#a"/></node>',
    '<library_nodes><node id="a"><instance_node url="#a"/></node></library_nodes>',
  );
  expect(listMeshInstances(document)).toHaveLength(1);
});

const IDENTITY = '1 0 0 0 0 1 0 0 0 0 1 0 0 0 0 1';
const BONES =
  '<node id="hip" sid="hip" type="JOINT"><translate>0 3 0</translate><node id="knee" sid="knee" type="JOINT"/></node>';

const skin = ({
  joints = 'hip knee',
  shape = '',
  weights = '1 0.5',
  v = '0 0 1 0 0 1 1 1 1 0',
  vcount = '1 1 2 1',
} = {}): string =>
  `<library_controllers><controller id="k"><skin source="#flat">${shape}${names('j', 'Name', joints)}${matrices(
    'b',
    joints
      .split(' ')
      .map(() => IDENTITY)
      .join(' '),
  )}${floats('w', weights, 'WEIGHT')}<joints><input semantic="JOINT" source="#j"/><input semantic="INV_BIND_MATRIX" source="#b"/></joints><vertex_weights count="4"><input semantic="JOINT" source="#j" offset="0"/><input semantic="WEIGHT" source="#w" offset="1"/><vcount>${vcount}</vcount><v>${v}</v></vertex_weights></skin></controller></library_controllers>`;
const WORN = `${BONES}<node id="leg"><instance_controller url="#k"><skeleton>#hip</skeleton></instance_controller></node>`;

describe('skins', () => {
  test('joints are found below the skeleton by their sid, each vertex with its weights', async () => {
    const { document } = await read(WORN, skin());
    const [worn] = document.getRoot().listSkins();
    expect(worn.listJoints().map((joint) => joint.getName())).toEqual(['hip', 'knee']);
    const primitive = listMeshInstances(document)
      .map(({ mesh }) => mesh.listPrimitives()[0])
      .find((one) => one.getAttribute('WEIGHTS_0'))!;
    const weights = [0, 1, 2, 3].map((i) => primitive.getAttribute('WEIGHTS_0')!.getElement(i, []).slice(0, 2));
    // the third point hangs on both, half each once they sum to 1
    expect(weights.flat().every((weight) => weight >= 0 && weight <= 1)).toBe(true);
    weights.forEach((pair) => expect(pair[0] + pair[1]).toBeCloseTo(1, 6));
    expect(weights.filter(([first, second]) => first > 0 && second > 0)).toHaveLength(1);
  });

  test('the shape’s own matrix goes before the joint’s', async () => {
    const shape = '<bind_shape_matrix>1 0 0 7 0 1 0 0 0 0 1 0 0 0 0 1</bind_shape_matrix>';
    const { document } = await read(WORN, skin({ shape }));
    const binds = document.getRoot().listSkins()[0].getInverseBindMatrices()!;
    expect(binds.getElement(0, []).slice(12, 15)).toEqual([7, 0, 0]);
  });

  test('a joint that is nowhere leaves the mesh standing, without a skin', async () => {
    const { document } = await read(WORN, skin({ joints: 'hip nowhere' }));
    expect(document.getRoot().listSkins()).toEqual([]);
    expect(listMeshInstances(document)).toHaveLength(2);
  });

  test('a joint of −1 is the shape itself and takes no weight', async () => {
    const { document } = await read(WORN, skin({ v: '-1 0 1 0 0 1 1 1 1 0' }));
    const primitive = listMeshInstances(document)
      .map(({ mesh }) => mesh.listPrimitives()[0])
      .find((one) => one.getAttribute('WEIGHTS_0'))!;
    [0, 1, 2, 3].forEach((i) =>
      expect(
        primitive
          .getAttribute('WEIGHTS_0')!
          .getElement(i, [])
          .reduce((sum, w) => sum + w, 0),
      ).toBeCloseTo(1, 6),
    );
  });
});

test.each([
  ['NORMALIZED', 2],
  ['RELATIVE', 2],
])('a blend shape of method %s is kept as what it moves, with its weight', async (method, lift) => {
  const { document } = await read(
    '<node id="flag"><instance_controller url="#m"/></node>',
    `<library_controllers><controller id="m"><morph source="#flat" method="${method}">${names('t', 'IDREF', 'high')}${floats('mw', '0.25', 'MORPH_WEIGHT')}<targets><input semantic="MORPH_TARGET" source="#t"/><input semantic="MORPH_WEIGHT" source="#mw"/></targets></morph></controller></library_controllers>`,
  );
  const mesh = nodeOf(document, 'flag').getMesh()!;
  expect(mesh.getWeights()).toEqual([0.25]);
  const [target] = mesh.listPrimitives()[0].listTargets();
  const moved = target.getAttribute('POSITION')!.getElement(0, []);
  expect(moved[2]).toBe(lift);
});

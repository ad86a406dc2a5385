import type { Document, Primitive, Skin } from '@gltf-transform/core';
import { KHRLightsPunctual } from '@gltf-transform/extensions';
import type { LogEntry } from '@haveld/contract/report';
import { addBox, createBoxDocument } from '../../testing/documents';
import { createDocument } from '../document/document-io';
import { listMeshInstances, listShownNodes } from '../traverse';
import { repairDocument } from './repair-document';

function repair(document: Document): LogEntry[] {
  const log: LogEntry[] = [];
  repairDocument(document, 'model.fbx', log);
  return log;
}
const box = (): Document => createBoxDocument([0, 0, 0], [1, 1, 1]);
const primitiveOf = (document: Document): Primitive => listMeshInstances(document)[0].mesh.listPrimitives()[0];
const arrayOf = (primitive: Primitive, semantic: string): Float32Array =>
  primitive.getAttribute(semantic)!.getArray() as Float32Array;
const add = (document: Document, primitive: Primitive, semantic: string, type: 'VEC2' | 'VEC4', values: number[]) =>
  primitive.setAttribute(
    semantic,
    document
      .createAccessor()
      .setType(type)
      .setArray(semantic.startsWith('JOINTS') ? new Uint16Array(values) : new Float32Array(values)),
  );

/** The same four values at every vertex of the box. */
const each = (values: number[]): number[] => Array.from({ length: 24 }, () => values).flat();

/** Puts the box on so many joints, which hang below it. */
function wear(document: Document, joints: number): Skin {
  const [node] = listShownNodes(document);
  const skin = document.createSkin();
  for (let i = 0; i < joints; i++) {
    const joint = document.createNode(`joint ${i}`);
    node.addChild(joint);
    skin.addJoint(joint);
  }
  node.setSkin(skin);
  return skin;
}

test('a sound document is left as it is, without a word', () => {
  const document = box();
  const before = arrayOf(primitiveOf(document), 'POSITION').slice();
  expect(repair(document)).toEqual([]);
  expect(arrayOf(primitiveOf(document), 'POSITION')).toEqual(before);
});

test('coordinates that are no numbers become 0, and are counted', () => {
  const document = box();
  arrayOf(primitiveOf(document), 'POSITION').set([NaN, Infinity]);
  expect(repair(document)[0].text).toBe('2 values are no numbers.');
  expect([...arrayOf(primitiveOf(document), 'POSITION').slice(0, 2)]).toEqual([0, 0]);
});

test('triangles of vertices that are not there are left out', () => {
  const document = box();
  const indices = primitiveOf(document).getIndices()!;
  indices.setArray(Uint16Array.from([...indices.getArray()!.slice(0, 6), 0, 1, 99]));
  expect(repair(document)[0].text).toContain('1 triangles name a vertex');
  expect(primitiveOf(document).getIndices()!.getCount()).toBe(6);
});

test('normals get length 1; those without any point up', () => {
  const document = box();
  arrayOf(primitiveOf(document), 'NORMAL').set([0, 0, 5, 0, 0, 0]);
  repair(document);
  expect([...arrayOf(primitiveOf(document), 'NORMAL').slice(0, 6)]).toEqual([0, 0, 1, 0, 1, 0]);
});

test('bone weights sum to 1, and a bone without weight is 0', () => {
  const document = box();
  const primitive = primitiveOf(document);
  add(document, primitive, 'WEIGHTS_0', 'VEC4', each([0.5, 1.5, 0, 0]));
  add(document, primitive, 'JOINTS_0', 'VEC4', each([1, 0, 7, 7]));
  wear(document, 2);
  const log = repair(document);
  expect([...arrayOf(primitive, 'WEIGHTS_0').slice(0, 4)]).toEqual([0.25, 0.75, 0, 0]);
  expect([...arrayOf(primitive, 'JOINTS_0').slice(0, 4)]).toEqual([1, 0, 0, 0]);
  expect(log.map((entry) => entry.text).join()).toContain('48 weights belong to a bone that is not there');
});

test('joints under no common node get one', () => {
  const document = createDocument();
  const mesh = addBox(document, [0, 0, 0], [1, 1, 1], 'cloth');
  const [left, right] = [addBox(document, [0, 0, 0], [1, 1, 1], 'l'), addBox(document, [0, 0, 0], [1, 1, 1], 'r')];
  mesh.setSkin(document.createSkin().addJoint(left).addJoint(right));
  repair(document);
  expect(left.getParentNode()).not.toBeNull();
  expect(left.getParentNode()).toBe(right.getParentNode());
});

test('a layout with a gap below it fills the gap, so that materials find theirs', () => {
  const document = box();
  const primitive = primitiveOf(document);
  const layout = primitive.getAttribute('TEXCOORD_0');
  primitive.setAttribute('TEXCOORD_1', layout).setAttribute('TEXCOORD_0', null);
  repair(document);
  expect(primitive.getAttribute('TEXCOORD_0')).toBe(layout);
});

test('attributes glTF does not know are kept under a name it allows', () => {
  const document = box();
  const primitive = primitiveOf(document);
  add(document, primitive, 'TEMPERATURE', 'VEC2', Array<number>(48).fill(1));
  repair(document);
  expect(primitive.listSemantics()).toContain('_TEMPERATURE');
});

test('factors and colours stay between 0 and 1', () => {
  const document = box();
  const primitive = primitiveOf(document);
  const material = document.createMaterial('oak').setRoughnessFactor(7).setBaseColorFactor([2, -1, NaN, 1]);
  primitive.setMaterial(material);
  add(document, primitive, 'COLOR_0', 'VEC4', Array<number>(96).fill(1.5));
  const log = repair(document);
  expect(material.getRoughnessFactor()).toBe(1);
  expect(material.getBaseColorFactor()).toEqual([1, 0, 0, 1]);
  expect(Math.max(...arrayOf(primitive, 'COLOR_0'))).toBe(1);
  expect(log.map((entry) => entry.text).join()).toContain('“oak”');
});

test('keys of rotation get length 1', () => {
  const document = box();
  const output = document
    .createAccessor()
    .setType('VEC4')
    .setArray(new Float32Array([0, 0, 0, 2, 0, 0, 0, 0]));
  const sampler = document
    .createAnimationSampler()
    .setInput(
      document
        .createAccessor()
        .setType('SCALAR')
        .setArray(new Float32Array([0, 1])),
    )
    .setOutput(output);
  const channel = document
    .createAnimationChannel()
    .setTargetNode(listShownNodes(document)[0])
    .setTargetPath('rotation')
    .setSampler(sampler);
  document.createAnimation().addSampler(sampler).addChannel(channel);
  expect(repair(document)[0].text).toContain('2 keys of rotation');
  expect([...output.getArray()!]).toEqual([0, 0, 0, 1, 0, 0, 0, 1]);
});

test('maps on parts without a layout are taken off those parts, and that is said', () => {
  const document = box();
  const texture = document.createTexture('brick').setImage(new Uint8Array(4)).setMimeType('image/png');
  const material = document.createMaterial('wall').setBaseColorTexture(texture);
  primitiveOf(document).setMaterial(material).setAttribute('TEXCOORD_0', null);
  expect(repair(document)[0].text).toContain('“wall”');
  expect(primitiveOf(document).getMaterial()!.getBaseColorTexture()).toBeNull();
});

test('indices that are no whole numbers, or lack a corner, keep the triangles that are whole', () => {
  const document = box();
  primitiveOf(document)
    .getIndices()!
    .setArray(Float32Array.of(0, 1, 2, 0.5, 1, 2, 2, 3));
  expect(repair(document)[0].text).toContain('2 triangles name a vertex');
  expect(primitiveOf(document).getIndices()!.getArray()).toEqual(Uint32Array.of(0, 1, 2));
});

test('attributes of another shape than theirs go, and weights that stand without joints', () => {
  const document = box();
  const primitive = primitiveOf(document);
  add(
    document,
    primitive,
    'TANGENT',
    'VEC2',
    Array.from({ length: 48 }, () => 1),
  );
  add(document, primitive, 'WEIGHTS_0', 'VEC4', each([0.25, 0.25, 0.25, 0.25]));
  expect(repair(document)[0].text).toBe('2 sets of values have another shape than theirs.');
  expect(primitive.listSemantics()).not.toContain('TANGENT');
  expect(primitive.listSemantics()).not.toContain('WEIGHTS_0');
});

test('a bone that stands twice at a vertex stands once, with both weights, over all its sets', () => {
  const document = box();
  const primitive = primitiveOf(document);
  add(document, primitive, 'WEIGHTS_0', 'VEC4', each([0.5, 0.25, 0, 0]));
  add(document, primitive, 'JOINTS_0', 'VEC4', each([1, 0, 0, 0]));
  add(document, primitive, 'WEIGHTS_1', 'VEC4', each([0.25, 0, 0, 0]));
  add(document, primitive, 'JOINTS_1', 'VEC4', each([1, 0, 0, 0]));
  wear(document, 2);
  repair(document);
  expect([...arrayOf(primitive, 'WEIGHTS_0').slice(0, 4)]).toEqual([0.75, 0.25, 0, 0]);
  expect([...arrayOf(primitive, 'WEIGHTS_1').slice(0, 4)]).toEqual([0, 0, 0, 0]);
});

test('weights written as whole numbers are shares of the largest', () => {
  const document = box();
  const primitive = primitiveOf(document);
  const weights = document.createAccessor().setType('VEC4').setNormalized(true);
  weights.setArray(Uint8Array.from({ length: 96 }, (_, i) => (i % 4 === 0 ? 255 : 0)));
  primitive.setAttribute('WEIGHTS_0', weights);
  add(document, primitive, 'JOINTS_0', 'VEC4', each([0, 0, 0, 0]));
  wear(document, 1);
  expect(repair(document)).toEqual([]);
  expect([...arrayOf(primitive, 'WEIGHTS_0').slice(0, 4)]).toEqual([1, 0, 0, 0]);
});

test('a skin on a mesh without joints is taken off', () => {
  const document = box();
  wear(document, 1);
  expect(repair(document)[0].text).toBe('1 skin has no joints.');
  expect(listShownNodes(document)[0].getSkin()).toBeNull();
});

describe('clips', () => {
  const clipOf = (document: Document, times: number[], values: number[], isTargeted = true): void => {
    const sampler = document
      .createAnimationSampler()
      .setInput(document.createAccessor().setType('SCALAR').setArray(Float32Array.from(times)))
      .setOutput(document.createAccessor().setType('VEC3').setArray(Float32Array.from(values)));
    const channel = document.createAnimationChannel().setSampler(sampler).setTargetPath('translation');
    if (isTargeted) channel.setTargetNode(listShownNodes(document)[0]);
    document.createAnimation('walk').addSampler(sampler).addChannel(channel);
  };

  test('keys that do not come after the one before go with their values', () => {
    const document = box();
    clipOf(document, [0, 1, 1, 0.5, 2], [0, 0, 0, 1, 1, 1, 9, 9, 9, 8, 8, 8, 2, 2, 2]);
    expect(repair(document)[0].text).toContain('2 keys of clips do not come after the one before');
    const sampler = document.getRoot().listAnimations()[0].listSamplers()[0];
    expect([...sampler.getInput()!.getArray()!]).toEqual([0, 1, 2]);
    expect([...sampler.getOutput()!.getArray()!]).toEqual([0, 0, 0, 1, 1, 1, 2, 2, 2]);
  });

  test('a track without a target, or with too few values, is left out, and an empty clip with it', () => {
    const document = box();
    clipOf(document, [0, 1], [0, 0, 0, 1, 1, 1], false);
    clipOf(document, [0, 1, 2], [0, 0, 0]);
    expect(repair(document)[0].text).toBe('2 tracks of clips have no target, or no keys.');
    expect(document.getRoot().listAnimations()).toEqual([]);
  });
});

test('a light of no strength that is a number shines as usual', () => {
  const document = box();
  const light = document.createExtension(KHRLightsPunctual).createLight('lamp').setIntensity(NaN).setRange(-1);
  listShownNodes(document)[0].setExtension('KHR_lights_punctual', light);
  expect(repair(document)[0].text).toContain('1 lights have a strength that is no number');
  expect([light.getIntensity(), light.getRange()]).toEqual([1, null]);
});

test('inverse bind matrices that miss 1 by rounding are rounded, without a word', () => {
  const document = box();
  const primitive = primitiveOf(document);
  add(document, primitive, 'WEIGHTS_0', 'VEC4', each([1, 0, 0, 0]));
  add(document, primitive, 'JOINTS_0', 'VEC4', each([0, 0, 0, 0]));
  const binds = document.createAccessor().setType('MAT4');
  binds.setArray(Float32Array.of(1, 0, 0, 1e-9, 0, 1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1.000_000_12));
  wear(document, 1).setInverseBindMatrices(binds);
  expect(repair(document)).toEqual([]);
  expect([...binds.getArray()!]).toEqual([1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1]);
});

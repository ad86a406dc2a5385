import { readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { validateBytes } from 'gltf-validator';
import type { GLTF } from '@gltf-transform/core';
import { createDocument, writeGlb } from '@haveld/core/scene/document/document-io';
import { packGlb } from '@haveld/core/scene/document/pack-glb';
import { splitGlb } from '@haveld/core/scene/document/split-glb';
import { createRandom } from '@haveld/core/testing/random';
import { createPng } from '@haveld/core/testing/documents';
import { checkGlb } from '../hand-over/check-glb';
import { listFiles, readFromFolder } from '../testing/read-files';
import { validateGlb } from '../validate-gltf';

// What we find by passes over typed arrays, against the Khronos glTF validator, which looks at every number
const FOLDERS = { '/usr/share/assimp/models/glTF2': /\.(gltf|glb)$/, '/usr/share/assimp/models/FBX': /\.fbx$/i };

/** The validator takes seconds for the largest. */
const LARGEST = 300_000;

/** Errors about what accessors and pictures hold. */
const listTheirs = async (bytes: Uint8Array): Promise<string[]> => {
  const { issues } = await validateBytes(bytes, { maxIssues: 0 });
  return [...new Set(issues.messages.filter(({ severity }) => severity === 0).map(({ code }) => code))];
};

test('models as we write them are judged as the validator judges them', async () => {
  let judged = 0;
  for (const [folder, wanted] of Object.entries(FOLDERS))
    for (const path of listFiles(folder).filter((name) => wanted.test(name))) {
      if (statSync(join(folder, path)).size > LARGEST) continue;
      const document = await readFromFolder(folder, path).catch(() => null);
      if (!document) continue;
      const bytes = await writeGlb(document);
      const ours = await checkGlb(bytes);
      expect({ path, errors: ours.errors }).toEqual({ path, errors: (await validateGlb(bytes)).errors });
      judged++;
    }
  expect(judged).toBeGreaterThan(40);
});

test('so are GLBs as others wrote them', async () => {
  const folder = '/usr/share/assimp/models/glTF2';
  for (const path of listFiles(folder).filter((name) => name.endsWith('.glb'))) {
    const bytes = new Uint8Array(readFileSync(join(folder, path)));
    expect({ path, isValid: (await checkGlb(bytes)).errors === 0 }).toEqual({
      path,
      isValid: (await validateGlb(bytes)).errors === 0,
    });
  }
});

describe('a number that is made wrong', () => {
  /** What stands in its place; near the limits of the validator too. */
  const WRONG = [NaN, Infinity, -Infinity, -1, -0.001, 0, 1e-7, 0.5, 0.9932, 0.9933, 1, 1.0067, 1.0068, 1.0077, 2, 1e9];
  const WHOLE = [0, 1, 2, 3, 7, 8, 126, 127, 255, 65_535];

  test('is found where the validator finds it, and only there', async () => {
    const sound = await writeRich();
    expect(await listTheirs(sound)).toEqual([]);
    expect(await checkGlb(sound)).toMatchObject({ errors: 0 });
    const random = createRandom(11);
    const pick = <T>(of: readonly T[]): T => of[Math.floor(random() * of.length)];
    const found = new Map<string, number>();
    for (let n = 0; n < 400; n++) {
      const { bytes, what } = spoil(
        sound,
        random,
        () => pick(WRONG),
        () => pick(WHOLE),
      );
      const theirs = await listTheirs(bytes);
      const ours = await checkGlb(bytes);
      expect({ what, isValid: ours.errors === 0, messages: ours.messages }).toMatchObject({
        what: `${what}`,
        isValid: theirs.length === 0,
      });
      const codes = ours.messages.map((message) => message.split(' ')[0]);
      // not all: of a vertex that names a joint twice the validator leaves one of both weights out of the sum
      expect({
        what,
        codes,
        theirs,
        agree: codes.length === 0 || codes.some((code) => theirs.includes(code)),
      }).toMatchObject({
        agree: true,
      });
      for (const code of codes) found.set(code, (found.get(code) ?? 0) + 1);
    }
    console.log(`codes of 400 numbers made wrong: ${[...found].map(([code, n]) => `${code} ${n}`).join(', ')}`);
    expect(found.size).toBeGreaterThan(12);
  });
});

/** Replaces one number that an accessor, or the list of places of a sparse one, holds. */
function spoil(glb: Uint8Array, random: () => number, wrong: () => number, whole: () => number) {
  const { json, binary } = splitGlb(glb);
  const copy = binary!.slice();
  const index = Math.floor(random() * json.accessors!.length);
  const accessor = json.accessors![index];
  const places = accessor.sparse && random() < 0.5 ? accessor.sparse.indices : null;
  const from = places ?? (accessor.bufferView === undefined ? accessor.sparse!.values : accessor);
  const count = places || accessor.bufferView === undefined ? accessor.sparse!.count : accessor.count;
  const size = places ? 1 : { SCALAR: 1, VEC2: 2, VEC3: 3, VEC4: 4, MAT4: 16 }[accessor.type as 'VEC3'];
  const type = places ? places.componentType : accessor.componentType;
  const width = type === 5121 ? 1 : type === 5123 ? 2 : 4;
  const view = json.bufferViews![from.bufferView!];
  const element = Math.floor(random() * count);
  const component = Math.floor(random() * size);
  const at =
    (view.byteOffset ?? 0) + (from.byteOffset ?? 0) + element * (view.byteStride ?? size * width) + component * width;
  const data = new DataView(copy.buffer);
  const value = type === 5126 ? wrong() : whole();
  if (type === 5126) data.setFloat32(at, value, true);
  else if (width === 1) data.setUint8(at, value);
  else if (width === 2) data.setUint16(at, value, true);
  else data.setUint32(at, value, true);
  const name = places ? 'places' : accessor.name;
  return { bytes: packGlb(json, copy), what: `${name} ${index}, element ${element}.${component}: ${value}` };
}

/** A model with everything that has a rule of its own: two sets of joints, tangents, colours, shapes, clips, sparse numbers, a picture. */
async function writeRich(): Promise<Uint8Array> {
  const document = createDocument();
  const buffer = document.createBuffer();
  const put = (name: string, type: GLTF.AccessorType, array: Float32Array | Uint8Array | Uint16Array | Uint32Array) =>
    document.createAccessor(name).setType(type).setArray(array).setBuffer(buffer);
  const repeat = (values: number[], n: number): number[] => Array.from({ length: n }, () => values).flat();
  const vertices = 8;
  const places = Float32Array.from({ length: vertices * 3 }, (_, i) => Math.sin(i) * 3);
  const primitive = document
    .createPrimitive()
    .setIndices(put('indices', 'SCALAR', new Uint16Array([0, 1, 2, 3, 4, 5, 5, 6, 7])))
    .setAttribute('POSITION', put('POSITION', 'VEC3', places))
    .setAttribute('NORMAL', put('NORMAL', 'VEC3', new Float32Array(repeat([0, 0.6, 0.8], vertices))))
    .setAttribute('TANGENT', put('TANGENT', 'VEC4', new Float32Array(repeat([1, 0, 0, -1], vertices))))
    .setAttribute('COLOR_0', put('COLOR_0', 'VEC4', new Float32Array(repeat([0.2, 0.4, 0, 1], vertices))))
    .setAttribute('TEXCOORD_0', put('TEXCOORD_0', 'VEC2', new Float32Array(repeat([0.5, 2], vertices))))
    .setAttribute('JOINTS_0', put('JOINTS_0', 'VEC4', new Uint8Array(repeat([0, 1, 2, 0], vertices))))
    .setAttribute('WEIGHTS_0', put('WEIGHTS_0', 'VEC4', new Float32Array(repeat([0.25, 0.25, 0.25, 0], vertices))))
    .setAttribute('JOINTS_1', put('JOINTS_1', 'VEC4', new Uint8Array(repeat([3, 0, 0, 0], vertices))))
    .setAttribute('WEIGHTS_1', put('WEIGHTS_1', 'VEC4', new Float32Array(repeat([0.25, 0, 0, 0], vertices))));
  const moved = put('shape', 'VEC3', new Float32Array(vertices * 3).fill(0.5, 6, 12)).setSparse(true);
  primitive.addTarget(document.createPrimitiveTarget().setAttribute('POSITION', moved));
  const picture = document
    .createTexture('picture')
    .setMimeType('image/png')
    .setImage(createPng([9, 9, 9, 255]));
  primitive.setMaterial(document.createMaterial().setBaseColorTexture(picture));
  const joints = Array.from({ length: 4 }, (_, i) => document.createNode(`joint ${i}`));
  const identity = [1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1];
  const skin = document.createSkin().setInverseBindMatrices(put('bind', 'MAT4', new Float32Array(repeat(identity, 4))));
  for (const joint of joints) skin.addJoint(joint);
  const node = document.createNode('body').setMesh(document.createMesh().addPrimitive(primitive)).setSkin(skin);
  const skeleton = document.createNode('skeleton');
  for (const joint of joints) skeleton.addChild(joint);
  document.getRoot().getDefaultScene()!.addChild(node).addChild(skeleton);
  const clip = document.createAnimation('clip');
  const add = (path: 'rotation' | 'translation', cubic: boolean, joint: number, values: number[]): void => {
    const sampler = document
      .createAnimationSampler()
      .setInterpolation(cubic ? 'CUBICSPLINE' : 'LINEAR')
      .setInput(put('times', 'SCALAR', new Float32Array([0, 0.5, 1])))
      .setOutput(put(`${path} ${cubic}`, path === 'rotation' ? 'VEC4' : 'VEC3', new Float32Array(values)));
    const channel = document.createAnimationChannel().setTargetPath(path).setTargetNode(joints[joint]);
    clip.addSampler(sampler).addChannel(channel.setSampler(sampler));
  };
  add('rotation', false, 0, repeat([0, 0.6, 0, 0.8], 3));
  add('rotation', true, 1, repeat([0, 0, 0, 0, 0, 0.6, 0, 0.8, 0, 0, 0, 0], 3));
  add('translation', false, 2, repeat([1, 2, 3], 3));
  return writeGlb(document);
}

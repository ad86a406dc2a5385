import { Document, Logger, WebIO, type JSONDocument } from '@gltf-transform/core';
import { writeGlb } from '../../scene/document/document-io';
import { getDocumentSource, getMaterialSource } from '../../scene/document/source-data';
import { computeFigures } from '../../scene/measures/figures';
import { noInflate, createBoxDocument, createFileSource, createMemoryCodec, createPng } from '../../testing/documents';
import { readModel } from '../read-model';

const context = (files: Record<string, string | Uint8Array>) => ({
  files: createFileSource(files),
  codec: createMemoryCodec(),
  loadDecoders: () => Promise.resolve({}),
  inflate: noInflate,
});

function createPainted(): Document {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1]);
  const texture = document
    .createTexture('paint')
    .setImage(createPng([255, 0, 0, 255]) as Uint8Array<ArrayBuffer>)
    .setMimeType('image/png');
  const material = document.createMaterial('paint').setBaseColorTexture(texture);
  document.getRoot().listMeshes()[0].listPrimitives()[0].setMaterial(material);
  document.getRoot().getAsset().copyright = '2026 Ines Falkenrot';
  return document;
}

const createGlb = (): Promise<Uint8Array> => writeGlb(createPainted());

/** The same as glTF JSON with its resources as files. */
async function createGltf(): Promise<{ json: JSONDocument['json']; files: Record<string, Uint8Array> }> {
  const { json, resources } = await new WebIO()
    .setLogger(new Logger(Logger.Verbosity.SILENT))
    .writeJSON(createPainted());
  return { json, files: resources };
}

const withJson = (json: object, files: Record<string, Uint8Array>) =>
  context({ ...files, 'thing.gltf': JSON.stringify(json) });

test('a GLB is read with its embedded map, copyright and declared metres', async () => {
  const { document } = await readModel('thing.glb', context({ 'thing.glb': await createGlb() }));
  expect(computeFigures(document)).toMatchObject({ triangles: 12, maps: 1, mapsMissing: 0 });
  expect(getDocumentSource(document)).toMatchObject({
    format: 'GLB',
    version: '2.0',
    copyright: '2026 Ines Falkenrot',
    declaredUnit: 'm',
    declaredUp: 'y',
  });
  expect(getMaterialSource(document.getRoot().listMaterials()[0]).maps).toMatchObject([
    { slot: 'baseColor', status: 'embedded' },
  ]);
});

test('a glTF finds its files beside it', async () => {
  const { json, files } = await createGltf();
  const { document } = await readModel('thing.gltf', withJson(json, files));
  expect(computeFigures(document)).toMatchObject({ triangles: 12, maps: 1 });
});

test('an image that did not arrive leaves its slot unconnected, with its reference kept', async () => {
  const { json, files } = await createGltf();
  const image = json.images![0].uri!;
  const { [image]: _absent, ...rest } = files;
  const { document } = await readModel('thing.gltf', withJson(json, rest));
  const [material] = document.getRoot().listMaterials();
  expect(material.getBaseColorTexture()).toBeNull();
  expect(getMaterialSource(material).maps).toMatchObject([{ slot: 'baseColor', reference: image, status: 'missing' }]);
  expect(document.getRoot().listTextures()).toHaveLength(0);
});

test('a percent-encoded reference finds its file', async () => {
  const { json, files } = await createGltf();
  const image = json.images![0].uri!;
  json.images![0].uri = 'my%20maps/paint.png';
  const { document } = await readModel('thing.gltf', withJson(json, { ...files, 'my maps/paint.png': files[image] }));
  expect(document.getRoot().listMaterials()[0].getBaseColorTexture()).not.toBeNull();
});

test('a missing buffer, a cut one, glTF 1.0 and an unknown required extension are each refused in a sentence', async () => {
  const { json, files } = await createGltf();
  const buffer = json.buffers![0].uri!;
  const { [buffer]: bytes, ...rest } = files;
  await expect(readModel('thing.gltf', withJson(json, rest))).rejects.toThrow('did not arrive');
  await expect(readModel('thing.gltf', withJson(json, { ...rest, [buffer]: bytes.slice(0, 40) }))).rejects.toThrow(
    'cut short',
  );
  await expect(readModel('thing.gltf', withJson({ asset: { version: '1.0' } }, {}))).rejects.toThrow(
    'Haveld reads version 2',
  );
  await expect(
    readModel('thing.gltf', withJson({ asset: { version: '2.0' }, extensionsRequired: ['EXT_made_up'] }, {})),
  ).rejects.toThrow('EXT_made_up');
});

test('a GLB cut at any length is refused in a sentence or read, never left hanging', async () => {
  const glb = await createGlb();
  for (let length = 0; length < glb.length; length += 97) {
    await expect(readModel('thing.glb', context({ 'thing.glb': glb.slice(0, length) }))).rejects.toThrow(
      /“thing\.glb”/,
    );
  }
});

test('a triangle strip becomes triangles', async () => {
  const document = new Document();
  const buffer = document.createBuffer();
  const positions = document
    .createAccessor()
    .setType('VEC3')
    .setArray(new Float32Array([0, 0, 0, 1, 0, 0, 0, 1, 0, 1, 1, 0]))
    .setBuffer(buffer);
  const primitive = document.createPrimitive().setMode(5).setAttribute('POSITION', positions);
  document.createScene().addChild(document.createNode('strip').setMesh(document.createMesh().addPrimitive(primitive)));
  const { document: read, log } = await readModel(
    'strip.glb',
    context({ 'strip.glb': await new WebIO().writeBinary(document) }),
  );
  expect(computeFigures(read).triangles).toBe(2);
  expect(log[0].text).toContain('strips or fans');
});

test('a library of meshes without a scene is refused in a sentence', async () => {
  const document = new Document();
  document.createBuffer();
  await expect(readModel('none.glb', context({ 'none.glb': await new WebIO().writeBinary(document) }))).rejects.toThrow(
    'no scene',
  );
});

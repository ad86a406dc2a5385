import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { MODEL_FORMATS } from '@haveld/core/formats/model-formats';
import { readModel } from '@haveld/core/formats/read-model';
import { createDocument, writeGlb } from '@haveld/core/scene/document/document-io';
import { computeFigures } from '@haveld/core/scene/measures/figures';
import { createReadingContext } from './reading-context';

const read = (name: string, bytes: Uint8Array) =>
  readModel(
    name,
    createReadingContext({ paths: [name], read: () => Promise.resolve(bytes), hash: () => 'a'.repeat(64) }),
  );

// Debian's assimp 5: `assimp listext`
test('every format we say is converted is one the converter opens', () => {
  const opened = execFileSync('/usr/bin/assimp', ['listext'], { encoding: 'utf8' })
    .trim()
    .split(';')
    .map((pattern) => pattern.replace('*.', ''));
  const converted = MODEL_FORMATS.filter(({ carries }) => carries === 'what could be read').map(({ id }) => id);
  expect(converted.length).toBeGreaterThan(20);
  expect(converted.filter((id) => !opened.includes(id))).toEqual([]);
});

test('what came of it with clips and no mesh is refused with a sentence', async () => {
  const document = createDocument();
  const node = document.createNode('arm');
  document.getRoot().getDefaultScene()!.addChild(node);
  const keys = document.createAccessor().setType('SCALAR').setArray(Float32Array.of(0, 1));
  const values = document.createAccessor().setType('VEC3').setArray(new Float32Array(6));
  const buffer = document.createBuffer();
  [keys, values].forEach((accessor) => accessor.setBuffer(buffer));
  const sampler = document.createAnimationSampler().setInput(keys).setOutput(values);
  const channel = document.createAnimationChannel().setTargetNode(node).setTargetPath('translation');
  document.createAnimation('walk').addSampler(sampler).addChannel(channel.setSampler(sampler));
  const glb = await writeGlb(document);
  const source = { paths: ['walk.smd'], read: () => Promise.resolve(glb), hash: () => 'a'.repeat(64) };
  await expect(
    readModel('walk.smd', { ...createReadingContext(source), convert: () => Promise.resolve(glb) }),
  ).rejects.toThrow('“walk.smd” holds clips and no mesh: there is nothing to show.');
});

test('what the converter says reaches a person without the folder it worked in', async () => {
  for (const [name, bytes] of [
    ['torn.md2', Buffer.alloc(40, 7)],
    ['torn.off', Buffer.from('OFF\n9 9')],
    ['torn.lwo', Buffer.from('FORMxxxx')],
    ['torn.ac', Buffer.from('nothing')],
  ] as const) {
    const error = await read(name, bytes).then(
      () => null,
      (thrown: Error) => thrown,
    );
    expect(error?.message).toContain(`“${name}”`);
    expect(error?.message).not.toContain('/tmp');
    expect(error?.message).not.toContain('haveld-convert');
  }
});

describe('a scene that names other files', () => {
  const crate = Buffer.from('v 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 3\n');
  const scene = (model: string): Buffer => Buffer.from(`LWSC\n3\n\nLoadObjectLayer 1 ${model}\nNumChannels 0\n`);
  const readScene = (model: string) => {
    const files: Record<string, Buffer> = { 'in/pier.lws': scene(model), 'in/crate.obj': crate };
    return readModel(
      'in/pier.lws',
      createReadingContext({
        paths: Object.keys(files),
        read: (path) => Promise.resolve(new Uint8Array(files[path])),
        hash: () => 'a'.repeat(64),
      }),
    );
  };

  test('has them by their names beside it', async () => {
    const { document } = await readScene('D:/work/crate.obj');
    expect(computeFigures(document).triangles).toBe(1);
  });

  test('reaches nothing that did not come with it', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'haveld-outside-'));
    try {
      writeFileSync(join(folder, 'secret.obj'), crate);
      await expect(readScene(join(folder, 'secret.obj'))).rejects.toThrow('did not come with it');
      await expect(readScene('../../../../../../../../tmp/secret.obj')).rejects.toThrow('did not come with it');
    } finally {
      rmSync(folder, { recursive: true });
    }
  });
});

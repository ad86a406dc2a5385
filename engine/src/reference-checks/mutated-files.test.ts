import { readdirSync, readFileSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import { readModel } from '@haveld/core/formats/read-model';
import type { FileSource } from '@haveld/core/formats/reading';
import { writeGlb } from '@haveld/core/scene/document/document-io';
import { createRandom } from '@haveld/core/testing/random';
import { createReadingContext } from '../reading/reading-context';
import { mutate } from '../testing/mutate';
import { writeRawZip } from '../testing/raw-zip';
import { validateGlb } from '../validate-gltf';

// Open models of Debian's assimp-testmodels, damaged in 150 ways each format
const MODELS = '/usr/share/assimp/models';
const OWN = join(import.meta.dirname, 'testdata/usd');
const COUNT = 150;

/** What one small damaged file may take of a reader. */
const LIMITS = { ms: 5000, growthBytes: 2 ** 30 };

const crate = readFileSync(join(OWN, 'crate.usda'));

const SEEDS: Record<string, Seed[]> = {
  'FBX binary': files('FBX/phong_cube.fbx', 'FBX/huesitos.fbx'),
  'FBX ASCII': files('FBX/cubes_with_mirroring_and_pivot.fbx', 'FBX/maxPbrMaterial_metalRough.fbx'),
  COLLADA: files('Collada/cube_triangulate.dae', 'Collada/box_nested_animation.dae'),
  OBJ: files('OBJ/cube_usemtl.obj', 'OBJ/concave_polygon.obj'),
  'PLY ASCII': files('PLY/cube_uv.ply', 'PLY/issue623.ply'),
  'PLY binary': files('PLY/cube_binary.ply'),
  'STL ASCII': files('STL/triangle_with_two_solids.stl', 'STL/sphereWithHole.stl'),
  'STL binary': [{ name: 'box.stl', bytes: createBinaryStl() }],
  '3DS': files('3DS/cube_with_diffuse_texture.3DS', '3DS/CameraRollAnimWithChildObject.3ds'),
  glTF: files(
    'glTF2/simple_skin/simple_skin.gltf',
    'glTF2/glTF-Sample-Models/AnimatedMorphCube-glTF/AnimatedMorphCube.gltf',
  ),
  GLB: files('glTF2/BoxTextured-glTF-Binary/BoxTextured.glb'),
  USDA: [{ name: 'crate.usda', bytes: new Uint8Array(crate) }],
  USDZ: [{ name: 'crate.usdz', bytes: new Uint8Array(writeRawZip([{ name: 'crate.usda', bytes: crate, method: 0 }])) }],
};

/** A strip of 40 triangles. */
function createBinaryStl(): Uint8Array {
  const bytes = Buffer.alloc(84 + 40 * 50);
  bytes.writeUInt32LE(40, 80);
  for (let t = 0; t < 40; t++)
    for (let n = 0; n < 9; n++) bytes.writeFloatLE(((t + n) * (n % 3)) / 7, 84 + t * 50 + 12 + n * 4);
  return new Uint8Array(bytes);
}

interface Seed {
  name: string;
  bytes: Uint8Array;
  /** Where what it refers to lies, undamaged. */
  folder?: string;
}

function files(...paths: string[]): Seed[] {
  return paths.map((path) => ({
    name: basename(path),
    bytes: new Uint8Array(readFileSync(join(MODELS, path))),
    folder: dirname(join(MODELS, path)),
  }));
}

test.each(Object.entries(SEEDS))(
  '%s: every damaged file gives a sentence or a valid part of the model, in time and in bounds',
  async (format, seeds) => {
    const random = createRandom(20261125);
    const failures: string[] = [];
    const tally = { read: 0, refused: 0, slowestMs: 0 };
    const before = process.resourceUsage().maxRSS;
    for (let i = 0; i < COUNT; i++) {
      const seed = seeds[i % seeds.length];
      const bytes = mutate(seed.bytes, random);
      const source: FileSource = {
        paths: seed.folder ? readdirSync(seed.folder) : [seed.name],
        read: (path) =>
          Promise.resolve(path === seed.name ? bytes : new Uint8Array(readFileSync(join(seed.folder!, path)))),
        hash: (path) => path,
      };
      const started = performance.now();
      try {
        const { document } = await readModel(seed.name, createReadingContext(source));
        const { errors, messages } = await validateGlb(await writeGlb(document));
        if (errors > 0) failures.push(`${i} ${seed.name}: not valid: ${messages.slice(0, 2).join('; ')}`);
        tally.read++;
      } catch (error) {
        if ((error as Error).name !== 'DomainError') failures.push(`${i} ${seed.name}: ${(error as Error).stack}`);
        tally.refused++;
      }
      const ms = performance.now() - started;
      tally.slowestMs = Math.max(tally.slowestMs, ms);
      if (ms > LIMITS.ms) failures.push(`${i} ${seed.name}: took ${Math.round(ms)} ms`);
    }
    const growth = (process.resourceUsage().maxRSS - before) * 1024;
    if (growth > LIMITS.growthBytes) failures.push(`took ${Math.round(growth / 2 ** 20)} MiB`);
    console.log(
      `${format}: ${COUNT} damaged files, ${tally.read} read in part or whole, ${tally.refused} refused in a sentence, slowest ${Math.round(tally.slowestMs)} ms, memory grew by ${Math.round(growth / 2 ** 20)} MiB`,
    );
    expect(failures.slice(0, 12).join('\n')).toBe('');
  },
  240_000,
);

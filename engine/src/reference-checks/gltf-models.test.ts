import { readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { validateBytes } from 'gltf-validator';
import { Box3, Vector3 } from 'three';
import { GLTFLoader } from 'three/examples/jsm/loaders/GLTFLoader.js';
import type { Document, GLTF } from '@gltf-transform/core';
import { DomainError } from '@haveld/contract/error';
import { parseGlb } from '@haveld/core/formats/gltf/parse-glb';
import { boxSize, computeBounds } from '@haveld/core/scene/measures/bounds';
import { countTriangles } from '@haveld/core/scene/traverse';
import { compareFormat } from '../testing/compare-format';
import { describeDifferences, listFiles, readFromFolder, type Comparison } from '../testing/read-files';

// Debian's assimp-testmodels, read by ours and by two others: the reference validator (counts) and three's GLTFLoader (boxes)
const FOLDER = '/usr/share/assimp/models/glTF2';
const MODELS = listFiles(FOLDER).filter((path) => /\.(gltf|glb)$/.test(path));

const NOTHING = 'a scene without a node: valid, and nothing to show; ours says so';

/** Where two readers differ and ours is meant to, with why. */
const EXPLAINED: Record<string, string> = {
  'BoxTextured-glTF-techniqueWebGL/BoxTextured.gltf refused':
    'requires an extension of glTF 1 that nothing behind the reader can show; the validator does not look at extensions it does not know',
  'TestNoRootNode/SceneWithoutNodes.gltf refused': NOTHING,
};

// three's loader reports its progress with it, and Node has none
globalThis.ProgressEvent ??= class extends Event {} as unknown as typeof ProgressEvent;

interface ValidatorInfo {
  totalTriangleCount: number;
  materialCount: number;
}

async function askValidator(path: string): Promise<{ info: ValidatorInfo; errors: number } | null> {
  const folder = dirname(path);
  try {
    const report = await validateBytes(new Uint8Array(readFileSync(path)), {
      externalResourceFunction: (uri: string) =>
        Promise.resolve(new Uint8Array(readFileSync(join(folder, decodeURIComponent(uri))))),
    } as never);
    return { info: report.info as ValidatorInfo, errors: report.issues.numErrors };
  } catch (error) {
    // it rejects with a string where the JSON is none
    if (!(error instanceof Error) && typeof error !== 'string') throw error;
    return null;
  }
}

/** The size three gives a model, without its pictures, which it cannot load outside a browser. @returns null where it cannot read it */
async function askThree(path: string): Promise<number[] | null> {
  const { json, binary } = parseGlb(new Uint8Array(readFileSync(path)), path);
  const bare = {
    ...json,
    materials: undefined,
    textures: undefined,
    images: undefined,
    extensionsUsed: [],
    extensionsRequired: [],
  } as unknown as GLTF.IGLTF;
  if (json.extensionsRequired?.length) return null;
  for (const mesh of bare.meshes ?? []) for (const primitive of mesh.primitives) delete primitive.material;
  for (const buffer of bare.buffers ?? []) {
    const bytes =
      buffer.uri === undefined
        ? binary
        : buffer.uri.startsWith('data:')
          ? null
          : readFileSync(join(dirname(path), decodeURIComponent(buffer.uri)));
    if (bytes) buffer.uri = `data:application/octet-stream;base64,${Buffer.from(bytes).toString('base64')}`;
  }
  try {
    const { scene } = await new GLTFLoader().parseAsync(JSON.stringify(bare), '');
    scene.updateMatrixWorld(true);
    const box = new Box3().setFromObject(scene, true);
    return box.isEmpty() ? null : box.getSize(new Vector3()).toArray();
  } catch (error) {
    if (!(error instanceof Error)) throw error;
    return null;
  }
}

/** Each mesh once, as the validator counts. */
const countMeshTriangles = (document: Document): number =>
  document
    .getRoot()
    .listMeshes()
    .reduce(
      (sum, mesh) => sum + mesh.listPrimitives().reduce((part, primitive) => part + countTriangles(primitive), 0),
      0,
    );

const rounded = (size: readonly number[]): string => size.map((v) => Number(v.toPrecision(4))).join(' × ');

test('glTF: what is valid is read with the same triangles, materials and box; what is broken gets a sentence', async () => {
  const differences: Comparison[] = [];
  const counts = { compared: 0, boxes: 0, refused: 0 };
  for (const path of MODELS) {
    const judged = await askValidator(join(FOLDER, path));
    const outcome = await readFromFolder(FOLDER, path).catch((error: unknown) => error as Error);
    const add = (what: string, ours: string | number, theirs: string | number): void => {
      if (ours !== theirs && !(`${path} ${what}` in EXPLAINED))
        differences.push({ file: path, what, ours: String(ours), theirs: String(theirs) });
    };
    if (outcome instanceof Error) {
      counts.refused++;
      if (!(outcome instanceof DomainError)) add('error', outcome.message, 'a sentence');
      if (judged?.errors === 0) add('refused', outcome.message, 'valid');
      continue;
    }
    if (!judged || judged.errors > 0) continue;
    counts.compared++;
    add('triangles', countMeshTriangles(outcome), judged.info.totalTriangleCount);
    add('materials', outcome.getRoot().listMaterials().length, judged.info.materialCount);
    const theirs = await askThree(join(FOLDER, path));
    const box = computeBounds(outcome);
    if (!theirs || !box) continue;
    counts.boxes++;
    const ours = boxSize(box);
    const largest = Math.max(...theirs);
    if (ours.some((v, axis) => Math.abs(v - theirs[axis]) > largest * 1e-4)) add('box', rounded(ours), rounded(theirs));
  }
  console.log(
    `glTF of assimp-testmodels: ${MODELS.length} files; ${counts.compared} compared with the validator, ${counts.boxes} boxes with three, ${counts.refused} refused in a sentence; ${Object.keys(EXPLAINED).length} difference explained, ${differences.length} not`,
  );
  expect(describeDifferences(differences)).toBe('');
}, 120_000);

test('glTF agrees with three and assimp in nodes, joints, clips and poses, or the difference is explained', async () => {
  const sound: string[] = [];
  for (const path of MODELS) if ((await askValidator(join(FOLDER, path)))?.errors === 0) sound.push(path);
  const differences = await compareFormat({
    label: 'valid glTF of assimp-testmodels',
    sets: [{ folder: FOLDER, files: sound }],
    readers: ['three', 'assimp'],
    metresFor: () => 1,
    notCompared: { 'assimp nodes': 'assimp joins a lone root with its child' },
    explained: {
      '2CylinderEngine.glb three nodes': 'three makes a node of each primitive',
      '2CylinderEngine.gltf three read': 'three does not read this packed file here, for want of its decoder',
      'BoxTextured.glb assimp maps': 'assimp counts an embedded picture, ours gives its name',
      'BoxTextured.gltf assimp maps': 'assimp counts an embedded picture, ours gives its name',
      'BoxTextured.gltf three read': 'requires an extension of glTF 1; the others go on without it',
      'BoxTextured.gltf assimp read': 'requires an extension of glTF 1; the others go on without it',
      'SceneWithoutNodes.gltf three read': NOTHING,
      'SceneWithoutNodes.gltf assimp read': NOTHING,
    },
  });
  expect(differences).toBe('');
}, 120_000);

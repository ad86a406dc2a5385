import { readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import type { Document } from '@gltf-transform/core';
import { Box3, Vector3, type Group, type Mesh } from 'three';
import { MTLLoader } from 'three/examples/jsm/loaders/MTLLoader.js';
import { OBJLoader } from 'three/examples/jsm/loaders/OBJLoader.js';
import { getMaterialSource } from '@haveld/core/scene/document/source-data';
import { boxSize } from '@haveld/core/scene/measures/bounds';
import { computeFigures } from '@haveld/core/scene/measures/figures';
import { decodeText } from '@haveld/core/text/decode-text';
import { compareFormat } from '../testing/compare-format';
import { describeDifferences, listFiles, readFromFolder, type Comparison } from '../testing/read-files';

// Debian's assimp-testmodels (open models collected for that library's own tests), read by ours and by three's OBJLoader and MTLLoader
const FOLDER = '/usr/share/assimp/models/OBJ';
const MODELS = listFiles(FOLDER).filter((path) => path.endsWith('.obj'));

const NO_MATERIAL = 'the file names no material; assimp gives lines and points one';

/** Where the other reader is known to fall short, with why. */
const EXPLAINED: Record<string, string> = {
  'testmixed.obj triangles': 'three drops the faces of an object that also has lines; the file has 6 quads',
};

function readTheirs(path: string): { triangles: number; size: number[]; materials: string[]; maps: string[] } {
  const text = decodeText(new Uint8Array(readFileSync(path)));
  const group: Group = new OBJLoader().parse(text);
  const box = new Box3().setFromObject(group);
  let triangles = 0;
  const materials = new Set<string>();
  group.traverse((object) => {
    const mesh = object as Mesh;
    if (mesh.isMesh) triangles += mesh.geometry.getAttribute('position').count / 3;
    for (const material of [mesh.material ?? []].flat()) if (material.name) materials.add(material.name);
  });
  const maps: string[] = [];
  for (const [, name] of text.matchAll(/^mtllib\s+(.+?)\s*$/gm)) {
    let library: string;
    try {
      library = readFileSync(join(dirname(path), name), 'utf8');
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'ENOENT') throw error;
      continue;
    }
    const { materialsInfo } = new MTLLoader().parse(library, '') as unknown as {
      materialsInfo: Record<string, Record<string, unknown>>;
    };
    for (const used of materials)
      for (const [statement, value] of Object.entries(materialsInfo[used] ?? {}))
        if (statement === 'map_kd') maps.push(String(value).trim());
  }
  return {
    triangles,
    size: box.isEmpty() ? [] : box.getSize(new Vector3()).toArray(),
    materials: [...materials].sort(),
    maps: maps.sort(),
  };
}

function describeOurs(document: Document): ReturnType<typeof readTheirs> {
  const figures = computeFigures(document);
  const materials = document.getRoot().listMaterials();
  return {
    triangles: figures.triangles,
    size: figures.box ? boxSize(figures.box) : [],
    materials: materials
      .map((material) => material.getName())
      .filter((name) => name !== 'no material')
      .sort(),
    maps: materials
      .flatMap((material) =>
        (getMaterialSource(material).maps ?? []).filter((map) => map.slot === 'baseColor').map((map) => map.reference),
      )
      .sort(),
  };
}

const rounded = (size: number[]): string => size.map((v) => Number(v.toPrecision(5))).join(' × ');

test('OBJ: triangles, box, materials and map references agree with three, or the difference is explained', async () => {
  const differences: Comparison[] = [];
  let compared = 0;
  for (const path of MODELS) {
    const theirs = readTheirs(join(FOLDER, path));
    const ours = describeOurs(await readFromFolder(FOLDER, path));
    compared++;
    const add = (what: string, a: string | number, b: string | number): void => {
      if (a !== b && !(`${path} ${what}` in EXPLAINED))
        differences.push({ file: path, what, ours: String(a), theirs: String(b) });
    };
    add('triangles', ours.triangles, theirs.triangles);
    add('box', rounded(ours.size), rounded(theirs.size));
    add('materials', ours.materials.join(', '), theirs.materials.join(', '));
    add('maps', ours.maps.join(', '), theirs.maps.join(', '));
  }
  console.log(
    `OBJ of assimp-testmodels: ${compared} read and compared with three, ${Object.keys(EXPLAINED).length} differences explained, ${differences.length} not`,
  );
  expect(describeDifferences(differences)).toBe('');
});

test('OBJ agrees with assimp, or the difference is explained', async () => {
  const differences = await compareFormat({
    label: 'OBJ of assimp-testmodels',
    sets: [{ folder: FOLDER, files: MODELS }],
    readers: ['assimp'],
    metresFor: () => 1,
    notCompared: { 'assimp nodes': 'assimp makes a node of every g line, with faces or without' },
    explained: {
      'box_UTF16BE.obj assimp triangles': 'assimp does not read UTF-16',
      'box_UTF16BE.obj assimp materials': 'assimp does not read UTF-16',
      'regr01.obj assimp materials': 'assimp does not look for the encoding of a name',
      'testline.obj assimp materials': NO_MATERIAL,
      'testpoints.obj assimp materials': NO_MATERIAL,
    },
  });
  expect(differences).toBe('');
}, 120_000);

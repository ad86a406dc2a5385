import { AnimationMixer, Box3, Vector3, type Mesh, type Object3D, type SkinnedMesh } from 'three';
import { GLTFLoader } from 'three/examples/jsm/loaders/GLTFLoader.js';
import { computeBounds, boxSize } from '@haveld/core/scene/measures/bounds';
import { writeGlb } from '@haveld/core/scene/document/document-io';
import { clipSpan, computePosedPositions, poseAt } from '@haveld/core/scene/pose';
import { reduceInfluences } from '@haveld/core/scene/meshes/reduce-influences';
import { readFromFolder } from '../testing/read-files';

// three's GLTFLoader, Box3 and skinning (MIT) read the GLB Haveld writes, and say where its vertices are: its bounds at rest, and its
// posed bounds through the first clip. Models: Debian's assimp-testmodels, made by other programs.
const FOLDER = '/usr/share/assimp/models';
const RESTING = ['OBJ/spider.obj', 'Collada/duck.dae', 'glTF2/BoxTextured-glTF-Binary/BoxTextured.glb'];
const MOVING = ['FBX/animation_with_skeleton.fbx', 'glTF2/simple_skin/simple_skin.gltf'];
const SAMPLES = 5;

/** Pictures are nothing to bounds, and Node has no decoder for them. */
async function load(
  glb: Uint8Array,
): Promise<{ scene: Object3D; mixer: AnimationMixer | null; play: (at: number) => void }> {
  const gltf = await new GLTFLoader().parseAsync(glb.slice().buffer, '');
  const [clip] = gltf.animations;
  const mixer = clip ? new AnimationMixer(gltf.scene) : null;
  mixer?.clipAction(clip).play();
  return {
    scene: gltf.scene,
    mixer,
    play: (at) => {
      mixer?.setTime(at);
      gltf.scene.updateMatrixWorld(true);
    },
  };
}

async function withoutPictures(path: string) {
  const document = await readFromFolder(FOLDER, path);
  for (const texture of document.getRoot().listTextures()) texture.dispose();
  // three reads four influences a vertex, Haveld keeps all: compared is what both hold
  reduceInfluences(document);
  return document;
}

/** Vertex by vertex, as three poses them. */
function boundsInThree(scene: Object3D): Box3 {
  const box = new Box3();
  const at = new Vector3();
  scene.updateMatrixWorld(true);
  scene.traverse((object) => {
    const mesh = object as Mesh;
    if (!mesh.isMesh) return;
    (mesh as SkinnedMesh).skeleton?.update();
    for (let i = 0; i < mesh.geometry.getAttribute('position').count; i++)
      box.expandByPoint(mesh.getVertexPosition(i, at).applyMatrix4(mesh.matrixWorld));
  });
  return box;
}

test.each(RESTING)('%s: bounds as Box3 finds them, to 1e-5 of the size', async (path) => {
  const document = await withoutPictures(path);
  const own = computeBounds(document)!;
  const { scene } = await load(await writeGlb(document));
  const theirs = new Box3().setFromObject(scene, true);
  const slack = Math.max(...boxSize(own)) * 1e-5;
  theirs.min.toArray().forEach((value, axis) => expect(Math.abs(value - own.min[axis])).toBeLessThan(slack));
  theirs.max.toArray().forEach((value, axis) => expect(Math.abs(value - own.max[axis])).toBeLessThan(slack));
});

test.each(MOVING)('%s: posed as three poses it through its clip, to 1e-4 of the size', async (path) => {
  const document = await withoutPictures(path);
  const [clip] = document.getRoot().listAnimations();
  const [from, to] = clipSpan(clip)!;
  const { scene, play } = await load(await writeGlb(document));
  for (let i = 0; i < SAMPLES; i++) {
    // the very end of a clip is its beginning again to a mixer that repeats
    const at = from + ((to - from) * i) / SAMPLES;
    poseAt(clip, at);
    const own = computePosedPositions(document);
    play(at);
    const theirs = boundsInThree(scene);
    const box = new Box3();
    for (let o = 0; o < own.length; o += 3) box.expandByPoint(new Vector3(own[o], own[o + 1], own[o + 2]));
    const slack = box.getSize(new Vector3()).length() * 1e-4;
    expect(theirs.min.distanceTo(box.min)).toBeLessThan(slack);
    expect(theirs.max.distanceTo(box.max)).toBeLessThan(slack);
  }
});

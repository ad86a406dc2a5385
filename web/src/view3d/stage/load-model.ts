import type { Mesh, Object3D } from 'three';
import { GLTFLoader } from 'three/examples/jsm/loaders/GLTFLoader.js';
import { ClipPlayer } from './clip-player';

/** A model ready to stand in the view. */
export interface LoadedModel {
  model: Object3D;
  player: ClipPlayer;
}

/** Loads a GLB as the view shows it: it casts shadows, and its own cameras and lights do not light the view. */
export async function loadModel(glb: ArrayBuffer): Promise<LoadedModel> {
  const { scene, animations } = await new GLTFLoader().parseAsync(glb, '');
  scene.traverse((object) => {
    if ('isLight' in object) object.visible = false;
    const mesh = object as Mesh;
    if (!mesh.isMesh) return;
    mesh.castShadow = true;
    mesh.receiveShadow = true;
    // a moving skin leaves the sphere it rested in
    if (animations.length > 0) mesh.frustumCulled = false;
  });
  return { model: scene, player: new ClipPlayer(scene, animations) };
}

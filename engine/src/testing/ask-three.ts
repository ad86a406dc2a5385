import { readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import type { GLTF } from '@gltf-transform/core';
import { parseGlb } from '@haveld/core/formats/gltf/parse-glb';
import { DOMParser } from '@xmldom/xmldom';
import {
  AnimationMixer,
  Box3,
  Group,
  Mesh,
  MeshBasicMaterial,
  Points,
  Vector3,
  type AnimationClip,
  type BufferGeometry,
  type Material,
  type Object3D,
  type SkinnedMesh,
} from 'three';
import { ColladaLoader } from 'three/examples/jsm/loaders/ColladaLoader.js';
import { GLTFLoader } from 'three/examples/jsm/loaders/GLTFLoader.js';
import { FBXLoader } from 'three/examples/jsm/loaders/FBXLoader.js';
import { PLYLoader } from 'three/examples/jsm/loaders/PLYLoader.js';
import { STLLoader } from 'three/examples/jsm/loaders/STLLoader.js';
import { TDSLoader } from 'three/examples/jsm/loaders/TDSLoader.js';
import { VRMLLoader } from 'three/examples/jsm/loaders/VRMLLoader.js';
import { decodeText } from '@haveld/core/text/decode-text';
import { fromFirst, type Cloud, type Summary } from './summary';

/** What three's loaders look for in a browser; pictures are never loaded. */
function pretendBrowser(): void {
  const element = { addEventListener: () => undefined, removeEventListener: () => undefined };
  Object.assign(globalThis, {
    self: globalThis,
    window: globalThis,
    document: { createElementNS: () => ({ ...element }) },
    ProgressEvent: class extends Event {},
    DOMParser: class {
      parseFromString(text: string): unknown {
        const parsed = new DOMParser({ onError: () => undefined }).parseFromString(text, 'text/xml');
        return Object.assign(parsed, { querySelectorAll: undefined });
      }
    },
  });
}

interface Scene {
  root: Object3D;
  clips: AnimationClip[];
  /** Metres a unit, where the loader does not apply it. */
  metres: number;
}

type Load = (bytes: ArrayBuffer, path: string) => Scene | Promise<Scene>;

const bare = (geometry: BufferGeometry, isCloud = false): Scene => ({
  root: new Group().add(isCloud ? new Points(geometry) : new Mesh(geometry, new MeshBasicMaterial())),
  clips: [],
  metres: 1,
});

const LOADERS: Record<string, Load> = {
  fbx(bytes) {
    const root = new FBXLoader().parse(bytes, '');
    return { root, clips: root.animations, metres: ((root.userData.unitScaleFactor as number | undefined) ?? 1) / 100 };
  },
  dae(bytes) {
    // TGA pictures it would fetch; no picture is looked at here
    const text = decodeText(new Uint8Array(bytes)).replaceAll('.tga', '.png');
    const { scene } = new ColladaLoader().parse(text, '') as unknown as {
      scene: Object3D & { animations: AnimationClip[] };
    };
    return { root: scene, clips: scene.animations, metres: 1 };
  },
  gltf: loadGltf,
  glb: loadGltf,
  stl: (bytes) => bare(new STLLoader().parse(bytes)),
  ply(bytes) {
    const geometry = new PLYLoader().parse(bytes);
    return bare(geometry, geometry.index === null);
  },
  wrl(bytes) {
    // it stumbles over a sky without angles
    const text = decodeText(new Uint8Array(bytes)).replace(/^Background \{[^}]*\}/m, '');
    const root = new VRMLLoader().parse(text, '');
    return { root, clips: [], metres: 1 };
  },
  '3ds'(bytes) {
    // it leaves Z up
    const root = new Group().add(...new TDSLoader().parse(bytes, '').children);
    root.rotation.x = -Math.PI / 2;
    return { root, clips: [], metres: 1 };
  },
};

/** Without its pictures, which cannot be loaded outside a browser; materials keep their names. */
async function loadGltf(bytes: ArrayBuffer, path: string): Promise<Scene> {
  const { json, binary } = parseGlb(new Uint8Array(bytes), path);
  const bare = { ...json, textures: undefined, images: undefined, extensionsUsed: [] } as unknown as GLTF.IGLTF;
  bare.materials = json.materials?.map(({ name }) => ({ name }));
  for (const buffer of bare.buffers ?? []) {
    if (buffer.uri?.startsWith('data:')) continue;
    const own = buffer.uri === undefined ? binary : readFileSync(join(dirname(path), decodeURIComponent(buffer.uri)));
    if (own) buffer.uri = `data:application/octet-stream;base64,${Buffer.from(own).toString('base64')}`;
  }
  const { scene, animations } = await new GLTFLoader().parseAsync(JSON.stringify(bare), '');
  return { root: scene, clips: animations, metres: 1 };
}

/** Reads a model with three's loader of its format. @returns null where it cannot */
export async function askThree(path: string): Promise<Summary | null> {
  pretendBrowser();
  const bytes = new Uint8Array(readFileSync(path));
  const said = { ...console };
  // what the loaders remark on says nothing here
  Object.assign(console, {
    warn: () => undefined,
    error: () => undefined,
    log: () => undefined,
    debug: () => undefined,
  });
  try {
    const extension = path.split('.').pop()!.toLowerCase();
    return summarise(await LOADERS[extension](bytes.buffer, path));
  } catch {
    return null;
  } finally {
    Object.assign(console, said);
  }
}

function summarise({ root, clips, metres }: Scene): Summary {
  root.updateMatrixWorld(true);
  const summary: Summary = {
    nodes: -1,
    triangles: 0,
    materials: null,
    maps: null,
    joints: 0,
    clips: clips.length,
    size: null,
    uvSets: 0,
    colours: false,
    keyTimes: clips.map((clip) => fromFirst(clip.tracks.flatMap((track) => [...track.times]))),
    pose: (index, seconds) => poseClip(root, clips[index], seconds).map((v) => v * metres),
  };
  const materials = new Set<string>();
  const joints = new Set<Object3D>();
  root.traverse((object) => {
    summary.nodes!++;
    const { geometry } = object as Points;
    if (!geometry) return;
    const names = Object.keys(geometry.attributes);
    summary.uvSets = Math.max(summary.uvSets, names.filter((name) => /^uv\d*$/.test(name)).length);
    summary.colours ||= names.includes('color');
    const mesh = object as Mesh | SkinnedMesh;
    if (!mesh.isMesh) return;
    const corners = geometry.index?.count ?? geometry.getAttribute('position')?.count ?? 0;
    summary.triangles += Math.floor(corners / 3);
    for (const material of [mesh.material].flat() as Material[]) if (material.name) materials.add(material.name);
    if ('isSkinnedMesh' in mesh) for (const bone of mesh.skeleton.bones) joints.add(bone);
  });
  summary.materials = [...materials].sort();
  summary.joints = joints.size;
  const box = new Box3().setFromObject(root, true);
  summary.size = box.isEmpty()
    ? null
    : box
        .getSize(new Vector3())
        .toArray()
        .map((v) => v * metres);
  return summary;
}

function poseClip(root: Object3D, clip: AnimationClip, secondsFromFirst: number): Cloud {
  const mixer = new AnimationMixer(root);
  const first = Math.min(...clip.tracks.map((track) => track.times[0]));
  // the very end of a clip would begin it again
  clip.duration = Math.max(...clip.tracks.map((track) => track.times[track.times.length - 1])) + 1;
  mixer.clipAction(clip).play();
  mixer.setTime(first + secondsFromFirst);
  root.updateMatrixWorld(true);
  const vertices = gatherVertices(root);
  mixer.stopAllAction();
  mixer.uncacheRoot(root);
  return vertices;
}

function gatherVertices(root: Object3D): Cloud {
  const points: number[] = [];
  const point = new Vector3();
  root.traverse((object) => {
    const mesh = object as Mesh;
    if (!mesh.isMesh) return;
    const { count } = mesh.geometry.getAttribute('position');
    for (let i = 0; i < count; i++)
      points.push(...mesh.getVertexPosition(i, point).applyMatrix4(mesh.matrixWorld).toArray());
  });
  return Float64Array.from(points);
}

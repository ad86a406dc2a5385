import {
  AmbientLight,
  Box3,
  DirectionalLight,
  Group,
  HemisphereLight,
  Mesh,
  PerspectiveCamera,
  PlaneGeometry,
  Scene,
  ShadowMaterial,
  Spherical,
  Vector3,
  type Texture,
} from 'three';
import type { ClipPlayer } from './clip-player';
import { createDrawnEdges, DRAWN_EDGES, type DrawnEdges } from './drawn-edges';
import { createLitFaces } from './lit-faces';
import type { LoadedModel } from './load-model';
import { createFrontMark, createPivotMark, disposeAll } from './stage-props';
import { describeStance, type Stance } from './stance';

/** Of the camera, degrees. */
export const FIELD_OF_VIEW = 24;

/** What one side of the view stands in. */
export interface StageSide {
  scene: Scene;
  camera: PerspectiveCamera;
  holder: Group;
  light: DirectionalLight;
  floor: Mesh;
  box: Box3;
  /** Null where nothing stands there. */
  stance: Stance | null;
  /** Faces to be lit, whether or not their model is there yet. */
  faces: Float32Array | null;
  /** Edges to be drawn, both ends of each, whether or not their model is there yet. */
  edges: DrawnEdges | null;
  /** Box of what is lit of it; null where nothing is. */
  lit: Box3 | null;
  player: ClipPlayer | null;
}

/** Light, floor and shadow for one side. */
export function createStageSide(environment: Texture): StageSide {
  const scene = new Scene();
  scene.environment = environment;
  scene.environmentIntensity = 0.35;
  const light = new DirectionalLight(0xfff4e2, 2.4);
  light.castShadow = true;
  // soft as it is, it looks the same at half the sides, and a browser that draws with the processor has a quarter to do
  light.shadow.mapSize.set(512, 512);
  light.shadow.radius = 2.5;
  light.shadow.blurSamples = 8;
  // cast anew only where something moved: turning the view leaves them as they are
  light.shadow.autoUpdate = false;
  light.shadow.needsUpdate = true;
  const floor = new Mesh(new PlaneGeometry(1, 1), new ShadowMaterial({ opacity: 0.26 }));
  floor.rotation.x = -Math.PI / 2;
  floor.receiveShadow = true;
  const holder = new Group();
  scene.add(
    holder,
    light,
    light.target,
    floor,
    new HemisphereLight(0xf2f4f5, 0x8f887a, 1.1),
    new AmbientLight(0xffffff, 0.15),
  );
  return {
    scene,
    camera: new PerspectiveCamera(FIELD_OF_VIEW, 1, 0.01, 100),
    holder,
    light,
    floor,
    box: new Box3(),
    stance: null,
    faces: null,
    edges: null,
    lit: null,
    player: null,
  };
}

/** Stands a model on a side instead of what stood there; null clears it. @param hasFront false where its front is not marked */
export function standOnSide(side: StageSide, loaded: LoadedModel | null, hasFront: boolean): void {
  const { holder, box } = side;
  disposeAll(holder);
  holder.clear();
  box.makeEmpty();
  Object.assign(side, { player: loaded?.player ?? null, stance: null, lit: null });
  if (!loaded) return;
  holder.add(loaded.model, createPivotMark());
  if (hasFront) holder.add(createFrontMark());
  box.setFromObject(loaded.model, true);
  side.stance = describeStance(loaded.model, box);
  lightFacesOfSide(side, side.faces);
  drawEdgesOfSide(side, side.edges);
}

/** Draws edges on what stands there, in its own space; null takes them away. */
export function drawEdgesOfSide(side: StageSide, edges: DrawnEdges | null): void {
  const { holder, box } = side;
  const known = holder.getObjectByName(DRAWN_EDGES);
  if (known) {
    disposeAll(known);
    known.removeFromParent();
  }
  side.edges = edges;
  if (edges && edges.ends.length > 0 && !box.isEmpty()) holder.add(createDrawnEdges(edges.ends, edges.kind));
}

/** Lights faces of what stands there up, in its own space; null puts them out. */
export function lightFacesOfSide(side: StageSide, faces: Float32Array | null): void {
  const { holder, box } = side;
  const known = holder.getObjectByName('haveld-lit');
  if (known) {
    disposeAll(known);
    known.removeFromParent();
  }
  side.faces = faces;
  side.lit = null;
  if (!faces || faces.length === 0 || box.isEmpty()) return;
  const { mark, box: lit } = createLitFaces(faces);
  holder.add(mark);
  side.lit = lit;
}

/** Sets floor and light by the size of what stands there. @param turn radians about the model @param strength times the usual */
export function lightStageSide({ box, floor, light }: StageSide, turn: number, strength: number): void {
  const centre = box.getCenter(new Vector3());
  const radius = Math.max(box.getSize(new Vector3()).length() / 2, 1e-6);
  floor.position.set(centre.x, box.min.y - radius * 0.0005, centre.z);
  floor.scale.setScalar(radius * 12);
  light.target.position.copy(centre);
  light.position.copy(centre).add(new Vector3().setFromSpherical(new Spherical(radius * 4, 0.75, turn)));
  light.intensity = 2.4 * strength;
  Object.assign(light.shadow.camera, {
    left: -radius * 1.6,
    right: radius * 1.6,
    top: radius * 1.6,
    bottom: -radius * 1.6,
    near: radius,
    far: radius * 8,
  });
  light.shadow.normalBias = radius * 0.004;
  light.shadow.camera.updateProjectionMatrix();
}

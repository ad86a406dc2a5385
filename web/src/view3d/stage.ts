import {
  Box3,
  Group,
  type Mesh,
  PMREMGenerator,
  Spherical,
  SRGBColorSpace,
  Vector3,
  WebGLRenderer,
  VSMShadowMap,
  type Texture,
} from 'three';
import { RoomEnvironment } from 'three/examples/jsm/environments/RoomEnvironment.js';
import { GLTFLoader } from 'three/examples/jsm/loaders/GLTFLoader.js';
import { ClipPlayer, type Moment } from './clip-player';
import { CheckerSurface } from './checker-surface';
import { pickPoint, type Picked } from './pick-point';
import { createFrontMark, createPerson, createPickMark, createPivotMark, disposeAll, PERSON_M } from './stage-props';
import { createStandIn, type StandIn } from './stand-ins';
import { createStanding, FIELD_OF_VIEW, lightStanding, type Standing } from './standing';
import { TrialPlayer, type Trial } from './trial-player';

export type Side = 'received' | 'treated';

/** `own`: its materials. `checker`: squares of 64 texels on every surface, to see how fine and how stretched it lies. */
export type Surface = 'own' | 'checker';

/** Something to write over the picture, in CSS pixels of the view. */
export interface Overlay {
  bars: Record<Side, { px: number; units: number } | null>;
  /** Ends of the treated box's edges, for its measures. */
  measures: { x: number; y: number; size: number; axis: 'width' | 'height' | 'depth' }[];
  person: { x: number; y: number } | null;
  /** Below what it stands beside, and where its front is. */
  beside: { x: number; y: number } | null;
  front: { x: number; y: number } | null;
  /** Middle of what was picked, and how far apart two points are. */
  picked: { x: number; y: number; distance: number | null } | null;
}

/** Draws one model, or two side by side with a wipe between them, each framed by its own size. Draws only when something changed. */
export class Stage {
  readonly #renderer: WebGLRenderer;
  readonly #environment: Texture;
  readonly #sides: Record<Side, Standing>;
  readonly #person: Group;
  readonly #picks = new Group();
  #picked: Vector3[] = [];
  readonly #trial: TrialPlayer;
  readonly #beside = new Group();
  #besideWanted: StandIn | null = null;
  /** What the treated model is scaled by before anybody took it. */
  #preview = 1;
  #isOneScale = false;
  readonly #onOverlay: (overlay: Overlay) => void;
  #yaw = 0.52;
  #pitch = 0.28;
  #zoom = 1;
  #pan = new Vector3();
  #lightTurn = -0.7;
  #lightStrength = 1;
  /** 0: all treated. 1: all received. */
  #wipe = 0.5;
  #only: Side | null = null;
  #showPerson = true;
  #surface: Surface = 'own';
  readonly #checker = new CheckerSurface();
  /** Where in a clip both sides stand; null as they rest. */
  #moment: Moment | null = null;
  #wanted = 0;
  #width = 1;
  #height = 1;

  constructor(canvas: HTMLCanvasElement, onOverlay: (overlay: Overlay) => void) {
    this.#onOverlay = onOverlay;
    this.#renderer = new WebGLRenderer({ canvas, antialias: true, alpha: true, preserveDrawingBuffer: true });
    this.#renderer.setClearColor(0x000000, 0);
    this.#renderer.outputColorSpace = SRGBColorSpace;
    this.#renderer.shadowMap.enabled = true;
    this.#renderer.shadowMap.type = VSMShadowMap;
    const generator = new PMREMGenerator(this.#renderer);
    this.#environment = generator.fromScene(new RoomEnvironment(), 0.04).texture;
    generator.dispose();
    this.#sides = { received: createStanding(this.#environment), treated: createStanding(this.#environment) };
    this.#person = createPerson();
    this.#trial = new TrialPlayer(this.#sides.treated.holder);
    this.#sides.treated.scene.add(this.#person, this.#picks, this.#beside, this.#trial.copies);
  }

  /** Shows a GLB on one side; null clears it. */
  async show(side: Side, glb: ArrayBuffer | null): Promise<void> {
    const standing = this.#sides[side];
    const loaded = glb ? await new GLTFLoader().parseAsync(glb, '') : null;
    const model = loaded?.scene;
    standing.player = null;
    disposeAll(standing.holder);
    standing.holder.clear();
    standing.box.makeEmpty();
    if (model) {
      model.traverse((object) => {
        const mesh = object as Mesh;
        if (!mesh.isMesh) return;
        mesh.castShadow = true;
        mesh.receiveShadow = true;
        // a moving skin leaves the sphere it rested in
        if (loaded!.animations.length > 0) mesh.frustumCulled = false;
      });
      // cameras and lights of the file do not light the view
      model.traverse((object) => {
        if ('isLight' in object) object.visible = false;
      });
      standing.holder.add(model, createPivotMark(), createFrontMark());
      this.#checker.lay(model, this.#surface === 'checker');
      standing.box.setFromObject(model, true);
      standing.player = new ClipPlayer(model, loaded!.animations);
      standing.player.pose(this.#moment);
    }
    this.#place(side);
    this.draw();
  }

  #place(side: Side): void {
    const { box, holder } = this.#sides[side];
    if (box.isEmpty()) return;
    const size = box.getSize(new Vector3());
    const centre = box.getCenter(new Vector3());
    const radius = Math.max(size.length() / 2, 1e-6);
    lightStanding(this.#sides[side], this.#lightTurn, this.#lightStrength);
    const mark = holder.getObjectByName('haveld-pivot');
    mark?.scale.setScalar(radius * 0.09);
    if (side === 'treated') {
      this.#placePerson();
      const front = holder.getObjectByName('haveld-front');
      front?.scale.setScalar(radius * 0.12);
      front?.position.set(centre.x, box.min.y, box.max.z + radius * 0.16);
      this.#placeBeside();
    }
  }

  #placePerson(): void {
    const box = this.#shownBox('treated');
    const size = box.getSize(new Vector3());
    const fits = size.y > 0.12 && size.y < 25;
    this.#person.visible = this.#showPerson && fits && this.#only !== 'received';
    this.#person.position.set(box.max.x + Math.max(0.42, size.x * 0.12), box.min.y, box.getCenter(new Vector3()).z);
  }

  /** To the left of the model, its right edge a little away. */
  #placeBeside(): void {
    const box = this.#shownBox('treated');
    const [thing] = this.#beside.children;
    this.#beside.position.set(0, 0, 0);
    if (!thing || box.isEmpty()) return;
    const own = new Box3().setFromObject(this.#beside);
    const gap = Math.max(box.getSize(new Vector3()).x, own.getSize(new Vector3()).x) * 0.15;
    const middle = box.getCenter(new Vector3());
    this.#beside.position.set(
      box.min.x - gap - own.max.x,
      box.min.y - own.min.y,
      middle.z - own.getCenter(new Vector3()).z,
    );
  }

  /** The box of a side as it is drawn: the treated one as it would be scaled. */
  #shownBox(side: Side): Box3 {
    const { box } = this.#sides[side];
    if (side === 'received' || this.#preview === 1 || box.isEmpty()) return box;
    const foot = this.#footOf(box);
    const scaled = (corner: Vector3): Vector3 => corner.clone().sub(foot).multiplyScalar(this.#preview).add(foot);
    return new Box3(scaled(box.min), scaled(box.max));
  }

  /** What a preview scales about: the middle of the base, wherever the pivot is. */
  #footOf(box: Box3): Vector3 {
    const middle = box.getCenter(new Vector3());
    return new Vector3(middle.x, box.min.y, middle.z);
  }

  /** Stands something of known size beside the treated model; null takes it away. */
  async setBeside(thing: StandIn | null): Promise<void> {
    this.#besideWanted = thing;
    const made =
      thing === null
        ? null
        : thing.kind === 'asset'
          ? (await new GLTFLoader().parseAsync(thing.glb.slice(0), '')).scene
          : createStandIn(thing.kind);
    // what was asked for meanwhile counts
    if (this.#besideWanted !== thing) return;
    disposeAll(this.#beside);
    this.#beside.clear();
    if (made) this.#beside.add(made);
    this.#placeBeside();
    this.draw();
  }

  /** Shows the treated model so many times as large, until somebody takes it. */
  setPreview(factor: number): void {
    this.#preview = factor;
    const { holder, box } = this.#sides.treated;
    holder.scale.setScalar(factor);
    if (!box.isEmpty()) holder.position.copy(this.#footOf(box).multiplyScalar(1 - factor));
    this.#placePerson();
    this.#placeBeside();
    this.draw();
  }

  /** Both sides at one scale, or each framed by its own size. */
  setOneScale(isOne: boolean): void {
    this.#isOneScale = isOne;
    this.draw();
  }

  resize(width: number, height: number): void {
    this.#width = Math.max(1, width);
    this.#height = Math.max(1, height);
    this.#renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
    this.#renderer.setSize(this.#width, this.#height, false);
    this.draw();
  }

  turn(yaw: number, pitch: number): void {
    this.#yaw += yaw;
    this.#pitch = Math.max(-1.5, Math.min(1.5, this.#pitch + pitch));
    this.draw();
  }

  zoom(factor: number): void {
    this.#zoom = Math.max(0.05, Math.min(30, this.#zoom * factor));
    this.draw();
  }

  /** @param x,y in shares of the view */
  pan(x: number, y: number): void {
    this.#pan.add(new Vector3(x, y, 0));
    this.draw();
  }

  frame(): void {
    this.#yaw = 0.52;
    this.#pitch = 0.28;
    this.#zoom = 1;
    this.#pan.set(0, 0, 0);
    this.draw();
  }

  setWipe(wipe: number): void {
    this.#wipe = wipe;
    this.draw();
  }

  setOnly(side: Side | null): void {
    this.#only = side;
    this.#place('treated');
    this.draw();
  }

  setLight(turn: number, strength: number): void {
    this.#lightTurn = turn;
    this.#lightStrength = strength;
    this.#place('received');
    this.#place('treated');
    this.draw();
  }

  setPerson(shown: boolean): void {
    this.#showPerson = shown;
    this.#place('treated');
    this.draw();
  }

  /** Lays squares over the surfaces, or gives them their materials back. */
  setSurface(surface: Surface): void {
    this.#surface = surface;
    for (const { holder } of Object.values(this.#sides)) this.#checker.lay(holder, surface === 'checker');
    this.draw();
  }

  /** @param x,y pixels of the view @returns what of the treated model lies there; null where nothing does, or the other side is */
  pick(x: number, y: number): Picked | null {
    const cut = this.#only === 'received' ? this.#width : this.#only === 'treated' ? 0 : this.#width * this.#wipe;
    const { holder, camera, box } = this.#sides.treated;
    const [model] = holder.children;
    return !model || box.isEmpty() || x < cut ? null : pickPoint(model, camera, x, y, this.#width, this.#height);
  }

  /** Marks points of the treated model. */
  setPicked(points: readonly (readonly [number, number, number])[]): void {
    this.#picked = points.map(([x, y, z]) => new Vector3(x, y, z));
    disposeAll(this.#picks);
    this.#picks.clear();
    const { box } = this.#sides.treated;
    if (points.length > 0 && !box.isEmpty())
      this.#picks.add(createPickMark(this.#picked, box.getSize(new Vector3()).length() * 0.012));
    this.draw();
  }

  /** Begins a trial of the treated model; null ends it. */
  setTrial(trial: Trial | null): void {
    this.#trial.start(trial, performance.now());
    // ending one puts the model back to where a preview has it
    if (!trial) this.setPreview(this.#preview);
    this.draw();
  }

  /** Poses both sides as a clip has them; null puts them to rest. */
  setMoment(moment: Moment | null): void {
    this.#moment = moment;
    for (const { player } of Object.values(this.#sides)) player?.pose(moment);
    this.draw();
  }

  /** Draws with the next frame; many wishes are one drawing. */
  draw(): void {
    if (this.#wanted) return;
    this.#wanted = requestAnimationFrame(() => {
      this.#wanted = 0;
      this.#drawNow();
    });
  }

  #drawNow(): void {
    const isMoving = this.#trial.pose(performance.now());
    const renderer = this.#renderer;
    renderer.setScissorTest(false);
    renderer.clear();
    renderer.setScissorTest(true);
    const cut = this.#only === 'received' ? this.#width : this.#only === 'treated' ? 0 : this.#width * this.#wipe;
    const bars: Overlay['bars'] = { received: null, treated: null };
    if (cut > 1) bars.received = this.#drawSide('received', 0, cut);
    if (cut < this.#width - 1) bars.treated = this.#drawSide('treated', cut, this.#width - cut);
    this.#onOverlay({
      bars,
      measures: cut < this.#width ? this.#projectMeasures() : [],
      person: this.#projectPerson(),
      beside: this.#projectBeside(),
      front: this.#projectFront(),
      picked: this.#projectPicked(),
    });
    if (isMoving) this.draw();
  }

  #projectPicked(): Overlay['picked'] {
    const [a, b] = this.#picked;
    if (!a) return null;
    const middle = b ? a.clone().add(b).multiplyScalar(0.5) : a;
    return { ...this.#toPixels(middle), distance: b ? a.distanceTo(b) : null };
  }

  #drawSide(side: Side, left: number, width: number): Overlay['bars'][Side] {
    const standing = this.#sides[side];
    if (standing.box.isEmpty()) return null;
    const { camera, scene } = standing;
    const { centre, radius: own } = this.#frameOf(side);
    const isShared = this.#isOneScale && this.#only === null;
    const radius = isShared ? Math.max(this.#frameOf('received').radius, this.#frameOf('treated').radius) : own;
    const aspect = this.#width / this.#height;
    const half = Math.tan((FIELD_OF_VIEW * Math.PI) / 360);
    const distance = (radius * 1.12 * this.#zoom) / Math.sin(Math.atan(half * Math.min(1, aspect)));
    const back = new Vector3().setFromSpherical(new Spherical(1, Math.PI / 2 - this.#pitch, this.#yaw));
    const seen = 2 * distance * half;
    const right = new Vector3(0, 1, 0).cross(back).normalize();
    const up = back.clone().cross(right);
    const target = centre
      .clone()
      .addScaledVector(right, -this.#pan.x * seen * aspect)
      .addScaledVector(up, this.#pan.y * seen);
    camera.aspect = aspect;
    camera.near = Math.max(distance - radius * 8, distance * 0.01);
    camera.far = distance + radius * 16;
    camera.position.copy(target).addScaledVector(back, distance);
    camera.lookAt(target);
    camera.updateProjectionMatrix();
    this.#person.rotation.y = this.#yaw;
    const pixelLeft = Math.round(left);
    this.#renderer.setViewport(0, 0, this.#width, this.#height);
    this.#renderer.setScissor(pixelLeft, 0, Math.ceil(width), this.#height);
    this.#renderer.render(scene, camera);
    return { px: this.#height / seen, units: 1 };
  }

  #toPixels(point: Vector3): { x: number; y: number } {
    const projected = point.clone().project(this.#sides.treated.camera);
    return { x: ((projected.x + 1) / 2) * this.#width, y: ((1 - projected.y) / 2) * this.#height };
  }

  /** What a side is framed by: its model, and what stands with it. */
  #frameOf(side: Side): { centre: Vector3; radius: number } {
    const box = this.#shownBox(side);
    const framed = side === 'treated' ? this.#trial.reach(box) : box.clone();
    if (side === 'treated' && this.#beside.children.length > 0) framed.union(new Box3().setFromObject(this.#beside));
    if (side === 'treated' && this.#person.visible)
      framed.expandByPoint(new Vector3(this.#person.position.x + 0.25, box.min.y + PERSON_M, this.#person.position.z));
    // with a wipe the two models meet at it, so the model itself is in the middle and the person beside it
    const centre = (this.#only === null ? box : framed).getCenter(new Vector3());
    return { centre, radius: Math.max(framed.min.distanceTo(centre), framed.max.distanceTo(centre), 1e-9) };
  }

  #projectBeside(): Overlay['beside'] {
    if (this.#beside.children.length === 0 || this.#only === 'received') return null;
    const box = new Box3().setFromObject(this.#beside);
    return this.#toPixels(new Vector3((box.min.x + box.max.x) / 2, box.min.y, box.max.z));
  }

  #projectFront(): Overlay['front'] {
    const mark = this.#sides.treated.holder.getObjectByName('haveld-front');
    return mark && !this.#sides.treated.box.isEmpty() ? this.#toPixels(mark.getWorldPosition(new Vector3())) : null;
  }

  #projectMeasures(): Overlay['measures'] {
    const box = this.#shownBox('treated');
    if (box.isEmpty()) return [];
    const { min, max } = box;
    const size = box.getSize(new Vector3());
    const front = Math.cos(this.#yaw) >= 0 ? max.z : min.z;
    const side = Math.sin(this.#yaw) >= 0 ? max.x : min.x;
    return [
      { ...this.#toPixels(new Vector3((min.x + max.x) / 2, min.y, front)), size: size.x, axis: 'width' },
      { ...this.#toPixels(new Vector3(side, (min.y + max.y) / 2, front)), size: size.y, axis: 'height' },
      { ...this.#toPixels(new Vector3(side, min.y, (min.z + max.z) / 2)), size: size.z, axis: 'depth' },
    ];
  }

  #projectPerson(): Overlay['person'] {
    return this.#person.visible && !this.#sides.treated.box.isEmpty()
      ? this.#toPixels(this.#person.position.clone())
      : null;
  }

  dispose(): void {
    cancelAnimationFrame(this.#wanted);
    for (const { holder } of Object.values(this.#sides)) disposeAll(holder);
    disposeAll(this.#picks);
    disposeAll(this.#beside);
    this.#checker.dispose();
    this.#environment.dispose();
    this.#renderer.dispose();
  }
}

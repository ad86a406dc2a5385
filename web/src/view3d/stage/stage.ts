import {
  Box3,
  Group,
  SRGBColorSpace,
  Vector3,
  VSMShadowMap,
  WebGLRenderer,
  type Vector2,
  type WebGLCubeRenderTarget,
} from 'three';
import { CheckerSurface } from './checker-surface';
import type { Moment } from './clip-player';
import { Companions } from './companions';
import { GoingThere } from './going-there';
import { loadModel } from './load-model';
import { Newest } from './newest';
import { projectOverlay, type Overlay, type Side } from './overlay';
import type { DrawnEdges } from './drawn-edges';
import { PartMarks, type PartsShown, type PickedPart } from './part-marks';
import { pickPoint, type Picked } from './pick-point';
import { planeBehind } from './plane-behind';
import { StageCamera, type Framed } from './stage-camera';
import { frameAbout, frameOnTheWay } from './stage-frames';
import { sharePanes, type Pane } from './stage-panes';
import { createPickMark, disposeAll } from './stage-props';
import {
  createStageSide,
  drawEdgesOfSide,
  lightFacesOfSide,
  lightStageSide,
  standOnSide,
  type StageSide,
} from './stage-side';
import { areAlike } from './stance';
import type { StandIn } from './stand-ins';
import { createStudioLight } from './studio-light';
import { TrialPlayer, type Trial } from './trial-player';

/** `own`: its materials. `checker`: squares of 64 texels on every surface, to see how fine and how stretched it lies. */
export type Surface = 'own' | 'checker';

const isStillWanted = (): boolean => matchMedia('(prefers-reduced-motion: reduce)').matches;

/**
 * Draws one model, or two: as one picture under a wipe where they have one size and stance, beside one another where they differ.
 * Draws only when something changed.
 */
export class Stage {
  readonly #renderer: WebGLRenderer;
  readonly #studio: WebGLCubeRenderTarget;
  readonly #sides: Record<Side, StageSide>;
  readonly #companions = new Companions();
  readonly #picks = new Group();
  #picked: Vector3[] = [];
  readonly #trial: TrialPlayer;
  /** What the treated model is scaled by before anybody took it. */
  #preview = 1;
  #isOneScale = false;
  readonly #onOverlay: (overlay: Overlay) => void;
  readonly #camera = new StageCamera();
  #lightTurn = -0.7;
  #lightStrength = 1;
  /** 0: all treated. 1: all received. */
  #wipe = 0.5;
  #only: Side | null = null;
  #showPerson = true;
  #surface: Surface = 'own';
  readonly #checker = new CheckerSurface();
  readonly #parts = new PartMarks();
  #meant: ReadonlySet<string> = new Set();
  readonly #newest = new Newest<Side>();
  /** Where in a clip both sides stand; null as they rest. */
  #moment: Moment | null = null;
  readonly #going = new GoingThere();
  #isAlike = false;
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
    this.#studio = createStudioLight(this.#renderer);
    const { texture } = this.#studio;
    this.#sides = { received: createStageSide(texture), treated: createStageSide(texture) };
    this.#trial = new TrialPlayer(this.#sides.treated.holder);
    this.#sides.treated.scene.add(...this.#companions.groups, this.#picks, this.#trial.copies);
  }

  /** Shows a GLB on one side; null clears it. One that is read later than a newer one is never shown. */
  async show(side: Side, glb: ArrayBuffer | null): Promise<void> {
    const standing = this.#sides[side];
    const brought = await this.#newest.bring(
      side,
      async () => glb && (await loadModel(glb)),
      (late) => late && disposeAll(late.model),
    );
    if (brought.late) return;
    standOnSide(standing, brought.value, side === 'treated');
    if (brought.value) {
      this.#checker.lay(standing.holder, this.#surface === 'checker');
      standing.player?.pose(this.#moment);
    }
    if (side === 'treated') this.#parts.setModel(brought.value?.model ?? null);
    this.#place(side);
    this.draw();
  }

  /**
   * Lights faces of one side up; null puts them out.
   * @param faces xyz a corner, three corners a triangle, in the space of the model
   */
  setLit(side: Side, faces: Float32Array | null): void {
    lightFacesOfSide(this.#sides[side], faces);
    this.draw();
  }

  /** Draws edges of the treated model; null takes them away. */
  setEdges(edges: DrawnEdges | null): void {
    drawEdgesOfSide(this.#sides.treated, edges);
    this.draw();
  }

  /** Sends the view to what is lit or chosen, or back to the whole model. */
  goToLit(goes: boolean): void {
    this.#going.go(goes, performance.now());
    this.draw();
  }

  #place(side: Side): void {
    const { box, holder } = this.#sides[side];
    if (box.isEmpty()) return;
    const size = box.getSize(new Vector3());
    const centre = box.getCenter(new Vector3());
    const radius = Math.max(size.length() / 2, 1e-6);
    lightStageSide(this.#sides[side], this.#lightTurn, this.#lightStrength);
    const mark = holder.getObjectByName('haveld-pivot');
    mark?.scale.setScalar(radius * 0.09);
    if (side === 'treated') {
      const front = holder.getObjectByName('haveld-front');
      front?.scale.setScalar(radius * 0.12);
      front?.position.set(centre.x, box.min.y, box.max.z + radius * 0.16);
      this.#placeCompanions();
    }
  }

  #placeCompanions(): void {
    this.#companions.place(this.#shownBox('treated'), this.#showPerson && this.#only !== 'received');
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
    if (!(await this.#companions.setBeside(thing))) return;
    this.#placeCompanions();
    this.draw();
  }

  /** Shows the treated model so many times as large, until somebody takes it. */
  setPreview(factor: number): void {
    this.#preview = factor;
    const { holder, box } = this.#sides.treated;
    holder.scale.setScalar(factor);
    if (!box.isEmpty()) holder.position.copy(this.#footOf(box).multiplyScalar(1 - factor));
    this.#placeCompanions();
    this.draw();
  }

  /** Both sides at one scale, or each framed by its own size. */
  setOneScale(isOne: boolean): void {
    this.#isOneScale = isOne;
    this.#drawSoon();
  }

  resize(width: number, height: number): void {
    this.#width = Math.max(1, width);
    this.#height = Math.max(1, height);
    this.#renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
    this.#renderer.setSize(this.#width, this.#height, false);
    this.#drawSoon();
  }

  turn(yaw: number, pitch: number): void {
    this.#camera.turn(yaw, pitch);
    this.#drawSoon();
  }

  zoom(factor: number): void {
    this.#camera.zoom(factor);
    this.#drawSoon();
  }

  /** @param x,y in shares of the view */
  pan(x: number, y: number): void {
    this.#camera.pan(x, y);
    this.#drawSoon();
  }

  /** Frames the model again, as when it was first shown. */
  frame(): void {
    this.#going.reset();
    this.#camera.reset();
    this.#drawSoon();
  }

  setWipe(wipe: number): void {
    this.#wipe = wipe;
    this.#drawSoon();
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
    const { holder, camera, box } = this.#sides.treated;
    const [model] = holder.children;
    const pane = this.#panes().treated;
    return !model || box.isEmpty() || !pane || x < pane.from
      ? null
      : pickPoint(model, camera, x - pane.left, y, pane.width, this.#height);
  }

  /** Marks parts of the treated model, hides some, shows others faintly. */
  setParts(shown: PartsShown): void {
    this.#parts.setShown(shown);
    this.#meant = shown.chosen;
    this.draw();
  }

  /** Where the view goes on the treated model: to what is lit, else to the parts that are chosen; null where neither is. */
  #placeMeant(): Box3 | null {
    const { lit } = this.#sides.treated;
    if (lit || this.#meant.size === 0) return lit;
    const box = this.#parts.boxOf(this.#meant);
    return box.isEmpty() ? null : box;
  }

  /** @param x,y pixels of the view @returns which part of the treated model lies there */
  pickPart(x: number, y: number): PickedPart | null {
    return this.#parts.pick(this.#sides.treated.camera, x, y, this.#width, this.#height);
  }

  /** @returns the plane of all that lies behind a line on the view, pixels: as many numbers as it takes a normal and an offset */
  planeBehind(from: Vector2, to: Vector2): [number, number, number, number] | null {
    return planeBehind(this.#sides.treated.camera, from, to, this.#width, this.#height);
  }

  /** @returns triangles of a part that lie wholly in a box on the view, pixels, by primitive */
  listFacesWithin(id: string, from: Vector2, to: Vector2): number[][] {
    return this.#parts.listFacesWithin(id, this.#sides.treated.camera, from, to, this.#width, this.#height);
  }

  /** @returns parts that lie wholly in a box on the view, pixels */
  listPartsWithin(from: Vector2, to: Vector2): string[] {
    return this.#parts.listWithin(this.#sides.treated.camera, from, to, this.#width, this.#height);
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

  /** Draws with the next frame, for something that stands there has changed. */
  draw(): void {
    for (const { light } of Object.values(this.#sides)) light.shadow.needsUpdate = true;
    this.#drawSoon();
  }

  /** Draws with the next frame; many wishes are one drawing, and the shadows stay as they fell. */
  #drawSoon(): void {
    if (this.#wanted || this.#newest.hasEnded) return;
    this.#wanted = requestAnimationFrame(() => {
      this.#wanted = 0;
      this.#drawNow();
    });
  }

  #drawNow(): void {
    const isMoving = this.#trial.pose(performance.now());
    const isGoing = this.#going.step(performance.now(), this.#placeMeant() !== null, isStillWanted());
    this.#isAlike = this.#preview === 1 && areAlike(this.#sides.received.stance, this.#sides.treated.stance);
    const renderer = this.#renderer;
    renderer.setScissorTest(false);
    renderer.clear();
    renderer.setScissorTest(true);
    const panes = this.#panes();
    const { camera, holder, box } = this.#sides.treated;
    const bars = {
      received: panes.received && this.#drawSide('received', panes.received),
      treated: panes.treated && this.#drawSide('treated', panes.treated),
    };
    this.#onOverlay(
      projectOverlay(bars, {
        camera,
        left: panes.treated?.left ?? 0,
        width: panes.treated?.width ?? this.#width,
        height: this.#height,
        yaw: this.#camera.yaw,
        isBeside: this.#only === null && !this.#isAlike,
        box: box.isEmpty() ? box : this.#shownBox('treated'),
        // under a wipe its measures are those of both
        isShown: this.#only !== 'received',
        person: this.#companions.person,
        beside: this.#only === 'received' ? null : this.#companions.beside,
        front: holder.getObjectByName('haveld-front'),
        picked: this.#picked,
      }),
    );
    if (isMoving || isGoing) this.draw();
  }

  #panes(): Record<Side, Pane | null> {
    return sharePanes({ width: this.#width, only: this.#only, isWiped: this.#isAlike, wipe: this.#wipe });
  }

  #drawSide(side: Side, { left, width, from, to }: Pane): Overlay['bars'][Side] {
    const standing = this.#sides[side];
    if (standing.box.isEmpty()) return null;
    const { camera, scene } = standing;
    const { centre, radius: own } = this.#frameOf(side);
    const isShared = this.#only === null && (this.#isOneScale || this.#isAlike);
    const radius = isShared ? Math.max(this.#frameOf('received').radius, this.#frameOf('treated').radius) : own;
    const seen = this.#camera.aim(camera, { centre, radius }, width / this.#height);
    this.#companions.person.rotation.y = this.#camera.yaw;
    this.#renderer.setViewport(left, 0, width, this.#height);
    this.#renderer.setScissor(from, 0, to - from, this.#height);
    this.#renderer.render(scene, camera);
    return { px: this.#height / seen };
  }

  /** What a side is framed by: its model with what stands with it, or what is lit of it. Under a wipe both look at one place. */
  #frameOf(side: Side): Framed {
    const from = this.#only === null && this.#isAlike ? 'treated' : side;
    const box = this.#shownBox(from);
    const framed = from === 'treated' ? this.#trial.reach(box) : box.clone();
    if (from === 'treated') this.#companions.widen(framed, box.min.y);
    const whole = frameAbout(framed.getCenter(new Vector3()), framed);
    const { lit, box: measured } = this.#sides[from];
    const place = from === 'treated' ? this.#placeMeant() : lit;
    const moved = this.#middleOf(box).sub(this.#middleOf(measured));
    const { centre, radius } = place ? frameOnTheWay(whole, place, moved, this.#going.share) : whole;
    return { centre: centre.add(this.#middleOf(this.#shownBox(side))).sub(this.#middleOf(box)), radius };
  }

  #middleOf(box: Box3): Vector3 {
    return box.getCenter(new Vector3());
  }

  dispose(): void {
    this.#newest.end();
    cancelAnimationFrame(this.#wanted);
    for (const { holder } of Object.values(this.#sides)) disposeAll(holder);
    disposeAll(this.#picks);
    this.#companions.dispose();
    this.#checker.dispose();
    this.#parts.dispose();
    this.#studio.dispose();
    this.#renderer.dispose();
  }
}

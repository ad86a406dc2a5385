import { Box3, Group, Vector3 } from 'three';
import { loadModel } from './load-model';
import { Newest } from './newest';
import { PERSON_M } from '../../parts/person-outline';
import { createPerson, disposeAll } from './stage-props';
import { createStandIn, type StandIn } from './stand-ins';

/** What stands with the treated model so that its size can be seen: a person on its right, something of known size on its left. */
export class Companions {
  readonly person = createPerson();
  readonly #beside = new Group();
  readonly #newest = new Newest<'beside'>();

  /** What stands beside the model; null where nothing does. */
  get beside(): Group | null {
    return this.#beside.children.length > 0 ? this.#beside : null;
  }

  get groups(): Group[] {
    return [this.person, this.#beside];
  }

  /** @param thing null takes away what stands there. @returns false where something else was asked for meanwhile */
  async setBeside(thing: StandIn | null): Promise<boolean> {
    const brought = await this.#newest.bring(
      'beside',
      async () =>
        thing && (thing.kind === 'asset' ? (await loadModel(thing.glb.slice(0))).model : createStandIn(thing.kind)),
      (late) => late && disposeAll(late),
    );
    if (brought.late) return false;
    disposeAll(this.#beside);
    this.#beside.clear();
    if (brought.value) this.#beside.add(brought.value);
    return true;
  }

  /** @param box of the model as it is drawn, metres. @param isPersonWanted false hides the person, whatever the size */
  place(box: Box3, isPersonWanted: boolean): void {
    const size = box.getSize(new Vector3());
    const middle = box.getCenter(new Vector3());
    // beside a pin or a ship a person says nothing
    this.person.visible = isPersonWanted && size.y > 0.12 && size.y < 25;
    this.person.position.set(box.max.x + Math.max(0.42, size.x * 0.12), box.min.y, middle.z);
    this.#beside.position.set(0, 0, 0);
    if (!this.beside || box.isEmpty()) return;
    const own = new Box3().setFromObject(this.#beside);
    const gap = Math.max(size.x, own.max.x - own.min.x) * 0.15;
    this.#beside.position.set(
      box.min.x - gap - own.max.x,
      box.min.y - own.min.y,
      middle.z - own.getCenter(new Vector3()).z,
    );
  }

  /** Makes a frame of a model wide enough for what stands with it. */
  widen(framed: Box3, floor: number): void {
    if (this.beside) framed.union(new Box3().setFromObject(this.#beside));
    if (this.person.visible)
      framed.expandByPoint(new Vector3(this.person.position.x + 0.25, floor + PERSON_M, this.person.position.z));
  }

  dispose(): void {
    this.#newest.end();
    disposeAll(this.#beside);
    disposeAll(this.person);
  }
}

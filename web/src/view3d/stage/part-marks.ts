import {
  Box3,
  DoubleSide,
  Mesh,
  MeshBasicMaterial,
  Raycaster,
  Vector2,
  Vector3,
  type Material,
  type Object3D,
  type PerspectiveCamera,
} from 'three';
import { createHatch } from './lit-faces';

/** How parts of the treated model are shown, by their ids. */
export interface PartsShown {
  /** Marked as meant. */
  chosen: ReadonlySet<string>;
  /** Not shown. */
  hidden: ReadonlySet<string>;
  /** Shown faintly, as neighbours of what is looked at. */
  faint: ReadonlySet<string>;
}

/** What of a model lies under a place in the view. */
export interface PickedPart {
  id: string;
  /** Of the primitives of its mesh, 0-based. */
  primitive: number;
  /** 0-based, in the order of the document. */
  triangle: number;
  /** Of the surface, in the space of the treated model. */
  point: [number, number, number];
}

const SHOWN_LAYER = 0;
const HIDDEN_LAYER = 1;

/** Shows parts of a model as they are asked for, and finds them again. */
export class PartMarks {
  #model: Object3D | null = null;
  #shown: PartsShown = { chosen: new Set(), hidden: new Set(), faint: new Set() };
  readonly #own = new Map<Mesh, Material | Material[]>();
  readonly #marks: Mesh[] = [];
  readonly #faint = new MeshBasicMaterial({
    color: 0x22302f,
    transparent: true,
    opacity: 0.07,
    depthWrite: false,
    side: DoubleSide,
  });
  readonly #hatch = createHatch(0.85, true);

  /** Another model stands there from now on. */
  setModel(model: Object3D | null): void {
    this.#clear();
    this.#own.clear();
    this.#model = model;
    this.#apply();
  }

  setShown(shown: PartsShown): void {
    this.#clear();
    this.#shown = shown;
    this.#apply();
  }

  #clear(): void {
    for (const mark of this.#marks.splice(0)) mark.removeFromParent();
    for (const [mesh, material] of this.#own) {
      mesh.material = material;
      mesh.layers.set(SHOWN_LAYER);
      mesh.castShadow = true;
    }
    this.#own.clear();
  }

  #apply(): void {
    const { chosen, hidden, faint } = this.#shown;
    if (!this.#model || chosen.size + hidden.size + faint.size === 0) return;
    for (const mesh of listMeshes(this.#model)) {
      const id = partOf(mesh);
      if (id === null) continue;
      const isHidden = hidden.has(id);
      const isFaint = faint.has(id) && !chosen.has(id);
      if (!isHidden && !isFaint && !chosen.has(id)) continue;
      this.#own.set(mesh, mesh.material);
      if (isHidden) mesh.layers.set(HIDDEN_LAYER);
      else if (isFaint) {
        mesh.material = this.#faint;
        mesh.castShadow = false;
      } else this.#mark(mesh);
    }
  }

  #mark(mesh: Mesh): void {
    const mark = new Mesh(mesh.geometry, this.#hatch);
    mark.renderOrder = 4;
    mark.frustumCulled = false;
    mark.raycast = () => undefined;
    mesh.add(mark);
    this.#marks.push(mark);
  }

  /** @param x,y pixels of the view from its upper left @returns null where nothing lies there */
  pick(camera: PerspectiveCamera, x: number, y: number, width: number, height: number): PickedPart | null {
    if (!this.#model) return null;
    const raycaster = new Raycaster();
    raycaster.setFromCamera(new Vector2((x / width) * 2 - 1, 1 - (y / height) * 2), camera);
    // what is faint is not in the way of what is looked at
    const [hit] = raycaster
      .intersectObject(this.#model, true)
      .filter(({ object, faceIndex }) => faceIndex != null && (object as Mesh).material !== this.#faint);
    const id = hit && partOf(hit.object);
    if (!hit || !id) return null;
    const siblings =
      hit.object.parent?.children.filter((child) => partOf(child) === id && (child as Mesh).isMesh) ?? [];
    const { x: px, y: py, z: pz } = hit.point;
    const primitive = Math.max(0, siblings.indexOf(hit.object));
    return { id, primitive, triangle: hit.faceIndex!, point: [px, py, pz] };
  }

  /** @returns parts that lie wholly within a box on the view, pixels */
  listWithin(camera: PerspectiveCamera, from: Vector2, to: Vector2, width: number, height: number): string[] {
    if (!this.#model) return [];
    const [left, right] = [Math.min(from.x, to.x), Math.max(from.x, to.x)];
    const [top, bottom] = [Math.min(from.y, to.y), Math.max(from.y, to.y)];
    const outside = new Set<string>();
    const seen = new Set<string>();
    for (const mesh of listMeshes(this.#model)) {
      const id = partOf(mesh);
      if (id === null || !mesh.layers.isEnabled(SHOWN_LAYER) || mesh.material === this.#faint) continue;
      seen.add(id);
      const isWithin = cornersOf(mesh).every((corner) => {
        const { x, y } = corner.project(camera);
        const [px, py] = [((x + 1) / 2) * width, ((1 - y) / 2) * height];
        return px >= left && px <= right && py >= top && py <= bottom;
      });
      if (!isWithin) outside.add(id);
    }
    return [...seen].filter((id) => !outside.has(id));
  }

  /** @returns triangles of a part whose corners lie within a box on the view, pixels, by primitive; those that are hidden behind others too */
  listFacesWithin(
    id: string,
    camera: PerspectiveCamera,
    from: Vector2,
    to: Vector2,
    width: number,
    height: number,
  ): number[][] {
    const meshes = this.#model ? listMeshes(this.#model).filter((mesh) => partOf(mesh) === id) : [];
    const [left, right] = [Math.min(from.x, to.x), Math.max(from.x, to.x)];
    const [top, bottom] = [Math.min(from.y, to.y), Math.max(from.y, to.y)];
    const at = new Vector3();
    return meshes.map((mesh) => {
      const places = mesh.geometry.getAttribute('position');
      const isWithin = Uint8Array.from({ length: places.count }, (_, v) => {
        const { x, y } = mesh.getVertexPosition(v, at).applyMatrix4(mesh.matrixWorld).project(camera);
        const [px, py] = [((x + 1) / 2) * width, ((1 - y) / 2) * height];
        return px >= left && px <= right && py >= top && py <= bottom ? 1 : 0;
      });
      const index = mesh.geometry.getIndex();
      const corners = index?.count ?? places.count;
      const found: number[] = [];
      for (let c = 0; c + 2 < corners; c += 3)
        if ([0, 1, 2].every((k) => isWithin[index ? index.getX(c + k) : c + k])) found.push(c / 3);
      return found;
    });
  }

  /** @returns the box of some parts where they stand; empty where none is here */
  boxOf(ids: ReadonlySet<string>): Box3 {
    const box = new Box3();
    for (const mesh of this.#model ? listMeshes(this.#model) : []) {
      const id = partOf(mesh);
      if (id !== null && ids.has(id)) for (const corner of cornersOf(mesh)) box.expandByPoint(corner);
    }
    return box;
  }

  dispose(): void {
    this.#clear();
    this.#faint.dispose();
    this.#hatch.dispose();
  }
}

function listMeshes(model: Object3D): Mesh[] {
  const meshes: Mesh[] = [];
  model.traverse((object) => {
    if ((object as Mesh).isMesh) meshes.push(object as Mesh);
  });
  return meshes;
}

/** @returns the id of the part a thing of the view belongs to, as the document keeps it; null where it has none */
export function partOf(object: Object3D): string | null {
  for (let at: Object3D | null = object; at; at = at.parent) {
    const ours = at.userData.haveld as { id?: string } | undefined;
    if (ours?.id !== undefined) return ours.id;
  }
  return null;
}

function cornersOf(mesh: Mesh): Vector3[] {
  if (!mesh.geometry.boundingBox) mesh.geometry.computeBoundingBox();
  const { min, max } = mesh.geometry.boundingBox!;
  return [0, 1, 2, 3, 4, 5, 6, 7].map((i) =>
    new Vector3(i & 1 ? max.x : min.x, i & 2 ? max.y : min.y, i & 4 ? max.z : min.z).applyMatrix4(mesh.matrixWorld),
  );
}

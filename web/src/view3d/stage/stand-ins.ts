import {
  BoxGeometry,
  BufferGeometry,
  Color,
  DoubleSide,
  EdgesGeometry,
  Group,
  Line,
  LineBasicMaterial,
  LineSegments,
  Mesh,
  MeshBasicMaterial,
  PlaneGeometry,
  Vector3,
} from 'three';
import { createPerson } from './stage-props';

/** Something of known size to stand a model beside. */
export type StandIn =
  | { kind: 'person' | 'cube' | 'door' }
  /** A catalogued asset. */
  | { kind: 'asset'; label: string; glb: ArrayBuffer };

/** What a stand-in is called. A door leaf of 0.9 × 2.0 m: common practice, no source. */
export const STAND_IN_WORDS = { person: 'person 1.70 m', cube: 'cube 1 m', door: 'door 2 m' } as const;

const INK = 0x22302f;
const paper = (opacity: number): MeshBasicMaterial =>
  new MeshBasicMaterial({ color: INK, transparent: true, opacity, side: DoubleSide, depthWrite: false });
const ink = (): LineBasicMaterial => new LineBasicMaterial({ color: new Color(INK), transparent: true, opacity: 0.5 });

/** Builds a thing of known size that stands on the ground, its left foot at the origin, metres. */
export function createStandIn(kind: 'person' | 'cube' | 'door'): Group {
  const group = new Group();
  if (kind === 'person') {
    const person = createPerson();
    person.position.x = 0.26;
    group.add(person);
  } else if (kind === 'cube') {
    const cube = new BoxGeometry(1, 1, 1).translate(0.5, 0.5, 0);
    group.add(new Mesh(cube, paper(0.1)), new LineSegments(new EdgesGeometry(cube), ink()));
  } else {
    const leaf = new PlaneGeometry(0.9, 2).translate(0.45, 1, 0);
    group.add(new Mesh(leaf, paper(0.14)), new LineSegments(new EdgesGeometry(leaf), ink()));
    const knob = [new Vector3(0.78, 1.05, 0), new Vector3(0.86, 1.05, 0)];
    group.add(new Line(new BufferGeometry().setFromPoints(knob), ink()));
  }
  return group;
}

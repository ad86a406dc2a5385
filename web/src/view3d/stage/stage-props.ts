import {
  BufferGeometry,
  Color,
  DoubleSide,
  Group,
  Line,
  LineBasicMaterial,
  Mesh,
  MeshBasicMaterial,
  Shape,
  ShapeGeometry,
  Vector3,
  type Object3D,
  type Texture,
} from 'three';
import { PERSON_OUTLINE } from '../../parts/person-outline';

const INK = 0x22302f;

/** Frees what a group holds on the card. */
export function disposeAll(group: Object3D): void {
  group.traverse((object) => {
    const mesh = object as Mesh;
    mesh.geometry?.dispose();
    for (const material of mesh.material ? [mesh.material].flat() : []) {
      for (const value of Object.values(material))
        if (value && typeof value === 'object' && 'isTexture' in value) (value as Texture).dispose();
      material.dispose();
    }
  });
}

/** Our pivot mark: an open ring on the ground with a plumb line. */
export function createPivotMark(): Group {
  const mark = new Group();
  mark.name = 'haveld-pivot';
  const material = new LineBasicMaterial({ color: new Color(0x17625b), depthTest: false, transparent: true });
  const ring = Array.from({ length: 41 }, (_, i) => {
    const a = 0.4 + (i / 40) * (Math.PI * 2 - 0.8);
    return new Vector3(Math.cos(a), 0, Math.sin(a));
  });
  mark.add(new Line(new BufferGeometry().setFromPoints(ring), material));
  mark.add(new Line(new BufferGeometry().setFromPoints([new Vector3(0, 0, 0), new Vector3(0, 1.6, 0)]), material));
  mark.renderOrder = 5;
  mark.children.forEach((child) => (child.renderOrder = 5));
  return mark;
}

/** Our mark of the front: an open wedge on the ground before the model, and a short line to it. */
export function createFrontMark(): Group {
  const mark = new Group();
  mark.name = 'haveld-front';
  const material = new LineBasicMaterial({ color: new Color(0x17625b), transparent: true, opacity: 0.9 });
  const add = (...points: Vector3[]): void =>
    void mark.add(new Line(new BufferGeometry().setFromPoints(points), material));
  add(new Vector3(-0.8, 0, -0.5), new Vector3(0, 0, 0.5), new Vector3(0.8, 0, -0.5));
  add(new Vector3(0, 0, -1), new Vector3(0, 0, 0.1));
  return mark;
}

/** A person for scale: a flat paper silhouette, 1.70 m tall. */
export function createPerson(): Group {
  const shape = new Shape();
  PERSON_OUTLINE.forEach(([x, y], i) => (i === 0 ? shape.moveTo(x, y) : shape.lineTo(x, y)));
  const person = new Group();
  person.add(
    new Mesh(
      new ShapeGeometry(shape),
      new MeshBasicMaterial({ color: INK, transparent: true, opacity: 0.26, side: DoubleSide, depthWrite: false }),
    ),
  );
  return person;
}

/** Our mark of what was picked: a line between two small crosses, seen through everything. */
export function createPickMark(points: readonly Vector3[], size: number): Group {
  const mark = new Group();
  const material = new LineBasicMaterial({ color: new Color(0xb97b12), depthTest: false, transparent: true });
  const add = (ends: Vector3[]): void => {
    const line = new Line(new BufferGeometry().setFromPoints(ends), material);
    line.renderOrder = 6;
    mark.add(line);
  };
  for (const point of points)
    for (const axis of [new Vector3(size, 0, 0), new Vector3(0, size, 0), new Vector3(0, 0, size)])
      add([point.clone().sub(axis), point.clone().add(axis)]);
  if (points.length === 2) add([...points]);
  return mark;
}

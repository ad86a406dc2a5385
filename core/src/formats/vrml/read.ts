import type { Document, Material, Mesh, Node, vec3, vec4 } from '@gltf-transform/core';
import { DomainError } from '@haveld/contract/error';
import type { LogEntry } from '@haveld/contract/report';
import type { PolygonMesh } from '../../geometry/polygon-mesh';
import { findDeclaredUnit } from '../../placement/size/stated-size';
import { createDocument } from '../../scene/document/document-io';
import { setDocumentSource, setMaterialSource, setPrimitiveSource } from '../../scene/document/source-data';
import { composeMatrix, decomposeMatrix, invertMatrix, multiplyMatrix, translationMatrix } from '../../scene/matrix';
import { PrimitiveBuilder } from '../../scene/meshes/build-primitive';
import { getShownScene } from '../../scene/traverse';
import { count } from '../../text/count';
import { fileStem } from '../../textures/judging/read-map-name';
import { createPlainMaterial } from '../add-mesh';
import { bindReferences, type FoundReference } from '../bind-references';
import type { Reading, ReadingContext } from '../reading';
import { clampUnit, roughnessFromPhongExponent, toLinear } from '../shading';
import { BOARD_UNIT, isBoardPart } from './board-part';
import { readFaceSet } from './face-set';
import { boolOf, nodeOf, nodesOf, numberOf, numbersOf, stringsOf, vectorOf } from './fields';
import { parseVrml, type ParsedVrml, type VrmlNode } from './parse-vrml';
import { makeBox, makeCone, makeCylinder, makeElevation, makeSphere } from './shapes';

/** A shininess of 1 is an exponent of 128 (ISO/IEC 14772-1:1997, clause 4.14.4). */
const FULL_SHININESS = 128;

/** Nodes that hold others, and the field they are in. */
const GROUPS: Record<string, string> = {
  Group: 'children',
  Transform: 'children',
  Anchor: 'children',
  Billboard: 'children',
  Collision: 'children',
  Switch: 'choice',
  LOD: 'level',
};

/**
 * Reads a VRML 97 file: shapes, groups, materials, maps, normals, layouts, colours; what is used again stands there again.
 * @returns the document in metres, Y up, as the format has it (clause 4.4.5); parts of circuit boards in tenths of an inch
 * @throws {DomainError} `bad-file` where nothing of it can be shown
 */
export async function readVrml(path: string, context: ReadingContext): Promise<Reading> {
  const parsed = parseVrml(await context.files.read(path), path);
  const document = createDocument();
  const builder = new Builder(document, path, parsed.left);
  for (const node of parsed.nodes) builder.add(node, getShownScene(document));
  if (builder.shapes === 0)
    throw new DomainError('bad-file', `“${path}” holds no surface: there is nothing to show.`, { file: path });
  const log: LogEntry[] = [];
  await bindReferences(document, builder.references, context, log);
  logLosses(path, parsed, builder.broken, log);
  const said = listInfo(parsed);
  const texts = said.map(({ text }) => text);
  const isPart = isBoardPart(path, texts);
  const unit = findDeclaredUnit(texts);
  setDocumentSource(document, {
    format: 'VRML',
    version: '97',
    exporter: texts.find((text) => /created|generated|export|written by/i.test(text)),
    headers: said.map((one) => ({ file: path, ...one })),
    declaredUnit: isPart ? BOARD_UNIT.id : (unit ?? 'm'),
    declaredMetres: isPart ? BOARD_UNIT.metres : unit ? null : 1,
    declaredUp: isPart ? 'z' : 'y',
  });
  return { document, log };
}

/** Comments at its head, and what its WorldInfo says of it. */
function listInfo({ comments, nodes }: ParsedVrml): ParsedVrml['comments'] {
  const infos = nodes
    .filter(({ type }) => type === 'WorldInfo')
    .flatMap((node) => [...stringsOf(node, 'title'), ...stringsOf(node, 'info')]);
  return [
    ...comments,
    ...infos.flatMap((text) => text.split('\n').map((line) => ({ line: 1, text: line.trim() }))),
  ].filter(({ text }) => text !== '');
}

/** Builds the nodes of a document from those of a file. */
class Builder {
  readonly references: FoundReference[] = [];
  shapes = 0;
  broken = 0;
  readonly #document: Document;
  readonly #path: string;
  readonly #left: Map<string, number>;
  /** A shape that is used again is one mesh. */
  readonly #meshes = new Map<VrmlNode, Mesh | null>();
  readonly #materials = new Map<VrmlNode | null, Material>();

  constructor(document: Document, path: string, left: Map<string, number>) {
    this.#document = document;
    this.#path = path;
    this.#left = left;
  }

  add(node: VrmlNode, parent: { addChild(child: Node): unknown }): void {
    if (node.type in GROUPS) {
      const group = this.#document.createNode(node.name ?? node.type);
      if (node.type === 'Transform') setTransform(group, node);
      parent.addChild(group);
      for (const child of listChildren(node)) this.add(child, group);
    } else if (node.type === 'Shape') {
      const mesh = this.#readShape(node);
      if (!mesh) return;
      this.shapes++;
      parent.addChild(this.#document.createNode(node.name ?? mesh.getName()).setMesh(mesh));
    } else if (node.type === 'Inline') this.#leave('other files shown in it');
    else if (/Light$/.test(node.type)) this.#leave('lights');
    else if (/Sensor$|Interpolator$|^Script$/.test(node.type)) this.#leave('parts of its motion');
  }

  #leave(what: string): void {
    this.#left.set(what, (this.#left.get(what) ?? 0) + 1);
  }

  #readShape(shape: VrmlNode): Mesh | null {
    const known = this.#meshes.get(shape);
    if (known !== undefined) return known;
    const geometry = nodeOf(shape, 'geometry');
    const built = geometry && this.#readGeometry(geometry);
    let mesh: Mesh | null = null;
    if (built) {
      const name = shape.name ?? geometry.name ?? fileStem(this.#path);
      const { primitive } = new PrimitiveBuilder(this.#document, built.mesh).build();
      if (!built.mesh.normals && built.mesh.smoothing.by === 'none') setPrimitiveSource(primitive, { normals: 'none' });
      const material = this.#readMaterial(nodeOf(shape, 'appearance'));
      if (built.isTwoSided) material.setDoubleSided(true);
      mesh = this.#document.createMesh(name).addPrimitive(primitive.setMaterial(material));
    }
    this.#meshes.set(shape, mesh);
    return mesh;
  }

  #readGeometry(node: VrmlNode): { mesh: PolygonMesh; isTwoSided: boolean } | null {
    const plain = (mesh: PolygonMesh) => ({ mesh, isTwoSided: boolOf(node, 'solid') === false });
    const shows = (part: string): boolean => boolOf(node, part) !== false;
    switch (node.type) {
      case 'IndexedFaceSet': {
        const faces = readFaceSet(node);
        this.broken += faces?.broken ?? 0;
        return faces;
      }
      case 'Box':
        return plain(makeBox(vectorOf(node, 'size', [2, 2, 2])));
      case 'Sphere':
        return plain(makeSphere(numberOf(node, 'radius') ?? 1));
      case 'Cylinder':
        return plain(
          makeCylinder(numberOf(node, 'radius') ?? 1, numberOf(node, 'height') ?? 2, {
            side: shows('side'),
            bottom: shows('bottom'),
            top: shows('top'),
          }),
        );
      case 'Cone':
        return plain(
          makeCone(numberOf(node, 'bottomRadius') ?? 1, numberOf(node, 'height') ?? 2, {
            side: shows('side'),
            bottom: shows('bottom'),
          }),
        );
      case 'ElevationGrid':
        return this.#readElevation(node);
      default:
        this.#leave(LEFT_SHAPES[node.type] ?? `shapes of kind ${node.type}`);
        return null;
    }
  }

  #readElevation(node: VrmlNode): { mesh: PolygonMesh; isTwoSided: boolean } | null {
    const heights = numbersOf(node, 'height');
    const columns = numberOf(node, 'xDimension') ?? 0;
    const rows = numberOf(node, 'zDimension') ?? 0;
    if (!heights || columns < 2 || rows < 2 || columns * rows > heights.length) return null;
    const grid = { columns, rows, dx: numberOf(node, 'xSpacing') ?? 1, dz: numberOf(node, 'zSpacing') ?? 1 };
    const degrees = ((numberOf(node, 'creaseAngle') ?? 0) * 180) / Math.PI;
    return { mesh: makeElevation(grid, heights, degrees), isTwoSided: boolOf(node, 'solid') === false };
  }

  #readMaterial(appearance: VrmlNode | null): Material {
    const known = this.#materials.get(appearance);
    if (known) return known;
    const material = this.#createMaterial(appearance);
    this.#materials.set(appearance, material);
    return material;
  }

  #createMaterial(appearance: VrmlNode | null): Material {
    const said = nodeOf(appearance, 'material');
    const name = said?.name ?? appearance?.name ?? `material ${this.#materials.size + 1}`;
    if (!appearance || (!said && !nodeOf(appearance, 'texture'))) return createPlainMaterial(this.#document, name);
    const [r, g, b] = vectorOf(said, 'diffuseColor', [0.8, 0.8, 0.8]).map(toLinear);
    const opacity = 1 - clampUnit(numberOf(said, 'transparency') ?? 0);
    const shininess = numberOf(said, 'shininess') ?? 0.2;
    const material = this.#document
      .createMaterial(name)
      .setBaseColorFactor([r, g, b, opacity])
      .setRoughnessFactor(roughnessFromPhongExponent(shininess * FULL_SHININESS))
      .setMetallicFactor(0)
      .setEmissiveFactor(vectorOf(said, 'emissiveColor', [0, 0, 0]).map(toLinear) as vec3);
    if (opacity < 1) material.setAlphaMode('BLEND');
    // a coloured picture takes the colour's place (clause 4.14.4, table 4.5)
    setMaterialSource(material, { statements: listStatements(said), maps: [], mappedBase: 1 });
    const texture = nodeOf(appearance, 'texture');
    const [reference, ...alternatives] = stringsOf(texture, 'url');
    if (reference) {
      const moved = nodeOf(appearance, 'textureTransform');
      const scale = vectorOf(moved, 'scale', [1, 1]) as [number, number];
      const shift = vectorOf(moved, 'translation', [0, 0]);
      const isMoved = scale[0] !== 1 || scale[1] !== 1 || shift[0] !== 0 || shift[1] !== 0;
      this.references.push({
        material,
        slot: 'baseColor',
        reference,
        alternatives,
        from: this.#path,
        layout: {
          clampS: boolOf(texture, 'repeatS') === false,
          clampT: boolOf(texture, 'repeatT') === false,
          ...(isMoved
            ? { transform: { offset: [shift[0] * scale[0], 1 - (shift[1] + 1) * scale[1]], rotation: 0, scale } }
            : {}),
        },
      });
    }
    return material;
  }
}

const LEFT_SHAPES: Record<string, string> = {
  IndexedLineSet: 'lines',
  PointSet: 'points',
  Text: 'texts',
  Extrusion: 'extrusions',
};

/** Of what is shown by turns, what is shown first. */
function listChildren(node: VrmlNode): VrmlNode[] {
  const all = nodesOf(node, GROUPS[node.type]);
  if (node.type === 'LOD') return all.slice(0, 1);
  if (node.type !== 'Switch') return all;
  const choice = numberOf(node, 'whichChoice') ?? -1;
  return choice >= 0 ? all.slice(choice, choice + 1) : [];
}

/** T × C × R × SR × S × −SR × −C (clause 6.52). */
function setTransform(node: Node, transform: VrmlNode): void {
  const still: vec4 = [0, 0, 0, 1];
  const shift = (by: readonly number[]) => translationMatrix(by as vec3);
  const turn = (rotation: vec4) => composeMatrix({ translation: [0, 0, 0], rotation, scale: [1, 1, 1] });
  const centre = vectorOf(transform, 'center', [0, 0, 0]);
  const slant = rotationOf(transform, 'scaleOrientation');
  const scale = vectorOf(transform, 'scale', [1, 1, 1]) as vec3;
  const matrix = [
    shift(vectorOf(transform, 'translation', [0, 0, 0])),
    shift(centre),
    turn(rotationOf(transform, 'rotation')),
    turn(slant),
    composeMatrix({ translation: [0, 0, 0], rotation: still, scale }),
    invertMatrix(turn(slant))!,
    shift(centre.map((value) => -value)),
  ].reduce(multiplyMatrix);
  const { translation, rotation, scale: own, residue } = decomposeMatrix(matrix);
  if (residue) node.setMatrix(matrix);
  else node.setTranslation(translation).setRotation(rotation).setScale(own);
}

/** An axis and radians as a quaternion. */
function rotationOf(node: VrmlNode, field: string): vec4 {
  const [x, y, z, angle] = vectorOf(node, field, [0, 0, 1, 0]);
  const length = Math.hypot(x, y, z);
  if (!(length > 0)) return [0, 0, 0, 1];
  const s = Math.sin(angle / 2) / length;
  return [x * s, y * s, z * s, Math.cos(angle / 2)];
}

/** What glTF has no word for. */
function listStatements(material: VrmlNode | null): Record<string, string> {
  return Object.fromEntries(
    ['ambientIntensity', 'specularColor', 'shininess'].flatMap((field) => {
      const numbers = numbersOf(material, field);
      return numbers ? [[field, [...numbers].join(' ')]] : [];
    }),
  );
}

function logLosses(file: string, { left, cutAt }: ParsedVrml, broken: number, log: LogEntry[]): void {
  const look = (text: string, consequence: string): void => void log.push({ level: 'look', file, text, consequence });
  if (cutAt !== null)
    look(`It cannot be understood from line ${cutAt} on.`, 'What stands before was read; something may be missing.');
  if (broken > 0)
    look(
      `${count(broken, 'face')} ${broken === 1 ? 'names' : 'name'} a point that is not there or ${broken === 1 ? 'has' : 'have'} fewer than three corners.`,
      'They are left out; there may be holes.',
    );
  if (left.size > 0)
    log.push({
      level: 'note',
      file,
      text: `Left out: ${[...left].map(([what, times]) => `${what} (${times})`).join(', ')}.`,
      consequence: 'All visible surfaces are here.',
    });
}

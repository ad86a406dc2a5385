import type { Document, Material } from '@gltf-transform/core';
import { DomainError } from '@haveld/contract/error';
import type { LogEntry } from '@haveld/contract/report';
import type { TextureSlot } from '@haveld/contract/step';
import { findDeclaredUnit } from '../../placement/size/stated-size';
import { createDocument } from '../../scene/document/document-io';
import { setDocumentSource, setMaterialSource } from '../../scene/document/source-data';
import { locateReference } from '../../textures/locate';
import { detectRoleByName } from '../../textures/role-by-name';
import { bindReferences, type FoundReference } from '../bind-references';
import type { Reading, ReadingContext } from '../reading';
import { buildObjDocument } from './build-document';
import { parseMtl, type MtlMap, type MtlMaterial } from './parse-mtl';
import { parseObj, type ParsedObj } from './parse-obj';
import { applyMtlFactors } from './phong-to-metallic-roughness';

/** Which slot a map statement means. `map_Pr`, `map_Pm`, `norm` are the physically based additions exporters agree on. */
const SLOT_OF_STATEMENT: Record<string, TextureSlot> = {
  map_kd: 'baseColor',
  map_pr: 'roughness',
  map_pm: 'metallic',
  map_ke: 'emissive',
  map_d: 'opacity',
  map_ks: 'specular',
  map_bump: 'bump',
  bump: 'bump',
  norm: 'normal',
  map_kn: 'normal',
  map_disp: 'bump',
  disp: 'bump',
  map_ao: 'occlusion',
};

/**
 * Reads an OBJ file with its material libraries and maps.
 * @param path of the OBJ within the arrival
 * @returns the document in the file's own unit and axes (OBJ declares neither)
 * @throws {DomainError} `bad-file` where it holds no vertex
 */
export async function readObj(path: string, context: ReadingContext): Promise<Reading> {
  const obj = parseObj(await context.files.read(path));
  if (obj.positions.length === 0) {
    throw new DomainError('bad-file', `“${path}” has no vertices: there is nothing to show.`, { file: path });
  }
  const isPointCloud = obj.polygonSizes.length === 0 && obj.elementSizes.length === 0;
  if (isPointCloud) addPoints(obj);
  const log: LogEntry[] = [];
  const document = createDocument();
  const headers = obj.comments.map(({ line, text }) => ({ file: path, line, text }));
  const libraries = await readLibraries(path, obj, context, log);
  headers.push(...libraries.headers);
  const materials = new Map<string, Material>();
  const references: FoundReference[] = [];
  for (const name of obj.materials) {
    if (name === '' && !usesNoMaterial(obj)) continue;
    materials.set(name, createMaterial(document, name, libraries, references, log));
  }
  await bindReferences(document, references, context, log);
  buildObjDocument(obj, materials, document);
  setDocumentSource(document, {
    format: 'OBJ',
    exporter: headers.find((header) => /export|creat|written|version/i.test(header.text))?.text,
    headers: headers.filter((header) => header.text !== ''),
    declaredUnit: findDeclaredUnit(headers.map((header) => header.text)),
    declaredUp: null,
  });
  if (isPointCloud) {
    log.push({
      level: 'look',
      file: path,
      text: 'It is a point cloud: vertices without faces.',
      consequence: 'Renderers may show nothing of it.',
    });
  }
  logObj(path, obj, log);
  return { document, log };
}

/** Every vertex of a point cloud is a point of one part. */
function addPoints(obj: ParsedObj): void {
  obj.parts.push({ object: '', groups: [] });
  for (let vertex = 0; vertex < obj.positions.length / 3; vertex++) {
    obj.elementParts.push(0);
    obj.elementSizes.push(1);
    obj.elementVertices.push(vertex);
  }
}

const usesNoMaterial = (obj: ParsedObj): boolean => obj.polygonMaterials.view().includes(0);

interface Libraries {
  materials: Map<string, MtlMaterial & { file: string }>;
  headers: { file: string; line: number; text: string }[];
}

async function readLibraries(
  path: string,
  obj: ParsedObj,
  context: ReadingContext,
  log: LogEntry[],
): Promise<Libraries> {
  const found: Libraries = { materials: new Map(), headers: [] };
  const names = obj.libraries.flatMap(({ name, line }) => listLibraryNames(name, path, context, line));
  if (names.length === 0 && obj.materials.length > 1) {
    log.push({
      level: 'look',
      file: path,
      text: 'No material file is named.',
      consequence: 'The materials have names and nothing else.',
    });
  }
  for (const { name, line } of names) {
    const [location] = locateReference(name, path, context.files.paths);
    if (!location) {
      log.push({
        level: 'look',
        file: path,
        line,
        text: `The material file “${name}” did not arrive.`,
        consequence: 'Its colours and maps are not known; maps are offered by their names.',
      });
      continue;
    }
    if (location.where === 'elsewhere') {
      log.push({
        level: 'note',
        file: path,
        line,
        text: `The material file “${name}” was taken from “${location.path}”.`,
      });
    }
    const { materials, comments } = parseMtl(await context.files.read(location.path));
    for (const material of materials) {
      if (!found.materials.has(material.name)) found.materials.set(material.name, { ...material, file: location.path });
    }
    found.headers.push(...comments.map((comment) => ({ file: location.path, ...comment })));
  }
  return found;
}

/** `mtllib` may name several files, and a file may hold spaces: the whole is tried first. */
function listLibraryNames(
  name: string,
  path: string,
  { files }: ReadingContext,
  line: number,
): { name: string; line: number }[] {
  if (locateReference(name, path, files.paths).length > 0 || !/\.mtl\s/i.test(name)) return [{ name, line }];
  return name.split(/(?<=\.mtl)\s+/i).map((single) => ({ name: single, line }));
}

function createMaterial(
  document: Document,
  name: string,
  libraries: Libraries,
  references: FoundReference[],
  log: LogEntry[],
): Material {
  const material = document.createMaterial(name === '' ? 'no material' : name);
  const described = libraries.materials.get(name);
  if (!described) {
    material.setRoughnessFactor(0.8).setMetallicFactor(0);
    if (name !== '' && libraries.materials.size > 0) {
      log.push({
        level: 'look',
        text: `The material “${name}” is used and not described.`,
        consequence: 'It shows as plain grey.',
      });
    }
    return material;
  }
  applyMtlFactors(material, described);
  setMaterialSource(material, { statements: described.statements, maps: [] });
  for (const map of described.maps) {
    const slot = judgeSlot(map);
    if (!slot) {
      log.push({
        level: 'note',
        file: described.file,
        line: described.line,
        text: `“${map.statement} ${map.file}” has no place in a glTF material; its name is kept.`,
      });
      continue;
    }
    references.push({ material, slot, reference: map.file, from: described.file, options: map.options || undefined });
  }
  return material;
}

/** Exporters write normal maps under `map_Bump`; a name that says "normal" is believed. */
function judgeSlot(map: MtlMap): TextureSlot | null {
  const slot = SLOT_OF_STATEMENT[map.statement.toLowerCase()] ?? null;
  if (slot === 'bump' && detectRoleByName(map.file.replaceAll('\\', '/'))?.slot === 'normal') return 'normal';
  return slot;
}

function logObj(path: string, obj: ParsedObj, log: LogEntry[]): void {
  if (obj.badFaces.count > 0) {
    log.push({
      level: 'look',
      file: path,
      line: obj.badFaces.firstLine,
      text: `${obj.badFaces.count} faces name a vertex that is not there or have fewer than three corners.`,
      consequence: 'They are left out; there may be holes.',
    });
  }
  if (obj.badNumbers.count > 0) {
    log.push({
      level: 'look',
      file: path,
      line: obj.badNumbers.firstLine,
      text: `${obj.badNumbers.count} numbers cannot be read.`,
      consequence: 'They were taken as 0; some vertices may be misplaced.',
    });
  }
  for (const [word, count] of obj.unread) {
    log.push({ level: 'note', file: path, text: `${count} “${word}” statements were not read.` });
  }
}

import { DomainError } from '@haveld/contract/error';
import type { LogEntry } from '@haveld/contract/report';
import { boxSize, computeBounds } from '../../scene/measures/bounds';
import { createDocument } from '../../scene/document/document-io';
import { setDocumentSource, type DocumentSource } from '../../scene/document/source-data';
import { bindReferences } from '../bind-references';
import { describeUnit } from '../declared-unit';
import type { Reading, ReadingContext } from '../reading';
import { ClipBuilder, listTakes } from './animation';
import { findChild, textOf, type FbxNode, type ParsedFbx } from './fbx-node';
import { FbxProperties, readProperties } from './fbx-properties';
import { FbxMaterials, videoLabel } from './materials';
import { ObjectGraph } from './object-graph';
import { parseAsciiFbx } from './parse-ascii';
import { parseBinaryFbx } from './parse-binary';
import { SceneBuilder } from './scene-builder';

const MAGIC = 'Kaydara FBX Binary';

/** One unit of a file whose `UnitScaleFactor` is 1. */
const CENTIMETRE_M = 0.01;

/**
 * Reads an FBX file, binary or ASCII, versions 6.1 to 7.7.
 * @param path of the file within the arrival
 * @returns the document in the file's own unit and axes, both declared
 * @throws {DomainError} `bad-file` where it is no FBX or nothing of it can be shown
 */
export async function readFbx(path: string, context: ReadingContext): Promise<Reading> {
  const parsed = parseFbx(await context.files.read(path), context);
  const log: LogEntry[] = parsed.damages.map(({ text, line }) => ({
    level: 'look',
    file: path,
    line,
    text,
    consequence: 'Everything before it was read; something may be missing.',
  }));
  const graph = new ObjectGraph(parsed.root);
  const source = describeSource(parsed, graph);
  const document = createDocument();
  const materials = new FbxMaterials(document, graph, path, source.exporter ?? '', log);
  const scene = new SceneBuilder(document, graph, materials, path, log);
  scene.build();
  if (document.getRoot().listNodes().length === 0) {
    const [first] = parsed.damages;
    throw new DomainError(
      'bad-file',
      first
        ? `“${path}” is damaged: ${lowerFirst(first.text)}`
        : `“${path}” holds no models: there is nothing to show.`,
      { file: path },
    );
  }
  await bindReferences(document, materials.references, context, log);
  const box = computeBounds(document);
  new ClipBuilder(document, scene, box ? Math.max(...boxSize(box)) : 1).build(listTakes(graph, parsed.root), path, log);
  for (const video of materials.listUnusedVideos())
    log.push({
      level: 'look',
      file: path,
      text: `The picture “${videoLabel(video)}” is in the file and no material shows it.`,
      consequence: 'It stays in the original.',
    });
  setDocumentSource(document, source);
  return { document, log };
}

function parseFbx(bytes: Uint8Array, { inflate }: ReadingContext): ParsedFbx {
  const isBinary = [...MAGIC].every((c, i) => bytes[i] === c.charCodeAt(0));
  return isBinary ? parseBinaryFbx(bytes, inflate) : parseAsciiFbx(bytes);
}

function describeSource({ version, kind, root }: ParsedFbx, graph: ObjectGraph): DocumentSource {
  const header = findChild(root, 'FBXHeaderExtension');
  const { settings } = graph;
  const metres = settings.number('UnitScaleFactor', 1) * CENTIMETRE_M;
  const original = settings.number('OriginalUnitScaleFactor');
  return {
    format: 'FBX',
    version: version > 0 ? `${Math.floor(version / 1000)}.${Math.floor((version % 1000) / 100)} ${kind}` : kind,
    exporter: findExporter(header) ?? textOf(findChild(root, 'Creator')) ?? undefined,
    declaredUnit: metres > 0 ? describeUnit(metres) : null,
    declaredMetres: metres > 0 ? metres : null,
    declaredUp: (['x', 'y', 'z'] as const)[settings.number('UpAxis', 1)] ?? null,
    headers: listHeaders(header),
    extras: original !== null && original > 0 ? { originalUnitMetres: original * CENTIMETRE_M } : undefined,
  };
}

function findExporter(header: FbxNode | undefined): string | null {
  const scene = new FbxProperties(readProperties(findChild(header, 'SceneInfo')));
  const name = scene.text('Original|ApplicationName') ?? scene.text('LastSaved|ApplicationName');
  const version = scene.text('Original|ApplicationVersion') ?? '';
  return name ? `${name} ${version}`.trim() : textOf(findChild(header, 'Creator'));
}

/** What the file says of its author and title. */
function listHeaders(header: FbxNode | undefined): DocumentSource['headers'] {
  const data = findChild(findChild(header, 'SceneInfo'), 'MetaData');
  return (data?.children ?? [])
    .filter((child) => child.name !== 'Version' && (textOf(child) ?? '') !== '')
    .map((child) => ({ file: '', line: 1, text: `${child.name}: ${textOf(child)}` }));
}

const lowerFirst = (text: string): string => text[0].toLowerCase() + text.slice(1);

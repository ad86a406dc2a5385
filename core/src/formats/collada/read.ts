import { DomainError } from '@haveld/contract/error';
import type { LogEntry } from '@haveld/contract/report';
import { createDocument } from '../../scene/document/document-io';
import { setDocumentSource, type DocumentSource } from '../../scene/document/source-data';
import { boxSize, computeBounds } from '../../scene/measures/bounds';
import { decodeText } from '../../text/decode-text';
import { bindReferences } from '../bind-references';
import { describeUnit } from '../declared-unit';
import { toleranceFor } from '../motion/sample-motion';
import type { Reading, ReadingContext } from '../reading';
import { addColladaClips } from './animation';
import { Library } from './library';
import { ColladaMaterials } from './materials';
import { ColladaScene } from './scene-builder';
import { findElement, listElements, parseXml, type XmlElement } from './xml-tree';

const UPS: Record<string, 'x' | 'y' | 'z'> = { X_UP: 'x', Y_UP: 'y', Z_UP: 'z' };

const DECIMAL_COMMA = />\s*-?\d+,\d{4,}\s/;

/**
 * Reads a COLLADA file, 1.4 or 1.5.
 * @returns the document in the file's own unit and axes, both declared
 * @throws {DomainError} `bad-file` where it is no COLLADA or nothing of it can be shown
 */
export async function readCollada(path: string, context: ReadingContext): Promise<Reading> {
  const text = decodeText(await context.files.read(path));
  const { root, isWhole } = parseXml(text);
  if (root?.name !== 'COLLADA')
    throw new DomainError('bad-file', `“${path}” is not COLLADA: its outermost element is “${root?.name ?? 'none'}”.`, {
      file: path,
    });
  const log: LogEntry[] = [];
  if (!isWhole)
    log.push({
      level: 'look',
      file: path,
      text: 'The file ends before its elements are closed.',
      consequence: 'Everything up to there was read; something may be missing.',
    });
  if (DECIMAL_COMMA.test(text))
    log.push({ level: 'note', file: path, text: 'Numbers are written with decimal commas; they were read as points.' });
  const document = createDocument();
  const library = new Library(root);
  const materials = new ColladaMaterials(document, library, path);
  const scene = new ColladaScene(document, library, materials);
  scene.build();
  if (document.getRoot().listNodes().length === 0)
    throw new DomainError('bad-file', `“${path}” holds no scene: there is nothing to show.`, { file: path });
  await bindReferences(document, materials.references, context, log);
  const box = computeBounds(document);
  addColladaClips(document, library, scene, toleranceFor(box ? Math.max(...boxSize(box)) : 1));
  scene.logLosses(path, log);
  setDocumentSource(document, describeSource(root, path));
  return { document, log };
}

function describeSource(root: XmlElement, path: string): DocumentSource {
  const asset = findElement(root, 'asset');
  // some systems' settings put a decimal comma here too
  const metres = Number(findElement(asset, 'unit')?.attributes.meter?.replace(',', '.') ?? NaN);
  const contributors = listElements(asset, 'contributor');
  const text = (name: string): string | undefined =>
    contributors.map((one) => findElement(one, name)?.text.trim()).find((value) => value);
  const headers = ['author', 'copyright', 'comments', 'source_data'].flatMap((name) => {
    const value = text(name);
    return value ? [{ file: path, line: 1, text: `${name}: ${value}` }] : [];
  });
  const isStated = Number.isFinite(metres) && metres > 0;
  return {
    format: 'COLLADA',
    version: root.attributes.version,
    exporter: text('authoring_tool'),
    copyright: text('copyright'),
    headers,
    declaredUnit: isStated ? describeUnit(metres) : null,
    declaredMetres: isStated ? metres : null,
    declaredUp: UPS[findElement(asset, 'up_axis')?.text.trim() ?? 'Y_UP'] ?? 'y',
  };
}

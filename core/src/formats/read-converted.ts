import { DomainError } from '@haveld/contract/error';
import { getDocumentSource, setDocumentSource } from '../scene/document/source-data';
import { readGltf } from './gltf/read';
import type { FileSource, Reading, ReadingContext } from './reading';

/** Name a converted model goes by on its way. */
const SUFFIX = '.converted.glb';

/**
 * Reads a format we have no reader of, by way of a converter outside.
 * @throws {DomainError} `bad-file` where there is no converter or it cannot read the file
 */
export async function readConverted(path: string, context: ReadingContext): Promise<Reading> {
  if (!context.convert)
    throw new DomainError(
      'bad-file',
      `“${path}” can be read only where Debian's “assimp-utils” is installed; it is kept.`,
      {
        file: path,
      },
    );
  const glb = await context.convert(path, context.files);
  const name = path + SUFFIX;
  const files: FileSource = {
    paths: [...context.files.paths, name],
    read: (wanted) => (wanted === name ? Promise.resolve(glb) : context.files.read(wanted)),
    hash: (wanted) => context.files.hash(wanted),
  };
  const reading = await readGltf(name, { ...context, files });
  const root = reading.document.getRoot();
  if (root.listMeshes().length === 0) {
    const inside = root.listAnimations().length > 0 ? 'clips and no mesh' : 'no mesh';
    throw new DomainError('bad-file', `“${path}” holds ${inside}: there is nothing to show.`, { file: path });
  }
  const format = path.slice(path.lastIndexOf('.') + 1).toUpperCase();
  const { exporter } = getDocumentSource(reading.document);
  setDocumentSource(reading.document, {
    format,
    version: undefined,
    exporter: undefined,
    copyright: undefined,
    declaredUnit: null,
    declaredMetres: null,
    declaredUp: null,
  });
  reading.log.unshift({
    level: 'look',
    file: path,
    text: `${format} was converted by a program outside (${exporter ?? 'assimp'}).`,
    consequence:
      'Polygons are triangles now; unit, up axis, groups and the full paths of its maps did not come through.',
  });
  return reading;
}

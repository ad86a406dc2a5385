import { createFileSource, createMemoryCodec, createBoxDocument, noInflate } from '../testing/documents';
import { writeGlb } from '../scene/document/document-io';
import { computeFigures } from '../scene/measures/figures';
import { getDocumentSource } from '../scene/document/source-data';
import type { ReadingContext } from './reading';
import { readModel } from './read-model';

const context = (convert?: ReadingContext['convert']): ReadingContext => ({
  files: createFileSource({ 'boat.lwo': 'FORM' }),
  codec: createMemoryCodec(),
  loadDecoders: () => Promise.resolve({}),
  inflate: noInflate,
  convert,
});

test('a converted model keeps no unit and no axis of the converter’s, and says what did not come through', async () => {
  const glb = await writeGlb(createBoxDocument([0, 0, 0], [1, 2, 3]));
  const { document, log } = await readModel(
    'boat.lwo',
    context(() => Promise.resolve(glb)),
  );
  expect(computeFigures(document).triangles).toBe(12);
  expect(getDocumentSource(document)).toMatchObject({
    format: 'LWO',
    declaredUnit: null,
    declaredMetres: null,
    declaredUp: null,
  });
  expect(log[0]).toMatchObject({ level: 'look', file: 'boat.lwo' });
  expect(log[0].consequence).toContain('Polygons are triangles now');
});

test('without a converter the file is kept, with a sentence', async () => {
  await expect(readModel('boat.lwo', context())).rejects.toThrow('“boat.lwo” can be read only where');
});

test('a kind nobody reads is refused with a sentence', async () => {
  await expect(readModel('boat.xyz', context())).rejects.toThrow('of a kind that cannot be read yet');
});

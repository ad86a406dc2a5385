import { computeFigures } from '../../scene/measures/figures';
import { addBox, createBoxDocument, createMemoryCodec, createSphereDocument } from '../../testing/documents';
import { applyTreatment } from '../../treatment/apply-treatment';
import { describeInside } from './describe-inside';
import { listMaterialWords } from './material-words';

const context = { codec: createMemoryCodec(), readBytes: () => Promise.reject(new Error('no maps here')) };
const describeIt = (document: ReturnType<typeof createBoxDocument>) =>
  describeInside(document, computeFigures(document), null);

test('a model is found by the names in it that say something, each once', () => {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1], 'armrest_L');
  addBox(document, [0, 0, 0], [1, 1, 1], 'Cube.001');
  addBox(document, [0, 0, 0], [1, 1, 1], 'chair leg');
  document.createMaterial('weathered_oak');
  document.createMaterial('Material.002');
  const { parts, materials } = describeIt(document);
  expect(parts).toEqual(['armrest_L', 'chair leg']);
  expect(materials).toContain('weathered_oak');
  expect(materials).not.toContain('Material.002');
});

test('a model of nothing is found by nothing', () => {
  const document = createSphereDocument(1, 4);
  for (const node of document.getRoot().listNodes()) node.dispose();
  expect(describeIt(document)).toMatchObject({ colours: [], traits: [] });
});

test('what a model holds shows after the step that made it, and not before', async () => {
  const document = createSphereDocument(1, 24);
  expect(describeIt(document).traits).not.toContain('levels');
  await applyTreatment(document, [{ kind: 'set-levels', schema: 1, levels: [{ by: 'share', share: 0.5 }] }], context);
  expect(describeIt(document).traits).toContain('levels');
});

test.each([
  [
    ['Wood_Oak_01', 'brushed_steel'],
    ['wood', 'oak', 'steel'],
  ],
  [
    ['Eiche hell', 'Messing'],
    ['oak', 'brass'],
  ],
  [
    ['velours_bleu', 'acier'],
    ['velvet', 'steel'],
  ],
  [['lambert1', 'M_Body'], []],
  [
    ['planks', 'Bricks.003', 'roof tiles'],
    ['wood', 'brick', 'tile'],
  ],
])('materials called %j are of %j', (names, materials) => {
  expect(listMaterialWords(names)).toEqual(materials);
});

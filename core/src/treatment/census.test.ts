import { KHRMaterialsClearcoat } from '@gltf-transform/extensions';
import { addBox, createBoxDocument, createPng } from '../testing/documents';
import { describeLosses, takeCensus } from './census';

test('what is lost is said with how much there was; what was meant to go is not', () => {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1], 'chest');
  const lid = addBox(document, [0, 1, 0], [1, 1.2, 1], 'lid');
  const material = document
    .createMaterial('oak')
    .setBaseColorTexture(document.createTexture('oak').setImage(createPng([1, 2, 3, 255]) as Uint8Array<ArrayBuffer>));
  lid.getMesh()!.listPrimitives()[0].setMaterial(material);
  const before = takeCensus(document);
  expect(before).toMatchObject({ triangles: 24, layouts: 24, maps: 1, marks: 0 });
  lid.getMesh()!.listPrimitives()[0].setAttribute('TEXCOORD_0', null).setMaterial(null);
  const after = takeCensus(document);
  expect(describeLosses(before, after, [])).toEqual([
    '12 of 24 triangles with UVs are gone',
    '1 of 1 maps in use are gone',
  ]);
  expect(describeLosses(before, after, ['layouts', 'maps'])).toEqual([]);
  lid.dispose();
  expect(describeLosses(after, takeCensus(document), [])).toEqual([
    '12 of 24 triangles are gone',
    '12 of 24 polygons are gone',
  ]);
});

test('what is added is no loss', () => {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1]);
  const before = takeCensus(document);
  addBox(document, [2, 0, 0], [3, 1, 1], 'another').setExtras({ holds: 'lamp' });
  expect(describeLosses(before, takeCensus(document), [])).toEqual([]);
  expect(takeCensus(document).marks).toBe(1);
});

test('maps of extensions count, and those of a material nothing shows do not', () => {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1]);
  const texture = () => document.createTexture().setImage(createPng([1, 2, 3, 255]) as Uint8Array<ArrayBuffer>);
  const coat = document.createExtension(KHRMaterialsClearcoat).createClearcoat().setClearcoatTexture(texture());
  const shown = document.createMaterial('shown').setExtension('KHR_materials_clearcoat', coat);
  document.createMaterial('spare').setBaseColorTexture(texture());
  document.getRoot().listMeshes()[0].listPrimitives()[0].setMaterial(shown);
  expect(takeCensus(document).maps).toBe(1);
});

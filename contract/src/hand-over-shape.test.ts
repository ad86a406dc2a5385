import { HandOverFormatSchema, MapFileSchema, takesMapFile } from './hand-over-shape';

// MTL names files any program may open; WebP and KTX2 are extensions of glTF (EXT_texture_webp, KHR_texture_basisu)
test('glTF takes every kind of map, OBJ only what any program opens', () => {
  const taken = Object.fromEntries(
    HandOverFormatSchema.options.map((model) => [
      model,
      MapFileSchema.options.filter((maps) => takesMapFile(model, maps)),
    ]),
  );
  expect(taken).toEqual({
    glb: [...MapFileSchema.options],
    gltf: [...MapFileSchema.options],
    obj: ['as-they-are', 'png', 'jpeg'],
  });
});

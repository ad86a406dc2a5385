import { Document } from '@gltf-transform/core';
import { TEXTURE_SLOTS, type TextureSlot } from '@haveld/contract/step';
import { getSlotTexture, getSlotTextureInfo, setSlotTexture, SHOWN_SLOTS } from './slot-texture';

/** Slots that share the texture of another: roughness and metallic lie in one, opacity in that of the base colour. */
const SHARED: Partial<Record<TextureSlot, TextureSlot>> = {
  opacity: 'baseColor',
  roughness: 'metallicRoughness',
  glossiness: 'metallicRoughness',
  metallic: 'metallicRoughness',
};
const PLACED = TEXTURE_SLOTS.filter((slot) => slot !== 'bump');

test.each(PLACED)('%s: what is put in is found again, lies on its own layout, and is taken out', (slot) => {
  const document = new Document();
  const material = document.createMaterial();
  const texture = document.createTexture(slot);
  setSlotTexture(document, material, slot, texture);
  expect(getSlotTexture(material, slot)).toBe(texture);
  expect(getSlotTexture(material, SHARED[slot] ?? slot)).toBe(texture);
  expect(getSlotTextureInfo(material, slot)?.getTexCoord()).toBe(0);
  setSlotTexture(document, material, slot, null);
  expect(getSlotTexture(material, slot)).toBeNull();
});

test.each(PLACED)('a texture of %s is in no slot that does not share it', (slot) => {
  const document = new Document();
  const material = document.createMaterial();
  setSlotTexture(document, material, slot, document.createTexture(slot));
  for (const other of PLACED) {
    const shares = (SHARED[other] ?? other) === (SHARED[slot] ?? slot);
    expect([other, getSlotTexture(material, other) !== null]).toEqual([other, shares]);
  }
});

test('bump has no place in glTF: nothing is put there and nothing found', () => {
  const document = new Document();
  const material = document.createMaterial();
  setSlotTexture(document, material, 'bump', document.createTexture());
  expect(getSlotTexture(material, 'bump')).toBeNull();
  expect(getSlotTextureInfo(material, 'bump')).toBeNull();
  expect(SHOWN_SLOTS).not.toContain('bump');
});

// factors of 0 hide a texture: glTF 2.0 section 3.9.3 and the extensions multiply one by the other
test('a factor that would hide the texture is set to one, and one that somebody set stays', () => {
  const document = new Document();
  const dark = document.createMaterial();
  setSlotTexture(document, dark, 'emissive', document.createTexture());
  expect(dark.getEmissiveFactor()).toEqual([1, 1, 1]);
  const dim = document.createMaterial().setEmissiveFactor([0.2, 0, 0]);
  setSlotTexture(document, dim, 'emissive', document.createTexture());
  expect(dim.getEmissiveFactor()).toEqual([0.2, 0, 0]);
});

test.each(['clearcoat', 'sheen', 'transmission', 'thickness'] as const)(
  'the factor of %s is raised with its texture and not without',
  (slot) => {
    const document = new Document();
    const material = document.createMaterial();
    const factorOf = (): number => {
      const [extension] = material.listExtensions() as unknown as Record<string, () => number | number[]>[];
      const ask = {
        clearcoat: 'getClearcoatFactor',
        sheen: 'getSheenColorFactor',
        transmission: 'getTransmissionFactor',
        thickness: 'getThicknessFactor',
      }[slot];
      const value = extension[ask]();
      return Array.isArray(value) ? value[0] : value;
    };
    setSlotTexture(document, material, slot, null);
    expect(factorOf()).toBe(0);
    setSlotTexture(document, material, slot, document.createTexture());
    expect(factorOf()).toBe(1);
  },
);

test('two slots of one extension do not push each other out', () => {
  const document = new Document();
  const material = document.createMaterial();
  const [coat, sheen] = [document.createTexture('coat'), document.createTexture('sheen')];
  setSlotTexture(document, material, 'clearcoat', coat);
  setSlotTexture(document, material, 'sheen', sheen);
  setSlotTexture(document, material, 'clearcoat', coat);
  expect(getSlotTexture(material, 'clearcoat')).toBe(coat);
  expect(getSlotTexture(material, 'sheen')).toBe(sheen);
  expect(material.listExtensions()).toHaveLength(2);
});

test('every slot a sheet shows can be asked for', () => {
  const material = new Document().createMaterial();
  for (const slot of SHOWN_SLOTS) expect(getSlotTexture(material, slot)).toBeNull();
  expect(new Set(SHOWN_SLOTS).size).toBe(SHOWN_SLOTS.length);
});

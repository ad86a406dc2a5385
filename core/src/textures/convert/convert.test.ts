import fc from 'fast-check';
import { judgeGreen } from '../judging/judge-green';
import type { DeepChannel, Picture } from '../pictures/picture-codec';
import { createWhite, flipGreen, invertPicture, putChannel, takeChannel } from './change-channels';
import { heightToNormal } from './height-to-normal';
import { fitSide, reducePicture } from './reduce-picture';
import { convertSpecularColour, convertSpecularPictures, roughnessOfShininess } from './specular-glossiness';
import { byteOfLight, LIGHT_OF_BYTE, toLinear, toSrgb } from './srgb';

const picture = (width: number, height: number, texel: (x: number, y: number) => number[]): Picture => ({
  width,
  height,
  data: Uint8Array.from(
    Array.from({ length: width * height }, (_, i) => texel(i % width, Math.floor(i / width))).flat(),
  ),
});

describe('sRGB, IEC 61966-2-1', () => {
  // the standard's own points: the two parts meet at 0.04045 and 0.0031308; 8-bit 188 is half of white's light (worked out by hand)
  test.each([
    [0, 0],
    [0.04045, 0.0031308],
    [0.5, 0.21404],
    [1, 1],
  ])('%d on a screen is %d of light', (screen, light) => {
    expect(toLinear(screen)).toBeCloseTo(light, 5);
    expect(toSrgb(light)).toBeCloseTo(screen, 4);
  });

  test('half of the light is byte 188', () => {
    expect(byteOfLight(0.5)).toBe(188);
  });

  test('every byte comes back from its light', () => {
    for (let byte = 0; byte < 256; byte++) expect(byteOfLight(LIGHT_OF_BYTE[byte])).toBe(byte);
  });
});

describe('channels', () => {
  const src = picture(2, 1, (x) => [10 + x, 20 + x, 30 + x, 40 + x]);

  test('turning over twice is nothing, and alpha stays', () => {
    expect(invertPicture(invertPicture(src))).toEqual(src);
    expect([...invertPicture(src).data]).toEqual([245, 235, 225, 40, 244, 234, 224, 41]);
    expect(flipGreen(flipGreen(src))).toEqual(src);
    expect([...flipGreen(src).data]).toEqual([10, 235, 30, 40, 11, 234, 31, 41]);
  });

  test('a channel is taken out grey and put into another picture, whatever its size', () => {
    expect([...takeChannel(src, 'b').data]).toEqual([30, 30, 30, 255, 31, 31, 31, 255]);
    expect([...takeChannel(src, 'a', true).data]).toEqual([215, 215, 215, 255, 214, 214, 214, 255]);
    const dst = createWhite(4, 1);
    putChannel(dst, 1, src);
    expect([...dst.data].filter((_, i) => i % 4 === 1)).toEqual([10, 10, 11, 11]);
  });
});

/** z = depth/2 (1 + sin 2πkx/n · cos 2πky/n) over an n × n tile: its slopes are known exactly. */
function createWaves(n: number, k: number): DeepChannel {
  const turn = (2 * Math.PI * k) / n;
  return {
    width: n,
    height: n,
    data: Uint16Array.from({ length: n * n }, (_, i) =>
      Math.round(32767.5 * (1 + Math.sin(turn * (i % n)) * Math.cos(turn * Math.floor(i / n)))),
    ),
  };
}

describe('normals of heights', () => {
  test('agree with the exact normals of a field of waves, to half a degree', () => {
    const [n, k, depth, texel] = [128, 3, 0.004, 0.001];
    const normals = heightToNormal(createWaves(n, k), depth, texel);
    const turn = (2 * Math.PI * k) / n;
    let worst = 0;
    for (let y = 0; y < n; y++)
      for (let x = 0; x < n; x++) {
        // worked out by hand: dz/dx and dz/dy of the field, y down the picture
        const dx = ((depth / 2) * turn * Math.cos(turn * x) * Math.cos(turn * y)) / texel;
        const dy = ((-depth / 2) * turn * Math.sin(turn * x) * Math.sin(turn * y)) / texel;
        const length = Math.hypot(dx, dy, 1);
        const o = (y * n + x) * 4;
        const [r, g, b] = [0, 1, 2].map((c) => normals.data[o + c] / 127.5 - 1);
        const dot = (-dx * r + dy * g + b) / length / Math.hypot(r, g, b);
        worst = Math.max(worst, Math.acos(Math.min(1, dot)));
      }
    expect((worst * 180) / Math.PI).toBeLessThan(0.75);
  });

  test('depth 0 is flat, and a texel of no width is a mistake', () => {
    expect([...heightToNormal(createWaves(4, 1), 0, 1).data.slice(0, 4)]).toEqual([128, 128, 255, 255]);
    expect(() => heightToNormal(createWaves(4, 1), 1, 0)).toThrow('texel');
  });

  test('are seen to have green up, and turned over down; red and green both turned over cannot be told from neither', () => {
    const up = heightToNormal(createWaves(128, 3), 0.004, 0.001);
    const both = { ...flipGreen(up), data: flipGreen(up).data.map((value, i) => (i % 4 === 0 ? 255 - value : value)) };
    expect(judgeGreen(up)).toMatchObject({ green: 'up' });
    expect(judgeGreen(flipGreen(up))).toMatchObject({ green: 'down' });
    expect(judgeGreen(both)).toMatchObject({ green: 'up' });
  });

  test('a flat map, and noise that is no surface, stay undecided', () => {
    expect(judgeGreen(picture(64, 64, () => [128, 128, 255, 255])).green).toBeNull();
    const noise = fc.sample(fc.integer({ min: 90, max: 160 }), { numRuns: 64 * 64 * 2, seed: 5 });
    expect(
      judgeGreen(picture(64, 64, (x, y) => [noise[y * 64 + x], noise[4096 + y * 64 + x], 250, 255])).green,
    ).toBeNull();
  });

  test('texels the layout does not cover are left out', () => {
    const up = heightToNormal(createWaves(128, 3), 0.004, 0.001);
    const down = flipGreen(up);
    const halves = picture(128, 128, (x, y) => [
      ...(x < 64 ? up : down).data.slice((y * 128 + x) * 4, (y * 128 + x) * 4 + 4),
    ]);
    const left = Uint8Array.from({ length: 128 * 128 }, (_, i) => (i % 128 < 64 ? 1 : 0));
    expect(judgeGreen(halves, left).green).toBe('up');
    expect(
      judgeGreen(
        halves,
        left.map((one) => 1 - one),
      ).green,
    ).toBe('down');
  });
});

describe('specular and glossiness to metallic and roughness, KHR_materials_pbrSpecularGlossiness, appendix', () => {
  test('what reflects 4 % is no metal and keeps its colour', () => {
    const { baseColor, metallic } = convertSpecularColour({ diffuse: [0.5, 0.2, 0.1], specular: [0.04, 0.04, 0.04] });
    expect(metallic).toBeCloseTo(0, 6);
    baseColor.forEach((value, c) => expect(value).toBeCloseTo([0.5, 0.2, 0.1][c], 5));
  });

  test('what is black and reflects gold is a metal of that colour', () => {
    const { baseColor, metallic } = convertSpecularColour({ diffuse: [0, 0, 0], specular: [1, 0.77, 0.34] });
    expect(metallic).toBeCloseTo(1, 6);
    baseColor.forEach((value, c) => expect(value).toBeCloseTo([1, 0.77, 0.34][c], 5));
  });

  test('greys come back from the way the appendix goes the other way round', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 0.95, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (base, metal) => {
          // appendix: diffuse = base · (1 − 0.04) · (1 − metallic) over what specular leaves; specular = mix(0.04, base, metallic)
          const specular = 0.04 * (1 - metal) + base * metal;
          const diffuse = (base * 0.96 * (1 - metal)) / (1 - specular);
          const found = convertSpecularColour({
            diffuse: [diffuse, diffuse, diffuse],
            specular: [specular, specular, specular],
          });
          expect(found.baseColor[0]).toBeCloseTo(base, 2);
        },
      ),
      { seed: 6, numRuns: 200 },
    );
  });

  test('pictures: glossiness in alpha becomes roughness in green, metallic lies in blue', () => {
    const diffuse = picture(1, 1, () => [188, 188, 188, 90]);
    const specular = picture(1, 1, () => [56, 56, 56, 200]);
    const { baseColor, metallicRoughness } = convertSpecularPictures(diffuse, specular);
    expect(baseColor.data[3]).toBe(90);
    expect(metallicRoughness.data[1]).toBe(55);
    expect(metallicRoughness.data[2]).toBeLessThan(3);
    expect(Math.abs(baseColor.data[0] - 188)).toBeLessThan(2);
  });

  test('a Phong exponent of 2 is roughness 0.71, a high one is smooth', () => {
    expect(roughnessOfShininess(2)).toBeCloseTo(Math.SQRT1_2, 6);
    expect(roughnessOfShininess(998)).toBeCloseTo(0.0447, 3);
  });
});

describe('reducing', () => {
  test('colours are averaged as light: black and white make 188, not 128', () => {
    const src = picture(2, 2, (x) => (x === 0 ? [0, 0, 0, 255] : [255, 255, 255, 255]));
    expect([...reducePicture(src, 1, 1, 'colour').data]).toEqual([188, 188, 188, 255]);
    expect([...reducePicture(src, 1, 1, 'data').data]).toEqual([128, 128, 128, 255]);
  });

  test('what is clear lends no colour', () => {
    const src = picture(2, 1, (x) => (x === 0 ? [200, 40, 40, 255] : [0, 255, 0, 0]));
    expect([...reducePicture(src, 1, 1, 'colour').data]).toEqual([200, 40, 40, 128]);
  });

  test('normals stay of unit length', () => {
    const tilt = [218, 128, 218, 255];
    const src = picture(2, 1, (x) => (x === 0 ? tilt : [38, 128, 218, 255]));
    expect([...reducePicture(src, 1, 1, 'normal').data]).toEqual([128, 128, 255, 255]);
  });

  test('sizes that do not divide cover every texel by its share, and nothing is enlarged', () => {
    const src = picture(3, 1, (x) => [x * 90, 0, 0, 255]);
    expect([...reducePicture(src, 2, 1, 'data').data].filter((_, i) => i % 4 === 0)).toEqual([30, 150]);
    expect(() => reducePicture(src, 4, 1, 'data')).toThrow(RangeError);
    expect(fitSide(4096, 2048, 2048)).toEqual([2048, 1024]);
    expect(fitSide(100, 50, 2048)).toEqual([100, 50]);
    expect(fitSide(4096, 1, 1024)).toEqual([1024, 1]);
  });

  test('the mean stays the mean', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 255 }), { minLength: 64, maxLength: 64 }), (values) => {
        const src = picture(8, 8, (x, y) => new Array<number>(3).fill(values[y * 8 + x]).concat(255));
        const mean = values.reduce((sum, value) => sum + value, 0) / 64;
        expect(Math.abs(reducePicture(src, 1, 1, 'data').data[0] - mean)).toBeLessThanOrEqual(0.51);
      }),
      { seed: 7 },
    );
  });
});

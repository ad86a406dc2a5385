import {
  BackSide,
  BufferAttribute,
  CubeCamera,
  HalfFloatType,
  LinearFilter,
  LinearMipmapLinearFilter,
  Mesh,
  MeshBasicMaterial,
  SphereGeometry,
  WebGLCubeRenderTarget,
  type WebGLRenderer,
} from 'three';

/** A soft light far away: a spherical Gaussian. */
interface SoftLight {
  /** Unit vector towards it. */
  towards: readonly [number, number, number];
  /** Of its edge: 2 is half a sky, 40 a window across a room. */
  sharpness: number;
  /** Radiance in its middle, linear. */
  colour: readonly [number, number, number];
}

const unit = (x: number, y: number, z: number): SoftLight['towards'] => {
  const length = Math.hypot(x, y, z);
  return [x / length, y / length, z / length];
};

/** A workshop by daylight: sky through the roof, two windows, a lamp behind, a wooden floor. Ours. */
const LIGHTS: readonly SoftLight[] = [
  { towards: [0, 1, 0], sharpness: 1.6, colour: [1.15, 1.2, 1.25] },
  { towards: unit(-0.8, 0.45, 0.5), sharpness: 26, colour: [5.2, 5.3, 5.4] },
  { towards: unit(0.95, 0.25, 0.35), sharpness: 18, colour: [2.1, 2.05, 2] },
  { towards: unit(0.25, 0.55, -0.85), sharpness: 34, colour: [4.6, 4.3, 3.9] },
  { towards: [0, -1, 0], sharpness: 1.2, colour: [0.42, 0.37, 0.3] },
];
const EVERYWHERE = [0.3, 0.3, 0.3];

/** The lobe of a cosine, as a spherical Gaussian. Wang et al., All-frequency rendering of dynamic, spatially-varying reflectance, 2009 (from memory). */
const COSINE_SHARPNESS = 2.13;

/** Edge of a face at roughness 0, and of the smallest, which the shaders take for light from all around; texels. */
const FACE = 64;
const SMALLEST = 8;

/**
 * Light that comes from a direction, blurred as a surface of some roughness blurs it: a product of the shape of the light and of
 * the lobe of the surface, both spherical Gaussians, so that no light is lost.
 * @param roughness 0 mirrors; 1 stands for a matt surface that gathers from all around
 * @returns linear radiance, red, green and blue
 */
export function lightFrom(
  [x, y, z]: readonly [number, number, number],
  roughness: number,
): [red: number, green: number, blue: number] {
  const sum: [number, number, number] = [EVERYWHERE[0], EVERYWHERE[1], EVERYWHERE[2]];
  const lobe = roughness >= 1 ? COSINE_SHARPNESS : 1 / (2 * Math.max(roughness, 0.02) ** 4);
  for (const { towards, sharpness, colour } of LIGHTS) {
    const blurred = (sharpness * lobe) / (sharpness + lobe);
    const share =
      (integral(sharpness) / integral(blurred)) *
      Math.exp(blurred * (x * towards[0] + y * towards[1] + z * towards[2] - 1));
    for (let i = 0; i < 3; i++) sum[i] += colour[i] * share;
  }
  return sum;
}

/** Of a spherical Gaussian over all directions. */
const integral = (sharpness: number): number => (2 * Math.PI * (1 - Math.exp(-2 * sharpness))) / sharpness;

/**
 * The light of the stage as the shaders read it: one level for each roughness, each drawn as it is. Filtering a drawn room instead
 * takes a browser that draws with the processor five seconds, and the same picture comes out.
 * @returns what is to be disposed of with the renderer
 */
export function createStudioLight(renderer: WebGLRenderer): WebGLCubeRenderTarget {
  const target = new WebGLCubeRenderTarget(FACE, {
    type: HalfFloatType,
    magFilter: LinearFilter,
    minFilter: LinearMipmapLinearFilter,
    depthBuffer: false,
  });
  const levels = Math.log2(FACE / SMALLEST) + 1;
  // its types know levels of compressed maps only
  const sizes: unknown[] = target.texture.mipmaps;
  for (let level = 0; level < levels; level++) sizes.push({ width: FACE >> level, height: FACE >> level });
  target.texture.isPMREMTexture = true;
  const sky = new SphereGeometry(5, 64, 48);
  const material = new MeshBasicMaterial({ vertexColors: true, side: BackSide, toneMapped: false, depthTest: false });
  const camera = new CubeCamera(1, 10, target);
  for (let level = 0; level < levels; level++) {
    paint(sky, roughnessOf(level / (levels - 1)));
    camera.activeMipmapLevel = level;
    target.viewport.set(0, 0, FACE >> level, FACE >> level);
    camera.update(renderer, new Mesh(sky, material));
  }
  target.viewport.set(0, 0, FACE, FACE);
  sky.dispose();
  material.dispose();
  return target;
}

/** What a level stands for, as the shaders of three look it up. @param share of the way to the last level */
const roughnessOf = (share: number): number => 1 - Math.sqrt(1 - share);

function paint(sky: SphereGeometry, roughness: number): void {
  const { position } = sky.attributes;
  const colours = new Float32Array(position.count * 3);
  for (let i = 0; i < position.count; i++)
    colours.set(lightFrom(unit(position.getX(i), position.getY(i), position.getZ(i)), roughness), i * 3);
  sky.setAttribute('color', new BufferAttribute(colours, 3));
}

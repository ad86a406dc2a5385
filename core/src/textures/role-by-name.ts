import type { TextureSlot } from '@haveld/contract/step';

/** Tokens that name a map's role. Common practice, no source; longest first wins. */
const ROLE_TOKENS: Record<string, TextureSlot> = {
  basecolor: 'baseColour',
  basecolour: 'baseColour',
  albedo: 'baseColour',
  diffuse: 'baseColour',
  diff: 'baseColour',
  dif: 'baseColour',
  color: 'baseColour',
  colour: 'baseColour',
  col: 'baseColour',
  bc: 'baseColour',
  normal: 'normal',
  normals: 'normal',
  normalgl: 'normal',
  nrm: 'normal',
  nor: 'normal',
  nml: 'normal',
  n: 'normal',
  roughness: 'roughness',
  rough: 'roughness',
  rgh: 'roughness',
  metallic: 'metallic',
  metalness: 'metallic',
  metal: 'metallic',
  mtl: 'metallic',
  orm: 'metallicRoughness',
  metallicroughness: 'metallicRoughness',
  ao: 'occlusion',
  occlusion: 'occlusion',
  ambientocclusion: 'occlusion',
  emissive: 'emissive',
  emission: 'emissive',
  emit: 'emissive',
  glow: 'emissive',
  opacity: 'opacity',
  alpha: 'opacity',
  mask: 'opacity',
  height: 'bump',
  bump: 'bump',
  disp: 'bump',
  displacement: 'bump',
  specular: 'specular',
  spec: 'specular',
};

export interface NamedRole {
  slot: TextureSlot;
  /** The words of the name that are not its role, lower case: `oak_top_nrm` → `['oak', 'top']`. */
  subject: string[];
  evidence: string;
}

/** Splits a file's stem at separators and changes of case. */
export function splitName(stem: string): string[] {
  return stem
    .replace(/([a-z0-9])([A-Z])/g, '$1 $2')
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter((token) => token !== '');
}

const RESOLUTION = /^(\d{1,2}k|512|1024|2048|4096|8192)$/;

/** @param habit words its source is known to use. @returns the role a map's name states, or null where it states none */
export function detectRoleByName(path: string, habit: Readonly<Record<string, TextureSlot>> = {}): NamedRole | null {
  const stem = fileStem(path);
  const tokens = splitName(stem).filter((token) => !RESOLUTION.test(token));
  for (let i = tokens.length - 1; i >= 0; i--) {
    const pair = i > 0 ? tokens[i - 1] + tokens[i] : '';
    const width = pair in ROLE_TOKENS ? 2 : 1;
    const slot = habit[tokens[i]] ?? (width === 2 ? ROLE_TOKENS[pair] : ROLE_TOKENS[tokens[i]]);
    if (!slot || (tokens[i].length === 1 && i !== tokens.length - 1)) continue;
    const subject = [...tokens.slice(0, i - width + 1), ...tokens.slice(i + 1)];
    return { slot, subject, evidence: `“${tokens.slice(i - width + 1, i + 1).join(' ')}” in the name says ${slot}` };
  }
  return null;
}

/** @returns the file name without folders and extension */
export function fileStem(path: string): string {
  const name = path.slice(Math.max(path.lastIndexOf('/'), path.lastIndexOf('\\')) + 1);
  const dot = name.lastIndexOf('.');
  return dot > 0 ? name.slice(0, dot) : name;
}

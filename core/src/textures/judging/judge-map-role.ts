import type { Evidence } from '@haveld/contract/finding';
import type { TextureSlot } from '@haveld/contract/step';
import { TEXTURE_ROLES, type Green, type Packing, type TextureRole } from '@haveld/contract/texture-role';
import { ROLES } from '../roles';
import { SLOTS } from '../slots';
import { describePicture, judgePictureClass, weighRoleByPicture } from './judge-picture';
import type { PictureMeasures } from './picture-measures';
import { readMapName } from './read-map-name';

/**
 * From here a role is taken as decided; below it is asked. Set on the tuning sets of measures/src/parts/material-sets.ts: there
 * 0.8 leaves 99.9 % of those decided right.
 */
export const DECIDED_FROM = 0.8;

/** What a picture among a model's files is before anything else is known. From memory: ours, of what downloads hold. */
const PRIOR: Partial<Record<TextureRole, number>> = {
  'base-colour': 0.36,
  normal: 0.18,
  height: 0.06,
  roughness: 0.09,
  glossiness: 0.04,
  metallic: 0.06,
  specular: 0.06,
  occlusion: 0.05,
  emissive: 0.03,
  opacity: 0.02,
  packed: 0.04,
  preview: 0.02,
};
const RARE = 0.003;

/** How sure at most a map is that something speaks against. */
const CONTRADICTED = 0.75;

/** A picture this many times less likely speaks against a role. */
const AGAINST = 0.1;

/** What maps bound in a slot are. From memory: ours, of what files bind where. */
const BOUND: Record<TextureSlot, Partial<Record<TextureRole, number>>> = {
  baseColor: { 'base-colour': 0.95, opacity: 0.005, normal: 0.005 },
  normal: { normal: 0.93, height: 0.06 },
  metallicRoughness: { packed: 0.93, roughness: 0.03, metallic: 0.02 },
  occlusion: { occlusion: 0.8, packed: 0.18 },
  emissive: { emissive: 0.9, 'base-colour': 0.08 },
  roughness: { roughness: 0.82, packed: 0.07, glossiness: 0.07 },
  glossiness: { glossiness: 0.75, roughness: 0.1, specular: 0.1 },
  metallic: { metallic: 0.85, packed: 0.07, specular: 0.05 },
  opacity: { opacity: 0.75, 'base-colour': 0.2 },
  bump: { height: 0.72, normal: 0.25 },
  specular: { specular: 0.75, glossiness: 0.1, roughness: 0.05, metallic: 0.04 },
  sheen: { sheen: 0.9 },
  clearcoat: { 'clear-coat': 0.9 },
  transmission: { transmission: 0.9 },
  thickness: { thickness: 0.9 },
};

export interface RoleClues {
  /** The file's name, with or without folders. */
  path: string;
  /** Null where the picture was not looked at. */
  measures: PictureMeasures | null;
  /** Where a material binds it; null where none does. */
  slot: TextureSlot | null;
  /** Words its source is known to use. */
  habit?: Readonly<Record<string, TextureRole>>;
}

export interface RoleJudgement {
  role: TextureRole;
  /** 0 to 1. */
  confidence: number;
  /** The likeliest roles, the first included, each with its share. */
  shares: { role: TextureRole; share: number }[];
  packing: Packing | null;
  /** What the name says of green. */
  green: Green | null;
  evidence: Evidence[];
  /** What speaks for this role by itself: the name, the slot, the picture. */
  independent: number;
}

/** What a map is, by its name, its slot and its picture: one share for each role, and what speaks for it. */
export function judgeMapRole({ path, measures, slot, habit }: RoleClues): RoleJudgement {
  const name = readMapName(path, habit);
  const classes = measures && judgePictureClass(measures);
  const prior = slot ? BOUND[slot] : PRIOR;
  const left = spreadRest(prior);
  const unsaid = name ? spreadRest(name.means) : 1;
  const weights = TEXTURE_ROLES.map((role) => {
    const before = prior[role] ?? (slot ? left : RARE);
    const byName = name ? (name.means[role] ?? unsaid) : 1;
    return before * byName * (classes ? weighRoleByPicture(classes, role) : 1);
  });
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  const shares = TEXTURE_ROLES.map((role, i) => ({ role, share: weights[i] / total }))
    .sort((a, b) => b.share - a.share)
    .filter(({ share }, i) => i === 0 || share > 0.01);
  const { role, share } = shares[0];
  const evidence: Evidence[] = [];
  if (name) evidence.push({ text: `“${name.said}” in its name says ${ROLES[name.role].label}` });
  if (slot) evidence.push({ text: `bound as ${SLOTS[slot].label}` });
  if (measures) evidence.push(...describePicture(measures).map((text) => ({ text })));
  const speaks = [
    name?.role === role,
    slot !== null && (BOUND[slot][role] ?? 0) > 0.5,
    classes !== null && weighRoleByPicture(classes, role) > 2,
  ];
  return {
    role,
    confidence: capContradicted({ path, measures, slot, habit }, role, share),
    shares,
    packing: role === 'packed' ? (name?.packing ?? (slot === 'metallicRoughness' ? GLTF_PACKING : null)) : null,
    green: name?.green ?? null,
    evidence,
    independent: speaks.filter(Boolean).length,
  };
}

/**
 * What one of a map's clues speaks against plainly is asked, whatever the others say.
 * @returns how sure a role is then
 */
export function capContradicted({ path, measures, habit }: RoleClues, role: TextureRole, share: number): number {
  const name = readMapName(path, habit);
  const byName = name !== null && (name.means[name.role] ?? 0) > 0.8 && (name.means[role] ?? 0) < 0.1;
  const byPicture = measures !== null && weighRoleByPicture(judgePictureClass(measures), role) < AGAINST;
  return byName || byPicture ? Math.min(share, CONTRADICTED) : share;
}

/** glTF 2.0, 3.9.2: roughness in green, metallic in blue; red and alpha are not read. */
const GLTF_PACKING: Packing = { r: null, g: 'roughness', b: 'metallic', a: null };

/** What is left for each role that is not named. */
function spreadRest(means: Partial<Record<TextureRole, number>>): number {
  const shares = Object.values(means);
  const rest = 1 - shares.reduce((sum, share) => sum + share, 0);
  return Math.max(rest, 0.001) / (TEXTURE_ROLES.length - shares.length);
}

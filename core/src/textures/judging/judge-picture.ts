import type { TextureRole } from '@haveld/contract/texture-role';
import { listPictureFeatures } from './picture-features';
import type { PictureMeasures } from './picture-measures';
import { PICTURE_CLASSES, PICTURE_PRIORS, PICTURE_WEIGHTS, type PictureClass } from './picture-weights';

/** What each role looks like; the others may look like anything. */
const CLASS_OF: Partial<Record<TextureRole, PictureClass>> = {
  'base-colour': 'base-colour',
  normal: 'normal',
  height: 'height',
  roughness: 'surface',
  glossiness: 'surface',
  specular: 'surface',
  metallic: 'metallic',
  occlusion: 'occlusion',
  emissive: 'emissive',
  opacity: 'opacity',
  mask: 'opacity',
  packed: 'packed',
};

/** How far a picture is believed: weights fitted to some sets are too sure of others. Ours, set on the tuning sets. */
const TEMPER = 0.75;
/** No picture speaks more than this many times for or against a role. */
const STRONGEST = 150;

/** @returns the share each class has by how the picture looks; 1 together */
export function judgePictureClass(measures: PictureMeasures): Record<PictureClass, number> {
  const features = listPictureFeatures(measures);
  const scores = PICTURE_WEIGHTS.map((weights) =>
    features.reduce((sum, feature, i) => sum + feature * weights[i], weights[features.length]),
  );
  const top = Math.max(...scores);
  const powers = scores.map((score) => Math.exp(score - top));
  const total = powers.reduce((sum, power) => sum + power, 0);
  return Object.fromEntries(PICTURE_CLASSES.map((name, i) => [name, powers[i] / total])) as Record<
    PictureClass,
    number
  >;
}

/** @returns how many times likelier the picture makes a role than not having seen it; 1 says nothing */
export function weighRoleByPicture(shares: Record<PictureClass, number>, role: TextureRole): number {
  const name = CLASS_OF[role];
  if (!name) return 1;
  const ratio = shares[name] / PICTURE_PRIORS[PICTURE_CLASSES.indexOf(name)];
  return Math.max(1 / STRONGEST, Math.min(STRONGEST, ratio)) ** TEMPER;
}

const percent = (share: number): string => `${share > 0.995 && share < 1 ? '> 99' : Math.round(share * 100)} %`;

/** What of a picture speaks for the role it was given, in words; the plainest first. */
export function describePicture(m: PictureMeasures): string[] {
  const mean = m.mean.map((value) => Math.round(value * 255)).join(', ');
  if (m.constant) return [`one colour all over: (${mean})`];
  const said: string[] = [];
  if (m.unit > 0.8 && m.mean[2] > 0.6)
    said.push(`${percent(m.unit)} of it are vectors of unit length that point outwards`);
  if (m.coloured < 0.01) said.push('grey throughout');
  else said.push(`${percent(m.coloured)} of it coloured`);
  if (m.twoPeaked > 0.6) said.push(`almost only black and white: ${percent(m.dark)} and ${percent(m.light)}`);
  else if (m.dark > 0.7) said.push(`${percent(m.dark)} of it black`);
  else if (m.light > 0.5) said.push(`${percent(m.light)} of it white`);
  if (m.coloured >= 0.01 && Math.max(...m.correlation.map(Math.abs)) < 0.5 && m.unit < 0.8)
    said.push('its channels have nothing to do with one another');
  if (m.clear > 0.01) said.push(`${percent(m.clear)} of it clear`);
  said.push(`mean colour (${mean})`);
  return said;
}

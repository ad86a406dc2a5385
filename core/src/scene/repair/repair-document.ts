import type { Document, Primitive } from '@gltf-transform/core';
import type { LogEntry } from '@haveld/contract/report';
import { dropOddAttributes, nameAttributes } from './attributes';
import { repairClip } from './clips';
import { dropBadCorners, isEmpty } from './corners';
import { repairLights } from './lights';
import { clampFactors, takeMapsFromBare } from './materials';
import { clampColours, clearBadNumbers, clearBadTransform, fillNormals, normaliseRotations } from './numbers';
import { repairSkins, roundInverseBinds, separateMovingSkins, shareRoot } from './skins';
import { dropStrayInfluences, normaliseWeights } from './weights';

interface Said {
  text: (count: number) => string;
  /** What it means, where it is worth a look. */
  consequence?: string;
}

/** What a repair says where it found something, in this order. */
const SAID = {
  transforms: {
    text: (n: number) => `${n} parts stand at a place that is no number.`,
    consequence: 'They were put to the origin; they may be misplaced.',
  },
  numbers: {
    text: (n: number) => `${n} values are no numbers.`,
    consequence: 'They were taken as 0; something may look torn.',
  },
  corners: {
    text: (n: number) => `${n} triangles name a vertex that is not there.`,
    consequence: 'They are left out; there may be holes.',
  },
  weights: { text: (n: number) => `The bone weights of ${n} vertices did not sum to 1; they do now.` },
  normals: { text: (n: number) => `${n} normals had no length; they point up now.` },
  colours: { text: (n: number) => `${n} values of vertex colours lay outside 0 to 1; they were cut off.` },
  influences: {
    text: (n: number) => `${n} weights belong to a bone that is not there.`,
    consequence: 'They are left out; the skin may not follow there.',
  },
  attributes: {
    text: (n: number) => `${n} sets of values have another shape than theirs.`,
    consequence: 'They are left out; shading, maps or the skin may be missing there.',
  },
  skins: {
    text: (n: number) => (n === 1 ? '1 skin has no joints.' : `${n} skins have no joints.`),
    consequence: 'They were removed; those parts do not move.',
  },
  binds: {
    text: (n: number) => `${n} bones were bound by a perspective, which glTF has not.`,
    consequence: 'The skin may deform wrongly there.',
  },
  channels: {
    text: (n: number) => `${n} tracks of clips have no target, or no keys.`,
    consequence: 'They are left out of their clips.',
  },
  keys: { text: (n: number) => `${n} keys of clips do not come after the one before; they are left out.` },
  rotations: {
    text: (n: number) => `${n} keys of rotation have no length of 1.`,
    consequence: 'The animation may jump there.',
  },
  lights: { text: (n: number) => `${n} lights have a strength that is no number; they shine as usual.` },
} satisfies Record<string, Said>;

type Amiss = keyof typeof SAID;

/**
 * Puts right what would make a document invalid, whatever it was read from: numbers that are none, weights that do not sum to
 * 1, corners that name a vertex that is not there, and the like. What it means for the model is said in the log.
 */
export function repairDocument(document: Document, file: string, log: LogEntry[]): void {
  const root = document.getRoot();
  const found = Object.fromEntries(Object.keys(SAID).map((kind) => [kind, 0])) as Record<Amiss, number>;
  const listPrimitives = (): Primitive[] => root.listMeshes().flatMap((mesh) => mesh.listPrimitives());
  found.transforms = root.listNodes().filter(clearBadTransform).length;
  const badFactors = clampFactors(document);
  for (const accessor of root.listAccessors()) found.numbers += clearBadNumbers(accessor);
  found.lights = repairLights(document);
  for (const primitive of listPrimitives()) found.attributes += dropOddAttributes(primitive);
  for (const node of root.listNodes()) found.influences += dropStrayInfluences(node);
  for (const primitive of listPrimitives()) {
    nameAttributes(primitive);
    found.corners += dropBadCorners(primitive);
    found.weights += normaliseWeights(primitive);
    found.normals += fillNormals(primitive);
    found.colours += clampColours(primitive);
    if (isEmpty(primitive)) primitive.dispose();
  }
  for (const clip of root.listAnimations()) {
    const { channels, keys } = repairClip(clip);
    found.channels += channels;
    found.keys += keys;
    found.rotations += normaliseRotations(clip);
    if (clip.listChannels().length === 0) clip.dispose();
  }
  found.skins = repairSkins(document);
  found.binds = roundInverseBinds(document);
  separateMovingSkins(document);
  shareRoot(document);
  const bare = takeMapsFromBare(document);
  const say = (text: string, consequence?: string): void =>
    void log.push(consequence ? { level: 'look', file, text, consequence } : { level: 'note', file, text });
  for (const kind of Object.keys(SAID) as Amiss[]) {
    const { text, consequence }: Said = SAID[kind];
    if (found[kind] > 0) say(text(found[kind]), consequence);
  }
  if (badFactors.length > 0)
    say(
      `Values of ${badFactors.join(', ')} lie outside what a material can have.`,
      'They were set to the nearest that can be; its look may differ.',
    );
  if (bare.length > 0)
    say(
      `Parts without UVs have a material with maps: ${bare.join(', ')}.`,
      'Its maps cannot lie on them; they show its colour alone.',
    );
}

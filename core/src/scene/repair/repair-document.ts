import type { Document } from '@gltf-transform/core';
import type { LogEntry } from '@haveld/contract/report';
import { dropOddAttributes, nameAttributes } from './attributes';
import { repairClip } from './clips';
import { dropBadCorners, isEmpty } from './corners';
import { repairLights } from './lights';
import { clampFactors, takeMapsFromBare } from './materials';
import { clampColours, clearBadNumbers, clearBadTransform, fillNormals, normaliseRotations } from './numbers';
import { repairSkins, roundInverseBinds, separateMovingSkins, shareRoot } from './skins';
import { dropStrayInfluences, normaliseWeights } from './weights';

/**
 * Puts right what would make a document invalid, whatever it was read from: numbers that are none, weights that do not sum to
 * 1, corners that name a vertex that is not there, and the like. What it means for the model is said in the log.
 */
export function repairDocument(document: Document, file: string, log: LogEntry[]): void {
  const root = document.getRoot();
  const badTransforms = root.listNodes().filter(clearBadTransform).length;
  const badFactors = clampFactors(document);
  const bad = {
    numbers: 0,
    corners: 0,
    weights: 0,
    normals: 0,
    colours: 0,
    rotations: 0,
    influences: 0,
    lights: 0,
    attributes: 0,
    skins: 0,
    binds: 0,
    channels: 0,
    keys: 0,
  };
  for (const accessor of root.listAccessors()) bad.numbers += clearBadNumbers(accessor);
  bad.lights = repairLights(document);
  for (const primitive of root.listMeshes().flatMap((mesh) => mesh.listPrimitives()))
    bad.attributes += dropOddAttributes(primitive);
  for (const node of root.listNodes()) bad.influences += dropStrayInfluences(node);
  for (const primitive of root.listMeshes().flatMap((mesh) => mesh.listPrimitives())) {
    nameAttributes(primitive);
    bad.corners += dropBadCorners(primitive);
    bad.weights += normaliseWeights(primitive);
    bad.normals += fillNormals(primitive);
    bad.colours += clampColours(primitive);
    if (isEmpty(primitive)) primitive.dispose();
  }
  for (const clip of root.listAnimations()) {
    const { channels, keys } = repairClip(clip);
    bad.channels += channels;
    bad.keys += keys;
    bad.rotations += normaliseRotations(clip);
    if (clip.listChannels().length === 0) clip.dispose();
  }
  bad.skins = repairSkins(document);
  bad.binds = roundInverseBinds(document);
  separateMovingSkins(document);
  shareRoot(document);
  const bare = takeMapsFromBare(document);
  const look = (text: string, consequence: string): void => void log.push({ level: 'look', file, text, consequence });
  if (badTransforms > 0)
    look(
      `${badTransforms} parts stand at a place that is no number.`,
      'They were put to the origin; they may be misplaced.',
    );
  if (bad.numbers > 0) look(`${bad.numbers} values are no numbers.`, 'They were taken as 0; something may look torn.');
  if (bad.corners > 0)
    look(`${bad.corners} triangles name a vertex that is not there.`, 'They are left out; there may be holes.');
  if (bad.weights > 0)
    log.push({
      level: 'note',
      file,
      text: `The bone weights of ${bad.weights} vertices did not sum to 1; they do now.`,
    });
  if (bad.normals > 0)
    log.push({ level: 'note', file, text: `${bad.normals} normals had no length; they point up now.` });
  if (badFactors.length > 0)
    look(
      `Values of ${badFactors.join(', ')} lie outside what a material can have.`,
      'They were set to the nearest that can be; its look may differ.',
    );
  if (bad.colours > 0)
    log.push({
      level: 'note',
      file,
      text: `${bad.colours} values of vertex colours lay outside 0 to 1; they were cut off.`,
    });
  if (bad.influences > 0)
    look(
      `${bad.influences} weights belong to a bone that is not there.`,
      'They are left out; the skin may not follow there.',
    );
  if (bad.attributes > 0)
    look(
      `${bad.attributes} sets of values have another shape than theirs.`,
      'They are left out; shading, maps or the skin may be missing there.',
    );
  if (bad.skins > 0)
    look(`${bad.skins} skins have nothing to hold on to.`, 'They were taken off; those parts stand still.');
  if (bad.binds > 0)
    look(`${bad.binds} bones were bound by a perspective, which glTF has not.`, 'The skin may stand wrong at them.');
  if (bad.channels > 0)
    look(`${bad.channels} tracks of clips have no target, or no keys.`, 'They are left out of their clips.');
  if (bad.keys > 0)
    log.push({
      level: 'note',
      file,
      text: `${bad.keys} keys of clips do not come after the one before; they are left out.`,
    });
  if (bad.lights > 0)
    log.push({
      level: 'note',
      file,
      text: `${bad.lights} lights have a strength that is no number; they shine as usual.`,
    });
  if (bad.rotations > 0) look(`${bad.rotations} keys of rotation have no length of 1.`, 'The motion may jump there.');
  if (bare.length > 0)
    look(
      `Parts without a layout have a material with maps: ${bare.join(', ')}.`,
      'Its maps cannot lie on them; they show its colour alone.',
    );
}

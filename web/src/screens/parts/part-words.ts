import type { PartOffer } from '@haveld/core/structure/parts/part-offer';
import type { Oddity, PartKind } from '@haveld/core/structure/parts/part-rows';

/** What is odd about a part, as it is said. */
export const ODDITY_WORDS: Record<Oddity, string> = {
  'no-name': 'no name of its own',
  tiny: 'tiny beside the rest',
  'alone-in-group': 'holds only one thing',
  empty: 'holds nothing',
  'no-material': 'faces without a material',
  'no-layout': 'a map without UVs',
  'far-off': 'far from the rest',
};

/** What a part is that shows nothing itself. */
export const KIND_WORDS: Record<PartKind, string> = {
  shape: 'part',
  group: 'group',
  mark: 'mark without a shape',
  joint: 'joint of a skin',
  camera: 'camera',
  light: 'light',
};

/** How each offer is taken. */
export const OFFER_WORDS: Record<PartOffer['kind'], string> = {
  doubled: 'Take the doubles out',
  faces: 'Remove them',
  turned: 'Flip them',
  cracks: 'Close the cracks',
  holes: 'Close the holes',
  names: 'Name them',
  scripts: 'Write them so',
  equal: 'Make them instances',
  groups: 'Dissolve them',
  join: 'Join them',
  'one-thing': 'Join them',
  split: 'Split it',
};

import type { Role } from '@haveld/contract/role';

/** What each role does, to go on from `an artist …`. */
export const ROLE_WORDS: Record<Role, string> = {
  guest: 'looks, and downloads what a project may use',
  artist: 'brings models in, puts them right and hands them over',
  curator: 'works as an artist, and keeps rules, licences and rights in order',
  owner: 'works as a curator, and lets people in',
};

/** `An artist brings models in …` */
export const describeRole = (role: Role): string =>
  `${role === 'artist' || role === 'owner' ? 'An' : 'A'} ${role} ${ROLE_WORDS[role]}`;

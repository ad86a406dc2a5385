import type { TextureSlot } from '@haveld/contract/step';
import { readMapName } from './judging/read-map-name';
import { ROLES } from './roles';
import { SLOTS } from './slots';

export interface NamedRole {
  slot: TextureSlot;
  /** The words of the name that are not its role, lower case: `oak_top_nrm` → `['oak', 'top']`. */
  subject: string[];
  evidence: string;
}

/** A name says where its map is bound from this share on. */
const SAID_FROM = 0.55;

/** @param habit words its source is known to use. @returns the slot a map's name states, or null where it states none */
export function detectRoleByName(path: string, habit: Readonly<Record<string, TextureSlot>> = {}): NamedRole | null {
  const own = Object.fromEntries(Object.entries(habit).map(([word, slot]) => [word, SLOTS[slot].role]));
  const reading = readMapName(path, own);
  const slot = reading && ROLES[reading.role].slot;
  if (!reading || !slot || (reading.means[reading.role] ?? 0) < SAID_FROM) return null;
  return {
    slot,
    subject: reading.subject,
    evidence: `“${reading.said}” in the name says ${ROLES[reading.role].label}`,
  };
}

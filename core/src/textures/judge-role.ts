import type { TextureSlot } from '@haveld/contract/step';
import { detectRoleByName } from './role-by-name';

/** How far each is trusted. Ours, until pictures are judged too. */
const CONFIDENCE = { bothAgree: 0.97, slotAlone: 0.85, nameAgainstSlot: 0.5 };

/** What a bound map means: its slot, with more or less trust by what its name says. */
export function judgeRole(slot: TextureSlot, reference: string): { role: TextureSlot; confidence: number } {
  const named = detectRoleByName(reference);
  const agreement = !named ? 'slotAlone' : named.slot === slot ? 'bothAgree' : 'nameAgainstSlot';
  return { role: slot, confidence: CONFIDENCE[agreement] };
}

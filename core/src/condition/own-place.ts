import type { TextureSlot } from '@haveld/contract/step';
import { DECIDED_FROM, type RoleJudgement } from '../textures/judging/judge-map-role';

/** @returns true where a map taken for one slot is bound as what it is: glossiness that is wanted as roughness */
export const takesOwnPlace = (
  slot: TextureSlot,
  { role, confidence }: Pick<RoleJudgement, 'role' | 'confidence'>,
): boolean => slot === 'roughness' && role === 'glossiness' && confidence >= DECIDED_FROM;

import type { TextureSlot } from '@haveld/contract/step';
import { detectRoleByName } from '../../textures/role-by-name';
import { fileStem } from '../../textures/judging/read-map-name';
import type { WordRule } from './name-words';
import { parsePath, tokensOf, type ParsedPath } from './parse-path';

/** What the name and place of a picture say. */
export interface MapName {
  parsed: ParsedPath;
  slot: TextureSlot | null;
  /** What it is a map of, without its role and qualifiers. */
  subject: string[];
}

/** @param extra words a source is known to use */
export function parseMapName(path: string, extra: readonly WordRule[] = []): MapName {
  const parsed = parsePath(path, extra);
  const role = detectRoleByName(path);
  const roleWords = new Set(role ? tokensOf(fileStem(path)).filter((token) => !role.subject.includes(token)) : []);
  const own = new Set([
    ...parsed.subject,
    ...parsed.weak.filter(({ where }) => where === 'name').map(({ word }) => word),
  ]);
  return {
    parsed,
    slot: parsed.strong.find(({ kind }) => kind === 'map-role')?.rule.slot ?? role?.slot ?? null,
    subject: tokensOf(fileStem(path)).filter((token) => own.has(token) && !roleWords.has(token)),
  };
}

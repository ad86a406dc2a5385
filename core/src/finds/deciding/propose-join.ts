import { tokensOf } from '../names/parse-path';

/** What is known of an arrival that may be one part of several. */
export interface JoinCandidate {
  id: string;
  name: string;
  finds: number;
  pictures: number;
  /** Maps its models name and that did not come. */
  mapsMissing: number;
}

const ENDING = /(\.part\d+)?\.(zip|7z|rar|tar|tgz|gz)(\.\d{3})?$/i;
const PART_WORDS = ['part', 'teil', 'partie', 'parte', 'vol', 'disc'];
const KIND_WORDS = ['model', 'models', 'mesh', 'texture', 'textures', 'tex', 'maps', 'materials', 'source'];

/**
 * Which other arrival is likely the rest of this one: the same name but for a part's number, or a model whose maps did not
 * come beside maps without a model.
 */
export function proposeJoin(
  arrival: JoinCandidate,
  others: readonly JoinCandidate[],
): { id: string; name: string; reason: string } | null {
  const own = nameOf(arrival.name);
  for (const other of others) {
    if (other.id === arrival.id || own.subject === '') continue;
    const theirs = nameOf(other.name);
    if (theirs.subject !== own.subject) continue;
    if (own.part !== null && theirs.part !== null && own.part !== theirs.part)
      return {
        id: other.id,
        name: other.name,
        reason: `parts ${[own.part, theirs.part].sort().join(' and ')} of one download`,
      };
    if (arrival.finds > 0 && arrival.mapsMissing > 0 && other.finds === 0 && other.pictures > 0)
      return { id: other.id, name: other.name, reason: 'this one lacks maps, that one is nothing but maps' };
  }
  return null;
}

function nameOf(name: string): { subject: string; part: string | null } {
  const tokens = tokensOf(name.replace(ENDING, ''));
  const at = tokens.findIndex((token, i) => PART_WORDS.includes(token) && /^\d+$/.test(tokens[i + 1] ?? ''));
  const glued = tokens.findIndex((token) => new RegExp(`^(${PART_WORDS.join('|')})\\d+$`).test(token));
  const part = at >= 0 ? tokens[at + 1] : glued >= 0 ? tokens[glued].replace(/\D/g, '') : null;
  const rest = tokens.filter(
    (token, i) => !(at >= 0 && (i === at || i === at + 1)) && i !== glued && !KIND_WORDS.includes(token),
  );
  return { subject: rest.join(' '), part: part && String(Number(part)) };
}

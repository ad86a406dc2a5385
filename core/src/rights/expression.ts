import parseSpdx from 'spdx-expression-parse';

type Node = ReturnType<typeof parseSpdx>;

/** GNU identifiers SPDX has retired, which people write all the same. */
const RETIRED = /^((?:A|L)?GPL-\d\.\d)(\+?)$/;

/**
 * An SPDX licence expression (SPDX specification 2.3, annex D) as a choice of sets: one set has to be kept whole.
 * `MIT OR (CC-BY-4.0 AND CC0-1.0)` is `[['MIT'], ['CC-BY-4.0', 'CC0-1.0']]`. An exception stays with its licence: `GPL-2.0-only WITH …`.
 * @throws {Error} where it is none
 */
export function parseExpression(text: string): string[][] {
  const known = cache.get(text);
  if (known) return known;
  const choices = toChoices(parseSpdx(text));
  if (cache.size > 2000) cache.clear();
  cache.set(text, choices);
  return choices;
}

const cache = new Map<string, string[][]>();

export function isExpression(text: string): boolean {
  try {
    parseExpression(text);
    return true;
  } catch {
    return false;
  }
}

/** Every identifier of an expression, each once. */
export const listLicenceIds = (text: string): string[] => [...new Set(parseExpression(text).flat())];

/** Several grants that hold at once, as one expression. */
export function joinExpressions(expressions: readonly string[]): string {
  const distinct = [...new Set(expressions)];
  return distinct.length === 1
    ? distinct[0]
    : distinct.map((each) => (each.includes(' OR ') ? `(${each})` : each)).join(' AND ');
}

function toChoices(node: Node): string[][] {
  if ('license' in node) {
    const id = toCurrent(`${node.license}${node.plus ? '+' : ''}`);
    return [[node.exception ? `${id} WITH ${node.exception}` : id]];
  }
  const left = toChoices(node.left);
  const right = toChoices(node.right);
  if (node.conjunction === 'or') return [...left, ...right];
  return left.flatMap((some) => right.map((others) => [...new Set([...some, ...others])]));
}

function toCurrent(id: string): string {
  const retired = RETIRED.exec(id);
  return retired ? `${retired[1]}-${retired[2] === '+' ? 'or-later' : 'only'}` : id;
}

import type { Primitive } from '@gltf-transform/core';

/** Names glTF knows (2.0, 3.7.2.1); others begin with a line below. */
const KNOWN = /^(POSITION|NORMAL|TANGENT|(TEXCOORD|COLOR|JOINTS|WEIGHTS)_\d+|_.*)$/;

/** Gives attributes names a glTF file may hold, and sets that count from 0. */
export function nameAttributes(primitive: Primitive): void {
  for (const semantic of primitive.listSemantics()) {
    if (KNOWN.test(semantic)) continue;
    primitive.setAttribute(`_${semantic}`, primitive.getAttribute(semantic)).setAttribute(semantic, null);
  }
  const sets = primitive.listSemantics().filter((semantic) => semantic.startsWith('TEXCOORD_'));
  const last = Math.max(-1, ...sets.map((semantic) => Number(semantic.slice('TEXCOORD_'.length))));
  // a gap is filled with the set after it, so that materials find theirs by its number
  for (let set = last - 1; set >= 0; set--) {
    if (!primitive.getAttribute(`TEXCOORD_${set}`))
      primitive.setAttribute(`TEXCOORD_${set}`, primitive.getAttribute(`TEXCOORD_${set + 1}`));
  }
}

/** What glTF lets an attribute be (2.0, 3.7.2.1). */
const TYPES: [RegExp, readonly string[]][] = [
  [/^(POSITION|NORMAL)$/, ['VEC3']],
  [/^TANGENT$/, ['VEC4']],
  [/^TEXCOORD_/, ['VEC2']],
  [/^COLOR_/, ['VEC3', 'VEC4']],
  [/^(JOINTS|WEIGHTS)_/, ['VEC4']],
];

/** Takes out attributes of another shape than theirs, and sets of joints or weights that stand alone. @returns how many went */
export function dropOddAttributes(primitive: Primitive): number {
  const odd = new Set(
    primitive.listSemantics().filter((semantic) => {
      const types = TYPES.find(([pattern]) => pattern.test(semantic))?.[1];
      return types && !types.includes(primitive.getAttribute(semantic)!.getType());
    }),
  );
  for (let set = 0, isWhole = true; ; set++) {
    const pair = [`JOINTS_${set}`, `WEIGHTS_${set}`];
    const there = pair.filter((semantic) => primitive.getAttribute(semantic) && !odd.has(semantic));
    if (pair.every((semantic) => !primitive.getAttribute(semantic))) break;
    isWhole &&= there.length === 2;
    if (!isWhole) for (const semantic of pair) if (primitive.getAttribute(semantic)) odd.add(semantic);
  }
  for (const semantic of odd) primitive.setAttribute(semantic, null);
  return odd.size;
}

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

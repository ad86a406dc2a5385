import type { Document, Mesh, Node } from '@gltf-transform/core';
import { PartIndex } from '../../scene/part-ref';
import { listShownNodes } from '../../scene/traverse';
import { MOST_PIECES, shareOut, takeApart, type SplitBy } from '../../structure/parts/split-part';
import { count, formatCount } from '../../text/count';
import { makeUnique } from '../../text/make-unique';
import type { StepDefinition } from '../step-definition';

export const splitPart: StepDefinition<'split-part'> = {
  kind: 'split-part',
  phase: 'parts',
  order: 0,
  codeVersion: 1,
  topology: 'keeps',
  title: (step) => `“${step.part.name}” split by ${step.by === 'islands' ? 'what hangs together' : 'material'}`,
  credit: () => null,
  adaptation: () => null,
  apply(document, step) {
    const part = new PartIndex(document).find(step.part);
    const mesh = part?.getMesh();
    if (!part || !mesh) return { changed: '', unmatched: [step.part.name] };
    const sharing = shareOut(mesh.listPrimitives(), step.by, step.tolerance);
    if (sharing.groups < 2) return { changed: 'it is one piece', unmatched: [] };
    if (sharing.groups > MOST_PIECES)
      return {
        changed: `left as it is: it falls into ${formatCount(sharing.groups)} pieces`,
        unmatched: [step.part.name],
      };
    const names = namePieces(document, part, mesh, step.by, sharing.groups);
    return { changed: count(takeApart(document, part, sharing, names).length, 'part'), unmatched: [] };
  },
};

/** By material as it is called, else numbered as they come. */
function namePieces(document: Document, part: Node, mesh: Mesh, by: SplitBy, groups: number): string[] {
  const base = part.getName() || 'part';
  const materials = [...new Set(mesh.listPrimitives().map((primitive) => primitive.getMaterial()))];
  const wanted = Array.from({ length: groups }, (_, i) =>
    by === 'materials' ? `${base}_${materials[i]?.getName() || 'bare'}` : `${base}_${i + 1}`,
  );
  return makeUnique(
    wanted,
    listShownNodes(document).map((node) => node.getName()),
  );
}

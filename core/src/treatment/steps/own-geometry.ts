import { countStands } from '../../scene/measures/count-stands';
import { PartIndex } from '../../scene/part-ref';
import { cloneMesh } from '../../scene/meshes/clone-mesh';
import { count } from '../../text/count';
import type { StepDefinition } from '../step-definition';

export const ownGeometry: StepDefinition<'own-geometry'> = {
  kind: 'own-geometry',
  phase: 'parts',
  order: 0,
  codeVersion: 1,
  topology: 'keeps',
  title: (step) => `${count(step.parts.length, 'part')} with geometry of their own`,
  credit: () => null,
  adaptation: () => null,
  apply(document, step) {
    const { nodes, unmatched } = new PartIndex(document).findAll(step.parts);
    const stands = countStands(document);
    let made = 0;
    for (const node of nodes) {
      const mesh = node.getMesh();
      if (!mesh || stands.get(mesh)! < 2) continue;
      stands.set(mesh, stands.get(mesh)! - 1);
      node.setMesh(cloneMesh(mesh));
      made++;
    }
    return { changed: count(made, 'copy', 'copies'), unmatched };
  },
};

import type { Document, Node } from '@gltf-transform/core';
import { cloneMesh } from '@haveld/core/scene/meshes/clone-mesh';
import { makeFreshIds } from '@haveld/core/scene/document/fresh-id';
import { getNodeSource, setNodeSource } from '@haveld/core/scene/document/source-data';
import { boxSize, computeBounds } from '@haveld/core/scene/measures/bounds';
import { getShownScene, listMeshInstances } from '@haveld/core/scene/traverse';
import { findCollisionParts } from '@haveld/core/structure/collision/find-collision-parts';
import { findLevels } from '@haveld/core/structure/levels/find-levels';
import { simplifyInstances } from '@haveld/core/structure/levels/simplify-model';
import { describePartSheet } from '@haveld/core/structure/parts/part-sheet';
import { addBox } from '@haveld/core/testing/documents';
import { createRandom } from '@haveld/core/testing/random';
import { readAllFurniture } from './parts/furniture';

// Proposals on parts against structure that is known: real models (the open furniture, held out by author), to which what has to be found
// is added by a seeded hand. What they came with counts for what is proposed wrongly.

interface Tally {
  found: number;
  of: number;
  /** Proposed of parts that were not spoiled, or as something they are not. */
  wrong: number;
}
const KINDS = ['doubled', 'equal', 'alone in a group', 'levels', 'levels by words', 'collision shape'] as const;
type Kind = (typeof KINDS)[number];
const tallies = new Map<string, Record<Kind, Tally>>();
const surelyWrong: string[] = [];

/** A copy of a part beside it or on it, that shares nothing with it. */
function copyPart(document: Document, node: Node, shift: number): Node {
  const mesh = cloneMesh(node.getMesh()!);
  for (const primitive of mesh.listPrimitives())
    for (const semantic of primitive.listSemantics())
      primitive.setAttribute(semantic, primitive.getAttribute(semantic)!.clone());
  const copy = document.createNode(`${node.getName()} too`).setMesh(mesh).setMatrix(node.getWorldMatrix());
  const [x, y, z] = copy.getTranslation();
  copy.setTranslation([x + shift, y, z]);
  setNodeSource(copy, { id: makeFreshIds(document, [`${getNodeSource(node).id ?? ''}!`])[0] });
  getShownScene(document).addChild(copy);
  return copy;
}

const idsOf = (node: Node): string => getNodeSource(node).id ?? '';
const offersOf = async (document: Document) => {
  const { offers } = await describePartSheet(document, document);
  return (kind: string) => offers.filter((offer) => offer.kind === kind);
};

for await (const { document, isHeldOut } of readAllFurniture('all')) {
  const half = isHeldOut ? 'held out' : 'tuning';
  const tally =
    tallies.get(half) ??
    (Object.fromEntries(KINDS.map((kind) => [kind, { found: 0, of: 0, wrong: 0 }])) as Record<Kind, Tally>);
  tallies.set(half, tally);
  const random = createRandom(idsOf(listMeshInstances(document)[0].node).length + listMeshInstances(document).length);
  const shapes = listMeshInstances(document).map(({ node }) => node);
  const length = Math.max(...boxSize(computeBounds(document)!));
  const pick = (): Node => shapes[Math.floor(random() * shapes.length)];
  const asCame = await offersOf(document);
  const before = new Set(['doubled', 'groups'].flatMap((kind) => asCame(kind).flatMap(({ ids }) => ids)));
  for (const levels of findLevels(document)) {
    tally.levels.wrong++;
    if (levels.isPlain) surelyWrong.push(`levels ${levels.name}`);
  }
  const came = findCollisionParts(document);
  if (came) {
    tally['collision shape'].wrong++;
    if (came.isPlain) surelyWrong.push(`collision ${came.nodes[0].getName()}`);
  }

  const original = pick();
  const doubled = copyPart(document, original, 0);
  const twin = copyPart(document, pick(), length * 1.5);
  const group = document.createNode('holder');
  setNodeSource(group, { id: 'holder' });
  const held = pick();
  (held.getParentNode() ?? getShownScene(document)).addChild(group);
  group.addChild(held);
  const root = document.createNode('all of it');
  setNodeSource(root, { id: 'root' });
  for (const top of getShownScene(document).listChildren()) root.addChild(top);
  getShownScene(document).addChild(root);
  const spoiled = await offersOf(document);
  const meant = (kind: string): Set<string> => new Set(spoiled(kind).flatMap(({ ids }) => ids));
  const count = (kind: Kind, isFound: boolean, wrong = 0): void => {
    tally[kind].of++;
    if (isFound) tally[kind].found++;
    tally[kind].wrong += wrong;
  };
  const doubles = meant('doubled');
  // of two that lie on one another either may go
  const pair = [idsOf(doubled), idsOf(original)];
  count(
    'doubled',
    pair.some((id) => doubles.has(id)),
    [...doubles].filter((id) => !pair.includes(id) && !before.has(id)).length,
  );
  count('equal', meant('equal').has(idsOf(twin)));
  const groups = meant('groups');
  count(
    'alone in a group',
    groups.has('holder'),
    [...groups].filter((id) => id !== 'holder' && !before.has(id)).length,
  );
  for (const node of [doubled, twin]) node.dispose();

  const heavy = shapes.find(
    (node) =>
      node
        .getMesh()!
        .listPrimitives()
        .reduce((n, one) => n + (one.getIndices()?.getCount() ?? 0), 0) > 600,
  );
  if (heavy) {
    const coarse = copyPart(document, heavy, 0);
    await simplifyInstances(document, [{ node: coarse, mesh: coarse.getMesh()!, world: coarse.getWorldMatrix() }], {
      by: 'share',
      share: 0.4,
    });
    const parent = heavy.getParentNode()!;
    coarse.setMatrix(heavy.getMatrix());
    parent.addChild(coarse);
    const name = heavy.getName() || 'part';
    const weigh = (node: Node): number =>
      node
        .getMesh()!
        .listPrimitives()
        .reduce((n, one) => n + (one.getIndices()?.getCount() ?? 0), 0);
    // what could not be reduced is no level
    for (const [kind, [fine, low]] of weigh(coarse) >= weigh(heavy)
      ? []
      : ([
          ['levels', [`${name}_LOD0`, `${name}_LOD1`]],
          ['levels by words', [`${name}_high`, `${name}_low`]],
        ] as const)) {
      heavy.setName(fine);
      coarse.setName(low);
      const found = findLevels(document);
      count(
        kind,
        found.some(({ levels }) => levels[0] === heavy && levels[1] === coarse),
        found.length > 1 ? 1 : 0,
      );
    }
    heavy.setName(name);
    coarse.dispose();
  }
  const box = computeBounds(document)!;
  const hull = addBox(document, [...box.min] as never, [...box.max] as never, 'UCX_model');
  const found = findCollisionParts(document);
  count('collision shape', found?.nodes.length === 1 && found.nodes[0] === hull);
}

for (const [half, tally] of tallies) {
  console.log(`${half}:`);
  for (const kind of KINDS) {
    const { found, of, wrong } = tally[kind];
    console.log(`  ${kind.padEnd(18)} ${String(found).padStart(4)} of ${of} found, ${wrong} wrong besides`);
  }
}
console.log(`sure and wrong: ${surelyWrong.length} ${surelyWrong.slice(0, 5).join(', ')}`);

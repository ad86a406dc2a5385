import type { Document } from '@gltf-transform/core';
import type { Step } from '@haveld/contract/step';
import { formatCount, count } from '../../text/count';
import { PartIndex } from '../../scene/part-ref';
import { listReferredNodes } from '../referred-nodes';
import { listDoubledParts, listEqualParts, type EqualParts } from './equal-parts';
import { listFaultyFaces } from './faulty-faces';
import { whyNotJoined } from './join-parts';
import { mayDissolve } from './may-dissolve';
import { listOneThings } from './one-thing';
import type { PartOffer } from './part-offer';
import type { PartRow } from './part-rows';
import { proposeNames, writeInLatin } from './propose-names';
import { shareOut } from './split-part';
import { listSurfaceOffers } from './surface-offers';

/** Fewer small parts of one material are left as they are. Ours. */
const MANY = 12;
/** A part is small below this share of the model's longest side. Ours. */
const SMALL = 0.06;
/** Heavier parts are not looked through for faulty faces unasked. */
const HEAVY = 1_500_000;
/** Heavier parts are not looked through for islands unasked. */
const LIGHT = 300_000;

/**
 * What may be done about the parts of a model; nothing of it is sure, and nothing is done by itself.
 * @param document as the next step on parts finds it
 * @param rows of the model as it is treated, upright and facing the front
 */
export async function listPartOffers(document: Document, rows: readonly PartRow[]): Promise<PartOffer[]> {
  const index = new PartIndex(document);
  const equal = listEqualParts(document);
  return [
    offerDoubled(index, equal),
    offerFaces(index, rows),
    ...listSurfaceOffers(index, rows),
    offerNames(index, rows),
    await offerScripts(index, rows),
    offerEqual(index, equal),
    offerGroups(document, index, rows),
    offerOneThing(document, index, rows),
    offerJoin(document, index, rows),
    ...offerSplits(index, rows),
  ].flatMap((offer) => offer ?? []);
}

function offerNames(index: PartIndex, rows: readonly PartRow[]): PartOffer | null {
  const names = proposeNames(rows).flatMap(({ id, name }) => {
    const node = index.get(id);
    return node ? [{ id, name, part: index.refer(node) }] : [];
  });
  if (names.length === 0) return null;
  return {
    kind: 'names',
    title: `${count(names.length, 'part has', 'parts have')} no name of their own`,
    detail: 'Named by their group, their material, their shape and where they are.',
    evidence: names.slice(0, 8).map(({ part, name }) => ({ text: `“${part.name || 'unnamed'}” becomes “${name}”` })),
    steps: [{ kind: 'name-parts', schema: 1, names: names.map(({ part, name }) => ({ part, name })) }],
    ids: names.map(({ id }) => id),
  };
}

/** Names in other scripts: many programs show boxes for them, or refuse them. */
async function offerScripts(index: PartIndex, rows: readonly PartRow[]): Promise<PartOffer | null> {
  const named = (await writeInLatin(rows)).flatMap(({ id, name }) => {
    const node = index.get(id);
    return node ? [{ id, name, part: index.refer(node) }] : [];
  });
  if (named.length === 0) return null;
  return {
    kind: 'scripts',
    title: `${count(named.length, 'part is', 'parts are')} called in another script`,
    detail: 'Written in Latin letters, sound by sound; what it was called stays beside it.',
    evidence: named.slice(0, 8).map(({ part, name }) => ({ text: `“${part.name}” becomes “${name}”` })),
    steps: [{ kind: 'name-parts', schema: 1, names: named.map(({ part, name }) => ({ part, name })) }],
    ids: named.map(({ id }) => id),
  };
}

/** A part that came twice: its faces lie on those of the other and flicker. */
function offerDoubled(index: PartIndex, equal: readonly EqualParts[]): PartOffer | null {
  const doubled = listDoubledParts(equal).map(({ kept, doubles }) => ({
    kept,
    // what hangs under it would go with it
    doubles: doubles.filter((node) => node.listChildren().length === 0),
  }));
  const nodes = doubled.flatMap(({ doubles }) => doubles);
  if (nodes.length === 0) return null;
  return {
    kind: 'doubled',
    title: `${count(nodes.length, 'part stands', 'parts stand')} exactly where an equal one stands`,
    detail: 'Two surfaces in one place flicker. One of each is enough.',
    evidence: doubled
      .filter(({ doubles }) => doubles.length > 0)
      .slice(0, 8)
      .map(({ kept, doubles }) => ({
        text: `“${doubles[0].getName() || 'unnamed'}” lies on “${kept.getName() || 'unnamed'}”`,
      })),
    steps: [{ kind: 'take-out', schema: 1, parts: nodes.map((node) => index.refer(node)) }],
    ids: nodes.flatMap((node) => index.refer(node).id ?? []),
  };
}

/** Faces nobody can see: they cost, and a doubled one flickers. */
function offerFaces(index: PartIndex, rows: readonly PartRow[]): PartOffer | null {
  const seen = new Set<unknown>();
  const found = rows.flatMap((row) => {
    const node = row.kind === 'shape' ? index.get(row.id) : null;
    const mesh = node?.getMesh();
    if (!node || !mesh || row.triangles > HEAVY || seen.has(mesh)) return [];
    seen.add(mesh);
    const { noArea, doubled } = listFaultyFaces(mesh.listPrimitives());
    return noArea + doubled > 0 ? [{ row, node, noArea, doubled }] : [];
  });
  if (found.length === 0) return null;
  const sum = (key: 'noArea' | 'doubled'): number => found.reduce((all, one) => all + one[key], 0);
  const words = [
    sum('noArea') > 0 ? `${count(sum('noArea'), 'polygon has', 'polygons have')} no area` : '',
    sum('doubled') > 0 ? `${count(sum('doubled'), 'polygon lies', 'polygons lie')} on another` : '',
  ];
  return {
    kind: 'faces',
    title: words.filter(Boolean).join(' and '),
    detail: 'Nobody sees them; what lies on another flickers. Nothing else changes.',
    evidence: found.slice(0, 8).map(({ row, noArea, doubled }) => ({
      text: row.name || 'unnamed',
      figure: count(noArea + doubled, 'polygon'),
    })),
    steps: [{ kind: 'clean-faces', schema: 1, parts: found.map(({ node }) => index.refer(node)) }],
    ids: found.map(({ row }) => row.id),
  };
}

function offerEqual(index: PartIndex, equal: readonly EqualParts[]): PartOffer | null {
  if (equal.length === 0) return null;
  const groups = equal.map(({ first, others }) =>
    [first, ...others.map(({ node }) => node)].map((node) => index.refer(node)),
  );
  const triangles = equal.reduce((sum, one) => sum + one.triangles, 0);
  return {
    kind: 'equal',
    title: `${count(groups.flat().length, 'part')} are ${count(groups.length, 'shape')} kept several times`,
    detail: `Made instances, ${count(triangles, 'triangle')} need not be kept twice. Nothing moves.`,
    evidence: groups
      .slice(0, 8)
      .map((group) => ({ text: group[0].name || 'unnamed', figure: `${formatCount(group.length)} times` })),
    steps: [{ kind: 'share-geometry', schema: 1, groups }],
    ids: groups.flat().flatMap(({ id }) => id ?? []),
  };
}

function offerGroups(document: Document, index: PartIndex, rows: readonly PartRow[]): PartOffer | null {
  const referred = listReferredNodes(document);
  const alone = rows.filter((row) => {
    const node = index.get(row.id);
    // the one root stays: it carries the name
    return row.depth > 0 && row.oddities.includes('alone-in-group') && node && mayDissolve(node, referred);
  });
  if (alone.length === 0) return null;
  return {
    kind: 'groups',
    title: `${count(alone.length, 'group holds', 'groups hold')} only one thing`,
    detail: 'What is in them hangs one higher, and stays where it is.',
    evidence: alone.slice(0, 8).map(({ name }) => ({ text: name || 'unnamed' })),
    steps: [{ kind: 'dissolve-groups', schema: 1, parts: alone.map(({ id }) => index.refer(index.get(id)!)) }],
    ids: alone.map(({ id }) => id),
  };
}

/** A trunk and its crown, a vase and its flowers: nobody moves one without the other. */
function offerOneThing(document: Document, index: PartIndex, rows: readonly PartRow[]): PartOffer | null {
  const things = listOneThings(rows).flatMap(({ name, parts }) => {
    const nodes = parts.flatMap(({ id }) => index.get(id) ?? []);
    return nodes.length < parts.length || whyNotJoined(document, nodes) ? [] : [{ name, parts, nodes }];
  });
  if (things.length === 0) return null;
  return {
    kind: 'one-thing',
    title:
      things.length === 1
        ? `${count(things[0].parts.length, 'part')} are one ${things[0].name}`
        : `${count(things.length, 'thing')} came in several parts each`,
    detail: 'Joined they are moved and chosen as one; materials and UVs stay.',
    evidence: things.slice(0, 8).map(({ name, parts }) => ({
      text: parts
        .map((part) => part.name || 'unnamed')
        .slice(0, 4)
        .join(', '),
      figure: name,
    })),
    steps: things.map(({ name, nodes }) => ({
      kind: 'join-parts',
      schema: 1,
      parts: nodes.map((node) => index.refer(node)),
      name,
    })),
    ids: things.flatMap(({ parts }) => parts.map(({ id }) => id)),
  };
}

/** Many small things of one material that hang in one place: screws, rivets, leaves. */
function offerJoin(document: Document, index: PartIndex, rows: readonly PartRow[]): PartOffer | null {
  const whole = Math.max(...rows.filter(({ depth }) => depth === 0).map(({ size }) => Math.max(...(size ?? [0]))));
  const groups = new Map<string, PartRow[]>();
  for (const row of rows) {
    if (row.kind !== 'shape' || !row.size || Math.max(...row.size) > SMALL * whole || row.materials.length !== 1)
      continue;
    const key = JSON.stringify([row.parentId, row.materials[0]]);
    groups.set(key, [...(groups.get(key) ?? []), row]);
  }
  const steps: Step[] = [];
  const about: PartRow[][] = [];
  for (const members of groups.values()) {
    if (members.length < MANY) continue;
    const nodes = members.flatMap(({ id }) => index.get(id) ?? []);
    if (nodes.length < members.length || whyNotJoined(document, nodes)) continue;
    const [material] = members[0].materials;
    steps.push({
      kind: 'join-parts',
      schema: 1,
      parts: nodes.map((node) => index.refer(node)),
      name: `small_parts_${material || 'bare'}`,
    });
    about.push(members);
  }
  if (steps.length === 0) return null;
  return {
    kind: 'join',
    title: `${count(about.flat().length, 'small part')} could be ${steps.length === 1 ? 'one' : formatCount(steps.length)}`,
    detail: 'Each is drawn by itself today. Joined, their materials and UVs stay.',
    evidence: about.slice(0, 8).map((members) => ({
      text: members[0].materials[0] || 'without a material',
      figure: count(members.length, 'part'),
    })),
    steps,
    ids: about.flat().map(({ id }) => id),
  };
}

/** A model of one or two parts that fall into several pieces may be several things. */
function offerSplits(index: PartIndex, rows: readonly PartRow[]): PartOffer[] {
  const shapes = rows.filter(({ kind }) => kind === 'shape');
  if (shapes.length > 2) return [];
  return shapes.flatMap((row): PartOffer[] => {
    const node = index.get(row.id);
    const mesh = node?.getMesh();
    if (!node || !mesh || row.triangles > LIGHT || row.isMoved) return [];
    const { groups } = shareOut(mesh.listPrimitives(), 'islands', 0);
    if (groups < 2 || groups > MOST_OFFERED) return [];
    return [
      {
        kind: 'split',
        title: `“${row.name || 'unnamed'}” falls into ${formatCount(groups)} pieces`,
        detail: 'They do not hang together. Split, each can be moved, named and left out by itself.',
        evidence: [{ text: 'pieces that share no corner', figure: formatCount(groups) }],
        steps: [{ kind: 'split-part', schema: 1, part: index.refer(node), by: 'islands', tolerance: 0 }],
        ids: [row.id],
      },
    ];
  });
}

/** More pieces than these are hair, leaves or a scan. Ours. */
const MOST_OFFERED = 60;

import type { Choice, Finding } from '@haveld/contract/finding';
import { findingKey } from '@haveld/contract/finding-kinds';
import type { MapLine } from '@haveld/contract/report';
import { count } from '../../text/count';
import { fileStem, splitName } from '../../textures/judging/read-map-name';
import type { MapLines } from '../../textures/map-lines';
import type { MapMatch } from '../../textures/relink/map-match';
import type { MapDecision } from '../../textures/relink/match-references';
import { readNameParts } from '../../textures/relink/name-parts';
import { ROLES } from '../../textures/roles';
import { SLOTS } from '../../textures/slots';
import { isAtHand } from '../../textures/texture-reference';
import type { Examination } from '../examination';
import { isSure, makeFinding } from '../make-finding';
import { takesOwnPlace } from '../own-place';

/** Maps that are where they should be, elsewhere, or nowhere; and pictures that nobody asked for. */
export function checkMaps(examination: Examination): Finding[] {
  const { maps, references, document } = examination;
  const here = maps.filter(isAtHand);
  const taken = new Set<string>();
  const findings = references.flatMap(({ line, decision }) =>
    decision ? [checkOpenMap(line, decision, examination, taken)] : [],
  );
  findings.push(...offerUnused(examination, taken));
  if (maps.length === 0 && findings.length === 0) {
    const materials = document.getRoot().listMaterials().length;
    findings.push(
      makeFinding({
        kind: 'maps',
        mark: 'holds',
        title: `No maps: ${count(materials, 'plain material')}`,
      }),
    );
  } else if (here.length > 0) {
    const files = new Set(here.map((map) => map.sha256 ?? map.reference)).size;
    findings.unshift(
      makeFinding({
        kind: 'maps',
        mark: 'holds',
        title: `${here.length} of ${count(maps.length, 'map')} found`,
        detail: here.every((map) => map.status === 'embedded') ? 'embedded in the file' : count(files, 'file'),
        evidence: here.map((map) => ({
          text: `${map.material}: ${SLOTS[map.slot].label}, ${map.colourSpace === 'srgb' ? 'sRGB' : 'linear'}`,
          figure: map.path?.split('/').pop() ?? map.reference,
        })),
      }),
    );
  }
  return findings;
}

/** Taking a picture for a map; what holds several things at once says which channel holds what. */
function relink(
  map: Pick<MapLine, 'material' | 'slot'>,
  { path, sha256, judged }: Pick<MapMatch['offered'], 'path' | 'sha256' | 'judged'>,
  { facts }: Pick<Examination, 'facts'>,
  work?: Examination['unused'][number]['picture']['work'],
): Choice['steps'] {
  const packing = judged?.role === 'packed' ? judged.packing : null;
  // a picture without alpha is grey where opacity is meant; a slot for one thing takes the picture as it is
  const isPacked = packing !== null && (map.slot === 'metallicRoughness' || map.slot === 'occlusion');
  const isMeasured = facts.has(sha256);
  return [
    {
      kind: 'relink-map',
      schema: 1,
      material: map.material,
      slot: judged && takesOwnPlace(map.slot, judged) ? 'glossiness' : map.slot,
      sha256,
      path,
      ...(isPacked && isMeasured ? { packing } : {}),
      ...(work ? { work } : {}),
    },
  ];
}

function checkOpenMap(map: MapLine, decision: MapDecision, examination: Examination, taken: Set<string>): Finding {
  const kind = 'map' as const;
  const of = `${map.material}:${map.slot}`;
  const about = { material: map.material, slot: map.slot, reference: map.reference };
  const works = new Map(examination.unused.map(({ picture }) => [picture.sha256, picture.work]));
  const choices = decision.matches.map((match): Choice => ({
    id: match.offered.sha256,
    label: match.offered.path,
    steps: relink(
      map,
      match.offered,
      examination,
      match.offered.sameAuthor ? undefined : works.get(match.offered.sha256),
    ),
    confidence: match.confidence,
    evidence: match.evidence,
  }));
  const [first] = decision.matches;
  if (first && first.confidence > 0.5) taken.add(first.offered.sha256);
  const name = map.reference.split(/[\\/]/).pop() ?? map.reference;
  const words = SLOTS[map.slot].label;
  const asWritten = { text: 'as the file writes it', figure: map.reference };
  if (map.status === 'unreadable' && choices.length === 0) {
    return makeFinding({
      kind,
      of,
      about,
      mark: 'blocks',
      title: `${name} cannot be read`,
      detail: `“${map.material}” wants it as its ${words} map. It stays unconnected; set this aside to go on without it.`,
      evidence: [asWritten],
    });
  }
  if (choices.length === 0) {
    return makeFinding({
      kind,
      of,
      about,
      mark: 'blocks',
      title: `1 map did not arrive: ${name}`,
      detail: `“${map.material}” names it as its ${words} map. It stays unconnected; set this aside to go on without it.`,
      evidence: [asWritten],
    });
  }
  return makeFinding({
    kind,
    of,
    about,
    mark: 'blocks',
    title: `${name} is not where the file says`,
    detail: `“${map.material}” names it as its ${words} map (${SLOTS[map.slot].colourSpace === 'srgb' ? 'sRGB' : 'linear'}).${decision.doubt ? ` Asked, because ${decision.doubt}.` : ''}`,
    evidence: [asWritten, ...choices[0].evidence],
    choices,
    sure: decision.sure,
  });
}

/** Below this a picture's role is not proposed for a material. */
const OFFERED_FROM = 0.75;

/** Pictures nobody references, offered for the slot of their role: to the material of their set, of their name, or to the only one. */
function offerUnused(examination: Examination, taken: Set<string>): Finding[] {
  const { unused, facts, rules } = examination;
  const rest = unused.filter(
    ({ picture }) => !taken.has(picture.sha256) && picture.place !== 'other-arrival' && picture.place !== 'library',
  );
  const findings: Finding[] = [];
  const left: MapLines['unused'] = [];
  for (const one of rest) {
    const offer = placeUnused(one, examination, new Set(findings.map(({ key }) => key)));
    if (!offer) {
      left.push(one);
      continue;
    }
    const { material, slot, evidence, confidence } = offer;
    const { picture, judged } = one;
    const choice: Choice = {
      id: picture.sha256,
      label: picture.path,
      steps: relink({ material, slot }, { path: picture.path, sha256: picture.sha256, judged }, examination),
      confidence,
      evidence,
    };
    findings.push(
      makeFinding({
        kind: 'offer',
        of: `${material}:${slot}`,
        about: { material, slot },
        mark: 'look',
        title: `${fileStem(picture.path)} fits “${material}”`,
        detail: `No material names this picture; it is ${ROLES[judged.role].label}.`,
        evidence,
        choices: [choice],
        sure: isSure(choice, judged.independent + 1, rules),
      }),
    );
  }
  if (left.length > 0) {
    findings.push(
      makeFinding({
        kind: 'maps-unused',
        mark: 'holds',
        title: `${count(left.length, 'picture')} no material uses`,
        evidence: left.slice(0, 12).map(({ picture }) => ({
          text: picture.path,
          figure: describeSize(facts.get(picture.sha256) ?? picture),
        })),
      }),
    );
  }
  return findings;
}

const describeSize = ({ width, height }: { width: number | null; height: number | null }): string | undefined =>
  width && height ? `${width} × ${height}` : undefined;

interface Offer {
  material: string;
  slot: MapLine['slot'];
  confidence: number;
  evidence: Choice['evidence'];
}

function placeUnused(
  { picture, judged }: MapLines['unused'][number],
  { document, maps }: Examination,
  offered: ReadonlySet<string>,
): Offer | null {
  const { slot } = ROLES[judged.role];
  if (!slot || slot === 'bump' || judged.confidence < OFFERED_FROM) return null;
  if (judged.role === 'packed' && judged.packing === null) return null;
  const isTaken = (material: string): boolean =>
    maps.some((map) => map.material === material && sharesPlace(map.slot, slot)) ||
    offered.has(findingKey('offer', `${material}:${slot}`));
  const names = document
    .getRoot()
    .listMaterials()
    .map((material) => material.getName());
  const free = [...new Set(names)].filter((name) => !isTaken(name));
  const own = readNameParts(picture.path);
  const ofSet = free.filter((name) =>
    maps.some((map) => {
      const parts = map.material === name ? readNameParts(map.path ?? map.reference) : null;
      return parts && parts.subject.length > 0 && parts.subject.join(' ') === own.subject.join(' ');
    }),
  );
  const ofName = free.filter((name) => splitName(name).some((word) => word.length > 2 && own.subject.includes(word)));
  const [material, why, trust] =
    ofSet.length === 1
      ? [ofSet[0], `of one set with another map of “${ofSet[0]}”`, 0.96]
      : ofName.length === 1
        ? [ofName[0], `the name shares a word with “${ofName[0]}”`, 0.92]
        : free.length === 1 && new Set(names).size === 1
          ? [free[0], 'it is the only material', 0.88]
          : [null, '', 0];
  if (material === null) return null;
  return { material, slot, confidence: trust * judged.confidence, evidence: [...judged.evidence, { text: why }] };
}

/** Roughness, glossiness and metallic lie in one map of glTF. */
const PACKED: MapLine['slot'][] = ['roughness', 'glossiness', 'metallic'];
const sharesPlace = (a: MapLine['slot'], b: MapLine['slot']): boolean =>
  a === b ||
  (a === 'metallicRoughness' && PACKED.includes(b)) ||
  (b === 'metallicRoughness' && PACKED.includes(a)) ||
  (a !== 'metallic' && b !== 'metallic' && PACKED.includes(a) && PACKED.includes(b));

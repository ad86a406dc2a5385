import type { Choice, Finding } from '@haveld/contract/finding';
import { findingKey } from '@haveld/contract/finding-kinds';
import type { MapLine } from '@haveld/contract/report';
import type { Packing, TextureRole } from '@haveld/contract/texture-role';
import { DECIDED_FROM, type RoleJudgement } from '../../textures/judging/judge-map-role';
import { listNamedMaterials } from '../../textures/materials/list-named-materials';
import { ROLES } from '../../textures/roles';
import { getSlotTexture } from '../../textures/slot-texture';
import { SLOTS } from '../../textures/slots';
import { isShown, type ShownReference } from '../../textures/texture-reference';
import type { Examination } from '../examination';
import { isSure, makeFinding } from '../make-finding';
import { takesOwnPlace } from '../own-place';

/** From this share on another role than the slot's is worth a question. */
const ASKED_FROM = 0.6;

/** How deep a height map is taken to be, of the model's longest side, where nothing says. Ours: what a person sees and no more. */
const DEPTH_SHARE = 0.004;
const TEXEL_MM_UNKNOWN = 1;

/** Maps that are bound as something they are not: heights as normals, glossiness as roughness, a picture of colours as data. */
export function checkMapRoles(examination: Examination): Finding[] {
  return examination.references.filter(isShown).flatMap((reference) => checkRole(reference, examination) ?? []);
}

/** What a slot holds when all is well. */
const FITS: Partial<Record<MapLine['slot'], TextureRole[]>> = {
  metallicRoughness: ['packed', 'roughness', 'metallic'],
  occlusion: ['occlusion', 'packed'],
  specular: ['specular', 'glossiness'],
  opacity: ['opacity', 'base-colour', 'mask'],
  emissive: ['emissive', 'base-colour'],
  baseColor: ['base-colour', 'opacity'],
};

function checkRole({ line: map, picture, state }: ShownReference, examination: Examination): Finding | null {
  const { sha256, path, role: judged } = picture;
  const isBound = state !== 'offered';
  const fits = FITS[map.slot] ?? [SLOTS[map.slot].role];
  const share = judged.shares.filter(({ role }) => fits.includes(role)).reduce((sum, one) => sum + one.share, 0);
  const isHeight = map.slot === 'bump' && judged.role === 'height';
  if (isUnboundSpecular(map, judged, isBound, examination))
    return proposeSpecular(map, judged, sha256, path, examination.rules);
  if (!isHeight && (fits.includes(judged.role) || judged.confidence < ASKED_FROM || share > 0.35)) return null;
  const name = path.split('/').pop()!;
  // what is taken for a lost map goes straight to where it belongs
  if (!isBound && !isHeight && takesOwnPlace(map.slot, judged)) return null;
  const choices = listWays(map, judged, sha256, path, examination);
  if (choices.length === 0) return null;
  const title = isHeight
    ? `${name} is a height map: nothing shows of it yet`
    : `${name} is bound as ${SLOTS[map.slot].label}, and is ${ROLES[judged.role].label}`;
  return makeFinding({
    kind: 'role',
    of: `${map.material}:${map.slot}`,
    about: { material: map.material, slot: map.slot },
    after: isBound ? [] : [findingKey('map', `${map.material}:${map.slot}`)],
    mark: 'look',
    title,
    detail: isHeight
      ? `“${map.material}”: glTF has no place for heights; normals can be made of them.`
      : `“${map.material}”: ${Math.round(judged.confidence * 100)} % by its name, its slot and its picture.`,
    evidence: judged.evidence,
    choices,
    sure: !isHeight && judged.confidence >= DECIDED_FROM && isSure(choices[0], judged.independent, examination.rules),
  });
}

/** A Phong map that is what it is called, and shows nowhere yet. */
const isUnboundSpecular = (
  map: MapLine,
  { role, confidence }: RoleJudgement,
  isBound: boolean,
  { document }: Examination,
): boolean =>
  map.slot === 'specular' &&
  role === 'specular' &&
  isBound &&
  confidence >= ASKED_FROM &&
  !listNamedMaterials(document, [map.material]).some((material) => getSlotTexture(material, 'specular'));

/** Shininess became roughness when the file was read; the map says where and in which colour it shines. */
function proposeSpecular(
  { material }: MapLine,
  judged: RoleJudgement,
  sha256: string,
  path: string,
  rules: Examination['rules'],
): Finding {
  const choices: Choice[] = [
    {
      id: 'reflections',
      label: 'Use it as the specular colour',
      steps: [{ kind: 'relink-map', schema: 1, material, slot: 'specular', sha256, path }],
      confidence: judged.confidence,
      evidence: judged.evidence,
    },
    { id: 'stay', label: 'Leave it out', steps: [], confidence: 1 - judged.confidence, evidence: [] },
  ];
  return makeFinding({
    kind: 'specular-map',
    of: material,
    about: { material, slot: 'specular' },
    mark: 'look',
    title: `${path.split('/').pop()} is a specular map: nothing shows of it yet`,
    detail: `“${material}”: a map of Phong’s model. glTF keeps it under KHR_materials_specular, as the colour of what is reflected; the roughness comes from the file’s shininess.`,
    evidence: judged.evidence,
    choices,
    sure: judged.confidence >= DECIDED_FROM && isSure(choices[0], judged.independent, rules),
  });
}

/** What can be done with a map in the wrong place, the likeliest first; the last leaves it. */
function listWays(
  map: MapLine,
  judged: RoleJudgement,
  sha256: string,
  path: string,
  examination: Examination,
): Choice[] {
  const { material, slot } = map;
  const { evidence, confidence } = judged;
  const out: Choice['steps'][number] = { kind: 'unlink-map', schema: 1, material, slot };
  const stay: Choice = { id: 'stay', label: 'Leave it as it is', steps: [], confidence: 1 - confidence, evidence: [] };
  const isBound = slot !== 'bump' && slot !== 'specular';
  if (judged.role === 'height') {
    const { depthMm, texelMm } = proposeDepth(map, sha256, examination);
    return [
      {
        id: 'height-to-normal',
        label: `Make a normal map of it, ${depthMm} mm deep`,
        steps: [
          ...(isBound ? [out] : []),
          { kind: 'height-to-normal', schema: 1, material, sha256, path, depthMm, texelMm },
        ],
        confidence: Math.min(confidence, 0.85),
        evidence: [
          ...evidence,
          { text: 'a texel on the surface', figure: `${Number(texelMm.toPrecision(2))} mm` },
          { text: 'depth proposed: 0.4 % of the longest side', figure: `${depthMm} mm` },
        ],
      },
      stay,
    ];
  }
  if (
    (slot === 'roughness' && judged.role === 'glossiness') ||
    (slot === 'glossiness' && judged.role === 'roughness')
  ) {
    return [
      {
        id: 'invert',
        label: 'Invert it: glossiness becomes roughness',
        steps: [{ kind: 'change-map', schema: 1, materials: [material], slot: 'roughness', change: 'invert' }],
        confidence,
        evidence,
      },
      stay,
    ];
  }
  const right = ROLES[judged.role].slot;
  if (!right || right === 'bump' || right === 'specular' || right === slot)
    return isBound ? [{ id: 'out', label: 'Take it out', steps: [out], confidence, evidence }, stay] : [];
  const packing: Packing | null = judged.role === 'packed' ? judged.packing : null;
  if (judged.role === 'packed' && !packing) return [];
  return [
    {
      id: 'move',
      label: `Bind it as ${ROLES[judged.role].label}`,
      steps: [
        ...(isBound ? [out] : []),
        { kind: 'relink-map', schema: 1, material, slot: right, sha256, path, ...(packing ? { packing } : {}) },
      ],
      confidence,
      evidence,
    },
    ...(isBound ? [{ id: 'out', label: 'Take it out', steps: [out], confidence: 0, evidence: [] }] : []),
    stay,
  ];
}

/** Millimetres, by the model's proposed size and the material's layout. */
function proposeDepth(map: MapLine, sha256: string, examination: Examination): { depthMm: number; texelMm: number } {
  const metres = examination.metresAUnit ?? 1;
  const longest = Math.max(...(examination.uprightSize ?? [1])) * metres;
  const depthMm = Number((longest * 1000 * DEPTH_SHARE).toPrecision(2));
  const [, layout] = [...examination.layouts].find(([material]) => material?.getName() === map.material) ?? [];
  const seen = examination.facts.get(sha256);
  const side = Math.max(seen?.width ?? 0, seen?.height ?? 0);
  const texelMm = layout?.density && side > 0 ? (metres * 1000) / (layout.density.median * side) : TEXEL_MM_UNKNOWN;
  return { depthMm: Math.max(0.01, depthMm), texelMm: Math.max(1e-6, texelMm) };
}

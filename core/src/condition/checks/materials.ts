import type { Material } from '@gltf-transform/core';
import type { PBRSpecularGlossiness } from '@gltf-transform/extensions';
import type { Choice, Finding } from '@haveld/contract/finding';
import type { TextureSlot } from '@haveld/contract/step';
import { getMaterialSource } from '../../scene/document/source-data';
import { count } from '../../text/count';
import { chooseAlphaByShares } from '../../textures/materials/choose-alpha-mode';
import { guessMatter } from '../../textures/materials/guess-matter';
import { getSlotTexture, SHOWN_SLOTS } from '../../textures/slot-texture';
import { SLOTS } from '../../textures/slots';
import { isShown } from '../../textures/texture-reference';
import type { Examination } from '../examination';
import { isSure, makeFinding } from '../make-finding';

/** Materials as a whole: of another workflow, copies of one another, shiny for want of anything said, see-through or not. */
export function checkMaterials(examination: Examination): Finding[] {
  return [
    ...checkSpecular(examination),
    ...checkTwins(examination),
    ...checkColourOnly(examination),
    ...checkAlpha(examination),
    ...checkConstants(examination),
    ...checkBareFaces(examination),
  ];
}

function checkSpecular({ document, rules }: Examination): Finding[] {
  const materials = document
    .getRoot()
    .listMaterials()
    .filter((material) => material.getExtension<PBRSpecularGlossiness>('KHR_materials_pbrSpecularGlossiness'))
    .map((material) => material.getName());
  if (materials.length === 0) return [];
  const choice: Choice = {
    id: 'convert',
    label: 'Make metallic and roughness of it',
    steps: [{ kind: 'convert-specular', schema: 1, materials: [...new Set(materials)] }],
    confidence: 0.97,
    evidence: [
      { text: 'KHR_materials_pbrSpecularGlossiness is archived: many renderers show these materials grey' },
      {
        text: 'converted texel by texel as the extension’s appendix does it; the delivered maps stay with the original',
      },
    ],
  };
  return [
    makeFinding({
      kind: 'specular',
      mark: 'look',
      title: `${count(materials.length, 'material')} described by specular and glossiness`,
      detail: materials.slice(0, 6).join(', '),
      evidence: choice.evidence,
      choices: [choice],
      sure: isSure(choice, 2, rules),
    }),
  ];
}

/** What a renderer sees of a material, without its name. */
function describeLook(material: Material): string {
  const textures = SHOWN_SLOTS.map((slot) => getSlotTexture(material, slot));
  const images = textures.map((texture) => {
    const image = texture?.getImage();
    return image ? `${image.byteLength}:${image.slice(0, 64).join('.')}:${image.slice(-64).join('.')}` : '';
  });
  const round = (values: readonly number[]): string => values.map((value) => value.toFixed(3)).join(',');
  const missing = (getMaterialSource(material).maps ?? []).map(({ slot, reference }) => `${slot}=${reference}`).sort();
  const extensions = material.listExtensions().map((extension) => extension.extensionName);
  return [
    round(material.getBaseColorFactor()),
    round([material.getMetallicFactor(), material.getRoughnessFactor(), material.getAlphaCutoff()]),
    round(material.getEmissiveFactor()),
    material.getAlphaMode(),
    String(material.getDoubleSided()),
    ...images,
    ...missing,
    ...extensions,
  ].join('|');
}

/** Copies that differ only by a number behind their name, or not even by that. */
function checkTwins({ document, rules }: Examination): Finding[] {
  const groups = new Map<string, Material[]>();
  for (const material of document.getRoot().listMaterials()) {
    // materials with extensions are compared by name of the extension alone: too little to call them one
    if (material.listExtensions().length > 0) continue;
    const stem = material
      .getName()
      .replace(/[ ._-]*(\(\d+\)|\d+|copy)$/i, '')
      .toLowerCase();
    const key = `${stem}|${describeLook(material)}`;
    groups.set(key, [...(groups.get(key) ?? []), material]);
  }
  return [...groups.values()]
    .filter((materials) => new Set(materials.map((material) => material.getName())).size > 1)
    .map((materials) => {
      const names = [...new Set(materials.map((material) => material.getName()))].sort(
        (a, b) => a.length - b.length || (a < b ? -1 : 1),
      );
      const [into, ...from] = names;
      const choice: Choice = {
        id: 'merge',
        label: `Make them one: “${into}”`,
        steps: [{ kind: 'merge-materials', schema: 1, into, from }],
        confidence: 0.97,
        evidence: [
          { text: 'same factors, same maps' },
          { text: 'their names differ by a number alone', figure: from.join(', ').slice(0, 60) },
        ],
      };
      return makeFinding({
        kind: 'twins',
        of: into,
        about: { material: into },
        mark: 'look',
        title: `“${into}” came ${names.length} times`,
        detail: `${count(names.length, 'draw call')} where one would do.`,
        evidence: choice.evidence,
        choices: [choice],
        sure: isSure(choice, 2, rules),
      });
    });
}

/** A colour map and nothing that says how the surface shines: glTF's defaults make a metal of it. */
function checkColourOnly({ document, maps, rules }: Examination): Finding[] {
  const groups = new Map<
    string,
    { materials: string[]; isMirror: boolean; choice: Omit<Choice, 'steps'>; factors: object }
  >();
  for (const material of document.getRoot().listMaterials()) {
    const mapped = maps.filter((map) => map.material === material.getName());
    const hasShine = mapped.some(({ slot }) =>
      ['metallicRoughness', 'roughness', 'glossiness', 'metallic', 'specular'].includes(slot),
    );
    if (hasShine || material.getMetallicRoughnessTexture() || material.listExtensions().length > 0) continue;
    const [metallic, roughness] = [material.getMetallicFactor(), material.getRoughnessFactor()];
    const isMirror = roughness < 0.12;
    const isBareMetal = metallic > 0.5;
    if (!isMirror && !isBareMetal) continue;
    const colour = mapped.find(({ slot }) => slot === 'baseColor');
    // figures without any map were given on purpose
    if (!colour) continue;
    const { matter, word } = guessMatter(material.getName(), colour.path ?? colour.reference);
    // what is called metal and shines as one is what it says
    if (matter.id === 'metal' && isBareMetal && !isMirror) continue;
    if (matter.id === 'glass' && isMirror && !isBareMetal) continue;
    const key = matter.id;
    const known = groups.get(key);
    if (known) {
      known.materials.push(material.getName());
      continue;
    }
    groups.set(key, {
      materials: [material.getName()],
      isMirror,
      factors: matter.factors,
      choice: {
        id: matter.id,
        label: word ? `As ${matter.label} shines` : 'A plain, dull surface',
        confidence: word ? 0.9 : 0.82,
        evidence: [
          {
            text: `nothing says how it shines; as it is: metallic ${metallic.toFixed(2)}, roughness ${roughness.toFixed(2)}`,
          },
          ...(word ? [{ text: `“${word}” in its name says ${matter.label}` }] : []),
          { text: describeFactors(matter.factors), figure: matter.source.slice(0, 40) },
        ],
      },
    });
  }
  return [...groups.entries()].map(([id, { materials, isMirror, choice, factors }]) => {
    const names = [...new Set(materials)];
    const taken: Choice = {
      ...choice,
      steps: [
        {
          kind: 'set-material',
          schema: 1,
          materials: names,
          factors,
          label: `as ${id === 'plain' ? 'a plain surface' : id}`,
          without: [],
        },
      ],
    };
    const stay: Choice = {
      id: 'stay',
      label: 'As they came',
      steps: [],
      confidence: 1 - choice.confidence,
      evidence: [],
    };
    return makeFinding({
      kind: 'shine',
      of: id,
      mark: 'look',
      title: `Colour only: ${names.length === 1 ? `“${names[0]}”` : count(names.length, 'material')} would shine like ${isMirror ? 'a mirror' : 'bare metal'}`,
      detail:
        names.length > 1 ? names.slice(0, 8).join(', ') : 'There is no map that says how rough or how metallic it is.',
      evidence: choice.evidence,
      choices: [taken, stay],
      sure: isSure(taken, choice.evidence.length > 2 ? 2 : 1, rules),
    });
  });
}

const describeFactors = ({
  metallic,
  roughness,
  transmission,
}: {
  metallic?: number;
  roughness?: number;
  transmission?: number;
}): string =>
  [
    metallic !== undefined ? `metallic ${metallic}` : '',
    roughness !== undefined ? `roughness ${roughness}` : '',
    transmission !== undefined ? `lets ${transmission * 100} % of light through` : '',
  ]
    .filter((part) => part !== '')
    .join(', ');

const ALPHA_WORDS = { OPAQUE: 'solid', MASK: 'cut out', BLEND: 'see-through' };

/** Colour maps with holes in them that are shown solid, and solid ones that are blended for nothing. */
function checkAlpha({ document, references, facts, rules }: Examination): Finding[] {
  return document
    .getRoot()
    .listMaterials()
    .flatMap((material) => {
      const map = references.find(
        ({ line, picture }) => picture && line.material === material.getName() && line.slot === 'baseColor',
      )?.picture;
      const measures = map && facts.get(map.sha256)?.measures;
      if (!map || !measures) return [];
      const now = material.getAlphaMode();
      const { alphaMode } = chooseAlphaByShares(measures.clear, measures.solid);
      if (now === alphaMode || material.getBaseColorFactor()[3] < 1) return [];
      const { matter, word } = guessMatter(material.getName(), map.path);
      const isLeaf = matter.id === 'leaf';
      const percent = (share: number): string => `${Math.round(share * 100)} %`;
      const evidence = [
        {
          text: 'clear, solid, and between',
          figure: `${percent(measures.clear)}, ${percent(measures.solid)}, ${percent(1 - measures.clear - measures.solid)}`,
        },
        ...(isLeaf ? [{ text: `“${word}” in its name says ${matter.label}` }] : []),
      ];
      const words = ALPHA_WORDS[alphaMode];
      const choice: Choice = {
        id: alphaMode,
        label: `Show it ${words}`,
        steps: [
          {
            kind: 'set-material',
            schema: 1,
            materials: [material.getName()],
            factors: { alphaMode, alphaCutoff: 0.5, ...(alphaMode === 'MASK' ? { doubleSided: true } : {}) },
            label: words,
            without: [],
          },
        ],
        confidence: alphaMode === 'MASK' ? 0.93 : 0.86,
        evidence,
      };
      return [
        makeFinding({
          kind: 'alpha',
          of: material.getName(),
          about: { material: material.getName() },
          mark: 'look',
          title: `“${material.getName()}” ${alphaMode === 'OPAQUE' ? 'is solid' : 'has holes in its colour map'} and is shown ${ALPHA_WORDS[now]}`,
          detail:
            alphaMode === 'MASK'
              ? 'Nearly all of it is clear or solid: leaves, wire, lettering. Both sides are shown then.'
              : '',
          evidence,
          choices: [
            choice,
            { id: 'stay', label: 'Leave it', steps: [], confidence: 1 - choice.confidence, evidence: [] },
          ],
          sure: isSure(choice, evidence.length > 1 || alphaMode === 'MASK' ? 2 : 1, rules),
        }),
      ];
    });
}

/** Maps of one colour take memory for a figure. */
function checkConstants({ references, facts, rules }: Examination): Finding[] {
  const shown = references.filter(isShown);
  return shown.flatMap(({ line: map, picture }) => {
    const seen = facts.get(picture.sha256);
    const slot = FOLDED[map.slot];
    if (!seen?.measures?.constant || !slot || seen.width * seen.height < 64) return [];
    const colour = seen.measures.mean.map((value) => Math.round(value * 255)).join(', ');
    const choice: Choice = {
      id: 'fold',
      label: 'Make it a figure',
      steps: [{ kind: 'fold-constant', schema: 1, material: map.material, slot }],
      confidence: 0.95,
      evidence: [
        { text: `every texel is (${colour})`, figure: `${seen.width} × ${seen.height}` },
        { text: 'looks the same as a factor, and takes no memory' },
      ],
    };
    // roughness and metallic share a picture: it is one colour only where both are
    const shares = shown.filter(({ line }) => line.material === map.material && FOLDED[line.slot] === slot);
    if (shares.some((one) => !facts.get(one.picture.sha256)?.measures?.constant)) return [];
    return [
      makeFinding({
        kind: 'constant',
        of: `${map.material}:${map.slot}`,
        about: { material: map.material, slot: map.slot },
        mark: 'look',
        title: `The ${SLOTS[map.slot].label} map of “${map.material}” is one colour all over`,
        detail: '',
        evidence: choice.evidence,
        choices: [choice],
        sure: isSure(choice, 2, rules),
      }),
    ];
  });
}

/** Where a map of one colour lies once it is bound; slots without a figure are left out. */
const FOLDED: Partial<Record<TextureSlot, TextureSlot>> = {
  baseColor: 'baseColor',
  metallicRoughness: 'metallicRoughness',
  roughness: 'metallicRoughness',
  metallic: 'metallicRoughness',
  glossiness: 'metallicRoughness',
  emissive: 'emissive',
  occlusion: 'occlusion',
  normal: 'normal',
};

function checkBareFaces({ layouts }: Examination): Finding[] {
  const bare = layouts.get(null);
  if (!bare || layouts.size < 2) return [];
  return [
    makeFinding({
      kind: 'no-material',
      mark: 'look',
      title: `${count(bare.triangles, 'triangle')} without a material`,
      detail:
        'They show white. Set this aside if they are meant to, or give their part a material on the sheet of maps.',
    }),
  ];
}

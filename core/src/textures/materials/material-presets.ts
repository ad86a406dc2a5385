import type { MaterialFactors } from '@haveld/contract/step';

/** Factors the trade gives to a kind of matter; kept as data so that a house can add its own. */
export interface MatterPreset {
  id: string;
  label: string;
  /** Words in a material's name, lower case. */
  names: string[];
  factors: MaterialFactors;
  source: string;
}

/**
 * Reflectances of metals are the linear colours of F0 that handbooks of physically based shading give; roughness is a common
 * starting point. All values from memory unless a source is named: common practice.
 */
export const MATTERS: MatterPreset[] = [
  {
    id: 'glass',
    label: 'glass',
    names: ['glass', 'glas', 'verre', 'vidrio', 'vetro', 'window', 'lens', 'pane'],
    factors: { baseColor: [1, 1, 1, 1], metallic: 0, roughness: 0.05, transmission: 1, ior: 1.5, alphaMode: 'OPAQUE' },
    source: 'index of refraction 1.5: glTF KHR_materials_ior, default',
  },
  {
    id: 'cloth',
    label: 'cloth',
    names: [
      'cloth',
      'fabric',
      'textile',
      'stoff',
      'tissu',
      'tela',
      'canvas',
      'sail',
      'sailcloth',
      'linen',
      'cotton',
      'wool',
      'velvet',
      'curtain',
      'cushion',
      'carpet',
      'rug',
      'leatherette',
    ],
    factors: { metallic: 0, roughness: 0.9, sheen: [0.04, 0.04, 0.04] },
    source: 'common practice, no source',
  },
  {
    id: 'leaf',
    label: 'leaf',
    names: ['leaf', 'leaves', 'foliage', 'blatt', 'feuille', 'hoja', 'foglia', 'grass', 'petal', 'needle', 'frond'],
    factors: { metallic: 0, roughness: 0.75, doubleSided: true, alphaMode: 'MASK', alphaCutoff: 0.5 },
    source: 'common practice, no source',
  },
  {
    id: 'metal',
    label: 'metal',
    names: [
      'metal',
      'steel',
      'iron',
      'chrome',
      'aluminium',
      'aluminum',
      'brass',
      'copper',
      'gold',
      'silver',
      'stahl',
      'eisen',
      'acier',
      'acero',
      'messing',
      'inox',
      'zinc',
    ],
    factors: { metallic: 1, roughness: 0.4 },
    source: 'common practice, no source',
  },
  {
    id: 'wood',
    label: 'wood',
    names: ['wood', 'holz', 'bois', 'madera', 'legno', 'oak', 'pine', 'walnut', 'plank', 'timber', 'teak'],
    factors: { metallic: 0, roughness: 0.65 },
    source: 'common practice, no source',
  },
  {
    id: 'stone',
    label: 'stone',
    names: ['stone', 'rock', 'stein', 'pierre', 'piedra', 'concrete', 'brick', 'marble', 'granite', 'plaster', 'wall'],
    factors: { metallic: 0, roughness: 0.85 },
    source: 'common practice, no source',
  },
  {
    id: 'rubber',
    label: 'rubber or plastic',
    names: ['rubber', 'gummi', 'plastic', 'plastik', 'tyre', 'tire'],
    factors: { metallic: 0, roughness: 0.6 },
    source: 'common practice, no source',
  },
];

/** What a surface gets of which nothing is known: neither a mirror nor chalk. Common practice, no source. */
export const PLAIN_MATTER: MatterPreset = {
  id: 'plain',
  label: 'a plain surface',
  names: [],
  factors: { metallic: 0, roughness: 0.8 },
  source: 'common practice, no source',
};

import type { Green, Packing, TextureRole } from '@haveld/contract/texture-role';

/** A word that says what a map is. All of this file is common practice, no source, unless said. */
export interface RoleWord {
  /** Lower case, as one token or as two that stand together. */
  words: string[];
  /** What it says, with how much of what carries the word is that; the rest is shared by the others. */
  means: Partial<Record<TextureRole, number>>;
  green?: Green;
  packing?: Packing;
  /** Two tokens that would make it say something else: `rusty metal, roughness`. */
  isOneToken?: true;
}

const pack = (
  r: TextureRole | null,
  g: TextureRole | null,
  b: TextureRole | null,
  a: TextureRole | null = null,
): Packing => ({ r, g, b, a });

/** Whole words: few things carry them that are something else. */
export const ROLE_WORDS: RoleWord[] = [
  {
    words: [
      ...[
        'basecolor',
        'basecolour',
        'albedo',
        'albedomap',
        'diffuse',
        'diffusemap',
        'colormap',
        'colourmap',
        'colortexture',
      ],
      ...[
        'farbe',
        'grundfarbe',
        'couleur',
        'couleurs',
        'colore',
        'cor',
        'kleur',
        'färg',
        'kolor',
        'цвет',
        '颜色',
        '漫反射',
        '色',
      ],
    ],
    means: { 'base-colour': 0.985 },
  },
  { words: ['color', 'colour', 'diff', 'dif', 'alb', 'basemap'], means: { 'base-colour': 0.96 } },
  { words: ['col', 'clr', 'base', 'diffus', 'bc'], means: { 'base-colour': 0.9 } },
  {
    words: [
      ...['normal', 'normals', 'normalmap', 'normaltexture', 'nrm', 'nrml', 'nmap', 'normalmaps', 'tangentnormal'],
      ...['normalen', 'normale', 'normales', 'normaal', 'нормаль', 'нормали', '法线', '法線'],
    ],
    means: { normal: 0.985 },
  },
  { words: ['nor', 'norm', 'nml', 'nm', 'norms'], means: { normal: 0.93 } },
  { words: ['normalgl', 'nrmgl', 'norgl', 'normalopengl', 'nmgl', 'normalogl'], means: { normal: 0.99 }, green: 'up' },
  { words: ['normaldx', 'nrmdx', 'nordx', 'normaldirectx', 'nmdx'], means: { normal: 0.99 }, green: 'down' },
  {
    words: [
      ...['height', 'heightmap', 'displacement', 'displacementmap', 'displace', 'parallax', 'depthmap'],
      ...['höhe', 'hoehe', 'hauteur', 'altura', 'altezza', 'hoogte', 'высота', '高度', '高さ', '置换'],
    ],
    means: { height: 0.97 },
  },
  { words: ['bump', 'bumpmap', 'disp', 'relief', 'hgt', 'dsp'], means: { height: 0.9, normal: 0.07 } },
  {
    words: [
      ...['roughness', 'roughnessmap', 'rough', 'rgh', 'rauheit', 'rauhigkeit', 'rugosité', 'rugosite', 'rugosidad'],
      ...['rugosidade', 'rugosità', 'rugosita', 'ruwheid', 'шероховатость', '粗糙度', '粗糙', '粗さ'],
    ],
    means: { roughness: 0.985 },
  },
  {
    words: [
      ...[
        'gloss',
        'glossiness',
        'glossmap',
        'glossy',
        'smoothness',
        'smooth',
        'glanz',
        'brillance',
        'brillo',
        'brilho',
      ],
      ...['lucentezza', 'glans', 'блеск', '光泽度', '光滑度'],
    ],
    means: { glossiness: 0.94, specular: 0.04 },
  },
  {
    words: [
      'metallic',
      'metalness',
      'metallicity',
      'metallisch',
      'métallique',
      'metalico',
      'metálico',
      'металличность',
      '金属度',
      '金属',
    ],
    means: { metallic: 0.985 },
  },
  { words: ['metal', 'metall', 'mtl', 'met', 'mtlc', 'métal'], means: { metallic: 0.72, none: 0.2 } },
  {
    words: [
      'specular',
      'specularmap',
      'specularity',
      'spec',
      'spc',
      'reflection',
      'reflectivity',
      'spéculaire',
      'especular',
      '高光',
    ],
    means: { specular: 0.93, glossiness: 0.05 },
  },
  { words: ['refl', 'reflect'], means: { specular: 0.85, metallic: 0.08 } },
  {
    words: [
      'ao',
      'ambientocclusion',
      'occlusion',
      'aomap',
      'occ',
      'ambocc',
      'cavity',
      'umgebungsverdeckung',
      '环境光遮蔽',
    ],
    means: { occlusion: 0.97 },
  },
  {
    words: [
      'emissive',
      'emission',
      'emissivemap',
      'emit',
      'glow',
      'selfillum',
      'selfillumination',
      'illumination',
      'leuchten',
      'свечение',
      '自发光',
    ],
    means: { emissive: 0.96 },
  },
  { words: ['emis', 'emm', 'illum', 'incandescence', 'glowmap', 'luma'], means: { emissive: 0.92 } },
  {
    words: [
      'opacity',
      'opacitymap',
      'transparency',
      'transparent',
      'alphamap',
      'cutout',
      'deckkraft',
      'opacité',
      'opacidad',
      'прозрачность',
      '透明度',
      '不透明度',
    ],
    means: { opacity: 0.97 },
  },
  { words: ['alpha', 'opac', 'transp'], means: { opacity: 0.85, 'base-colour': 0.1 } },
  {
    words: ['mask', 'masks', 'idmap', 'id', 'tintmask', 'matid', 'colormask', 'colourmask'],
    means: { mask: 0.6, opacity: 0.22, packed: 0.14 },
  },
  { words: ['translucency', 'transmission', 'sss', 'subsurface', 'scattering'], means: { transmission: 0.88 } },
  { words: ['thickness', 'thick'], means: { thickness: 0.93 } },
  { words: ['sheen', 'sheencolor', 'fuzz'], means: { sheen: 0.94 } },
  { words: ['clearcoat', 'coat', 'lack'], means: { 'clear-coat': 0.88 } },
  { words: ['lut', 'lookup', 'ramp', 'gradient', 'colorramp'], means: { lookup: 0.85 } },
  {
    words: [
      'preview',
      'thumb',
      'thumbnail',
      'render',
      'rendered',
      'screenshot',
      'promo',
      'sample',
      'vorschau',
      'aperçu',
    ],
    means: { preview: 0.92 },
  },
  {
    words: ['orm', 'occlusionroughnessmetallic', 'aorm', 'aoroughmetal', 'arm'],
    means: { packed: 0.96 },
    packing: pack('occlusion', 'roughness', 'metallic'),
  },
  { words: ['rma'], means: { packed: 0.95 }, packing: pack('roughness', 'metallic', 'occlusion') },
  { words: ['mra'], means: { packed: 0.95 }, packing: pack('metallic', 'roughness', 'occlusion') },
  { words: ['ormh'], means: { packed: 0.96 }, packing: pack('occlusion', 'roughness', 'metallic', 'height') },
  {
    words: ['metallicroughness', 'metallicroughnessmap', 'metallicroughnesstexture'],
    means: { packed: 0.97 },
    packing: pack(null, 'roughness', 'metallic'),
  },
  {
    words: ['metallicsmoothness', 'metallicgloss', 'metallicglossiness'],
    means: { packed: 0.96 },
    packing: pack('metallic', null, null, 'glossiness'),
  },
  { words: ['maskmap', 'mads'], means: { packed: 0.94 }, packing: pack('metallic', 'occlusion', null, 'glossiness') },
  {
    words: ['metalrough', 'metalroughness'],
    means: { packed: 0.95 },
    packing: pack(null, 'roughness', 'metallic'),
    isOneToken: true,
  },
  { words: ['pbrdata', 'packed', 'pbr'], means: { packed: 0.8 } },
];

/** Single letters and their like: they count at the end of a name alone. */
export const ROLE_LETTERS: RoleWord[] = [
  { words: ['n'], means: { normal: 0.95 } },
  { words: ['d'], means: { 'base-colour': 0.9, height: 0.06 } },
  { words: ['c'], means: { 'base-colour': 0.72, none: 0.2 } },
  { words: ['s'], means: { specular: 0.88, glossiness: 0.05 } },
  { words: ['r'], means: { roughness: 0.8, specular: 0.06, none: 0.1 } },
  { words: ['m'], means: { metallic: 0.62, mask: 0.14, none: 0.12 } },
  { words: ['h'], means: { height: 0.9 } },
  { words: ['e'], means: { emissive: 0.82 } },
  { words: ['g'], means: { glossiness: 0.45, emissive: 0.38 } },
  { words: ['a'], means: { opacity: 0.4, 'base-colour': 0.35, none: 0.15 } },
  { words: ['b'], means: { height: 0.45, 'base-colour': 0.25, none: 0.2 } },
  { words: ['o'], means: { occlusion: 0.55, opacity: 0.3 } },
  { words: ['t'], means: { 'base-colour': 0.4, transmission: 0.2, none: 0.3 } },
];

/** Tokens that say which way green points, beside a word for normals. */
export const GREEN_WORDS: Record<string, Green> = {
  gl: 'up',
  opengl: 'up',
  ogl: 'up',
  dx: 'down',
  directx: 'down',
  d3d: 'down',
};

/** Endings that are taken even where nothing separates them from the rest of a name: `lampnormal`, `earthspec`. */
export const GLUED_FROM = 4;

import type { TextureSlot } from '@haveld/contract/step';

/** What a word in a file's or folder's name may say beside what the thing is. */
export const QUALIFIERS = [
  'format',
  'resolution',
  'lod',
  'edition',
  'version',
  'variant',
  'companion',
  'preview',
  'map-role',
  'copy',
] as const;
export type QualifierKind = (typeof QUALIFIERS)[number];

export interface WordRule {
  kind: QualifierKind;
  /** Words, lower case; or a pattern whose first group is the value. */
  words?: readonly string[];
  pattern?: RegExp;
  /** Counts only where, without it, two files have the same name: “red” alone may well be what a thing is called. */
  isWeak?: true;
  /** Of two variants or editions, the one whose word stands first is proposed; those not listed follow in their own order. */
  isOrdered?: true;
  /** Choosing between such files is a matter of taste, and asked. */
  isAsked?: true;
  /** In the name of a model it counts pieces: `post_512`. */
  isOfPictures?: true;
  /** Of a map-role: which. */
  slot?: TextureSlot;
  /** What its words stand for, where that is not told from the word itself. */
  value?: number;
}

const list = (text: string): readonly string[] => text.split(' ');

/** Words of names, strongest first. Common practice, no source; program and renderer names are those that downloads' folders carry. */
export const NAME_WORDS: WordRule[] = [
  { kind: 'resolution', pattern: /^(\d{1,2})k$/ },
  { kind: 'resolution', pattern: /^(512|1024|2048|4096|8192|16384)(?:px)?$/, isOfPictures: true },
  { kind: 'lod', pattern: /^lod(\d+)$/ },
  { kind: 'lod', pattern: /^(\d+k?)(?:tris?|triangles|polys?|faces)$/ },
  { kind: 'lod', words: list('highpoly hipoly high hi hp mid midpoly medium lowpoly lopoly low lo lp'), isWeak: true },
  {
    kind: 'format',
    words: list('fbx obj gltf glb dae collada 3ds stl ply usd usda usdz png jpg jpeg tga tif tiff exr webp'),
  },
  { kind: 'format', words: list('binary ascii format formats') },
  {
    kind: 'edition',
    words: list(
      'unity unreal ue4 ue5 godot blender cycles eevee vray corona arnold redshift octane max 3dsmax maya c4d cinema4d houdini modo lumion sketchup keyshot marmoset hdrp urp arkit',
    ),
    isAsked: true,
  },
  { kind: 'edition', words: list('quads quad ngons tris triangulated'), isWeak: true, isOrdered: true, isAsked: true },
  { kind: 'edition', words: list('draco meshopt quantized embedded ktx basisu') },
  { kind: 'edition', words: list('yup zup'), isWeak: true, isOrdered: true, isAsked: true },
  { kind: 'edition', words: list('mm cm dm m meters metres inch inches feet ft'), isWeak: true, isAsked: true },
  { kind: 'version', pattern: /^v(?:er|ersion)?(\d+)$/, isAsked: true },
  { kind: 'version', pattern: /^rev(\d+)$/, isAsked: true },
  { kind: 'copy', words: list('final copy export exported') },
  { kind: 'companion', words: list('ucx ubx usp ucp collision collider phys') },
  { kind: 'variant', words: list('rigged animated static posed unrigged tpose apose'), isWeak: true, isOrdered: true },
  { kind: 'variant', words: list('cleaned retopo decimated raw unprocessed'), isWeak: true, isOrdered: true },
  { kind: 'variant', words: list('summer spring autumn fall winter'), isWeak: true, isOrdered: true, isAsked: true },
  {
    kind: 'variant',
    words: list('closed open folded unfolded empty full on off lit unlit day night'),
    isWeak: true,
    isOrdered: true,
    isAsked: true,
  },
  {
    kind: 'variant',
    words: list(
      'clean new intact dirty worn old used rusty rusted weathered damaged broken destroyed wet dry snowy mossy burnt',
    ),
    isWeak: true,
    isOrdered: true,
    isAsked: true,
  },
  {
    kind: 'variant',
    words: list(
      'red orange yellow green blue purple violet pink brown black white grey gray beige cyan magenta gold silver bronze copper dark light oak walnut pine birch teak mahogany',
    ),
    isWeak: true,
    isAsked: true,
  },
];

/** Folders that say what kind of file lies in them, not what it is. */
export const GENERIC_FOLDERS = list(
  'model models mesh meshes source src texture textures tex texs map maps image images material materials file files scene scenes asset assets export exports download downloads original originals shared common separate single resources data content ar modell modelle textur texturen karten karte bilder quelle modele modeles textures cartes modelo modelos texturas mapas fuente',
);

/** File names that say nothing of what is in them; the folder does. */
export const GENERIC_STEMS = list(
  'scene model mesh object obj untitled export source default main asset file output geometry',
);

/** Names that say which of a pair, and not of what: the folder says that. */
export const SIDE_STEMS = list('left right l r none both');

/** Names that say “all of it”. */
export const WHOLE_SET = list('all allpieces whole complete set scene collection kit pack');

/** Marks some studios put before every name: static mesh, skinned mesh, texture, material. */
export const NAME_PREFIXES = list('sm sk skm t tx tex mat mi');

/** A picture or folder of such a name shows the model, and is none of its maps. */
export const PREVIEW_WORDS = list(
  'preview previews thumb thumbs thumbnail thumbnails render renders rendered screenshot screenshots turntable wireframe wire cover beauty isometric showcase promo vorschau apercu apercus vista previa',
);

/** Folders of pictures that show the model, where nothing in their names says otherwise. */
export const PHOTO_FOLDERS = list('images image photos photo pictures side front back top sample samples gallery');

/** Texts of such names are about the whole; what is left of the name says about what. */
export const TEXT_WORDS = list(
  'readme read me license licence lizenz licencia credits credit attribution copying terms info notes about instructions',
);

/** What systems leave in folders. */
export const SYSTEM_LITTER =
  /(^|\/)(__MACOSX\/|\._|\.DS_Store$|Thumbs\.db$|desktop\.ini$|\.git\/|\.Spotlight|\.Trash)/i;

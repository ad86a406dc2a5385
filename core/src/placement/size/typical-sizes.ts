import { headWords } from '../../text/head-words';

/** How big a thing usually is. */
export interface TypicalSize {
  words: string[];
  /** Shown in a sentence. */
  plural: string;
  of: 'height' | 'longest';
  /** Metres; nineteen of twenty lie between. */
  min: number;
  max: number;
  /** `tall`: its longest side stands up. `flat`: its shortest does. */
  shape: 'tall' | 'flat' | 'any';
  /** Where the figures come from; from memory where nothing is named that was looked at. */
  source: string;
}

const MEMORY = {
  people: 'from memory: anthropometric tables, DIN 33402',
  doors: 'from memory: door leaves of DIN 18101, with frames and fanlights',
  stairs: 'from memory: storey heights of 2.4 to 3.6 m, DIN 18065',
  furniture: 'from memory: furniture catalogues; table tops 0.72 to 0.80 m are common practice',
  kitchen: 'from memory: kitchen units of 60 cm, worktops at 0.86 to 0.92 m',
  vehicles: 'from memory: data sheets of vehicles',
  nature: 'from memory: field guides',
  things: 'from memory: things at hand',
  building: 'from memory: building practice',
} as const;

type Row = [
  words: string,
  plural: string,
  of: TypicalSize['of'],
  min: number,
  max: number,
  shape: TypicalSize['shape'],
  source: keyof typeof MEMORY,
];

const ROWS: Row[] = [
  ['projector_screen', 'projection screens', 'longest', 1, 4.5, 'any', 'things'],
  ['folding_screen room_divider screen_divider', 'folding screens', 'height', 1.2, 2.2, 'any', 'furniture'],
  ['shower_screen', 'shower screens', 'height', 1.3, 2.2, 'tall', 'furniture'],
  ['fire_screen fireguard', 'fire screens', 'height', 0.4, 1, 'any', 'furniture'],
  ['projector beamer', 'projectors', 'longest', 0.15, 0.6, 'any', 'things'],
  ['fitness_tower power_tower', 'exercise towers', 'height', 1.6, 2.4, 'tall', 'furniture'],
  ['treadmill crosstrainer', 'exercise machines', 'longest', 1.2, 2.2, 'any', 'furniture'],
  ['knife_stand knife_block knife_holder', 'knife blocks', 'height', 0.15, 0.4, 'tall', 'kitchen'],
  ['umbrella_stand', 'umbrella stands', 'height', 0.4, 0.8, 'tall', 'furniture'],
  ['tv_stand tv_unit tv_cabinet tv_bench media_unit', 'television benches', 'longest', 0.8, 2.6, 'any', 'furniture'],
  ['coat_rack coat_stand coat_hanger_stand hall_tree', 'coat stands', 'height', 1.5, 2.1, 'tall', 'furniture'],
  ['shoe_rack shoe_cabinet', 'shoe racks', 'longest', 0.4, 1.4, 'any', 'furniture'],
  ['towel_rack towel_rail towel_radiator', 'towel rails', 'longest', 0.3, 1.8, 'any', 'furniture'],
  ['step_ladder stepladder step_stool', 'step ladders', 'height', 0.4, 2.4, 'any', 'things'],
  ['bonsai', 'bonsai trees', 'height', 0.15, 0.9, 'any', 'nature'],
  ['cat_tree scratching_post', 'cat trees', 'height', 0.5, 2, 'tall', 'furniture'],
  ['christmas_tree', 'christmas trees', 'height', 0.3, 4, 'tall', 'nature'],
  ['shoe sneaker sandal slipper', 'shoes', 'longest', 0.12, 0.35, 'any', 'things'],
  ['boot', 'boots', 'height', 0.12, 0.55, 'any', 'things'],
  ['hat helmet', 'hats', 'longest', 0.18, 0.5, 'any', 'things'],
  ['glasses sunglasses', 'spectacles', 'longest', 0.11, 0.17, 'any', 'things'],
  ['dog_house doghouse kennel', 'kennels', 'longest', 0.6, 1.6, 'any', 'building'],
  ['bird_house birdhouse nesting_box', 'nesting boxes', 'height', 0.15, 0.5, 'any', 'things'],
  ['doll_house dollhouse', 'dolls’ houses', 'longest', 0.4, 1.5, 'any', 'things'],
  ['play_house playhouse hut', 'huts', 'height', 1, 4, 'any', 'building'],
  ['tent', 'tents', 'longest', 1.8, 6, 'any', 'things'],
  ['wheelbarrow', 'wheelbarrows', 'longest', 1.2, 1.7, 'any', 'things'],
  ['shopping_cart shopping_trolley', 'shopping trolleys', 'longest', 0.7, 1.2, 'any', 'things'],
  ['trash_can trashcan wastebasket waste_bin dustbin bin', 'bins', 'height', 0.2, 1.2, 'tall', 'things'],
  ['suitcase luggage', 'suitcases', 'longest', 0.4, 0.85, 'any', 'things'],
  ['backpack rucksack handbag', 'bags', 'longest', 0.2, 0.8, 'any', 'things'],
  ['radiator heater', 'radiators', 'longest', 0.3, 2.2, 'any', 'building'],
  ['air_conditioner', 'air conditioners', 'longest', 0.5, 1.2, 'any', 'things'],
  ['fire_extinguisher', 'fire extinguishers', 'height', 0.3, 0.75, 'tall', 'things'],
  ['fire_hydrant hydrant', 'hydrants', 'height', 0.5, 1.2, 'tall', 'things'],
  ['traffic_cone', 'traffic cones', 'height', 0.3, 1, 'tall', 'things'],
  ['traffic_light', 'traffic lights', 'height', 0.6, 6, 'tall', 'things'],
  ['mailbox letterbox', 'letter boxes', 'height', 0.25, 1.7, 'any', 'things'],
  ['phone_booth telephone_box', 'telephone boxes', 'height', 2, 2.7, 'tall', 'building'],
  ['vending_machine', 'vending machines', 'height', 1.5, 2, 'tall', 'things'],
  ['picnic_table', 'picnic tables', 'longest', 1.2, 2.4, 'any', 'furniture'],
  ['pool_table billiard_table', 'billiard tables', 'longest', 2, 3.9, 'any', 'furniture'],
  ['ping_pong_table', 'table tennis tables', 'longest', 2.7, 2.8, 'any', 'furniture'],
  ['ironing_board', 'ironing boards', 'longest', 1, 1.7, 'any', 'things'],
  ['cutting_board chopping_board', 'chopping boards', 'longest', 0.2, 0.6, 'flat', 'kitchen'],
  ['baby_cot crib cradle', 'cots', 'longest', 0.8, 1.5, 'any', 'furniture'],
  ['mattress', 'mattresses', 'longest', 1.2, 2.2, 'flat', 'furniture'],
  ['bed_frame bedframe', 'bed frames', 'longest', 1.6, 2.6, 'any', 'furniture'],
  ['door_frame window_frame doorframe', 'frames of doors and windows', 'height', 0.5, 2.6, 'tall', 'doors'],
  ['door_handle door_knob doorknob', 'door handles', 'longest', 0.05, 0.5, 'any', 'things'],
  ['lamp_shade lampshade', 'lamp shades', 'longest', 0.12, 0.7, 'any', 'furniture'],
  ['ceiling_lamp pendant_lamp pendant_light ceiling_light', 'hanging lamps', 'height', 0.1, 1.8, 'any', 'furniture'],
  ['desk_lamp table_lamp', 'table lamps', 'height', 0.2, 0.9, 'tall', 'furniture'],
  ['floor_lamp standing_lamp', 'floor lamps', 'height', 1.2, 2.2, 'tall', 'furniture'],
  ['coffee_table side_table end_table', 'low tables', 'height', 0.28, 0.7, 'any', 'furniture'],
  ['bar_stool barstool', 'bar stools', 'height', 0.6, 1.15, 'tall', 'furniture'],
  ['wheel_chair wheelchair', 'wheelchairs', 'height', 0.8, 1.1, 'any', 'things'],
  ['coffee_machine coffee_maker espresso_machine', 'coffee machines', 'longest', 0.25, 0.6, 'any', 'kitchen'],
  ['washing_machine', 'washing machines', 'height', 0.8, 0.95, 'any', 'kitchen'],
  [
    'euro_pallet pallet',
    'pallets (EUR pallet 1.2 × 0.8 × 0.144 m: EN 13698-1)',
    'longest',
    0.8,
    1.25,
    'flat',
    'things',
  ],
  [
    'shipping_container sea_container',
    'freight containers (ISO 668: 20 and 40 feet)',
    'longest',
    5.9,
    13.8,
    'any',
    'things',
  ],
  ['person human man woman figure mannequin character', 'people', 'height', 1.4, 2, 'tall', 'people'],
  ['child kid boy girl', 'children', 'height', 0.8, 1.6, 'tall', 'people'],
  ['buoy', 'buoys', 'height', 1, 6, 'tall', 'things'],
  ['mast flagpole', 'masts', 'height', 2, 25, 'tall', 'building'],
  ['barograph barometer', 'barographs', 'longest', 0.15, 0.5, 'any', 'things'],
  ['streetlamp streetlight lamppost', 'street lamps', 'height', 2.5, 10, 'tall', 'building'],
  ['fan ventilator', 'fans', 'longest', 0.2, 1.4, 'any', 'things'],
  ['lantern lamp lampe lampada chandelier', 'lamps', 'height', 0.2, 2, 'tall', 'furniture'],
  ['bollard mooring', 'mooring posts', 'height', 0.3, 1.5, 'tall', 'things'],
  ['gull seagull bird duck', 'birds', 'longest', 0.15, 1.2, 'any', 'nature'],
  ['cat', 'cats', 'longest', 0.4, 1, 'any', 'nature'],
  ['dog', 'dogs', 'longest', 0.4, 1.4, 'any', 'nature'],
  ['horse cow', 'horses and cattle', 'longest', 1.8, 2.8, 'any', 'nature'],
  ['armchair poltrona fauteuil recliner', 'armchairs', 'height', 0.6, 1.35, 'any', 'furniture'],
  ['chair stool sedia chaise stuhl', 'chairs', 'height', 0.4, 1.25, 'any', 'furniture'],
  ['sofa couch divano settee', 'sofas', 'longest', 1.3, 3.2, 'any', 'furniture'],
  ['bunk loft', 'loft beds', 'longest', 1.7, 2.3, 'any', 'furniture'],
  ['bedside nightstand', 'bedside tables', 'height', 0.4, 0.75, 'any', 'furniture'],
  ['bed letto lit bett cot', 'beds', 'longest', 1.6, 2.6, 'any', 'furniture'],
  ['tablet phone smartphone', 'hand-held devices', 'longest', 0.1, 0.3, 'any', 'things'],
  ['tabletop worktop countertop', 'worktops', 'longest', 0.6, 3.5, 'flat', 'kitchen'],
  ['desk scrivania bureau', 'desks', 'height', 0.68, 1.6, 'any', 'furniture'],
  ['table tavolo tisch', 'tables', 'height', 0.35, 1.12, 'any', 'furniture'],
  ['bookcase bookshelf bookshelves shelving libreria', 'bookcases', 'height', 0.5, 2.4, 'any', 'furniture'],
  ['wardrobe armadio armoire', 'wardrobes', 'height', 1.6, 2.6, 'tall', 'furniture'],
  ['pantry larder cupboard', 'cupboards', 'height', 0.7, 2.4, 'any', 'furniture'],
  ['refrigerator refridgerator fridge freezer', 'fridges', 'height', 0.8, 2.2, 'tall', 'kitchen'],
  ['dishwasher washer dryer', 'washing machines', 'height', 0.8, 0.95, 'any', 'kitchen'],
  ['microwave', 'microwave ovens', 'longest', 0.42, 0.62, 'any', 'kitchen'],
  ['oven', 'ovens', 'longest', 0.55, 0.95, 'any', 'kitchen'],
  ['hob cooktop', 'hobs', 'longest', 0.28, 0.95, 'flat', 'kitchen'],
  ['stove cooker range', 'stoves', 'height', 0.2, 1.2, 'any', 'kitchen'],
  ['island', 'kitchen islands', 'height', 0.75, 1.1, 'any', 'kitchen'],
  ['sink washbasin basin', 'wash basins', 'longest', 0.4, 1.4, 'any', 'kitchen'],
  ['toilet wc', 'toilets', 'height', 0.35, 1, 'any', 'furniture'],
  ['bathtub bath tub jacuzzi', 'bath tubs', 'longest', 1.2, 2, 'any', 'furniture'],
  ['shower', 'shower cabins', 'height', 1.8, 2.4, 'tall', 'furniture'],
  ['sideboard buffet', 'sideboards', 'longest', 1, 2.4, 'any', 'furniture'],
  ['cabinet dresser chest commode mobile', 'cabinets', 'height', 0.4, 2.2, 'any', 'furniture'],
  ['shelf shelves mensola', 'shelves', 'longest', 0.3, 2.2, 'any', 'furniture'],
  ['shutter', 'window shutters', 'height', 0.5, 2.3, 'tall', 'building'],
  ['fireplace', 'fireplaces', 'height', 0.8, 1.7, 'any', 'building'],
  ['gate', 'gates', 'height', 0.9, 3, 'any', 'building'],
  ['garage', 'garage doors', 'longest', 2.2, 6, 'any', 'building'],
  ['door porta porte doors', 'doors', 'height', 1.9, 2.5, 'tall', 'doors'],
  ['window finestra fenster', 'windows', 'height', 0.5, 2.4, 'any', 'building'],
  ['ladder', 'ladders', 'height', 1.2, 4, 'tall', 'things'],
  ['stair stairs staircase staircases steps', 'staircases', 'height', 2.2, 4, 'any', 'stairs'],
  ['railing balustrade banister handrail', 'railings', 'height', 0.8, 1.2, 'any', 'building'],
  ['fence', 'fences', 'height', 0.5, 2.2, 'any', 'building'],
  ['greenhouse shed', 'sheds', 'longest', 1.8, 6, 'any', 'building'],
  ['pool', 'swimming pools', 'longest', 3, 25, 'flat', 'building'],
  ['umbrella parasol', 'sunshades', 'height', 1.8, 3.2, 'any', 'things'],
  ['grill barbecue bbq', 'grills', 'height', 0.4, 1.4, 'any', 'things'],
  ['vase', 'vases', 'height', 0.1, 0.9, 'any', 'things'],
  ['bottle jar carafe', 'bottles', 'height', 0.08, 0.5, 'tall', 'things'],
  ['cup mug glass goblet', 'cups', 'height', 0.06, 0.25, 'any', 'things'],
  ['plate saucer', 'plates', 'longest', 0.12, 0.35, 'flat', 'things'],
  ['bowl', 'bowls', 'longest', 0.1, 0.4, 'any', 'things'],
  ['pan pot kettle casserole saucepan', 'pots and pans', 'longest', 0.15, 0.6, 'any', 'kitchen'],
  ['knife fork spoon', 'cutlery', 'longest', 0.12, 0.4, 'any', 'things'],
  ['iron toaster mixer juicer', 'small appliances', 'longest', 0.18, 0.5, 'any', 'things'],
  ['pillow cushion', 'cushions', 'longest', 0.3, 0.9, 'any', 'furniture'],
  ['carpet rug', 'carpets', 'longest', 0.6, 4.5, 'flat', 'furniture'],
  ['magazine magazines newspaper letter invoice', 'papers', 'longest', 0.2, 0.45, 'flat', 'things'],
  ['book books comics', 'books', 'longest', 0.1, 0.5, 'any', 'things'],
  ['monitor screen', 'monitors', 'longest', 0.35, 1.1, 'any', 'things'],
  ['tv television', 'television sets', 'longest', 0.5, 2, 'any', 'things'],
  ['laptop notebook', 'portable computers', 'longest', 0.28, 0.45, 'any', 'things'],
  ['computer pc', 'computers', 'longest', 0.3, 0.7, 'any', 'things'],
  ['keyboard', 'keyboards', 'longest', 0.25, 0.5, 'flat', 'things'],
  ['photocopier copier', 'copiers', 'height', 0.8, 1.5, 'any', 'things'],
  ['printer', 'printers', 'longest', 0.3, 0.8, 'any', 'things'],
  ['sewing', 'sewing machines', 'longest', 0.35, 0.6, 'any', 'things'],
  ['barrel cask', 'barrels', 'height', 0.5, 1.3, 'tall', 'things'],
  ['crate box', 'crates', 'longest', 0.2, 1.6, 'any', 'things'],
  ['rope coil', 'rope coils', 'longest', 0.2, 1.5, 'any', 'things'],
  ['anchor', 'anchors', 'longest', 0.4, 3.5, 'any', 'things'],
  ['wheel helm', 'wheels', 'longest', 0.2, 1.8, 'any', 'things'],
  ['boat dinghy canoe', 'boats', 'longest', 2, 15, 'any', 'vehicles'],
  ['ship', 'ships', 'longest', 10, 300, 'any', 'vehicles'],
  ['bench', 'benches', 'longest', 0.8, 2.5, 'any', 'furniture'],
  ['flowerpot flower flowers', 'flowers', 'height', 0.1, 1.2, 'any', 'nature'],
  ['palm', 'palm trees', 'height', 1.5, 15, 'tall', 'nature'],
  ['tree pine oak birch', 'trees', 'height', 2, 25, 'tall', 'nature'],
  ['bush shrub hedge', 'bushes', 'height', 0.4, 3, 'any', 'nature'],
  ['plant', 'plants', 'height', 0.15, 2.2, 'any', 'nature'],
  ['rock stone boulder', 'rocks', 'longest', 0.1, 4, 'any', 'nature'],
  ['pumpkin melon', 'pumpkins', 'longest', 0.15, 0.5, 'any', 'nature'],
  ['apple orange pear lemon tomato', 'fruits', 'longest', 0.05, 0.12, 'any', 'nature'],
  ['bicycle bike', 'bicycles', 'longest', 1.4, 1.95, 'any', 'vehicles'],
  ['motorcycle motorbike scooter', 'motorcycles', 'longest', 1.6, 2.5, 'any', 'vehicles'],
  ['car automobile sedan', 'cars', 'longest', 3.2, 5.4, 'any', 'vehicles'],
  ['van', 'vans', 'longest', 4, 7.5, 'any', 'vehicles'],
  ['truck lorry', 'trucks', 'longest', 5, 18, 'any', 'vehicles'],
  ['bus', 'buses', 'longest', 6, 18.5, 'any', 'vehicles'],
  ['airplane aeroplane aircraft', 'aeroplanes', 'longest', 6, 75, 'any', 'vehicles'],
  ['helicopter', 'helicopters', 'longest', 8, 25, 'any', 'vehicles'],
  ['house cottage villa', 'houses', 'longest', 5, 25, 'any', 'building'],
  ['tower lighthouse', 'towers', 'height', 8, 90, 'tall', 'building'],
  ['column pillar', 'columns', 'height', 2, 12, 'tall', 'building'],
  ['brick', 'bricks', 'longest', 0.19, 0.3, 'any', 'building'],
  ['flag', 'flags', 'longest', 0.3, 3, 'any', 'things'],
  ['piano organ', 'pianos', 'longest', 1.2, 2.8, 'any', 'things'],
  ['guitar violin cello', 'string instruments', 'longest', 0.55, 1.3, 'any', 'things'],
  ['mirror', 'mirrors', 'longest', 0.3, 2, 'any', 'furniture'],
  ['frame picture painting poster', 'pictures', 'longest', 0.25, 1.7, 'any', 'furniture'],
  ['clock', 'clocks', 'longest', 0.1, 2.2, 'any', 'things'],
  ['hanger coat suits', 'clothes on hangers', 'longest', 0.6, 2, 'any', 'things'],
  ['solar', 'solar panels', 'longest', 0.9, 2.2, 'any', 'building'],
  ['sword', 'swords', 'longest', 0.7, 1.4, 'any', 'things'],
  ['hammer wrench screwdriver', 'hand tools', 'longest', 0.15, 0.5, 'any', 'things'],
  ['rack', 'racks', 'longest', 0.3, 2.2, 'any', 'furniture'],
  ['kitchen', 'kitchen things', 'longest', 0.1, 2.4, 'any', 'kitchen'],
  ['bedroom', 'bedroom things', 'longest', 0.3, 2.6, 'any', 'furniture'],
  ['bathroom', 'bathroom things', 'longest', 0.3, 2.2, 'any', 'furniture'],
  ['office', 'office things', 'longest', 0.25, 2.4, 'any', 'furniture'],
  ['exterior garden outdoor', 'things out of doors', 'longest', 0.4, 8, 'any', 'building'],
];

export const TYPICAL_SIZES: readonly TypicalSize[] = ROWS.map(([words, plural, of, min, max, shape, source]) => ({
  words: words.split(' '),
  plural,
  of,
  min,
  max,
  shape,
  source: MEMORY[source],
}));

/** Several words of a row stand as they are written, one, or apart: `bed_frame`. */
const BY_WORDS = new Map(
  TYPICAL_SIZES.flatMap((typical) =>
    typical.words.map((word) => [word.replaceAll('_', ''), typical] as const),
  ).reverse(),
);

/** Rooms and places: they say what kind of thing it may be where nothing says what it is. */
const PLACES = new Set(['kitchen', 'bedroom', 'bathroom', 'office', 'exterior', 'garden', 'outdoor']);

/** Before another word these say whose it is, or what it looks like. */
const OWNERS = new Set(
  'person human man woman child kid boy girl gull seagull bird duck cat dog horse cow car bike bicycle boat ship'.split(
    ' ',
  ),
);

/** Parts, and what is made for a thing: without a row of their own they are not the thing they are part of. */
const PARTS = new Set(
  'handle knob hinge lock key sill leg shade holder cover runner cloth mat stand base top seat back arm foot frame hook pad lid cap strap button switch plug cable wire bracket hanger sign sticker decal label icon logo texture part piece accessory accessories tool kit rest organizer opener basket tray case bag box rail rod ring wheel pedal'.split(
    ' ',
  ),
);

const singularsOf = (word: string): string[] => [
  word,
  ...(word.endsWith('ies') ? [`${word.slice(0, -3)}y`] : []),
  ...(word.endsWith('ves') ? [`${word.slice(0, -3)}f`, `${word.slice(0, -3)}fe`] : []),
  ...(word.endsWith('es') ? [word.slice(0, -2)] : []),
  ...(word.endsWith('s') ? [word.slice(0, -1)] : []),
];

/**
 * What a name says the thing is. In a compound the last word that is known decides, with the word before it where both together are:
 * “projector screen” is no monitor. Whose it is, what it is part of and where it stands say nothing of its size.
 * @returns null where the name does not say
 */
export function findTypicalSize(name: string): TypicalSize | null {
  const words = headWords(name);
  const things = words.filter((word) => !PLACES.has(word));
  for (let i = things.length - 1; i >= 0; i--) {
    const isHead = i === things.length - 1;
    for (const word of singularsOf(things[i])) {
      const together = i > 0 ? BY_WORDS.get(things[i - 1] + word) : undefined;
      if (together) return together;
      const found = BY_WORDS.get(word);
      if (found && (isHead || !OWNERS.has(word))) return found;
      if (isHead && PARTS.has(word)) return null;
    }
  }
  for (const word of words) if (PLACES.has(word)) return BY_WORDS.get(word) ?? null;
  return null;
}

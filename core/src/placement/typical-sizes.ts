/** How big a thing usually is, from memory of furniture catalogues, building practice and everyday things; no published source. */
export interface TypicalSize {
  words: string[];
  /** Shown in a sentence. */
  plural: string;
  of: 'height' | 'longest';
  /** Metres. */
  min: number;
  max: number;
  /** `tall`: its longest side stands up. `flat`: its shortest does. */
  shape: 'tall' | 'flat' | 'any';
}

const row = (
  words: string,
  plural: string,
  of: TypicalSize['of'],
  min: number,
  max: number,
  shape: TypicalSize['shape'] = 'any',
): TypicalSize => ({
  words: words.split(' '),
  plural,
  of,
  min,
  max,
  shape,
});

/** More telling words first: "table lamp" is a lamp. */
export const TYPICAL_SIZES: readonly TypicalSize[] = [
  row('buoy', 'buoys', 'height', 1, 6, 'tall'),
  row('mast flagpole', 'masts', 'height', 2, 25, 'tall'),
  row('barograph barometer', 'barographs', 'longest', 0.15, 0.5),
  row('lantern lamp lampe lampada', 'lamps', 'height', 0.2, 2.2, 'tall'),
  row('bollard mooring post', 'mooring posts', 'height', 0.3, 1.5, 'tall'),
  row('gull seagull', 'gulls', 'longest', 0.3, 1.5),
  row('chair stool sedia chaise stuhl', 'chairs', 'height', 0.4, 1.3),
  row('armchair poltrona fauteuil', 'armchairs', 'height', 0.6, 1.3),
  row('sofa couch divano', 'sofas', 'longest', 1.2, 3.5),
  row('bed letto lit bett', 'beds', 'longest', 1.6, 2.4),
  row('table desk tavolo scrivania', 'tables', 'height', 0.4, 1.1),
  row('bookcase bookshelf wardrobe cupboard armadio libreria pantry', 'cupboards', 'height', 0.7, 2.7),
  row('cabinet dresser mobile', 'cabinets', 'height', 0.5, 2.4),
  row('shelf mensola', 'shelves', 'longest', 0.3, 2.5),
  row('door porta porte', 'doors', 'height', 1.8, 2.6, 'tall'),
  row('window finestra', 'windows', 'height', 0.5, 2.5),
  row('stair stairs staircase', 'staircases', 'height', 1.5, 4.5),
  row('fence', 'fences', 'height', 0.5, 2.2),
  row('bottle vase jar', 'bottles and vases', 'height', 0.08, 0.8, 'tall'),
  row('cup mug glass plate bowl', 'tableware', 'longest', 0.05, 0.35),
  row('book', 'books', 'longest', 0.1, 0.4),
  row('barrel cask', 'barrels', 'height', 0.5, 1.3, 'tall'),
  row('crate box chest', 'crates', 'longest', 0.2, 1.6),
  row('rope coil', 'rope coils', 'longest', 0.2, 1.5),
  row('anchor', 'anchors', 'longest', 0.4, 3.5),
  row('wheel helm', 'wheels', 'longest', 0.2, 1.8),
  row('boat dinghy', 'boats', 'longest', 2, 15),
  row('ship', 'ships', 'longest', 10, 400),
  row('bench', 'benches', 'longest', 0.8, 2.5),
  row('tree', 'trees', 'height', 2, 30, 'tall'),
  row('plant', 'plants', 'height', 0.1, 2.5),
  row('person human man woman', 'people', 'height', 1.4, 2, 'tall'),
  row('car', 'cars', 'longest', 2.5, 5.5),
  row('house', 'houses', 'longest', 4, 30),
  row('flag', 'flags', 'longest', 0.3, 3),
  row('piano organ', 'pianos', 'longest', 1, 2.8),
  row('mirror picture frame', 'frames', 'longest', 0.2, 2.5),
];

/** @returns what a name says the thing is, or null */
export function findTypicalSize(name: string): TypicalSize | null {
  const words = new Set(
    name
      .replace(/([a-z])([A-Z0-9])/g, '$1 $2')
      .toLowerCase()
      .split(/[^\p{L}]+/u)
      .flatMap((word) => [word, word.replace(/s$/, '')]),
  );
  return TYPICAL_SIZES.find((typical) => typical.words.some((word) => words.has(word))) ?? null;
}

import colourKeywords from 'color-name';
import { lab, rgb } from 'd3-color';
import { COLOURS, type Colour } from '@haveld/contract/model-inside';
import type { Picture } from '../../textures/pictures/picture-codec';

/**
 * The colour keywords of CSS (CSS Color Module Level 4, section 6.1) by the basic word a person has for them; which word is from memory. Those
 * left out have no one word (`lavender`, `wheat`), or are not what people call so (`brown` of CSS is a red).
 */
const KEYWORDS: Record<Colour, string> = {
  black: 'black',
  white: 'white snow ivory whitesmoke ghostwhite floralwhite azure mintcream',
  grey: 'gray dimgray darkgray silver lightgray gainsboro slategray lightslategray darkslategray',
  red: 'red crimson firebrick darkred maroon',
  orange: 'orange darkorange orangered coral tomato chocolate',
  yellow: 'yellow gold khaki lightyellow lemonchiffon',
  green:
    'green lime limegreen darkgreen forestgreen seagreen mediumseagreen springgreen mediumspringgreen lawngreen chartreuse yellowgreen olivedrab darkolivegreen greenyellow lightgreen palegreen darkseagreen olive',
  blue: 'blue navy mediumblue darkblue midnightblue royalblue dodgerblue cornflowerblue deepskyblue skyblue lightskyblue lightblue steelblue lightsteelblue slateblue darkslateblue powderblue cyan turquoise mediumturquoise darkturquoise teal darkcyan cadetblue',
  purple:
    'purple rebeccapurple indigo darkviolet darkorchid blueviolet mediumorchid darkmagenta mediumpurple violet plum',
  pink: 'pink lightpink hotpink deeppink palevioletred mediumvioletred magenta orchid',
  brown: 'saddlebrown sienna peru sandybrown burlywood tan darkgoldenrod',
};

/** Less of what is seen than this share is not what a thing is called by. Ours. */
const LEAST_SHARE = 0.12;
const MOST = 3;

/** Pixels that are seen through more than half are the ground's. */
const LEAST_ALPHA = 128;

/** Colours are told apart by the upper five bits of each channel. */
const BITS = 5;

interface Sample {
  colour: Colour;
  l: number;
  a: number;
  b: number;
}

const SAMPLES: readonly Sample[] = COLOURS.flatMap((colour) =>
  KEYWORDS[colour].split(' ').map((word) => {
    const [red, green, blue] = colourKeywords[word as keyof typeof colourKeywords];
    const { l, a, b } = lab(rgb(red, green, blue));
    return { colour, l, a, b };
  }),
);

const known = new Map<number, Colour>();

/** The word for a colour: of the nearest keyword by the distance of CIE 1976 (CIE 15, ΔE*ab). @param red of sRGB, 0 to 255; so the others */
export function nameColour(red: number, green: number, blue: number): Colour {
  const seen = lab(rgb(red, green, blue));
  let nearest = SAMPLES[0];
  let least = Infinity;
  for (const sample of SAMPLES) {
    const distance = (sample.l - seen.l) ** 2 + (sample.a - seen.a) ** 2 + (sample.b - seen.b) ** 2;
    if (distance >= least) continue;
    least = distance;
    nearest = sample;
  }
  return nearest.colour;
}

/** The colours a picture shows most of, the largest share first; empty where nothing is to be seen. @param picture RGBA */
export function nameColours({ data }: Pick<Picture, 'data'>): Colour[] {
  const bins = new Uint32Array(1 << (3 * BITS));
  let seen = 0;
  for (let i = 0; i < data.length; i += 4) {
    if (data[i + 3] < LEAST_ALPHA) continue;
    seen++;
    bins[((data[i] >> 3) << (2 * BITS)) | ((data[i + 1] >> 3) << BITS) | (data[i + 2] >> 3)]++;
  }
  const shares = new Map<Colour, number>();
  bins.forEach((count, bin) => {
    if (count === 0) return;
    const colour = nameBin(bin);
    shares.set(colour, (shares.get(colour) ?? 0) + count / seen);
  });
  return [...shares]
    .filter(([, share]) => share >= LEAST_SHARE)
    .sort((a, b) => b[1] - a[1])
    .slice(0, MOST)
    .map(([colour]) => colour);
}

function nameBin(bin: number): Colour {
  let colour = known.get(bin);
  if (colour === undefined) {
    const channel = (shift: number): number => (((bin >> shift) & 31) << 3) + 4;
    colour = nameColour(channel(2 * BITS), channel(BITS), channel(0));
    known.set(bin, colour);
  }
  return colour;
}

/** Haveld's colours, light and dark: paper, ink and few others. WCAG 2.2 AA on `paper` and `sheet`. */
export interface Tokens {
  paper: string;
  sheet: string;
  ink: string;
  quiet: string;
  rule: string;
  /** What can be acted on. */
  petrol: string;
  petrolSoft: string;
  onPetrol: string;
  /** "Look at this": marks and words. */
  saffron: string;
  saffronWords: string;
  saffronSoft: string;
  /** "Cannot be catalogued". */
  brick: string;
  brickSoft: string;
  /** "Holds". */
  moss: string;
  /** The ground models stand on. */
  groundTop: string;
  groundBottom: string;
}

export const LIGHT: Tokens = {
  paper: '#FAF8F3',
  sheet: '#FFFFFF',
  ink: '#22302F',
  quiet: '#5C6966',
  rule: '#D9D4C7',
  petrol: '#17625B',
  petrolSoft: '#E3EFEC',
  onPetrol: '#FFFFFF',
  saffron: '#B97B12',
  saffronWords: '#8A5A0A',
  saffronSoft: '#FFFBF0',
  brick: '#A8402F',
  brickSoft: '#FBF1EE',
  moss: '#4F7A3A',
  groundTop: '#E9E5DB',
  groundBottom: '#CBC5B6',
};

export const DARK: Tokens = {
  paper: '#1A2120',
  sheet: '#222A29',
  ink: '#ECE8DE',
  quiet: '#A9B4B0',
  rule: '#3B4644',
  petrol: '#7CC8BC',
  petrolSoft: '#25403C',
  onPetrol: '#10201E',
  saffron: '#D9A24A',
  saffronWords: '#E6BC74',
  saffronSoft: '#2E2A1E',
  brick: '#E5907F',
  brickSoft: '#33231F',
  moss: '#A3C98B',
  groundTop: '#A9A598',
  groundBottom: '#868273',
};

const kebab = (name: string): string => name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);

/** `--paper: #FAF8F3; …`, for plain CSS. */
export function toCssVariables(tokens: Tokens): Record<string, string> {
  return Object.fromEntries(Object.entries(tokens).map(([name, value]) => [`--${kebab(name)}`, value as string]));
}

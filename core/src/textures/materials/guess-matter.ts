import { splitName } from '../judging/read-map-name';
import { MATTERS, PLAIN_MATTER, type MatterPreset } from './material-presets';

/** @returns what a material is made of by the words of its name and its map's, and the word that says so */
export function guessMatter(...names: readonly string[]): { matter: MatterPreset; word: string | null } {
  for (const name of names)
    for (const word of splitName(name).reverse()) {
      const matter = MATTERS.find((one) => one.names.includes(word) || one.names.some((known) => `${known}s` === word));
      if (matter) return { matter, word };
    }
  return { matter: PLAIN_MATTER, word: null };
}

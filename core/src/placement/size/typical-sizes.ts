import { headWords } from '../../text/head-words';
import { singularsOf } from '../../text/singulars';
import { findByMeaning } from './by-meaning';
import { KIND_BY_WORD, type TypicalSize } from './kind-rows';

/** Rooms and places: they say what kind of thing it may be where nothing says what it is. */
export const PLACES = new Set(
  'kitchen bedroom bathroom office exterior garden outdoor living dining room interior'.split(' '),
);

/** Before another word these say whose it is, or what it looks like. */
const OWNERS = new Set(
  'person human man woman child kid boy girl gull seagull bird duck cat dog horse cow car bike bicycle boat ship'.split(
    ' ',
  ),
);

/** Parts, and what is made for a thing: without a row of their own they are not the thing they are part of. */
export const PARTS = new Set(
  'handle knob hinge lock key sill leg shade holder cover runner cloth mat stand base top seat back arm foot frame hook pad lid cap strap button switch plug cable wire bracket hanger sign sticker decal label icon logo texture part piece accessory accessories tool kit rest organizer opener basket tray case bag box rail rod ring wheel pedal'.split(
    ' ',
  ),
);

/** The shortest ending that is taken for a word of its own, and the least that stands before it. */
const COMPOUND = { ending: 4, before: 3 };

/**
 * Languages that put the head first make no compounds with it last: `gerente` is no Ente, `pescecane` no dog. Most of their words end in a
 * vowel; these end as German ones do.
 */
const HEAD_FIRST =
  /[aoiuàáâãèéêíóôú]$|^(?:ente|cane|tente|ponte|torre|carne|phare|tigre|arbre|livre|verre|porte|nave|chiave|botte|fonte|lente|suite|homme|femme|pomme|poire|pince|corne|ours|croix|faux|vite|latte|balle|bague|école)$/u;

/** English and German have these from them. */
const BORROWED = new Set(['sofa', 'radio', 'piano', 'camera', 'kamera', 'auto', 'pizza', 'tuba', 'banjo']);

/** `Gartenstuhl`, `sunflower`: the longest ending that is a word decides. */
function findInCompound(word: string): { ending: string; typical: TypicalSize } | null {
  for (let cut = COMPOUND.before; cut <= word.length - COMPOUND.ending; cut++) {
    for (const ending of singularsOf(word.slice(cut))) {
      if (ending.length < COMPOUND.ending || (HEAD_FIRST.test(ending) && !BORROWED.has(ending))) continue;
      const typical = KIND_BY_WORD.get(ending);
      if (typical) return { ending, typical };
    }
  }
  return null;
}

/** @returns what kind of thing a word written as one is of, `chair` of `armchair`; null where its ending is no known word */
export const compoundHead = (word: string): string | null => findInCompound(word)?.ending ?? null;

/**
 * What a name may say the thing is. In a compound the last word that is known decides, with the word before it where both together
 * are: “projector screen” is no monitor. Whose it is, what it is part of and where it stands say nothing of its size. A last word
 * without a row is taken for what its meaning is nearest to.
 * @returns the likeliest first, then what other words of the name would mean (“frame tiger” may be the picture of one); empty where the
 * name does not say
 */
export function listTypicalSizes(name: string): TypicalSize[] {
  const words = headWords(name);
  const things = words.filter((word) => !PLACES.has(word));
  const found = new Set<TypicalSize>();
  const head = things.length - 1;
  for (let i = head; i >= 0; i--) {
    const forms = singularsOf(things[i]);
    const joined = i > 0 ? forms.map((form) => things[i - 1] + form) : [];
    const together = joined.find((word) => KIND_BY_WORD.has(word));
    if (together !== undefined) {
      found.add(KIND_BY_WORD.get(together)!);
      i--;
      continue;
    }
    const known = forms.find((word) => KIND_BY_WORD.has(word) && (i === head || !OWNERS.has(word)));
    if (known !== undefined) found.add(KIND_BY_WORD.get(known)!);
    if (i < head) continue;
    if (known === undefined && forms.some((word) => PARTS.has(word))) return [];
    const like = firstOf(joined, findByMeaning) ?? (known === undefined ? firstOf(forms, findByMeaning) : null);
    const other = like ?? (known === undefined ? findInCompound(things[i])?.typical : null);
    if (other) found.add(other);
  }
  if (found.size === 0)
    for (const word of words) {
      const place = PLACES.has(word) ? KIND_BY_WORD.get(word) : undefined;
      if (place) return [place];
    }
  return [...found];
}

function firstOf(forms: readonly string[], find: (form: string) => TypicalSize | null): TypicalSize | null {
  for (const form of forms) {
    const found = find(form);
    if (found) return found;
  }
  return null;
}

/** What a name says the thing is, where nothing is known of its shape. */
export const findTypicalSize = (name: string): TypicalSize | null => listTypicalSizes(name)[0] ?? null;

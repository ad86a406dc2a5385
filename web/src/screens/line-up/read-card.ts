import type { CardChoice, CardFinding, LineUpCard } from '@haveld/contract/api/line-up';
import type { FindingKind } from '@haveld/contract/finding-kinds';
import type { Step } from '@haveld/contract/step';
import { scaleOf } from '@haveld/core/treatment/scale-of';

/** Metres as it will be, from the front; null where it has no size or was not drawn yet. */
export function sidesOf({ standing, hasSize }: LineUpCard): { widthM: number | null; heightM: number | null } {
  if (!standing || !hasSize) return { widthM: null, heightM: null };
  const { min, max } = standing.box;
  return { widthM: max[0] - min[0], heightM: max[1] - min[1] };
}

export const findGuess = (card: LineUpCard, kind: FindingKind): CardFinding | null =>
  card.guessed.find((finding) => finding.kind === kind) ?? null;

/** The likeliest of the guesses that are not applied. */
export const otherGuess = (finding: CardFinding): CardChoice | null =>
  finding.choices.slice(1).find(({ id, confidence }) => id !== 'none' && confidence >= WORTH_SAYING) ?? null;

/** A guess less likely is no second one. */
const WORTH_SAYING = 0.02;

/** Steps that stand for a finding now: taken, or in pencil. */
export function stepsOf(card: LineUpCard, key: string): Step[] {
  const taken = card.steps.filter(({ findingKey }) => findingKey === key).map(({ step }) => step);
  return taken.length > 0 ? taken : (card.guessed.find((finding) => finding.key === key)?.steps ?? []);
}

/** How high it would be by another guess at its size, metres. */
export function heightBy(card: LineUpCard, choice: CardChoice): number | null {
  const { heightM } = sidesOf(card);
  return heightM === null ? null : (heightM / scaleOf(stepsOf(card, 'size'))) * choice.scale;
}

/** The factor that makes it as high as a person says. @returns null where nothing of it stands up */
export function factorFor(card: LineUpCard, heightM: number): number | null {
  if (!card.standing) return null;
  const now = card.standing.box.max[1] - card.standing.box.min[1];
  return now > 0 ? (heightM / now) * scaleOf(stepsOf(card, 'size')) : null;
}

/** It can go into the catalogue as it stands: nothing is asked, and what is seen is how it will be. */
export const isReady = ({ asked, busy, standing }: LineUpCard): boolean =>
  asked.length === 0 && busy === null && standing !== null;

/** Something of it is guessed, or asked. */
export const isOpen = ({ guessed, asked }: LineUpCard): boolean => guessed.length > 0 || asked.length > 0;

const SOURCES = {
  measured: 'as it came',
  haveld: 'by Haveld',
  glance: 'by a glance',
  house: 'by a house treatment',
  person: 'as you said',
};

/** By what its size is known. */
export function sizeSource(card: LineUpCard): string {
  const by = card.decided.find(({ kind }) => kind === 'size')?.by;
  return SOURCES[by ?? 'person'];
}

/** The highest first; what was not drawn yet comes last. */
export const orderBySize = (cards: readonly LineUpCard[]): LineUpCard[] =>
  [...cards].sort((a, b) => (sidesOf(b).heightM ?? 0) - (sidesOf(a).heightM ?? 0));

/**
 * Models of the same author, or else of the same arrival, whose size is open and may be in a unit that is not their first guess.
 * @returns their ids, and what they have in common with the one it was said of
 */
export function listMates(
  cards: readonly LineUpCard[],
  of: LineUpCard,
  unit: string,
): { ids: string[]; by: 'author' | 'arrival' } {
  const open = cards.filter(
    (card) => card.id !== of.id && [...card.guessed, ...card.asked].some((finding) => mayBeIn(card, finding, unit)),
  );
  const { author, authorUnknown } = of.provenance;
  const byAuthor = authorUnknown || author === '' ? [] : open.filter((card) => card.provenance.author === author);
  const mates = byAuthor.length > 0 ? byAuthor : open.filter((card) => card.arrivalName === of.arrivalName);
  return { ids: mates.map(({ id }) => id), by: byAuthor.length > 0 ? 'author' : 'arrival' };
}

/** What is guessed first is drawn so already. */
const mayBeIn = (card: LineUpCard, { kind, choices }: CardFinding, unit: string): boolean =>
  kind === 'size' &&
  choices.some(({ id }) => id === unit) &&
  (choices[0].id !== unit || card.asked.some((finding) => finding.kind === 'size'));

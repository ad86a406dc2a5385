import { z } from 'zod';

/** What comes next after a fault: by itself, or by whom. */
export const FAULT_STEPS = [
  'again-later',
  'try-again',
  'sign-in',
  'accept-terms',
  'choose-again',
  'ask-curator',
  'look-at-page',
] as const;
export type FaultStep = (typeof FAULT_STEPS)[number];

/** Every way a source can fail a person: what to do about it, and in which words. */
export const SOURCE_FAULTS = {
  'not-allowed': { step: 'ask-curator', words: 'Ask a curator to allow this host.' },
  unreachable: { step: 'again-later', words: 'It is tried again by itself.' },
  slow: { step: 'again-later', words: 'It goes on by itself where it stopped.' },
  busy: { step: 'again-later', words: 'It goes on by itself when the source allows.' },
  allowance: { step: 'again-later', words: 'It goes on by itself when the allowance is back.' },
  broken: { step: 'again-later', words: 'It is tried again by itself.' },
  'cut-off': { step: 'again-later', words: 'It goes on by itself where it stopped.' },
  'wrong-length': { step: 'try-again', words: 'Nothing of it was kept. Try again, or tell the source.' },
  'wrong-bytes': { step: 'try-again', words: 'Nothing of it was kept. Try again, or tell the source.' },
  changed: { step: 'choose-again', words: 'Look at its editions again and choose one.' },
  gone: { step: 'look-at-page', words: 'Look whether the source has it elsewhere.' },
  'taken-down': { step: 'look-at-page', words: 'Do not use copies of it before you know why.' },
  moved: { step: 'look-at-page', words: 'Open its new page and choose there.' },
  'licence-changed': { step: 'choose-again', words: 'Look at its licence again and choose.' },
  'not-a-file': { step: 'look-at-page', words: 'Open the page: the source wants something first.' },
  'too-large': { step: 'ask-curator', words: 'Ask a curator to raise the limit.' },
  'sign-in': { step: 'sign-in', words: 'Enter a token of this source.' },
  terms: { step: 'accept-terms', words: 'Read its terms and accept them.' },
  price: { step: 'look-at-page', words: 'Buy it at the source, then fetch it.' },
  refused: { step: 'try-again', words: 'Try again, or fetch it by hand and drop it.' },
} as const satisfies Record<string, { step: FaultStep; words: string }>;
export type SourceFaultKind = keyof typeof SOURCE_FAULTS;

/**
 * What to do about a fault, in words.
 * @param goesOn it is tried again by itself; what passes by itself and is not says so to whoever asked
 */
export function adviseOn(kind: SourceFaultKind, goesOn: boolean): string {
  const { step, words } = SOURCE_FAULTS[kind];
  return step === 'again-later' && !goesOn ? 'Try again later.' : words;
}

export const SourceFaultKindSchema = z.enum(Object.keys(SOURCE_FAULTS) as [SourceFaultKind, ...SourceFaultKind[]]);

/** What went wrong, in a sentence, and when it goes on by itself. */
export const SourceTroubleSchema = z.object({
  kind: SourceFaultKindSchema,
  message: z.string(),
  /** When it is tried again; null where a person has to do something. */
  retryAt: z.string().nullable(),
});
export type SourceTrouble = z.infer<typeof SourceTroubleSchema>;

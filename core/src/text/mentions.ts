/** Somebody who can be mentioned. */
export interface Mentionable {
  id: string;
  /** As they sign in; mentioned as `@maja`. */
  signIn: string;
}

/** What may stand in a name one signs in by; not after a letter, as in an address of mail. */
const MENTION = /(?<![\p{L}\p{N}._-])@([\p{L}\p{N}][\p{L}\p{N}._@-]*)/gu;

/** @returns the ids of who is mentioned in a text, each once, in the order they are met; capitals do not count, nor does the full stop of a sentence */
export function listMentioned(text: string, people: readonly Mentionable[]): string[] {
  const bySignIn = new Map(people.map(({ id, signIn }) => [signIn.toLowerCase(), id]));
  const found = new Set<string>();
  for (const [, written] of text.matchAll(MENTION)) {
    const name = written.toLowerCase();
    const id = bySignIn.get(name) ?? bySignIn.get(name.replace(/[._@-]+$/, ''));
    if (id !== undefined) found.add(id);
  }
  return [...found];
}

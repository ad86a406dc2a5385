import type { GiftSaid } from '@haveld/contract/giving';
import type { Terms } from '@haveld/contract/terms';

/**
 * The statement of a giver, as they read it and agree to it. It lies with the files as a text: what it says is read like every
 * text that comes with a model.
 * @param day `2026-12-01`
 */
export function composeStatement(
  { giver, isOwnWork, author, source, others }: GiftSaid,
  terms: Pick<Terms, 'name' | 'short' | 'url'>,
  { houseName, day }: { houseName: string; day: string },
): string {
  const to = houseName || 'the house';
  const maker = isOwnWork ? giver : author;
  return [
    `Statement of ${giver} to ${to}, ${day}`,
    '',
    `Author: ${maker}`,
    `License: ${terms.name === terms.short ? terms.name : `${terms.name} (${terms.short})`}`,
    ...(terms.url ? [terms.url] : []),
    `Source: ${!isOwnWork && source !== '' ? source : `given by ${giver}`}`,
    '',
    isOwnWork
      ? 'I made this myself, and nobody else has to agree to what I grant here.'
      : `I did not make this myself. ${author} made it and grants the licence above; I have it from ${source || 'them'}.`,
    ...(others === '' ? ['There is nothing of anybody else in it.'] : [`Also in it, of others: ${others}`]),
    `I give it to ${to} under the licence above. ${to[0].toUpperCase()}${to.slice(1)} keeps this statement with it.`,
    'I may withdraw it while it does not stand in the catalogue. Whoever has it under the licence by then keeps what the licence gives them.',
    '',
  ].join('\n');
}

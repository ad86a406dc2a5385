import { composeCredit, type Credit } from './credits';
import { OWN_WORK } from './licences/standings';

/**
 * A `.license` file that stands beside the file it speaks of (REUSE specification 3.2, "Comment headers").
 * @param credits of that file
 */
export function writeSidecar(credits: readonly Credit[], house: string): string {
  const holders = [
    ...new Set(credits.map((credit) => credit.author || (credit.licenceId === OWN_WORK ? house : 'unknown'))),
  ];
  const ids = [...new Set(credits.map(({ licenceId }) => licenceId))];
  return [
    ...holders.map((holder) => `SPDX-FileCopyrightText: ${holder}`),
    ...credits.map((credit) => `SPDX-FileComment: ${composeCredit(credit).replace(/\s+/g, ' ')}`),
    '',
    `SPDX-License-Identifier: ${ids.map((id) => (ids.length > 1 && id.includes(' ') ? `(${id})` : id)).join(' AND ')}`,
    '',
  ].join('\n');
}

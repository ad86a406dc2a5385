import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { BUILT_IN } from '@haveld/core/rights/licence-book';
import { detectRights } from '@haveld/core/rights/detect';
import { createLicenceTextIndex } from '@haveld/core/rights/reading/licence-text-index';
import { getLicenceTexts } from '../../licence-texts';

/**
 * Licence texts from outside: `spdx-license-list` (npm, CC0-1.0; the texts as SPDX publishes them), the short notices and texts of
 * `license.js` (npm), Debian's /usr/share/common-licenses, and the English Free Art 1.3 that came with open-furniture.
 */
const require = createRequire(import.meta.url);
const texts = getLicenceTexts();
const index = createLicenceTextIndex(texts);
const SUBJECT = { model: 'heap/post.obj', files: ['heap/post.obj'] };
const detect = (text: string, file = 'heap/LICENSE.txt') =>
  detectRights({ texts: [{ file, text, firstLine: 1 }] }, SUBJECT, index);
const idsOf = (text: string): string[] => detect(text).licences.map(({ id }) => id);

const FAMILY = BUILT_IN.map(({ id }) => id).filter((id) => id in texts);

/** Texts of `-only` and `-or-later` are the same; the text alone grants no later version. */
const asText = (id: string): string => id.replace(/-or-later$/, '-only');

test('every family text of SPDX is identified as itself and as no other', () => {
  const margins: { id: string; next: string; margin: number }[] = [];
  for (const id of FAMILY) {
    const matches = index.find(texts[id]);
    expect([id, ...matches.map((match) => match.id)]).toEqual([id, asText(id)]);
    expect(matches[0].added).toEqual([]);
    const { runnerUp, share } = matches[0];
    margins.push({ id, next: runnerUp?.id ?? 'none', margin: share - (runnerUp?.share ?? 0) });
  }
  margins.sort((a, b) => a.margin - b.margin);
  console.log(
    `${FAMILY.length} family texts, each identified as itself; the smallest margins to the next (share of it found in the text):\n${margins
      .slice(0, 12)
      .map(({ id, next, margin }) => `  ${id}: ${next} by ${(margin * 100).toFixed(1)} points`)
      .join('\n')}`,
  );
});

test('every text of SPDX with words enough is identified, whole and without its head and its end', () => {
  const wrong: string[] = [];
  let read = 0;
  for (const [id, text] of Object.entries(texts)) {
    const [match] = index.find(text);
    if (!match) continue;
    read++;
    // texts that are the same word for word stand under one name
    const same =
      texts[match.id]
        .replace(/[^\p{L}\p{N}]+/gu, ' ')
        .trim()
        .toLowerCase() ===
      text
        .replace(/[^\p{L}\p{N}]+/gu, ' ')
        .trim()
        .toLowerCase();
    if (match.id !== id && !same && match.share < 1) wrong.push(`${id} → ${match.id}`);
  }
  for (const id of FAMILY.filter((id) => texts[id].length > 6000)) {
    const lines = texts[id].split('\n');
    const cut = lines.slice(Math.ceil(lines.length * 0.04), -Math.ceil(lines.length * 0.04)).join('\n');
    expect([id, index.find(cut)[0]?.id]).toEqual([id, asText(id)]);
  }
  console.log(
    `${read} of ${Object.keys(texts).length} SPDX texts are long enough to be found; ${wrong.length} are taken for another: ${wrong.join(', ')}`,
  );
  // names SPDX has retired, whose texts are those of others but for a line end
  expect(wrong).toEqual(['GPL-3.0+ → GPL-3.0-only', 'LGPL-3.0+ → LGPL-3.0-only']);
});

test('texts that differ only in “NonCommercial” are told apart, and one with the word written in is not taken for the other', () => {
  for (const version of ['4.0', '3.0', '2.5', '2.0']) {
    expect(idsOf(texts[`CC-BY-${version}`])).toEqual([`CC-BY-${version}`]);
    expect(idsOf(texts[`CC-BY-NC-${version}`])).toEqual([`CC-BY-NC-${version}`]);
  }
  const tampered = texts.MIT.replace(
    'to deal in the Software without restriction',
    'to deal in the Software for non-commercial purposes only, and without any other restriction',
  );
  const [licence] = detect(tampered).licences;
  expect(licence).toMatchObject({ id: 'MIT', confidence: 0.5 });
  expect(licence.evidence.text).toContain('words it does not have');
});

interface NoticePackage {
  getLicenseSync(id: string): { text: string; header: string | null };
}

test('short notices of license.js name their licence; version and “or later” as they say', () => {
  const notices = require('license.js') as Partial<NoticePackage> & { default?: NoticePackage };
  const read = notices.getLicenseSync ?? notices.default!.getLicenseSync;
  const ids = Object.keys(require('license.js/licenses/index.json') as object);
  const expected: Record<string, string> = { 'AGPL-3.0': 'AGPL-3.0-or-later', 'GPL-3.0': 'GPL-3.0-or-later' };
  let named = 0;
  for (const id of ids) {
    const { header } = read(id);
    if (!header) continue;
    const text = header
      .replace('{{ project }}', 'Harbour lamp')
      .replace('{{ year }}', '2026')
      .replace('{{ organization }}', 'Ines Falkenrot');
    const found = detect(text);
    const got = found.licences.map((licence) => licence.id);
    named++;
    expect([id, ...got]).toEqual([id, expected[id] ?? id]);
    if (/Ines/.test(text)) expect([id, found.authors[0]?.name]).toEqual([id, 'Ines Falkenrot']);
  }
  console.log(`license.js: ${named} short notices named right`);
  expect(named).toBeGreaterThan(10);
});

test.each([
  ['CC0-1.0', 'CC0-1.0'],
  ['Apache-2.0', 'Apache-2.0'],
  ['GPL-2', 'GPL-2.0-only'],
  ['GPL-3', 'GPL-3.0-only'],
  ['LGPL-2.1', 'LGPL-2.1-only'],
  ['GFDL-1.3', 'GFDL-1.3-only'],
  ['MPL-2.0', 'MPL-2.0'],
  ['Artistic', 'Artistic-1.0-Perl'],
])('the text of %s in /usr/share/common-licenses is %s', (file, id) => {
  expect(idsOf(readFileSync(`/usr/share/common-licenses/${file}`, 'utf8'))).toEqual([id]);
});

test('the French text SPDX lists is Free Art 1.3, and so is the English one people ship', () => {
  expect(idsOf(texts['LAL-1.3'])).toEqual(['LAL-1.3']);
  const english = readFileSync(join(import.meta.dirname, '../testdata/open-furniture/LICENSE.txt'), 'utf8');
  const found = detect(english);
  expect(found.licences.map(({ id }) => id)).toEqual(['LAL-1.3']);
});

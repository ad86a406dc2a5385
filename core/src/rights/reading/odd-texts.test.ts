import { detectRights } from '../detect';
import { createLicenceTextIndex } from './licence-text-index';
import { listShortLines } from './short-lines';

const index = createLicenceTextIndex({ A: Array.from({ length: 200 }, (_, i) => `w${i}`).join(' ') });
const detect = (text: string) =>
  detectRights({ texts: [{ file: 'h/a.txt', text, firstLine: 1 }] }, { model: 'h/m.obj', files: ['h/m.obj'] }, index);

// each of these once took from seconds to minutes; they end, and say what a shorter one says
test.each([
  ['capitals without an end', 'Aa '.repeat(20_000), []],
  ['blanks', ' '.repeat(60_000), []],
  ['brackets', '('.repeat(60_000), []],
  ['the same name again and again', 'CC BY 4.0. '.repeat(20_000), ['CC-BY-4.0']],
  ['half a name again and again', 'creative commons attribution - '.repeat(3_000), ['LicenseRef-CC-BY-unstated']],
  ['half a notice', 'GNU General Public License version '.repeat(2_000), ['GPL-1.0-or-later']],
  ['elements that never close', `<html><body>${'<div>'.repeat(30_000)}`, []],
])('%s', (_, text, ids) => {
  const said = detect(text).licences.map(({ id }) => id);
  expect(ids.every((id) => said.includes(id))).toBe(true);
  if (ids.length === 0) expect(said).toEqual([]);
});

test('a file of thousands of authors or addresses is cut where it cannot speak of one model', () => {
  const authors = Array.from({ length: 5_000 }, (_, i) => `Author: Ines Falkenrot${i}x`).join('\n');
  const urls = Array.from({ length: 5_000 }, (_, i) => `https://quayside-models.example/${i}`).join('\n');
  expect(detect(authors).authors).toHaveLength(100);
  expect(detect(urls).sources).toHaveLength(100);
});

test('long lines are cut where words part and keep their number; short ones stay as they are', () => {
  const lines = listShortLines(`one\n${'word '.repeat(500)}\nthree`);
  expect(lines[0]).toEqual({ text: 'one', number: 1 });
  expect(lines.at(-1)).toEqual({ text: 'three', number: 3 });
  expect(lines.slice(1, -1).every(({ text, number }) => number === 2 && text.length <= 1000)).toBe(true);
  expect(
    lines
      .slice(1, -1)
      .map(({ text }) => text)
      .join(''),
  ).toBe('word '.repeat(500));
});

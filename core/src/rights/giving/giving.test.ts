import type { GiftSaid } from '@haveld/contract/giving';
import { BUILT_IN_BOOK as book } from '../licence-book';
import { readText } from '../reading/read-text';
import { weighLicences } from '../reading/weigh-statements';
import { composeStatement } from './compose-statement';
import { describeGrant } from './describe-grant';
import { judgeGivenFiles, kindOfGiven } from './judge-given-files';

const SAID: GiftSaid = {
  giver: 'Runa Vestermoor',
  isOwnWork: true,
  author: '',
  source: '',
  others: '',
  licenceId: 'CC-BY-4.0',
};
const TO = { houseName: 'Lantern & Tide', day: '2026-12-01' };
const state = (change: Partial<GiftSaid> = {}): string => {
  const said = { ...SAID, ...change };
  return composeStatement(said, book.getTerms(said.licenceId), TO);
};
const read = (text: string) => readText(text, { file: 'statement of the giver.txt', firstLine: 1 });

test.each(
  [
    'CC0-1.0',
    'CC-BY-4.0',
    'CC-BY-SA-4.0',
    'CC-BY-NC-4.0',
    'CC-BY-NC-SA-4.0',
    'CC-BY-ND-4.0',
    'MIT',
    'OGA-BY-3.0',
  ].filter((id) => book.isListed(id)),
)('a statement that grants %s is read as just that, by just its giver', (licenceId) => {
  const { licences, authors, ownWords, notGrants } = read(state({ licenceId }));
  expect([...new Set(weighLicences(licences).map(({ id }) => id))]).toEqual([licenceId]);
  expect([...new Set(authors.map(({ name }) => name))]).toEqual(['Runa Vestermoor']);
  expect([ownWords, notGrants]).toEqual([[], []]);
});

test('of somebody else’s work the author is who made it, and what else is in it stands in the words', () => {
  const words = state({
    isOwnWork: false,
    author: 'Tor Aldersund',
    source: 'https://quayside-models.example/models/crate',
    others: 'a picture of wood by Ines Falkenrot, CC0',
  });
  expect(read(words).authors[0].name).toBe('Tor Aldersund');
  expect(read(words).sources.map(({ url }) => url)).toContain('https://quayside-models.example/models/crate');
  expect(words).toContain('Also in it, of others: a picture of wood by Ines Falkenrot, CC0');
  expect(words).toContain('I did not make this myself.');
});

test('the same said on the same day is the same words; another day or licence is others', () => {
  expect(state()).toBe(state());
  expect(state({ licenceId: 'CC0-1.0' })).not.toBe(state());
  expect(composeStatement(SAID, book.getTerms('CC-BY-4.0'), { ...TO, day: '2026-12-02' })).not.toBe(state());
  expect(composeStatement(SAID, book.getTerms('CC-BY-4.0'), { ...TO, houseName: '' })).toContain('The house keeps');
});

test('what follows from a licence is said to who grants it', () => {
  expect(describeGrant(book.getTerms('CC0-1.0'))).toEqual([
    'Anybody may use it, also in works they sell.',
    'Anybody may change it.',
    'Anybody may hand the file on.',
    'Nobody has to name you.',
    'You cannot take the licence back from those who have it by then.',
  ]);
  expect(describeGrant(book.getTerms('CC-BY-NC-SA-4.0'))).toEqual(
    expect.arrayContaining([
      'Nobody may use it in works they sell.',
      'You are named wherever it is used.',
      'Whoever shares a changed version gives it under the same terms.',
    ]),
  );
});

test('files are told apart by their endings; programs and closed working files are none of them', () => {
  expect(
    ['a.obj', 'b.GLB', 'c.zip', 'c.part2.rar', 'd.png', 'e/read me.txt', 'f.exe', 'g.blend', 'noending'].map(
      kindOfGiven,
    ),
  ).toEqual(['models', 'models', 'archives', 'archives', 'pictures', 'texts', null, null, null]);
  expect([...judgeGivenFiles(['a.obj', 'b.zip', 'c.exe'], ['models'])]).toEqual([
    ['b.zip', '“b.zip” is not taken here, only models.'],
    ['c.exe', '“c.exe” is not taken here, only models.'],
  ]);
});

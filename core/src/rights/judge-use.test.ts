import type { IntendedUse } from '@haveld/contract/licence';
import { PLAIN_USE } from './plain-use';
import { judgeAsset, judgeUse } from './judge-use';
import { BUILT_IN, BUILT_IN_BOOK as book, createLicenceBook } from './licence-book';
import { endOf, type ChangeNature } from './verdict-rules';

const SHOW: IntendedUse = { ...PLAIN_USE, commercial: true };
const FREE: IntendedUse = { ...SHOW, commercial: false };
const TECHNICAL: ChangeNature = { changed: true, adaptations: [] };
const ADAPTED = { changed: true, adaptations: ['display floor left out'] };
const verdictOf = (id: string, use: IntendedUse, nature = TECHNICAL) => judgeUse(book, id, use, { nature }).verdict;

test.each([
  ['CC0-1.0', SHOW, 'allowed'],
  ['CC-BY-4.0', SHOW, 'allowed-with-duties'],
  ['CC-BY-SA-4.0', SHOW, 'allowed-with-duties'],
  ['CC-BY-NC-4.0', SHOW, 'not-allowed'],
  ['CC-BY-NC-4.0', FREE, 'allowed-with-duties'],
  ['CC-BY-ND-4.0', SHOW, 'allowed-with-duties'],
  ['LicenseRef-own-work', SHOW, 'allowed'],
  ['LicenseRef-all-rights-reserved', FREE, 'ask-first'],
  ['LicenseRef-unknown', FREE, 'not-allowed'],
  ['LicenseRef-editorial', SHOW, 'not-allowed'],
  ['LicenseRef-editorial', FREE, 'ask-first'],
  ['LicenseRef-personal', FREE, 'not-allowed'],
  ['MPL-2.0', FREE, 'ask-first'],
] as const)('%s in %j is %s', (id, use, verdict) => {
  expect(verdictOf(id, use)).toBe(verdict);
});

describe('no derivatives', () => {
  const internal: IntendedUse = { ...FREE, uses: ['internal'] };
  test('4.0 allows an adaptation that is not shared, 3.0 does not (4.0 section 2(a)(1)(B), 3.0 section 3)', () => {
    expect(verdictOf('CC-BY-ND-4.0', internal, ADAPTED)).toBe('allowed');
    expect(verdictOf('CC-BY-ND-3.0', internal, ADAPTED)).toBe('not-allowed');
    expect(verdictOf('CC-BY-ND-4.0', FREE, ADAPTED)).toBe('not-allowed');
  });

  test('a change of format is no adaptation, and the reason names the clause (4.0 section 2(a)(4))', () => {
    const verdict = judgeUse(book, 'CC-BY-ND-4.0', FREE, { nature: TECHNICAL });
    expect(verdict.reasons.join(' ')).toContain('section 2(a)(4)');
    expect(judgeUse(book, 'CC-BY-ND-3.0', FREE, { nature: TECHNICAL }).verdict).toBe('allowed-with-duties');
  });

  test('one new work made of all is an adaptation of each; nobody has said which it is: ask', () => {
    expect(verdictOf('CC-BY-ND-4.0', { ...FREE, arrangement: 'merged' })).toBe('not-allowed');
    expect(verdictOf('CC-BY-ND-4.0', { ...FREE, arrangement: 'unsaid' })).toBe('ask-first');
  });
});

test('non-commercial in a production that earns money names its clause', () => {
  expect(judgeUse(book, 'CC-BY-NC-4.0', SHOW).reasons[0]).toContain('1(i)');
  expect(judgeUse(book, 'CC-BY-NC-SA-3.0', SHOW).reasons[0]).toContain('section 4(c)');
});

test('selling the model earns money whatever the project says', () => {
  expect(verdictOf('CC-BY-NC-4.0', { ...FREE, uses: ['sale'] })).toBe('not-allowed');
});

test('share-alike merged into one work needs a release it accepts', () => {
  const merged: IntendedUse = { ...FREE, arrangement: 'merged' };
  expect(verdictOf('CC-BY-SA-4.0', merged)).toBe('not-allowed');
  expect(verdictOf('CC-BY-SA-4.0', { ...merged, releaseLicence: 'CC-BY-SA-4.0' })).toBe('allowed-with-duties');
  expect(verdictOf('CC-BY-SA-4.0', { ...FREE, arrangement: 'unsaid' })).toBe('ask-first');
});

test('terms of a site: in a film yes, the file on no, in a build with a duty, too many people no', () => {
  const id = 'LicenseRef-quayside-standard';
  expect(verdictOf(id, SHOW)).toBe('allowed-with-duties');
  expect(verdictOf(id, { ...SHOW, uses: ['file'] })).toBe('not-allowed');
  expect(
    judgeUse(book, id, { ...SHOW, uses: ['build'] })
      .duties.map(({ text }) => text)
      .join(' '),
  ).toContain('takes the file out');
  expect(verdictOf(id, { ...SHOW, seats: 6 })).toBe('not-allowed');
  expect(verdictOf(id, { ...SHOW, seats: 5 })).toBe('allowed');
});

test('technical locks on a build are refused by their clause, and without them are a duty', () => {
  const build: IntendedUse = { ...SHOW, uses: ['build'] };
  expect(judgeUse(book, 'CC-BY-4.0', { ...build, locks: true }).reasons[0]).toContain('section 2(a)(5)(B)');
  expect(judgeUse(book, 'CC-BY-4.0', build).duties.map(({ kind }) => kind)).toContain('no-locks');
});

test('a grant that ends is held against the project and against today', () => {
  const limits = { acquiredOn: '', expiresOn: '2027-03-31', seats: null, territory: '' };
  const judge = (use: IntendedUse, today: string) => judgeUse(book, 'CC-BY-4.0', use, { limits, today }).verdict;
  expect(judge({ ...SHOW, until: '2027-03-31' }, '2026-11-25')).toBe('allowed-with-duties');
  expect(judge({ ...SHOW, until: '2027-04-01' }, '2026-11-25')).toBe('ask-first');
  expect(judge(SHOW, '2026-11-25')).toBe('ask-first');
  expect(judge({ ...SHOW, until: '2027-03-31' }, '2027-04-01')).toBe('not-allowed');
});

test('terms that last some months end that many months after the day of the grant', () => {
  const end = (acquiredOn: string, months: number | null) =>
    endOf({ acquiredOn, expiresOn: '', seats: null, territory: '' }, { months });
  expect(end('2026-01-31', 1)).toBe('2026-02-28');
  expect(end('2026-11-26', 24)).toBe('2028-11-26');
  expect(end('2026-11-26', null)).toBe('');
  expect(end('', 24)).toBe('');
});

test('a grant for one place is asked about elsewhere', () => {
  const limits = { acquiredOn: '', expiresOn: '', seats: null, territory: 'Norway' };
  expect(judgeUse(book, 'CC-BY-4.0', { ...SHOW, territory: 'norway' }, { limits }).verdict).toBe('allowed-with-duties');
  expect(judgeUse(book, 'CC-BY-4.0', SHOW, { limits }).reasons[0]).toContain('everywhere');
});

test('of a choice the best way out is taken and named; of several at once the strictest counts', () => {
  const choice = judgeUse(book, 'CC-BY-NC-4.0 OR CC-BY-4.0', SHOW);
  expect(choice).toMatchObject({ verdict: 'allowed-with-duties', chosen: 'CC-BY-4.0' });
  expect(judgeUse(book, 'CC-BY-NC-4.0 AND CC-BY-4.0', SHOW).verdict).toBe('not-allowed');
});

test('an asset rests on all its works: maps under non-commercial refuse a model under CC0', () => {
  const provenance = { licenceId: 'CC0-1.0', acquiredOn: '', expiresOn: '', seats: null, territory: '' } as const;
  const verdict = judgeAsset(
    book,
    { provenance, further: [{ licenceId: 'CC-BY-NC-4.0', part: 'maps', title: 'Rust set' }] },
    SHOW,
    {},
  );
  expect(verdict.verdict).toBe('not-allowed');
  expect(verdict.reasons).toEqual([expect.stringContaining('Its maps (“Rust set”): CC BY-NC 4.0 does not allow')]);
});

test('what has to be asked of the owner stands ready as a question', () => {
  expect(judgeUse(book, 'LicenseRef-all-rights-reserved', SHOW).question).toContain('earns money');
  expect(judgeUse(book, 'CC-BY-ND-4.0', { ...FREE, arrangement: 'unsaid' }).question).toBeNull();
});

test('every verdict has a reason', () => {
  for (const { id } of BUILT_IN)
    for (const use of [SHOW, FREE, { ...FREE, uses: ['internal' as const] }, { ...SHOW, uses: ['sale' as const] }])
      for (const nature of [TECHNICAL, ADAPTED]) {
        const { reasons, verdict, duties } = judgeUse(book, id, use, { nature });
        expect(reasons.length).toBeGreaterThan(0);
        for (const sentence of [...reasons, ...duties.map(({ text }) => text)]) expect(sentence).toMatch(/^\S.*[.?]$/);
        if (verdict === 'allowed') expect(duties).toEqual([]);
      }
});

test('a licence of the house with its own sheet is judged by it, and takes the place of a built-in one', () => {
  const own = createLicenceBook([
    {
      ...book.getTerms('CC-BY-4.0'),
      id: 'LicenseRef-lampworks',
      short: 'Lampworks',
      commercial: { grant: 'no', clause: 'point 3' },
    },
  ]);
  expect(judgeUse(own, 'LicenseRef-lampworks', SHOW).reasons[0]).toBe(
    'Lampworks does not allow commercial use (point 3), and this project earns money.',
  );
});

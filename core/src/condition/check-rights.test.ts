import type { Finding } from '@haveld/contract/finding';
import type { FurtherWork, Provenance } from '@haveld/contract/licence';
import { BUILT_IN_BOOK } from '../rights/licence-book';
import { proposeProvenance } from '../rights/propose-provenance';
import { createStatements, type Statements } from '../rights/reading/statement';
import { checkRights, type RightsState } from './check-rights';

const NOTHING = createStatements();
const KNOWN: Provenance = {
  ...proposeProvenance(NOTHING, 'buoy'),
  author: 'Ines Falkenrot',
  licenceId: 'CC-BY-4.0',
  source: 'saltmarsh-shapes.example',
};
const check = (change: Partial<Provenance> = {}, state: Partial<RightsState> = {}): Finding[] =>
  checkRights(BUILT_IN_BOOK, {
    provenance: { ...KNOWN, ...change },
    further: [],
    found: NOTHING,
    confirmed: false,
    hasEvidence: false,
    today: '2026-11-26',
    ...state,
  });
const get = (findings: Finding[], kind: Finding['kind']): Finding | undefined =>
  findings.find((finding) => finding.kind === kind);
const licence = (id: string, passage: string, confidence = 0.95): Statements['licences'][number] => ({
  id,
  confidence,
  nearness: 'beside-it',
  evidence: { text: 'a text names it', file: 'readme.txt', line: 2, passage },
});

describe('a model without a licence', () => {
  const unknown = (found: Partial<Statements>): Finding =>
    get(check({ licenceId: 'LicenseRef-unknown' }, { found: { ...NOTHING, ...found } }), 'rights:licence')!;

  test('says so, and what to do', () => {
    expect(unknown({})).toMatchObject({
      mark: 'blocks',
      title: 'No licence came with it',
      detail: expect.stringContaining('ask the author'),
    });
  });
  test('that is only free of charge is not granted', () => {
    const words = { text: 'says “free”', passage: 'FREE download!' };
    expect(unknown({ notGrants: [words] })).toMatchObject({
      title: '“Free” is a price, not a grant',
      evidence: [words],
    });
  });
  test('with terms in words of their own shows those words', () => {
    const evidence = { text: 'forbids', passage: 'do not sell it' };
    expect(unknown({ ownWords: [{ term: 'commercial', grant: 'no', evidence }] })).toMatchObject({
      title: 'Terms in words of their own, no licence',
      evidence: [evidence],
    });
  });
  test('with two that contradict shows both passages', () => {
    const finding = unknown({ licences: [licence('CC-BY-4.0', 'CC BY 4.0'), licence('CC-BY-NC-4.0', 'by-nc/4.0')] });
    expect(finding).toMatchObject({ mark: 'blocks', title: 'Two licences are named' });
    expect(finding.evidence.map(({ passage, figure }) => [passage, figure])).toEqual([
      ['CC BY 4.0', 'CC BY 4.0'],
      ['by-nc/4.0', 'CC BY-NC 4.0'],
    ]);
  });
});

test.each([
  ['CC0-1.0', 'holds', ''],
  ['CC-BY-4.0', 'holds', ''],
  ['CC-BY-SA-4.0', 'look', 'The house takes this licence after review.'],
  ['CC-BY-NC-4.0', 'look', 'Never for commercial projects.'],
  ['LicenseRef-all-rights-reserved', 'blocks', 'It may be kept and not used until its owner agrees.'],
])('%s: %s', (licenceId, mark, detail) => {
  expect(get(check({ licenceId }), 'rights:licence')).toMatchObject({ mark, detail });
});

test('one person has looked where the house wants two: it still asks', () => {
  const asked = get(check({ licenceId: 'CC-BY-SA-4.0' }, { awaitsSecond: true }), 'rights:licence');
  expect(asked).toMatchObject({ mark: 'look', detail: 'One person has looked; the house asks for a second.' });
  expect(get(check({ licenceId: 'CC-BY-SA-4.0' }, { confirmed: true }), 'rights:licence')?.mark).toBe('holds');
});

test('a licence nobody has read blocks by its name, alone or among others', () => {
  for (const licenceId of ['MPL-2.0', 'MPL-2.0 OR CC-BY-4.0'])
    expect(get(check({ licenceId }), 'rights:licence')).toMatchObject({
      mark: 'blocks',
      title: 'MPL-2.0: nobody has read it yet',
    });
});

describe('what came with it and what is held', () => {
  const against = (held: string, ...said: string[]): Finding | undefined =>
    get(
      check({ licenceId: held }, { found: { ...NOTHING, licences: said.map((id) => licence(id, id)) } }),
      'rights:contradiction',
    );
  test.each([
    ['CC-BY-4.0', ['CC-BY-4.0']],
    ['CC-BY-4.0', ['CC-BY-4.0 OR GPL-3.0-only']],
    ['GPL-3.0-only', ['CC-BY-4.0 OR GPL-3.0-only']],
    ['CC-BY-4.0', []],
  ])('%s beside %j agrees', (held, said) => {
    expect(against(held, ...said)).toBeUndefined();
  });
  test.each([
    ['CC0-1.0', ['CC-BY-4.0'], 'Something that came with it says CC BY 4.0'],
    ['MIT', ['CC-BY-4.0 OR GPL-3.0-only'], 'Something that came with it says CC BY 4.0 or GPL 3.0'],
  ])('%s beside %j is told', (held, said, title) => {
    expect(against(held, ...said)).toMatchObject({ mark: 'look', title });
  });
});

describe('a grant that ends', () => {
  test.each([
    ['2026-11-25', 'blocks', 'Its grant ended on 2026-11-25'],
    ['2026-11-26', 'look', 'Its grant ends in 0 days, on 2026-11-26'],
    ['2026-11-27', 'look', 'Its grant ends in 1 day, on 2026-11-27'],
    ['2027-01-25', 'look', 'Its grant ends in 60 days, on 2027-01-25'],
  ])('on %s %s', (expiresOn, mark, title) => {
    expect(get(check({ expiresOn }), 'rights:expiry')).toMatchObject({ mark, title });
  });
  test.each([[''], ['2027-01-26'], ['2031-05-01']])('on “%s” is no matter today', (expiresOn) => {
    expect(get(check({ expiresOn }), 'rights:expiry')).toBeUndefined();
  });
});

describe('a house that asks for evidence', () => {
  const evidence = (change: Partial<Provenance>, state: Partial<RightsState>): Finding | undefined =>
    get(check(change, { evidenceRequired: true, ...state }), 'rights:evidence');
  test('blocks what nothing proves', () => {
    expect(evidence({}, {})).toMatchObject({ mark: 'blocks', title: 'Nothing proves its licence' });
  });
  test('is content with a kept text, with what was read, and with its own work', () => {
    expect(evidence({}, { hasEvidence: true })).toBeUndefined();
    expect(evidence({}, { found: { ...NOTHING, licences: [licence('CC-BY-4.0', 'x')] } })).toBeUndefined();
    expect(evidence({ licenceId: 'LicenseRef-own-work' }, {})).toBeUndefined();
  });
  test('does not say it twice where no licence is known at all', () => {
    expect(evidence({ licenceId: 'LicenseRef-unknown' }, {})).toBeUndefined();
  });
});

describe('works by others in it', () => {
  const work = (change: Partial<FurtherWork>): Finding =>
    get(
      check(
        {},
        {
          further: [
            {
              id: '7',
              part: 'maps',
              title: '',
              author: 'Tor Aldersund',
              authorUnknown: false,
              authorUrl: '',
              licenceId: 'CC0-1.0',
              source: '',
              pageUrl: '',
              ...change,
            },
          ],
        },
      ),
      'rights:work',
    )!;
  test.each([
    [{}, 'holds', 'Its maps: CC0 1.0, Tor Aldersund'],
    [{ title: 'Rust' }, 'holds', 'Its maps (“Rust”): CC0 1.0, Tor Aldersund'],
    [{ part: 'motion', author: '' }, 'holds', 'Its motion: CC0 1.0, author unknown'],
    [{ licenceId: 'CC-BY-SA-4.0' }, 'look', 'Its maps: CC BY-SA 4.0, Tor Aldersund'],
    [{ licenceId: 'LicenseRef-unknown' }, 'blocks', 'Its maps: no licence is known'],
    [{ licenceId: 'LicenseRef-all-rights-reserved' }, 'blocks', 'Its maps: nothing is granted'],
  ] as const)('%j: %s', (change, mark, title) => {
    expect(work(change)).toMatchObject({ mark, title });
  });
  test('each is its own finding', () => {
    expect(work({}).key).toBe('rights:work:7');
  });
});

test.each([
  [{ source: '', pageUrl: '' }, 'blocks', 'No source is known'],
  [{ source: '', pageUrl: 'https://saltmarsh.example/buoy' as const }, 'holds', 'From a page'],
  [{ source: '', licenceId: 'LicenseRef-own-work' }, 'holds', 'Made by the house'],
  [{ source: '', licenceId: 'LicenseRef-commissioned', client: 'Tide House' }, 'holds', 'Made for Tide House'],
  [{}, 'holds', 'From saltmarsh-shapes.example'],
])('its source with %j: %s', (change, mark, title) => {
  expect(get(check(change), 'rights:source')).toMatchObject({ mark, title });
});

test('what was taken down comes first, with the reason', () => {
  const [first] = check({}, { takenDown: 'Its author asked for it.' });
  expect(first).toMatchObject({
    kind: 'rights:taken-down',
    mark: 'blocks',
    detail: 'Its author asked for it. It may not be handed over.',
  });
});
